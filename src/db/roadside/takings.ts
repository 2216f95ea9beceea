/** What was given away at a roadside and nobody has made up for yet. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { ItemId, PocketId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import type { Taking } from '../../core/roadside/taking'
import type { Trx } from '../frame/connect'

/** The first first. */
export async function openTakings(trx: Trx): Promise<readonly Taking[]> {
  const rows = await trx
    .selectFrom('roadside_taking')
    .select(['id', 'item_id', 'pocket_id', 'amount', 'on_day', 'by_lid'])
    .where('removed_by_act', 'is', null)
    .orderBy('on_day')
    .orderBy('id')
    .execute()
  return rows.map((row) => ({
    id: row.id,
    itemId: row.item_id as ItemId,
    pocketId: row.pocket_id as PocketId,
    amount: row.amount as Amount,
    on: row.on_day as PlainDate,
    byLid: row.by_lid,
  }))
}
