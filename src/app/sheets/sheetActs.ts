/** Whether the lid sheet that hangs in a kit still says what is in it. */
import { createHash } from 'node:crypto'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { KitId } from '../../core/ids'
import { sheetText } from '../../core/sheet/fingerprint'
import { createRecord } from '../../db/frame/records'
import { lastPrint } from '../../db/sheets/sheetPrints'
import { act } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { type Caller, type Reading, surveyNow, surveyOf, type World } from '../frame/world'
import { sheetOf } from './readSheet'

const hashOf = (text: string): string => createHash('sha256').update(text).digest('hex')

/** Notes that the sheet was printed as it is now. */
export const notePrinted = (
  world: World,
  caller: Caller,
  { key, kitId }: { readonly key: string; readonly kitId: KitId },
) =>
  act(world, caller, { key, kind: 'sheet_printed', request: kitId }, async (acting) => {
    await mustHave(acting.trx, 'kit', kitId)
    const sheet = await sheetOf(acting, await surveyNow(acting), kitId)
    await createRecord(acting, 'sheet_print', {
      kit_id: kitId,
      on_day: acting.today,
      fingerprint: hashOf(sheetText(sheet)),
    })
    return {}
  })

export interface PrintedSheet {
  readonly on: PlainDate
  readonly upToDate: boolean
}

/** The sheet that was printed last; null when nobody has noted one. */
export async function printedSheet(at: Reading, kitId: KitId): Promise<PrintedSheet | null> {
  const print = await lastPrint(at.trx, kitId)
  if (!print) return null
  const sheet = await sheetOf(at, await surveyOf(at), kitId)
  return { on: print.on, upToDate: print.fingerprint === hashOf(sheetText(sheet)) }
}
