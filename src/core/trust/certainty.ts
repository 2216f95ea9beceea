/**
 * How sure a recorded count still is. It was certain when somebody looked, and halves with the
 * time in which such things are customarily found to have wandered. The figures are working
 * figures of ours, not measurements; they only decide where to look next.
 */
import { daysBetween, type PlainDate } from '../calendar/plainDate'
import type { Place } from '../household/places'
import type { Pocket } from '../household/pocket'
import type { Item } from '../stock/item'
import type { ItemKind } from '../stock/itemKind'

/** Days until a count that nobody confirmed is as likely right as wrong. */
export const HALF_LIFE: Readonly<Record<ItemKind, number>> = {
  supply: 150,
  medicine: 240,
  sterile: 360,
  instrument: 360,
  sharp: 480,
  battery: 240,
  pressurised: 480,
  food: 150,
  paper: 540,
}

/** Many hands: things go faster where somebody always is, on the road, and from an outer pocket. */
const BUSY = 0.7
/** Each use since then leaves some doubt that all of it was written down. */
const EACH_USE = 0.92

export interface Confirmation {
  readonly on: PlainDate
  readonly by: string
  /** Uses and moves since then. */
  readonly changesSince: number
  /** The day of the last of them; null where there was none. */
  readonly changedOn: PlainDate | null
}

/** From 0 to 1; 0 where nobody ever counted it. */
export function certainty(
  item: Pick<Item, 'kind'>,
  { place, pocket }: Where,
  confirmed: Confirmation | null,
  today: PlainDate,
): number {
  if (!confirmed) return 0
  const busy =
    (place.presence.rhythm.kind === 'always' ? BUSY : 1) *
    (place.traits.some((trait) => trait === 'vehicle' || trait === 'road') ? BUSY : 1) *
    (pocket.sort === 'outside' ? BUSY : 1)
  const days = Math.max(0, daysBetween(confirmed.on, today))
  return 2 ** (-days / (HALF_LIFE[item.kind] * busy)) * EACH_USE ** confirmed.changesSince
}

interface Where {
  readonly place: Pick<Place, 'presence' | 'traits'>
  readonly pocket: Pick<Pocket, 'sort'>
}
