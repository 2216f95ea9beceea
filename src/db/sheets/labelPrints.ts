/** What each label of a kit said when it was printed last. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { KitId } from '../../core/ids'
import type { Trx } from '../frame/connect'

export interface LabelPrint {
  readonly id: string
  readonly on: PlainDate
  readonly fingerprint: string
}

/** By the key of the label. */
export async function labelPrintsOf(
  trx: Trx,
  kitId: KitId,
): Promise<ReadonlyMap<string, LabelPrint>> {
  const rows = await trx
    .selectFrom('label_print')
    .select(['id', 'label_key', 'on_day', 'fingerprint'])
    .where('kit_id', '=', kitId)
    .where('removed_by_act', 'is', null)
    .execute()
  return new Map(
    rows.map(({ id, label_key, on_day, fingerprint }) => [
      label_key,
      { id, on: on_day as PlainDate, fingerprint },
    ]),
  )
}
