import { serveFile } from '../../api/serveFile'
import { templateList } from '../../core/interchange/exportList'
import { forSpreadsheets } from '../../core/interchange/table'

export const GET = serveFile(async () => ({
  name: 'vivid-satchel-template.csv',
  type: 'text/csv; charset=utf-8',
  body: forSpreadsheets(templateList()),
}))
