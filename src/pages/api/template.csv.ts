import { serveFile } from '../../api/serveFile'
import { templateList } from '../../core/interchange/exportList'

export const GET = serveFile(async () => ({
  name: 'vivid-satchel-template.csv',
  type: 'text/csv; charset=utf-8',
  body: `\uFEFF${templateList()}`,
}))
