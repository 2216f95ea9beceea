/** Text into rows: comma, semicolon or tab, quoted as spreadsheets quote. */
import Papa from 'papaparse'
import { withItem } from './columns'
import { type Columns, columnsOf, isHeadingRow } from './headings'
import type { Row } from './row'
import { MOST_LINES } from './textFile'

export interface Table {
  /** As written; made up ("Column 2") when the list has none. */
  readonly headings: readonly string[]
  readonly columns: Columns
  readonly rows: readonly Row[]
  /** Rows above the headings: a title, a remark. */
  readonly above: readonly Row[]
}

export type TableReading =
  | { readonly kind: 'table'; readonly table: Table }
  | { readonly kind: 'refused'; readonly code: 'too_many_lines' | 'no_rows' }

/** Splits the text; the delimiter is found by looking at it, headings by their words. */
export function readTable(text: string): TableReading {
  const parsed = Papa.parse<string[]>(text, {
    delimiter: delimiterOf(text),
    skipEmptyLines: false,
  })
  if (parsed.data.length > MOST_LINES) return { kind: 'refused', code: 'too_many_lines' }
  const rows = parsed.data
    .map((cells, index): Row => ({ line: index + 1, cells: cells.map((cell) => plainCell(cell)) }))
    .filter(({ cells }) => cells.some((cell) => cell !== ''))
  if (rows.length === 0) return { kind: 'refused', code: 'no_rows' }
  const headingAt = rows.slice(0, 10).findIndex(({ cells }) => isHeadingRow(cells))
  const width = Math.max(...rows.map(({ cells }) => cells.length))
  const written = headingAt < 0 ? [] : (rows[headingAt]?.cells ?? [])
  const headings = Array.from(
    { length: width },
    (_, index) => written[index] || `Column ${index + 1}`,
  )
  // What stands above the headings is a title.
  const below = rows.slice(headingAt + 1)
  const columns = headingAt < 0 ? [] : columnsOf(headings)
  return {
    kind: 'table',
    table: {
      headings,
      columns: withItem(columns, headings, below),
      rows: below,
      above: headingAt < 0 ? [] : rows.slice(0, headingAt + 1),
    },
  }
}

/** The delimiter that splits the first lines most, counted outside quotes. */
export function delimiterOf(text: string): string {
  const head = text
    .split('\n', 12)
    .join('\n')
    .replace(/"[^"]*"/g, '')
  const count = (mark: string): number => head.split(mark).length - 1
  const tabs = count('\t')
  const semicolons = count(';')
  if (tabs > 0 && tabs >= semicolons) return '\t'
  return semicolons > 0 && semicolons * 2 >= count(',') ? ';' : ','
}

/** Trims, and takes off the apostrophe that {@link safeCell} puts before a formula sign. */
const plainCell = (cell: string): string => cell.trim().replace(/^'(?=[=+\-@\t\r'])/, '')

/**
 * A value that a spreadsheet shows and does not run: text that would start a formula gets an
 * apostrophe in front, which reading takes off again.
 */
export const safeCell = (value: string): string =>
  /^[=+\-@\t\r']/.test(value) ? `'${value}` : value

/** Rows of {@link FIELDS} as comma-separated text with headings, every value made safe. */
export function writeTable(
  headings: readonly string[],
  rows: readonly (readonly string[])[],
): string {
  return `${Papa.unparse([[...headings], ...rows.map((row) => row.map(safeCell))], {
    newline: '\r\n',
    // Quoted, so that whoever looks for the delimiter is not led astray.
    quotes: (value: unknown) => /[;\t]/.test(String(value)),
  })}\r\n`
}

/** The mark at the beginning tells spreadsheets that it is UTF-8. */
export const forSpreadsheets = (csv: string): string => `\uFEFF${csv}`
