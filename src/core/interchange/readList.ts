/**
 * A whole list, line by line. A line that stands alone as a heading names the kit of those below;
 * totals, repeated headings and rules are left out, each with its reason: no line vanishes.
 */
import { type Columns, columnsOf, type Field, KEPT } from './headings'
import { nameKey } from './known'
import { type Cells, type LineReading, type ReadingOptions, readLine } from './readLine'
import type { Row } from './row'
import type { Table } from './table'

/** Why a row of the file is no line of the list. */
export type NoLine = 'title' | 'headings' | 'section' | 'total' | 'rule' | 'remark'

export interface ReadRow {
  readonly line: number
  readonly cells: Cells
  readonly reading: LineReading
}

export interface LeftRow {
  readonly line: number
  readonly why: NoLine
  readonly text: string
}

export interface ReadListing {
  readonly rows: readonly ReadRow[]
  readonly left: readonly LeftRow[]
}

/** Called now and then while reading, so that long lists can show how far they are. */
export type Progress = (done: number, total: number) => void

export interface ListOptions extends ReadingOptions {
  /** Names of places, kits and pockets that exist: alone in a row they are a heading. */
  readonly known?: ReadonlySet<string>
  /** Columns whose value goes on until the next one is written. */
  readonly carried?: readonly Field[]
}

/** Reads every row of a table by the columns given. */
export function readList(
  table: Pick<Table, 'rows' | 'headings'> & Partial<Pick<Table, 'above'>>,
  columns: Columns,
  options: ListOptions,
  progress?: Progress,
): ReadListing {
  let section = ''
  const rows: ReadRow[] = []
  const left: LeftRow[] = (table.above ?? []).map((row, at, above) => ({
    line: row.line,
    why: at === above.length - 1 ? 'headings' : 'title',
    text: textOf(row),
  }))
  const carried: Partial<Record<Field, string>> = {}
  table.rows.forEach((row, index) => {
    if (index % 250 === 249) progress?.(index + 1, table.rows.length)
    const no = noLine(row, columns, options)
    if (no) {
      left.push({ line: row.line, why: no.why, text: textOf(row) })
      if (no.why === 'section') {
        section = no.name
        for (const field of ['place', 'kit', 'pocket'] as const) delete carried[field]
      }
      return
    }
    const own = cellsOf(row, columns, table.headings)
    const cells = withSection(carryDown(own, carried, options.carried ?? []), section)
    const reading = readLine(cells, options)
    rows.push({
      line: row.line,
      cells,
      reading:
        reading.kind === 'ready' &&
        SITE.some((field) => !own[field] && carried[field] && cells[field])
          ? { ...reading, remarks: [...reading.remarks, 'carried_down'] }
          : reading,
    })
  })
  progress?.(table.rows.length, table.rows.length)
  return { rows, left }
}

const SITE = ['place', 'kit', 'pocket'] as const

const textOf = (row: Row): string => row.cells.filter((cell) => cell !== '').join(' · ')

/** A cell for each field; what has no field is kept in the note, under its heading. */
function cellsOf(row: Row, columns: Columns, headings: readonly string[]): Cells {
  const cells: Partial<Record<Field, string>> = {}
  const kept: string[] = []
  columns.forEach((field, index) => {
    const text = row.cells[index] ?? ''
    if (field === null || text === '') return
    if (field === KEPT) kept.push(`${headings[index] ?? ''}: ${text}`)
    else cells[field] = text
  })
  if (kept.length > 0) cells.note = [cells.note, ...kept].filter(Boolean).join('; ')
  return cells
}

/**
 * Whether the kit, place or pocket is written once for a block of lines: the first line has it,
 * and most of the others do not.
 */
export function writtenOnce(table: Pick<Table, 'rows'>, columns: Columns): readonly Field[] {
  const lines = table.rows.filter(({ cells }) => cells.filter((cell) => cell !== '').length > 1)
  return SITE.filter((field) => {
    const column = columns.indexOf(field)
    if (column < 0 || lines.length < 3) return false
    const filled = lines.filter(({ cells }) => (cells[column] ?? '') !== '')
    return (lines[0]?.cells[column] ?? '') !== '' && filled.length <= lines.length / 2
  })
}

function carryDown(
  cells: Cells,
  carried: Partial<Record<Field, string>>,
  fields: readonly Field[],
): Cells {
  const found: Partial<Record<Field, string>> = { ...cells }
  for (const field of fields) {
    const own = cells[field]
    if (own) {
      carried[field] = own
      // Another kit begins: the pocket of the one before does not go on.
      if (field === 'kit' || field === 'place') delete carried.pocket
      if (field === 'place' && !cells.kit) delete carried.kit
    } else if (carried[field]) found[field] = carried[field]
  }
  return found
}

const TOTAL =
  /^(?:sub-?|grand )?(?:total|sum|totals|subtotal|in all|altogether|number of (?:items|things|lines))\b/i

type NoLineFound =
  | { readonly why: Exclude<NoLine, 'section'> }
  | { readonly why: 'section'; readonly name: string }

function noLine(row: Row, columns: Columns, options: ListOptions): NoLineFound | null {
  const filled = row.cells.filter((cell) => cell !== '')
  const [only, ...rest] = filled
  if (only === undefined) return { why: 'rule' }
  if (filled.every((cell) => /^[-=_*#~. ]+$/.test(cell)) && filled.some((cell) => cell.length > 2))
    return { why: 'rule' }
  const itemCell = row.cells[columns.indexOf('item')] ?? ''
  if (
    TOTAL.test(itemCell === '' ? only : itemCell) &&
    filled.slice(1).every((cell) => /^[\d.,€$£ ]+/.test(cell))
  )
    return { why: 'total' }
  const again = columnsOf(row.cells)
  if (
    filled.length > 2 &&
    row.cells.every((cell, at) => cell === '' || (again[at] !== KEPT && again[at] === columns[at]))
  )
    return { why: 'headings' }
  if (rest.length > 0 || columns.length < 2) return null
  // "== Car ==", "CAR KIT:", "Car kit" where there is one: alone in a row it is a heading.
  const marked = /^(?:[=#*-]{1,4}\s*(.+?)\s*[=#*-]*|(.+?)\s*:)$/.exec(only)
  if (marked) return { why: 'section', name: marked[1] ?? marked[2] ?? '' }
  if (options.known?.has(nameKey(only))) return { why: 'section', name: only }
  if (isShouted(only) && KIT_WORD.test(only)) return { why: 'section', name: only }
  if (itemCell === '' && only.length > 24 && /\s/.test(only)) return { why: 'remark' }
  return null
}

const isShouted = (text: string): boolean => text === text.toUpperCase() && /\p{L}{3}/u.test(text)
const KIT_WORD =
  /\b(?:kit|bag|box|pouch|pack|case|car|boat|drawer|shelf|cabinet|cupboard|tote|backpack|stable|tack)\b/i

const withSection = (cells: Cells, section: string): Cells =>
  section === '' || cells.kit !== undefined || cells.place?.includes('/')
    ? cells
    : { ...cells, kit: section }
