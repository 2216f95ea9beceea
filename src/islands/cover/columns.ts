/** Columns of the board: the people and animals, or the kits one by one. */
import type { Question } from '../../core/cover/asking'
import { type Board, board, type Cell, type Row, worst } from '../../core/cover/board'
import type { Need, Tier } from '../../core/cover/need'
import type { Cover } from './useCover'

export interface Column {
  readonly id: string
  readonly name: string
  /** Thought away: still to be seen and brought back. */
  readonly off: boolean
}

export interface GridCell extends Omit<Cell, 'memberId' | 'needId'> {
  /** People's and animals' needs of one name share a row. */
  readonly of: Need
  readonly column: string
  /** Whom to explain it for; null for the party. */
  readonly memberId: Cell['memberId']
  /** With which kits; the question's own where a column is a member. */
  readonly question: Question
}

export interface GridRow {
  readonly id: string
  readonly name: string
  readonly tier: Tier
  readonly cells: readonly GridCell[]
  readonly together: Cell | null
}

export interface Grid {
  readonly columns: readonly Column[]
  readonly rows: readonly GridRow[]
}

/** The column of what concerns whoever is there. */
export const PARTY = 'party'

/** Rows of one name become one: a wound is a wound, whoever has it. */
function rowsOf(
  rows: readonly Row[],
  cellsOf: (row: Row, at: number) => readonly GridCell[],
): readonly GridRow[] {
  const merged = new Map<string, GridRow>()
  rows.forEach((row, at) => {
    const { id, name, tier } = row.need
    const key = `${tier}/${name}`
    const known = merged.get(key)
    merged.set(key, {
      id: known?.id ?? id,
      name,
      tier,
      cells: [...(known?.cells ?? []), ...cellsOf(row, at)],
      together: known?.together ?? row.together,
    })
  })
  return [...merged.values()]
}

export function byMembers({ view, laid }: Cover, question: Question): Grid {
  const { rows } = board(laid, question)
  return {
    columns: view.members.map(({ id, name }) => ({
      id,
      name,
      off: !question.members.has(id),
    })),
    rows: rowsOf(rows, ({ need, cells }) =>
      cells.map((cell) => ({ ...cell, of: need, column: cell.memberId ?? PARTY, question })),
    ),
  }
}

/** Each kit alone: the member who is served worst gives the cell. */
export function byKits({ view, laid }: Cover, question: Question): Grid {
  const chosen = view.kits.filter(({ id }) => question.kits.has(id))
  const boards = chosen.map(({ id }): { id: string; alone: Question; of: Board } => {
    const alone = { ...question, kits: new Set([id]) }
    return { id, alone, of: board(laid, alone) }
  })
  const [first] = boards
  const rows = rowsOf(first?.of.rows ?? [], ({ need }, at) =>
    boards.flatMap(({ id, alone, of }) =>
      (of.rows[at]?.cells ?? []).map((cell) => ({
        ...cell,
        of: need,
        column: id,
        question: alone,
      })),
    ),
  )
  return {
    columns: chosen.map(({ id, name }) => ({ id, name, off: false })),
    rows: rows.map((row) => ({
      ...row,
      together: null,
      cells: chosen.flatMap(({ id }) => {
        const mine = row.cells.filter(({ column }) => column === id)
        const state = worst(mine.map((cell) => cell.state))
        return mine.find((cell) => cell.state === state) ?? []
      }),
    })),
  }
}
