/** Lists, brought in and given out. */
import { bringIn, readKnown } from '../../app/imports/bringIn'
import { readExport } from '../../app/sheets/readSheet'
import type * as contract from '../../contract/imports'
import { templateList } from '../../core/interchange/exportList'
import { forSpreadsheets } from '../../core/interchange/table'
import type { HandlersOf } from '../handler'

const CSV = 'text/csv; charset=utf-8'

export const imports: HandlersOf<typeof contract> = {
  readKnown,
  bringIn,
  exportList: async (world, caller) => ({
    name: 'vivid-satchel-list.csv',
    type: CSV,
    body: forSpreadsheets(await readExport(world, caller)),
  }),
  listTemplate: async () => ({
    name: 'vivid-satchel-template.csv',
    type: CSV,
    body: forSpreadsheets(templateList()),
  }),
}
