/** The shopping list: shortfalls arranged by shop, then by place, in packs as they are sold. */
import type { Place } from '../household/places'
import { type Amount, less, NOTHING, packsFor, wholeUnitsUp } from '../quantity/amount'
import type { Shortfall } from './shortfall'

export interface BuyLine {
  readonly shortfall: Shortfall
  /** Whole units to put away here. */
  readonly units: number
  /**
   * Packs to buy for this line. Zero when a pack bought for an earlier line of the same shop
   * leaves enough; null when the item's pack is not known.
   */
  readonly packs: number | null
  /** What those packs cost, in the currency's smallest unit; null when no price is known. */
  readonly costMinor: number | null
}

export interface ShopList {
  /** "" when no shop is set. */
  readonly shop: string
  readonly places: readonly { readonly place: Place; readonly lines: readonly BuyLine[] }[]
  readonly costMinor: number
  /** Lines of which the price is not known, and so not in the sum. */
  readonly unpriced: number
}

const byName = new Intl.Collator('en', { sensitivity: 'base', numeric: true })

/**
 * Arranges what is missing. Packs are shared along the list: ten gloves bought for one place
 * serve the next before another pack is opened.
 */
export function restockList(missing: readonly Shortfall[]): readonly ShopList[] {
  const order = (a: Shortfall, b: Shortfall): number =>
    byName.compare(a.line.item.shop, b.line.item.shop) ||
    byName.compare(a.line.site.place.name, b.line.site.place.name) ||
    Number(b.line.item.essential) - Number(a.line.item.essential) ||
    byName.compare(a.line.item.name, b.line.item.name) ||
    byName.compare(a.line.item.strength, b.line.item.strength)
  const left = new Map<string, Amount>()
  const shops = new Map<string, Map<Place, BuyLine[]>>()
  for (const shortfall of [...missing].sort(order)) {
    const { item, site } = shortfall.line
    const places = shops.get(item.shop) ?? new Map<Place, BuyLine[]>()
    shops.set(item.shop, places)
    const lines = places.get(site.place) ?? []
    places.set(site.place, lines)
    lines.push(buyLine(shortfall, left))
  }
  return [...shops].map(([shop, places]) => {
    const all = [...places.values()].flat()
    return {
      shop,
      places: [...places].map(([place, lines]) => ({ place, lines })),
      costMinor: all.reduce((total, line) => total + (line.costMinor ?? 0), 0),
      unpriced: all.filter((line) => line.costMinor === null).length,
    }
  })
}

function buyLine(shortfall: Shortfall, left: Map<string, Amount>): BuyLine {
  const { item } = shortfall.line
  const units = wholeUnitsUp(shortfall.missing)
  if (item.packSize === null || item.packSize === NOTHING)
    return { shortfall, units, packs: null, costMinor: null }
  const remaining = left.get(item.id) ?? NOTHING
  const packs = packsFor(less(shortfall.missing, remaining), item.packSize)
  const stock = (remaining + packs * item.packSize) as Amount
  left.set(item.id, less(stock, shortfall.missing))
  return {
    shortfall,
    units,
    packs,
    costMinor: item.packPriceMinor === null ? null : packs * item.packPriceMinor,
  }
}
