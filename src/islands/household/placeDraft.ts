/** What is known of a place as the form has it, and what that asks for. */
import { addVisit, changePlace } from '../../contract/places'
import type { PlainDate, Weekday } from '../../core/calendar/plainDate'
import type { Rhythm } from '../../core/calendar/presence'
import type { Climate, Signal } from '../../core/household/places'
import { readNumber } from '../../core/quantity/readNumber'
import { act, type FormReading, faultsIn, missing } from '../../ui/formReading'
import * as words from '../../words'
import { dayFault } from '../../words/frame/forms'
import type { HouseholdView } from './view'

type Place = HouseholdView['places'][number]

export type PlaceDraft = {
  readonly name: string
  readonly minutesToHelp: string
  readonly minutesToVet: string
  readonly signal: Signal | null
  readonly climate: Climate | null
  readonly usuallyThere: string[]
  readonly rhythm: Rhythm['kind']
  readonly days: readonly Weekday[]
  readonly fromMonth: string
  readonly toMonth: string
}

const MINUTES = { least: 0, most: 10_000, whole: true }
const WORKDAYS: readonly Weekday[] = [1, 2, 3, 4, 5]
/** From May to September, unless the place says otherwise. */
const SUMMER = { fromMonth: 5, toMonth: 9 }

const written = (minutes: number | null): string => (minutes === null ? '' : String(minutes))

export function placeDraft(place: Place): PlaceDraft {
  const { rhythm } = place
  const { fromMonth, toMonth } = rhythm.kind === 'season' ? rhythm : SUMMER
  return {
    name: place.name,
    minutesToHelp: written(place.minutesToHelp),
    minutesToVet: written(place.minutesToVet),
    signal: place.signal,
    climate: place.climate,
    usuallyThere: [...place.usuallyThere],
    rhythm: rhythm.kind,
    days: 'days' in rhythm ? rhythm.days : WORKDAYS,
    fromMonth: String(fromMonth),
    toMonth: String(toMonth),
  }
}

/** Whether it matters on which days somebody is there. */
export const onDays = ({ rhythm }: Pick<PlaceDraft, 'rhythm'>): boolean =>
  rhythm === 'weekdays' || rhythm === 'season'

function rhythmOf({ rhythm, days, fromMonth, toMonth }: PlaceDraft) {
  switch (rhythm) {
    case 'weekdays':
      return { kind: 'weekdays' as const, days: [...days] }
    case 'season':
      return {
        kind: 'season' as const,
        days: [...days],
        fromMonth: Number(fromMonth),
        toMonth: Number(toMonth),
      }
    default:
      return { kind: rhythm }
  }
}

export function readPlaceDraft(
  draft: PlaceDraft,
  { id, version }: Pick<Place, 'id' | 'version'>,
): FormReading<PlaceDraft, typeof changePlace> {
  const toHelp = readNumber(draft.minutesToHelp, MINUTES)
  const toVet = readNumber(draft.minutesToVet, MINUTES)
  const faults = faultsIn<PlaceDraft>({
    name: missing(draft.name),
    minutesToHelp: toHelp === 'wrong' ? words.places.wrongMinutes : undefined,
    minutesToVet: toVet === 'wrong' ? words.places.wrongMinutes : undefined,
    days: onDays(draft) && draft.days.length === 0 ? words.places.pickDay : undefined,
  })
  if (faults) return faults
  return act(changePlace, {
    params: { placeId: id },
    body: {
      seenVersion: version,
      name: draft.name,
      minutesToHelp: typeof toHelp === 'number' ? toHelp : null,
      minutesToVet: typeof toVet === 'number' ? toVet : null,
      signal: draft.signal,
      climate: draft.climate,
      usuallyThere: draft.usuallyThere,
      rhythm: rhythmOf(draft),
    },
  })
}

export type VisitDraft = { readonly from: string; readonly to: string; readonly label: string }
export const EMPTY_VISIT: VisitDraft = { from: '', to: '', label: '' }

/** A visit of one day where nobody says until when. */
export function readVisitDraft(
  { from, to, label }: VisitDraft,
  placeId: string,
): FormReading<VisitDraft, typeof addVisit> {
  const faults = faultsIn<VisitDraft>({
    from: missing(from) ?? dayFault(from),
    to: dayFault(to) ?? (to !== '' && to < from ? words.household.backwards : undefined),
  })
  if (faults) return faults
  return act(addVisit, {
    params: { placeId },
    body: { startsOn: from as PlainDate, endsOn: (to || from) as PlainDate, label },
  })
}
