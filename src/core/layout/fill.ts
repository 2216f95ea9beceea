/** How full the pockets of a kit are, what the kit weighs and is worth, and whether it closes. */
import { daysBetween, type PlainDate } from '../calendar/plainDate'
import { TEMPLATES } from '../household/container'
import type { Kit } from '../household/places'
import type { Millimetres, Pocket } from '../household/pocket'
import { type Amount, wholeUnitsUp } from '../quantity/amount'
import { lastGoodDay } from '../shelf-life/lastGoodDay'
import { type Item, itemTitle } from '../stock/item'
import type { Lot } from '../stock/lot'
import type { Goods } from './goods'

/**
 * Odd shapes leave gaps: a pocket counts as full at this share of its inner volume. A working
 * figure of ours; a kit that still closes may be fuller.
 */
export const FULL_AT = 0.8

/** So much of a lot in a pocket, with what is known of the thing. */
export interface Packed {
  readonly item: Pick<Item, 'name' | 'strength' | 'openedClock'>
  readonly goods: Goods
  readonly lot: Pick<Lot, 'expiry' | 'opened' | 'unitPriceMinor' | 'receivedOn'>
  readonly amount: Amount
}

export interface Fill {
  /** Cubic millimetres of what is in it. A begun bottle takes the room of a whole one. */
  readonly volume: number
  /** Of the room that can be filled; null for a pocket that nobody has measured. */
  readonly share: number | null
  /** The longest edge that fits in. */
  readonly longest: number | null
  readonly grams: number
  /** Stiff things that do not go in whichever way they are turned. */
  readonly tooBig: readonly string[]
  /** Things of which nobody knows the size. */
  readonly unsized: number
}

export const volumeOf = ([length, width, height]: Millimetres): number => length * width * height

/** Whether a stiff thing goes into a pocket, its edges along the pocket's. Both longest first. */
export const fitsIn = (thing: Millimetres, inner: Millimetres): boolean =>
  thing.every((edge, index) => edge <= (inner[index] ?? 0))

export function fillOf(inner: Millimetres | null, packed: readonly Packed[]): Fill {
  let volume = 0
  let grams = 0
  let unsized = 0
  const tooBig: string[] = []
  for (const { item, goods, amount } of packed) {
    if (!goods.size) {
      unsized += 1
      continue
    }
    volume += volumeOf(goods.size.mm) * wholeUnitsUp(amount)
    grams += (goods.size.grams * amount) / 1000
    if (inner && !goods.soft && !fitsIn(goods.size.mm, inner)) tooBig.push(itemTitle(item))
  }
  return {
    volume,
    share: inner && volume / (FULL_AT * volumeOf(inner)),
    longest: inner?.[0] ?? null,
    grams: Math.round(grams),
    tooBig: [...new Set(tooBig)],
    unsized,
  }
}

export type Closing =
  | { readonly kind: 'closes' }
  /** By which pockets, and for cloth by how much all of it together is over. */
  | { readonly kind: 'does_not'; readonly pockets: readonly string[]; readonly overall: boolean }
  /** Nobody has measured it. */
  | { readonly kind: 'unknown'; readonly unmeasured: number; readonly unsized: number }

export interface Load {
  readonly grams: number
  readonly tooHeavyBy: number
  /** Of what is in the part that is carried. */
  readonly volume: number
  /** What was paid, or what the pack costs, in the currency's smallest unit. */
  readonly valueMinor: number
  /** What it costs a year to replace what turns: price over the days each lot lasts. */
  readonly yearlyMinor: number
  /** Lots without any price. */
  readonly unpriced: number
  readonly unsized: number
  readonly closes: Closing
}

export interface PackedPocket {
  readonly pocket: Pick<Pocket, 'name' | 'sort' | 'inner'>
  readonly fill: Fill
  readonly packed: readonly Packed[]
}

const DAYS_A_YEAR = 365.25

/** The kit as a whole. What lies elsewhere for it (fridge, hook) has a worth and no weight. */
export function loadOf(kit: Pick<Kit, 'container'>, pockets: readonly PackedPocket[]): Load {
  const carried = pockets.filter(({ pocket }) => pocket.sort !== 'elsewhere')
  const sum = (of: readonly PackedPocket[], value: (fill: Fill) => number): number =>
    of.reduce((total, { fill }) => total + value(fill), 0)
  const grams = sum(carried, (fill) => fill.grams) + (kit.container?.grams ?? 0)
  const carry = kit.container?.carryGrams ?? null
  const packed = pockets.flatMap((one) => one.packed)
  const priced = packed.map((one) => ({ ...one, minor: worthOf(one) }))
  return {
    grams,
    tooHeavyBy: carry === null ? 0 : Math.max(0, grams - carry),
    volume: sum(carried, (fill) => fill.volume),
    valueMinor: Math.round(priced.reduce((total, { minor }) => total + (minor ?? 0), 0)),
    yearlyMinor: Math.round(
      priced.reduce((total, one) => total + (one.minor ?? 0) * shareOfYear(one), 0),
    ),
    unpriced: priced.filter(({ minor }) => minor === null).length,
    unsized: sum(carried, (fill) => fill.unsized),
    closes: closingOf(kit, carried),
  }
}

export const worthOf = ({ lot, goods, amount }: Pick<Packed, 'lot' | 'goods' | 'amount'>) => {
  const each = lot.unitPriceMinor ?? goods.unitPriceMinor
  return each === null ? null : (each * amount) / 1000
}

/** How often a year such a lot has to be bought; never for what does not turn. */
function shareOfYear({ item, lot }: Packed): number {
  const end = lastGoodDay(lot, item.openedClock)
  if (end.kind !== 'day') return 0
  const lasts = daysBetween(lot.receivedOn as PlainDate, end.day)
  // A lot that came in past its day says nothing about how long such a thing lasts.
  return lasts <= 0 ? 0 : DAYS_A_YEAR / Math.max(lasts, DAYS_A_YEAR / 12)
}

function closingOf(
  { container }: Pick<Kit, 'container'>,
  carried: readonly PackedPocket[],
): Closing {
  const over = carried.filter(
    ({ fill }) => (fill.share !== null && fill.share > 1) || fill.tooBig.length > 0,
  )
  const outer = container?.outer ?? null
  const soft = container !== null && TEMPLATES[container.shape].soft
  const volume = carried.reduce((total, { fill }) => total + fill.volume, 0)
  const overall = soft && outer !== null && volume > FULL_AT * volumeOf(outer)
  if (over.length > 0 || overall)
    return { kind: 'does_not', pockets: over.map(({ pocket }) => pocket.name), overall }
  const unmeasured = carried.filter(({ fill }) => fill.share === null).length
  const unsized = carried.reduce((total, { fill }) => total + fill.unsized, 0)
  return unmeasured > 0 || unsized > 0
    ? { kind: 'unknown', unmeasured, unsized }
    : { kind: 'closes' }
}
