/** The shopping list as it is carried along: what to ask for, where it goes, what else would do. */
import type { z } from 'zod'
import type * as shopping from '../../contract/values/shopping'
import { addDays } from '../../core/calendar/plainDate'
import { catalogue } from '../../core/catalogue/catalogue'
import { entryOf } from '../../core/layout/ofKit'
import { sameShop } from '../../core/restock/offers'
import { aisleOf } from '../../core/shopping/aisles'
import { proposePockets } from '../../core/shopping/proposePockets'
import { LOOK_AGAIN_DAYS, type Target } from '../../core/shopping/purchase'
import { type Item, itemTitle } from '../../core/stock/item'
import type { Survey } from '../../core/watch/survey'
import { readItems } from '../../db/items/items'
import { readOffers } from '../../db/restock/plan'
import { type KeptPurchase, readOrders, readPurchases } from '../../db/restock/shopping'
import { type Caller, reading, surveyOf, type World } from '../frame/world'
import { coverGapsOf } from '../watch/coverGaps'

export type ShoppingView = z.infer<typeof shopping.shoppingValue>

export const readShopping = async (world: World, caller: Caller): Promise<ShoppingView> => {
  const gapsAt = await coverGapsOf(world)
  return reading(world, caller, async (at) => {
    const survey = await surveyOf(at)
    const purchases = await readPurchases(at.trx)
    const items = await readItems(at.trx)
    const byId = new Map(items.map((item) => [item.id, item]))
    const offers = await readOffers(at.trx)
    const takeOrders = world.services.shops.map(({ name, deliversOn, isStandIn }) => ({
      name,
      isStandIn,
      deliversOn: [...deliversOn],
    }))
    return {
      currency: at.household.currency,
      lines: purchases.flatMap((purchase) => {
        const item = byId.get(purchase.itemId)
        return item ? [lineOf(purchase, item, items, survey)] : []
      }),
      orders: (await readOrders(at.trx)).filter(({ id }) =>
        purchases.some(({ state }) => 'orderId' in state && state.orderId === id),
      ),
      takeOrders,
      gaps: await gapsAt(at),
      shops: distinct([
        ...items.map(({ shop }) => shop),
        ...offers.map(({ shop }) => shop),
        ...takeOrders.map(({ name }) => name),
      ]),
    } as ShoppingView
  })
}

function lineOf(
  purchase: KeptPurchase,
  item: Item,
  items: readonly Item[],
  survey: Survey,
): ShoppingView['lines'][number] {
  const { id, shop, packs, packSize, priceMinor, wantedBy, source, state } = purchase
  const entries = catalogue()
  const entry = entryOf(item, entries)
  const named = (targets: readonly Target[]) => targets.flatMap((one) => nameOf(one, survey))
  return {
    id,
    item,
    shop,
    packs,
    packSize,
    priceMinor,
    wantedBy,
    source,
    state:
      state.kind === 'not_there' ? { ...state, until: addDays(state.on, LOOK_AGAIN_DAYS) } : state,
    aisle: aisleOf(item, entries),
    spec: entry?.spec ?? '',
    instead: (entry?.standIns ?? []).flatMap((other) => {
      const instead = entries.get(other)
      return instead
        ? [
            {
              title: itemTitle(instead),
              spec: instead.spec,
              kept: items.some(({ catalogueId }) => catalogueId === other),
            },
          ]
        : []
    }),
    goesTo: named(purchase.goesTo),
    proposed: named(proposePockets(purchase, survey)),
  } as ShoppingView['lines'][number]
}

function nameOf({ pocketId, amount }: Target, { sites }: Survey) {
  const site = sites.get(pocketId)
  if (!site) return []
  const { pocket, kit, place } = site
  return [
    {
      pocketId,
      amount,
      pocket: pocket.name,
      kitId: kit.id,
      kit: kit.name,
      placeId: place.id,
      place: place.name,
      hue: place.hue,
    },
  ]
}

/** One of each name, whatever its capitals; none without a name. */
const distinct = (names: readonly string[]): readonly string[] =>
  names
    .filter((name, at) => name !== '' && names.findIndex((one) => sameShop(one, name)) === at)
    .sort((a, b) => a.localeCompare(b, 'en'))
