/** What a restocking plan is made from besides the stock: offers, wishes, and what was used where. */
import { sql } from 'kysely'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { ItemId, PlaceId, PocketId, ShopOfferId, WishId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import type { KeeperWish, ShopOffer } from '../../core/restock/household'
import type { Recorded } from '../../core/usage/learned'
import type { Trx } from '../frame/connect'

export type KeptOffer = ShopOffer & { readonly id: ShopOfferId }

/** What other shops charge, by item and shop. */
export async function readOffers(trx: Trx): Promise<readonly KeptOffer[]> {
  const rows = await trx
    .selectFrom('shop_offer')
    .selectAll()
    .where('removed_by_act', 'is', null)
    .orderBy('item_id')
    .orderBy('shop')
    .execute()
  return rows.map((row) => ({
    id: row.id as ShopOfferId,
    itemId: row.item_id as ItemId,
    shop: row.shop,
    packSize: row.pack_size,
    priceMinor: row.price_minor,
    leadDays: row.lead_days,
  }))
}

export type KeptWish = KeeperWish & { readonly id: WishId }

/** What the keeper wants or does not want of a plan, oldest first. */
export async function readWishes(trx: Trx): Promise<readonly KeptWish[]> {
  const rows = await trx
    .selectFrom('restock_wish')
    .innerJoin('act', 'act.id', 'restock_wish.created_by_act')
    .selectAll('restock_wish')
    .where('restock_wish.removed_by_act', 'is', null)
    .orderBy('act.at')
    .orderBy('restock_wish.id')
    .execute()
  return rows.map((row): KeptWish => {
    const { shop, lot_id, from_pocket_id, to_pocket_id } = row
    const id = row.id as WishId
    const itemId = row.item_id as ItemId
    const amount = row.amount ?? 0
    if (row.kind === 'buy') return { id, kind: 'buy', itemId, shop, packs: amount }
    if (row.kind === 'no_buy') return { id, kind: 'no_buy', itemId }
    const carried = {
      id,
      lotId: lot_id ?? '',
      pocketId: from_pocket_id as PocketId,
      to: to_pocket_id as PocketId,
    }
    return row.kind === 'carry'
      ? { ...carried, kind: 'carry', amount: amount / 1000 }
      : { ...carried, kind: 'no_carry' }
  })
}

/** Uses from a day on, those taken back not counted. */
export async function readUseRecords(trx: Trx, from: PlainDate): Promise<readonly Recorded[]> {
  const { rows } = await sql<{
    item_id: string
    place_id: string
    since: string
    uses: readonly (readonly [string, number])[] | null
  }>`
    select l.item_id, k.place_id,
           greatest(min(a.on_day), ${from}::date) as since,
           json_agg(json_build_array(a.on_day, m.amount) order by a.on_day)
             filter (where m.kind = 'used' and a.on_day >= ${from}::date) as uses
    from movement m
    join act a on a.id = m.act_id
    join lot l on l.id = m.lot_id
    join pocket p on p.id = coalesce(m.from_pocket_id, m.to_pocket_id)
    join kit k on k.id = p.kit_id
    where m.kind in ('used', 'received', 'moved')
      and not exists (select 1 from act undoing where undoing.undoes = a.id)
    group by l.item_id, k.place_id`.execute(trx)
  return rows.map(({ item_id, place_id, since, uses }) => ({
    itemId: item_id as ItemId,
    placeId: place_id as PlaceId,
    since: since as PlainDate,
    uses: (uses ?? []).map(([on, amount]) => ({ on: on as PlainDate, amount: amount as Amount })),
  }))
}

/** Rates of use that the keeper knows better, in thousandths a year. */
export async function readRatesByHand(trx: Trx) {
  const rows = await trx
    .selectFrom('use_rate')
    .selectAll()
    .where('removed_by_act', 'is', null)
    .execute()
  return rows.map((row) => ({
    id: row.id,
    itemId: row.item_id as ItemId,
    placeId: row.place_id as PlaceId,
    perYear: row.per_year as Amount,
  }))
}
