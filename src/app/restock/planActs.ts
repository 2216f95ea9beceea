/** What is asked of the restocking plan: its settings, wishes, and what shops charge. */

import type { ItemId, LotId, PocketId, ShopOfferId, WishId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import type { KeeperWish } from '../../core/restock/household'
import { sameShop } from '../../core/restock/offers'
import type { RestockSettings } from '../../core/restock/settings'
import { createRecord, editRecord, removeRecord } from '../../db/frame/records'
import { itemNow, itemOfLot } from '../../db/items/items'
import { readOffers, readWishes } from '../../db/restock/plan'
import { type Acting, act, mustEdit } from '../frame/act'
import type { Keyed } from '../frame/asked'
import { mustHave } from '../frame/mustHave'
import { notFound, Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'

export const setPlan = (
  world: World,
  caller: Caller,
  { key, ...settings }: Keyed & RestockSettings,
) =>
  act(world, caller, { key, kind: 'plan_set', request: settings }, async (acting) => {
    mustEdit(
      await editRecord(
        acting,
        'household',
        acting.householdId,
        { restock: JSON.stringify(settings) },
        null,
      ),
    )
    return {}
  })

/** The newest wish about the same line stands; the one before it goes. */
export const addWish = (
  world: World,
  caller: Caller,
  { key, wish }: Keyed & { readonly wish: KeeperWish },
) =>
  act(world, caller, { key, kind: 'wish_added', request: wish }, async (acting) => {
    for (const before of await readWishes(acting.trx))
      if (aboutTheSame(before, wish)) await removeRecord(acting, 'restock_wish', before.id)
    const wishId = (await createRecord(acting, 'restock_wish', {
      kind: wish.kind,
      item_id: await itemOfWish(acting, wish),
      lot_id: 'lotId' in wish ? wish.lotId : null,
      from_pocket_id: 'pocketId' in wish ? wish.pocketId : null,
      to_pocket_id: 'to' in wish ? wish.to : null,
      shop: 'shop' in wish ? wish.shop : '',
      amount:
        wish.kind === 'carry'
          ? Math.round(wish.amount * 1000)
          : wish.kind === 'buy'
            ? wish.packs
            : null,
    })) as WishId
    return { wishId }
  })

function aboutTheSame(a: KeeperWish, b: KeeperWish): boolean {
  if ('lotId' in a && 'lotId' in b)
    return a.lotId === b.lotId && a.pocketId === b.pocketId && a.to === b.to
  if ('itemId' in a && 'itemId' in b)
    return a.itemId === b.itemId && (a.kind !== 'buy' || b.kind !== 'buy' || a.shop === b.shop)
  return false
}

/** @throws {Refusal} not_found when what is wished names something that is not there */
async function itemOfWish(acting: Acting, wish: KeeperWish): Promise<ItemId> {
  if ('itemId' in wish) {
    await mustHave(acting.trx, 'item', wish.itemId)
    return wish.itemId
  }
  await mustHave(acting.trx, 'pocket', wish.pocketId as PocketId)
  await mustHave(acting.trx, 'pocket', wish.to as PocketId)
  const item = await itemOfLot(acting.trx, wish.lotId as LotId)
  if (!item) throw notFound()
  return item.id
}

export const removeWish = (
  world: World,
  caller: Caller,
  { key, wishId }: Keyed & { readonly wishId: WishId },
) =>
  act(world, caller, { key, kind: 'wish_removed', request: wishId }, async (acting) => {
    if (!(await removeRecord(acting, 'restock_wish', wishId))) throw notFound()
    return {}
  })

export interface Offered {
  readonly itemId: ItemId
  readonly shop: string
  readonly packSize: Amount
  readonly priceMinor: number | null
  readonly leadDays: number
}

export const setOffer = (world: World, caller: Caller, { key, ...offer }: Keyed & Offered) =>
  act(
    world,
    caller,
    { key, kind: 'offer_set', why: offer.shop, request: offer },
    async (acting) => {
      await writeOffer(acting, offer)
      return {}
    },
  )

/**
 * The item's own shop has its pack and price on the item; every other one has an offer, and so has
 * the own one where it has to be ordered ahead.
 * @throws {Refusal} `shop_needs_name` for a price or a wait of no shop in particular
 */
export async function writeOffer(
  acting: Acting,
  { itemId, shop, packSize, priceMinor, leadDays }: Offered,
): Promise<void> {
  const item = await itemNow(acting.trx, itemId)
  if (!item) throw notFound()
  if (leadDays > 0 && shop === '') throw new Refusal({ code: 'shop_needs_name' })
  const own = sameShop(item.shop, shop)
  if (own) {
    const patch = { pack_size: packSize, pack_price_minor: priceMinor }
    mustEdit(await editRecord(acting, 'item', itemId, patch, null))
  }
  const known = (await readOffers(acting.trx)).find(
    (one) => one.itemId === itemId && sameShop(one.shop, shop),
  )
  const fields = { pack_size: packSize, price_minor: priceMinor, lead_days: leadDays }
  if (known) mustEdit(await editRecord(acting, 'shop_offer', known.id, fields, null))
  else if (shop !== '' && (!own || leadDays > 0))
    await createRecord(acting, 'shop_offer', { item_id: itemId, shop, ...fields })
  else if (!own) throw new Refusal({ code: 'shop_needs_name' })
}

export const removeOffer = (
  world: World,
  caller: Caller,
  { key, offerId }: Keyed & { readonly offerId: ShopOfferId },
) =>
  act(world, caller, { key, kind: 'offer_removed', request: offerId }, async (acting) => {
    if (!(await removeRecord(acting, 'shop_offer', offerId))) throw notFound()
    return {}
  })
