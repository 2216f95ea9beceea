/** A kit, a new one, or a new place as the form has it, and what that asks for. */
import { changeKit, createKit } from '../../contract/kits'
import { createPlace } from '../../contract/places'
import { type Shape, TEMPLATES } from '../../core/household/container'
import type { KitRange, KitWhom } from '../../core/household/kitUse'
import { readMeasures, writeMeasures } from '../../core/quantity/readMeasures'
import { readNumber } from '../../core/quantity/readNumber'
import { act, type FormReading, faultsIn, missing } from '../../ui/formReading'
import * as words from '../../words'
import type { Kit } from './mat/view'

export type KitDraft = {
  readonly name: string
  readonly note: string
  readonly placeId: string
  readonly days: string
  /** Null: as its place suggests. */
  readonly range: KitRange | null
  readonly whom: KitWhom
  /** Minutes; empty where it is at hand. */
  readonly away: string
  /** Who carries it; null where it stays at its place. */
  readonly carrier: string | null
  readonly carriedTo: string[]
  readonly shape: Shape | null
  readonly outer: string
  readonly empty: string
  readonly carry: string
}

/** Four years and more: what is looked through more rarely is not looked through. */
const DAYS = { least: 1, most: 1500, whole: true }
const AWAY = { least: 0, most: 600, whole: true }
const GRAMS = { least: 0, most: 500_000, whole: true }

export const kitDraft = ({ container, ...kit }: Kit): KitDraft => ({
  name: kit.name,
  note: kit.note,
  placeId: kit.place.id,
  days: String(kit.checkEveryDays),
  range: kit.range,
  whom: kit.whom,
  away: kit.minutesAway === null ? '' : String(kit.minutesAway),
  // Who is no longer here carries nothing: where it is now is asked.
  carrier: kit.members?.find(({ id }) => id === kit.goesWith?.memberId)?.id ?? null,
  carriedTo: [...(kit.goesWith?.to ?? [])],
  shape: container?.shape ?? null,
  outer: writeMeasures(container?.outer ?? null),
  empty: container ? String(container.grams) : '',
  carry: container?.carryGrams == null ? '' : String(container.carryGrams),
})

/** A shape chosen for the first time brings its usual measures. */
export function withShape(draft: Pick<KitDraft, 'empty'>, shape: Shape | null): Partial<KitDraft> {
  if (shape === null || draft.empty !== '') return { shape }
  const { outer, grams, carryGrams } = TEMPLATES[shape].container
  return {
    shape,
    outer: writeMeasures(outer),
    empty: String(grams),
    carry: carryGrams === null ? '' : String(carryGrams),
  }
}

export function readKitDraft(
  draft: KitDraft,
  { id, version, goesWith }: Pick<Kit, 'id' | 'version' | 'goesWith'>,
): FormReading<KitDraft, typeof changeKit> {
  const { name, note, placeId, shape } = draft
  const days = readNumber(draft.days, DAYS)
  const away = readNumber(draft.away, AWAY)
  const outer = readMeasures(draft.outer)
  const empty = readNumber(draft.empty, GRAMS)
  const carry = readNumber(draft.carry, GRAMS)
  // What is hidden while there is no shape is not asked for.
  const ofShape = (fault: string | undefined) => (shape === null ? undefined : fault)
  const faults = faultsIn<KitDraft>({
    name: missing(name),
    days: typeof days === 'number' ? undefined : words.kits.mat.wrongDays(DAYS.most),
    away: away === 'wrong' ? words.kits.mat.wrongAway(AWAY.most) : undefined,
    outer: ofShape(outer === 'wrong' ? words.kits.shapes.wrong : undefined),
    empty: ofShape(typeof empty === 'number' ? undefined : words.kits.shapes.wrongGrams),
    carry: ofShape(carry === 'wrong' ? words.kits.shapes.wrongGrams : undefined),
  })
  if (faults) return faults
  const container =
    shape === null || typeof empty !== 'number'
      ? null
      : {
          shape,
          outer: typeof outer === 'string' ? null : outer,
          grams: empty,
          carryGrams: typeof carry === 'number' ? carry : null,
        }
  return act(changeKit, {
    params: { kitId: id },
    body: {
      seenVersion: version,
      name,
      note,
      placeId,
      checkEveryDays: Number(days),
      range: draft.range,
      whom: draft.whom,
      minutesAway: typeof away === 'number' ? away : null,
      goesWith: draft.carrier && {
        memberId: draft.carrier,
        to: draft.carriedTo,
        // Whoever has taken it along has it since then.
        since: goesWith?.memberId === draft.carrier ? goesWith.since : null,
      },
      container,
    } as never,
  })
}

export type NewKitDraft = {
  readonly name: string
  readonly note: string
  /** One a line. */
  readonly pockets: string
  readonly placeId: string | null
  readonly shape: Shape | null
}

export function readNewKit({
  name,
  note,
  pockets,
  placeId,
  shape,
}: NewKitDraft): FormReading<NewKitDraft, typeof createKit> {
  const faults = faultsIn<NewKitDraft>({
    name: missing(name),
    placeId: placeId === null ? words.forms.pick : undefined,
  })
  if (faults || placeId === null) return faults ?? { kind: 'faults', faults: {} }
  const named = pockets
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
  return act(createKit, {
    body: {
      placeId,
      name,
      note,
      ...(shape && { shape }),
      ...(named.length > 0 && { pockets: named }),
    },
  })
}

export type NewPlaceDraft = {
  readonly name: string
  readonly rhythm: 'always' | 'weekdays' | 'visits'
  /** Minutes; empty where nobody has said. */
  readonly toHelp: string
  readonly toVet: string
}
export const NEW_PLACE: NewPlaceDraft = { name: '', rhythm: 'always', toHelp: '', toVet: '' }

const TO_HELP = { least: 0, most: 10_000, whole: true }

export function readNewPlace({
  name,
  rhythm,
  toHelp,
  toVet,
}: NewPlaceDraft): FormReading<NewPlaceDraft, typeof createPlace> {
  const minutes = readNumber(toHelp, TO_HELP)
  const minutesToVet = readNumber(toVet, TO_HELP)
  const faults = faultsIn<NewPlaceDraft>({
    name: missing(name),
    toHelp: minutes === 'wrong' ? words.places.wrongMinutes : undefined,
    toVet: minutesToVet === 'wrong' ? words.places.wrongMinutes : undefined,
  })
  if (faults) return faults
  return act(createPlace, {
    body: {
      name,
      minutesToHelp: typeof minutes === 'number' ? minutes : null,
      minutesToVet: typeof minutesToVet === 'number' ? minutesToVet : null,
      rhythm:
        rhythm === 'weekdays' ? { kind: 'weekdays', days: [1, 2, 3, 4, 5] } : { kind: rhythm },
    },
  })
}
