/** A whole list, line by line. A line that stands alone as a heading names the kit of those below. */
import type { Columns, Field } from './headings'
import { type Cells, type LineReading, type ReadingOptions, readLine } from './readLine'
import type { Row, Table } from './table'

export interface ReadRow {
  readonly line: number
  readonly cells: Cells
  readonly reading: LineReading
}

/** Called now and then while reading, so that long lists can show how far they are. */
export type Progress = (done: number, total: number) => void

/** Reads every row of a table by the columns given. */
export function readList(
  table: Pick<Table, 'rows'>,
  columns: Columns,
  options: ReadingOptions,
  progress?: Progress,
): readonly ReadRow[] {
  let section = ''
  const read: ReadRow[] = []
  table.rows.forEach((row, index) => {
    const heading = sectionHeading(row)
    if (heading !== null) section = heading
    else {
      const cells = withSection(cellsOf(row, columns), section)
      read.push({ line: row.line, cells, reading: readLine(cells, options) })
    }
    if (index % 250 === 249) progress?.(index + 1, table.rows.length)
  })
  progress?.(table.rows.length, table.rows.length)
  return read
}

function cellsOf(row: Row, columns: Columns): Cells {
  const cells: Partial<Record<Field, string>> = {}
  columns.forEach((field, index) => {
    const text = row.cells[index] ?? ''
    if (field !== null && text !== '') cells[field] = text
  })
  return cells
}

/** "== Car ==", "CAR KIT:" alone in a row is a heading; null when the row is a line. */
function sectionHeading(row: Row): string | null {
  const [only, ...rest] = row.cells.filter((cell) => cell !== '')
  if (only === undefined || rest.length > 0 || row.cells.length < 2) return null
  const marked = /^(?:[=#*-]{1,4}\s*(.+?)\s*[=#*-]*|(.+?)\s*:)$/.exec(only)
  return marked ? (marked[1] ?? marked[2] ?? '') : null
}

const withSection = (cells: Cells, section: string): Cells =>
  section === '' || cells.kit !== undefined || cells.place?.includes('/')
    ? cells
    : { ...cells, kit: section }
