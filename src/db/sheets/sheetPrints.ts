/** Lid sheets that somebody noted as printed. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { KitId } from '../../core/ids'
import type { Trx } from '../frame/connect'

export interface SheetPrint {
  readonly on: PlainDate
  readonly fingerprint: string
}

/** The last lid sheet that somebody noted as printed. */
export async function lastPrint(trx: Trx, kitId: KitId): Promise<SheetPrint | null> {
  const row = await trx
    .selectFrom('sheet_print')
    .innerJoin('act', 'act.id', 'sheet_print.created_by_act')
    .select(['sheet_print.on_day', 'sheet_print.fingerprint'])
    .where('sheet_print.kit_id', '=', kitId)
    .where('sheet_print.removed_by_act', 'is', null)
    .orderBy('act.at', 'desc')
    .limit(1)
    .executeTakeFirst()
  return row ? { on: row.on_day as PlainDate, fingerprint: row.fingerprint } : null
}

/** Whether a lid sheet of any kit was ever printed. */
export async function hasSheet(trx: Trx): Promise<boolean> {
  const row = await trx
    .selectFrom('sheet_print')
    .select('id')
    .where('removed_by_act', 'is', null)
    .limit(1)
    .executeTakeFirst()
  return row !== undefined
}
