/** Codes on packs: which item each stands for. */
import type { ItemId } from '../../core/ids'
import type { Trx } from '../frame/connect'

export interface ItemCode {
  readonly gtin: string
  readonly itemId: ItemId
}

/** Which item a code on a pack stands for. */
export async function readCodes(trx: Trx): Promise<readonly ItemCode[]> {
  const rows = await trx
    .selectFrom('item_code')
    .select(['gtin', 'item_id'])
    .where('removed_by_act', 'is', null)
    .orderBy('gtin')
    .execute()
  return rows.map(({ gtin, item_id }) => ({ gtin, itemId: item_id as ItemId }))
}

/** The record of a code that stands for something. */
export const codeOnPack = (trx: Trx, gtin: string) =>
  trx
    .selectFrom('item_code')
    .select(['id', 'item_id'])
    .where('gtin', '=', gtin)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
