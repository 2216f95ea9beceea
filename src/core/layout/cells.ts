/** Moving pockets about on the mat: none over another, no empty rows between. */
import { MAT_COLUMNS, type MatCell } from '../household/pocket'

export interface Placed {
  readonly id: string
  readonly cell: MatCell
}

export const overlaps = (a: MatCell, b: MatCell): boolean =>
  a.column < b.column + b.columns &&
  b.column < a.column + a.columns &&
  a.row < b.row + b.rows &&
  b.row < a.row + a.rows

/** Keeps a cell on the mat: at least two columns wide, at most the whole width. */
export function withinMat({ column, row, columns, rows }: MatCell): MatCell {
  const wide = Math.min(MAT_COLUMNS, Math.max(2, columns))
  return {
    columns: wide,
    rows: Math.min(6, Math.max(1, rows)),
    column: Math.min(MAT_COLUMNS - wide + 1, Math.max(1, column)),
    row: Math.max(1, row),
  }
}

/**
 * Puts one pocket to a cell. What lies there is pushed down, then everything moves up as far
 * as it goes, in reading order; the moved pocket keeps its columns.
 */
export function placeAt(placed: readonly Placed[], id: string, cell: MatCell): readonly Placed[] {
  const wanted = withinMat(cell)
  const others = placed
    .filter((one) => one.id !== id)
    .sort((a, b) => a.cell.row - b.cell.row || a.cell.column - b.cell.column)
  const down: Placed[] = [{ id, cell: wanted }]
  for (const other of others) down.push({ id: other.id, cell: clearOf(down, other.cell) })
  return movedUp(down, placed)
}

/** The cell, or the first one below it that is free. */
function clearOf(taken: readonly Placed[], cell: MatCell): MatCell {
  let at = cell
  for (;;) {
    const hit = taken.find((one) => overlaps(one.cell, at))
    if (!hit) return at
    at = { ...at, row: hit.cell.row + hit.cell.rows }
  }
}

function movedUp(down: readonly Placed[], order: readonly Placed[]): readonly Placed[] {
  const settled: Placed[] = []
  for (const one of [...down].sort(
    (a, b) => a.cell.row - b.cell.row || a.cell.column - b.cell.column,
  )) {
    let { cell } = one
    while (cell.row > 1) {
      const above = { ...cell, row: cell.row - 1 }
      if (settled.some((other) => overlaps(other.cell, above))) break
      cell = above
    }
    settled.push({ id: one.id, cell })
  }
  const of = new Map(settled.map((one) => [one.id, one]))
  return order.flatMap(({ id }) => of.get(id) ?? [])
}
