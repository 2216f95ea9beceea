import { serveFile } from '../../api/serveFile'
import { readExport } from '../../app/readSheet'
import { forSpreadsheets } from '../../core/interchange/table'

export const GET = serveFile(async ({ world, caller }) => ({
  name: 'vivid-satchel-list.csv',
  type: 'text/csv; charset=utf-8',
  body: forSpreadsheets(await readExport(world, caller)),
}))
