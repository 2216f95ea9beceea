/** What papers said when they were printed last, and where they are. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Trx } from '../frame/connect'

export interface PaperPrint {
  readonly id: string
  readonly on: PlainDate
  readonly fingerprint: string
  /** In the keeper's words; "" where nobody said. */
  readonly hangs: string
}

/** By the key of the paper. */
export async function paperPrints(trx: Trx): Promise<ReadonlyMap<string, PaperPrint>> {
  const rows = await trx
    .selectFrom('paper_print')
    .select(['id', 'paper_key', 'on_day', 'fingerprint', 'hangs'])
    .where('removed_by_act', 'is', null)
    .execute()
  return new Map(
    rows.map(({ id, paper_key, on_day, fingerprint, hangs }) => [
      paper_key,
      { id, on: on_day as PlainDate, fingerprint, hangs },
    ]),
  )
}
