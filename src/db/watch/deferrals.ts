/** Errands and reviews that were put off. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Trx } from '../frame/connect'

/** Errands put off, by key, with the day they come back. */
export async function readDeferrals(
  trx: Trx,
  today: PlainDate,
): Promise<ReadonlyMap<string, PlainDate>> {
  const rows = await trx
    .selectFrom('errand_deferral')
    .select(['errand_key', 'until_day'])
    .where('removed_by_act', 'is', null)
    .where('until_day', '>', today)
    .execute()
  return new Map(rows.map((row) => [row.errand_key, row.until_day as PlainDate]))
}

/** The records by which an errand is put off. */
export async function deferralsOf(trx: Trx, errandKey: string): Promise<readonly string[]> {
  const rows = await trx
    .selectFrom('errand_deferral')
    .select('id')
    .where('errand_key', '=', errandKey)
    .where('removed_by_act', 'is', null)
    .execute()
  return rows.map(({ id }) => id)
}
