/** First expired, first out: of several lots of one item in a pocket, the one to take first. */
import type { PlainDate } from '../calendar/plainDate'
import { type LastGood, lastGoodDay } from '../shelf-life/lastGoodDay'
import type { Item } from './item'
import { isGoodNow, judgeOrHold } from './judge'
import type { Lot } from './lot'

/** Later than any day a pack may name. */
const NEVER = '9999-12-31'

const lastDay = (end: LastGood): string => (end.kind === 'day' ? end.day : NEVER)

/**
 * Lots that may be used today, in the order in which they should go: the sooner end by either
 * clock; then what is open before what is sealed; then what came first.
 */
export function firstOut<L extends Lot>(
  lots: readonly L[],
  item: Pick<Item, 'openedClock' | 'kind'>,
  today: PlainDate,
): readonly L[] {
  return lots
    .filter((lot) => isGoodNow(judgeOrHold(lot, item, today, today)))
    .map((lot) => ({ lot, end: lastDay(lastGoodDay(lot, item.openedClock)) }))
    .sort(
      (a, b) =>
        byText(a.end, b.end) ||
        Number(a.lot.opened.kind === 'sealed') - Number(b.lot.opened.kind === 'sealed') ||
        byText(a.lot.receivedOn, b.lot.receivedOn) ||
        byText(a.lot.id, b.lot.id),
    )
    .map(({ lot }) => lot)
}

const byText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)

/**
 * The lot that should go before another; null where nothing ends sooner. Lots that end on the
 * same day may go in any order.
 */
export function soonerThan<L extends Lot>(
  lot: Lot,
  lots: readonly L[],
  item: Pick<Item, 'openedClock' | 'kind'>,
  today: PlainDate,
): L | null {
  const [first] = firstOut(lots, item, today)
  if (!first || first.id === lot.id) return null
  return lastDay(lastGoodDay(first, item.openedClock)) < lastDay(lastGoodDay(lot, item.openedClock))
    ? first
    : null
}
