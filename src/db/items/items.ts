/** The kinds of thing a household keeps. */
import type { Expression } from 'kysely'
import type { ItemId, LotId, PurchaseId } from '../../core/ids'
import type { Item } from '../../core/stock/item'
import type { Trx } from '../frame/connect'
import { toItem } from '../frame/rows'

/** The kinds of thing that have not been removed, by name. */
export async function readItems(trx: Trx): Promise<readonly Item[]> {
  const rows = await trx
    .selectFrom('item')
    .selectAll()
    .where('removed_by_act', 'is', null)
    .orderBy('name')
    .orderBy('strength')
    .execute()
  return rows.map(toItem)
}

/** An item, or undefined when the household has no such item, or no longer. */
export async function itemNow(trx: Trx, itemId: ItemId): Promise<Item | undefined> {
  const row = await trx
    .selectFrom('item')
    .selectAll()
    .where('id', '=', itemId)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
  return row && toItem(row)
}

async function itemThat(trx: Trx, isOf: Expression<string>): Promise<Item | undefined> {
  const row = await trx.selectFrom('item').selectAll().where('id', '=', isOf).executeTakeFirst()
  return row && toItem(row)
}

/** The item of a line of the shopping list, also of one that was taken off. */
export const itemOfPurchase = (trx: Trx, purchaseId: PurchaseId) =>
  itemThat(
    trx,
    trx.selectFrom('purchase').select('item_id').where('id', '=', purchaseId).$asScalar(),
  )

/** The item of a lot, or undefined when the household has no such lot. */
export const itemOfLot = (trx: Trx, lotId: LotId) =>
  itemThat(trx, trx.selectFrom('lot').select('item_id').where('id', '=', lotId).$asScalar())

/** The household's first item of a catalogue entry; undefined when it has none. */
export async function itemOfEntry(trx: Trx, entryId: string): Promise<ItemId | undefined> {
  const row = await trx
    .selectFrom('item')
    .select('id')
    .where('catalogue_id', '=', entryId)
    .where('removed_by_act', 'is', null)
    .orderBy('id')
    .executeTakeFirst()
  return row?.id as ItemId | undefined
}

/** Names of the kits in which some of an item lies. */
export async function kitsHolding(trx: Trx, itemId: ItemId): Promise<readonly string[]> {
  const rows = await trx
    .selectFrom('balance')
    .innerJoin('lot', 'lot.id', 'balance.lot_id')
    .innerJoin('pocket', 'pocket.id', 'balance.pocket_id')
    .innerJoin('kit', 'kit.id', 'pocket.kit_id')
    .select('kit.name')
    .distinct()
    .where('lot.item_id', '=', itemId)
    .execute()
  return rows.map(({ name }) => name)
}
