/** What was decided on proposed lists. */
import type { PlaceId } from '../../core/ids'
import type { Trx } from '../frame/connect'

/** What the keeper decided about proposed lines, by place and line. */
export async function readListDecisions(trx: Trx) {
  const rows = await trx
    .selectFrom('list_decision')
    .select(['place_id', 'line_key', 'decision', 'note'])
    .where('removed_by_act', 'is', null)
    .execute()
  return rows.map((row) => ({
    placeId: row.place_id as PlaceId,
    key: row.line_key,
    decision: row.decision as 'accepted' | 'overruled',
    note: row.note,
  }))
}

/** The record of what was decided about a line; null when nothing was. */
export async function decisionOf(
  trx: Trx,
  placeId: PlaceId,
  lineKey: string,
): Promise<string | null> {
  const row = await trx
    .selectFrom('list_decision')
    .select('id')
    .where('place_id', '=', placeId)
    .where('line_key', '=', lineKey)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
  return row?.id ?? null
}
