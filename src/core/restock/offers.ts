/** Where each item can be had, from what the household says of it and what the catalogue guesses. */
import type { Entries } from '../layout/ofKit'
import { entryOf } from '../layout/ofKit'
import type { Item } from '../stock/item'
import type { RestockFault, ShopOffer } from './household'

/**
 * The usual purchase of each item, then what other shops charge; where no price is known at all,
 * the catalogue's guide price, which is said.
 */
export function offersFor(
  items: readonly Item[],
  elsewhere: readonly ShopOffer[],
  entries: Entries,
): { readonly offers: readonly ShopOffer[]; readonly faults: readonly RestockFault[] } {
  const faults: RestockFault[] = []
  const offers = items.flatMap((item): ShopOffer[] => {
    const kept = elsewhere.filter(({ itemId }) => itemId === item.id)
    const usual = kept.some(({ shop }) => sameShop(shop, item.shop)) ? null : usualOffer(item)
    const known = usual ? [usual, ...kept] : kept
    if (known.some(({ priceMinor }) => priceMinor !== null)) return known
    const entry = entryOf(item, entries)
    if (!entry) return known
    faults.push({ code: 'guide_price', itemId: item.id })
    return [
      ...known.filter(({ shop }) => !sameShop(shop, item.shop)),
      {
        itemId: item.id,
        shop: item.shop,
        packSize: entry.pack.units * 1000,
        priceMinor: entry.pack.priceMinor,
        leadDays: 0,
      },
    ]
  })
  return { offers, faults }
}

/** What stands on the item itself: pack, price and shop; null where no pack is known. */
const usualOffer = (item: Item): ShopOffer | null =>
  item.packSize === null
    ? null
    : {
        itemId: item.id,
        shop: item.shop,
        packSize: item.packSize,
        priceMinor: item.packPriceMinor,
        leadDays: 0,
      }

/** Nobody minds capitals in the name of a shop. */
export const sameShop = (a: string, b: string): boolean => a.toLowerCase() === b.toLowerCase()
