/** A trip as its form has it, and what that asks for. */
import { changeTrip, createTrip } from '../../contract/trips'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { PlaceTrait } from '../../core/household/places'
import type { KitId, MemberId, PlaceId, StopId } from '../../core/ids'
import { readNumber } from '../../core/quantity/readNumber'
import { NO_WISHES, type Travel, type Trip } from '../../core/trips/trip'
import { newKey } from '../../device/call'
import { act, type FormReading, faultsIn, missing } from '../../ui/formReading'
import * as words from '../../words'
import { dayFault } from '../../words/frame/forms'

const formWords = words.trips.form
/** Elsewhere than at a place of the household. */
export const ELSEWHERE = ''

export interface StopDraft {
  readonly id: string
  readonly name: string
  /** "" for elsewhere. */
  readonly placeId: string
  /** Empty: none of the household's. */
  readonly vehicleId: string
  readonly from: string
  readonly to: string
  readonly members: readonly string[]
  readonly travel: Travel
  readonly minutesToHelp: string
  readonly minutesToVet: string
  readonly country: string
  readonly traits: readonly PlaceTrait[]
  readonly note: string
}

export type TripDraft = { readonly name: string; readonly stops: readonly StopDraft[] }

const MINUTES = { least: 0, most: 10_000, whole: true }
const written = (minutes: number | null): string => (minutes === null ? '' : String(minutes))

/** A stop like the one before it, on the days after it; the first begins on no day. */
export function nextStop(before: StopDraft | undefined, everybody: readonly string[]): StopDraft {
  return {
    id: newKey(),
    name: '',
    placeId: ELSEWHERE,
    vehicleId: '',
    from: before?.to ?? '',
    to: '',
    members: before?.members ?? everybody,
    travel: before?.travel ?? 'car',
    minutesToHelp: '',
    minutesToVet: '',
    country: before?.country ?? '',
    traits: [],
    note: '',
  }
}

export const tripDraft = (trip: Trip | null, everybody: readonly string[]): TripDraft =>
  trip === null
    ? { name: '', stops: [nextStop(undefined, everybody)] }
    : {
        name: trip.name,
        stops: trip.stops.map((stop) => ({
          id: stop.id,
          name: stop.name,
          placeId: stop.placeId ?? ELSEWHERE,
          vehicleId: stop.vehicleId ?? '',
          from: stop.from,
          to: stop.to,
          // Who was removed since cannot be chosen any more.
          members: stop.members.filter((id) => everybody.includes(id)),
          travel: stop.travel,
          minutesToHelp: written(stop.minutesToHelp),
          minutesToVet: written(stop.minutesToVet),
          country: stop.country,
          traits: stop.traits,
          note: stop.note,
        })),
      }

/** What is wrong with a stop, by its field; nothing while it can be kept. */
export type StopFaults = Partial<
  Readonly<Record<'name' | 'from' | 'to' | 'members' | 'minutesToHelp' | 'minutesToVet', string>>
>

export function stopFaults(stop: StopDraft): StopFaults | null {
  const fault = (text: string): string | undefined =>
    readNumber(text, MINUTES) === 'wrong' ? formWords.minutes : undefined
  const to = stop.to || stop.from
  const faults = Object.entries({
    name: stop.name.trim() === '' ? formWords.missingStop : undefined,
    from: stop.from === '' ? formWords.missingDay : dayFault(stop.from),
    to: dayFault(stop.to) ?? (to < stop.from ? words.household.backwards : undefined),
    members: stop.members.length === 0 ? formWords.missingWho : undefined,
    minutesToHelp: fault(stop.minutesToHelp),
    minutesToVet: fault(stop.minutesToVet),
  }).filter(([, text]) => text !== undefined)
  return faults.length === 0 ? null : (Object.fromEntries(faults) as StopFaults)
}

const minutesOf = (text: string): number | null => {
  const read = readNumber(text, MINUTES)
  return typeof read === 'number' ? read : null
}

const stopOf = (stop: StopDraft, before: Trip | null) => ({
  id: stop.id as StopId,
  name: stop.name.trim(),
  placeId: stop.placeId === ELSEWHERE ? null : (stop.placeId as PlaceId),
  // Whoever goes by train has left it.
  vehicleId: stop.travel === 'car' && stop.vehicleId !== '' ? (stop.vehicleId as PlaceId) : null,
  from: stop.from as PlainDate,
  to: (stop.to || stop.from) as PlainDate,
  members: stop.members as readonly MemberId[],
  travel: stop.travel,
  minutesToHelp: minutesOf(stop.minutesToHelp),
  minutesToVet: minutesOf(stop.minutesToVet),
  signal: before?.stops.find(({ id }) => id === stop.id)?.signal ?? null,
  traits: stop.traits,
  country: stop.country,
  note: stop.note.trim(),
})

/** What a new trip begins with beside its form. */
export interface Beginnings {
  readonly sources: readonly PlaceId[]
  readonly bags: readonly { readonly kitId: KitId; readonly carrier: MemberId }[]
}

/**
 * @param before the trip that is changed; null for a new one
 * @param like what a new one begins as
 */
export function readTripDraft(
  { name, stops }: TripDraft,
  before: Trip | null,
  { sources, bags }: Beginnings,
  like: Trip | null = null,
): FormReading<TripDraft, typeof createTrip | typeof changeTrip> {
  const faulty = stops.some((stop) => stopFaults(stop) !== null)
  const faults = faultsIn<TripDraft>({
    name: missing(name) === undefined ? undefined : formWords.missingName,
    stops: faulty ? formWords.lookAtStops : undefined,
  })
  if (faults) return faults
  const kept = stops.map((stop) => stopOf(stop, before ?? like))
  if (before)
    return act(changeTrip, {
      params: { tripId: before.id },
      body: { seenVersion: before.version, name: name.trim(), stops: kept },
    })
  return act(createTrip, {
    body: {
      name: name.trim(),
      stops: kept,
      bags:
        like?.bags ?? bags.map((bag) => ({ ...bag, stowage: 'with_us' as const, filled: true })),
      sources: like?.sources ?? sources,
      wishes: like?.wishes ?? NO_WISHES,
      cabinRules: like?.cabinRules ?? 'eu',
    },
  })
}
