import { serveFile } from '../../api/serveFile'
import { readExport } from '../../app/readSheet'

export const GET = serveFile(async ({ world, caller }) => ({
  name: 'vivid-satchel-list.csv',
  type: 'text/csv; charset=utf-8',
  // The mark tells spreadsheets that it is UTF-8.
  body: `\uFEFF${await readExport(world, caller)}`,
}))
