/**
 * Columns whose heading nobody knows, told by what is in them. Nothing is left out without a word:
 * what mostly holds dates, amounts, prices or names of kits is asked about, the rest is kept.
 */
import type { PlainDate } from '../calendar/plainDate'
import { readPrintedDate } from '../calendar/readPrintedDate'
import { readAmount } from '../quantity/readAmount'
import { readPrice } from '../quantity/readPrice'
import { type Columns, type Field, KEPT } from './headings'
import { nameKey } from './known'
import type { Row } from './row'

export interface ColumnQuestion {
  readonly column: number
  /** What its cells look like. */
  readonly holds: 'dates' | 'amounts' | 'prices' | 'places'
  /** What it may mean, the likeliest first; a field that no other column has. */
  readonly fields: readonly Field[]
  readonly example: string
}

/** At least so many of its filled cells look like it. */
const MOSTLY = 0.6
const FEWEST = 2

const cellsOf = (rows: readonly Row[], column: number): readonly string[] =>
  rows.map(({ cells }) => cells[column] ?? '').filter((cell) => cell !== '')

const share = (cells: readonly string[], fits: (cell: string) => boolean): number =>
  cells.length === 0 ? 0 : cells.filter(fits).length / cells.length

const isDate =
  (today: PlainDate) =>
  (cell: string): boolean =>
    /\d/.test(cell) &&
    !/^\d{1,4}$/.test(cell) &&
    readPrintedDate(cell, { order: 'day-first', today }).kind !== 'refused'
const isAmount = (cell: string): boolean =>
  /^(?:\d|½|¼|¾)/.test(cell) && cell.length <= 24 && readAmount(cell).kind === 'read'
const isPrice = (cell: string): boolean =>
  /[€$£]|\d[.,]\d{2}(?:\s*(?:eur|usd|gbp))?$/i.test(cell) && readPrice(cell) !== 'not_a_price'

/**
 * The columns to ask about.
 * @param known names of places, kits and pockets that exist
 */
export function questionsOf(
  columns: Columns,
  rows: readonly Row[],
  known: ReadonlySet<string>,
  today: PlainDate,
): readonly ColumnQuestion[] {
  const free = (...fields: Field[]): readonly Field[] =>
    fields.filter((field) => !columns.includes(field))
  return columns.flatMap((meaning, column): readonly ColumnQuestion[] => {
    if (meaning !== KEPT) return []
    const cells = cellsOf(rows, column)
    const [example = ''] = cells
    if (cells.length < FEWEST) return []
    const ask = (holds: ColumnQuestion['holds'], fields: readonly Field[]) =>
      fields.length === 0 ? [] : [{ column, holds, fields, example }]
    if (share(cells, isDate(today)) >= MOSTLY) return ask('dates', free('expiry', 'opened'))
    if (share(cells, isPrice) >= MOSTLY) return ask('prices', free('price'))
    if (share(cells, isAmount) >= MOSTLY) return ask('amounts', free('amount', 'par', 'pack'))
    if (share(cells, (cell) => known.has(nameKey(cell))) >= MOSTLY)
      return ask('places', free('kit', 'pocket', 'place'))
    return []
  })
}

/**
 * Columns with one for the item: where no heading says it, the one with most different words. A
 * list without headings is told by its cells.
 */
export function withItem(
  columns: Columns,
  headings: readonly string[],
  rows: readonly Row[],
): Columns {
  const all: Columns = columns.length > 0 ? columns : headings.map(() => KEPT)
  if (all.includes('item')) return all
  const wordy = all.map((meaning, column) => {
    if (meaning !== KEPT) return 0
    const cells = cellsOf(rows, column).filter((cell) => /[\p{L}]{3}/u.test(cell))
    return new Set(cells.map(nameKey)).size
  })
  const most = Math.max(...wordy)
  const item = most === 0 ? 0 : wordy.indexOf(most)
  const found = all.map((meaning, column) => (column === item ? ('item' as const) : meaning))
  if (columns.length > 0) return found
  const counts = found.findIndex(
    (meaning, column) => meaning === KEPT && share(cellsOf(rows, column), isAmount) >= MOSTLY,
  )
  return found.map((meaning, column) => (column === counts ? ('amount' as const) : meaning))
}
