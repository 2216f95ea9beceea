/** What lies in a bag and must not travel as the bag does: it comes out before one leaves. */
import type { CoverStock } from '../cover/pantry'
import type { KitId } from '../ids'
import { type CabinRefusal, cabinVerdict, holdVerdict } from './cabin'
import { sizeOf } from './room'
import type { Bag, Trip } from './trip'

export interface TakeOut {
  readonly bag: KitId
  readonly title: string
  readonly because: CabinRefusal
}

/** What a bag's way of travelling says of one unit of a thing; null where nobody asks. */
export const verdictFor = (
  { stowage }: Pick<Bag, 'stowage'>,
  { cabinRules }: Pick<Trip, 'cabinRules'>,
  stowed: Parameters<typeof holdVerdict>[0],
) =>
  stowage === 'cabin'
    ? cabinVerdict(stowed, cabinRules)
    : stowage === 'hold'
      ? holdVerdict(stowed)
      : null

type Lying = Pick<CoverStock, 'pockets' | 'lots' | 'items' | 'holdings'>
type Travels = Pick<Trip, 'bags' | 'cabinRules'>

/** Of each holding why it may not travel in the bag in which it lies; null where it may, or lies elsewhere. */
function refusals(
  stock: Lying,
  trip: Travels,
): (at: CoverStock['holdings'][number]) => TakeOut | null {
  const bagOf = new Map(
    stock.pockets.flatMap(({ id, kitId }) => {
      const bag = trip.bags.find((one) => one.kitId === kitId && one.stowage !== 'with_us')
      return bag ? [[id, bag] as const] : []
    }),
  )
  const itemOf = new Map(stock.lots.map(({ id, itemId }) => [id, itemId]))
  const items = new Map(stock.items.map((one) => [one.item.id, one]))
  return ({ lotId, pocketId }) => {
    const bag = bagOf.get(pocketId)
    const itemId = bag && itemOf.get(lotId)
    const known = itemId && items.get(itemId)
    if (!bag || !known) return null
    const { facts, item } = known
    const verdict = verdictFor(bag, trip, { facts, mm: sizeOf(facts)?.mm ?? null })
    return verdict?.kind === 'refused'
      ? {
          bag: bag.kitId,
          title: item.strength === '' ? item.name : `${item.name} ${item.strength}`,
          because: verdict.because,
        }
      : null
  }
}

/** Each thing once for each bag. */
export function toTakeOut(stock: Lying, trip: Travels): readonly TakeOut[] {
  const refused = refusals(stock, trip)
  const found = new Map<string, TakeOut>()
  for (const holding of stock.holdings) {
    const one = refused(holding)
    if (one) found.set(`${one.bag}/${one.title}`, one)
  }
  return [...found.values()].sort((a, b) => (a.title < b.title ? -1 : 1))
}

/** The stock with all of it taken out: nobody on the way can count on it. */
export function withoutRefused<Stock extends Lying>(stock: Stock, trip: Travels): Stock {
  if (trip.bags.every(({ stowage }) => stowage === 'with_us')) return stock
  const refused = refusals(stock, trip)
  return { ...stock, holdings: stock.holdings.filter((one) => refused(one) === null) }
}
