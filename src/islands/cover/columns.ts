/** Columns of the board: the people and animals, or the kits one by one. */
import type { Question } from '../../core/cover/asking'
import { board, type Cell } from '../../core/cover/board'
import { worst } from '../../core/cover/cellState'
import type { Need, Tier } from '../../core/cover/need'
import { kitUseOf } from '../../core/household/places'
import { type Problem, type Readiness, readinessOf } from '../../core/judgement/readiness'
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
  /** For everybody whom it concerns, at once where it strikes all at once. */
  readonly isReady: boolean
  readonly together: Cell | null
}

export interface Grid {
  /** Of all the kits together. */
  readonly readiness: Readiness
  readonly columns: readonly Column[]
  readonly rows: readonly GridRow[]
}

/** The column of what concerns whoever is there. */
export const PARTY = 'party'

/** A problem's row, with the cells that its columns show. */
const rowOf = (
  { id, name, tier, rows, isReady }: Problem,
  cells: readonly GridCell[],
): GridRow => ({
  id,
  name,
  tier,
  cells,
  isReady,
  together: rows.find(({ together }) => together)?.together ?? null,
})

export function byMembers({ view, laid }: Cover, question: Question): Grid {
  const readiness = readinessOf(board(laid, question).rows)
  return {
    readiness,
    columns: view.members.map(({ id, name }) => ({
      id,
      name,
      off: !question.members.has(id),
    })),
    rows: readiness.problems.map((problem) =>
      rowOf(
        problem,
        problem.rows.flatMap(({ need, cells }) =>
          cells.map((cell) => ({ ...cell, of: need, column: cell.memberId ?? PARTY, question })),
        ),
      ),
    ),
  }
}

/** Each kit alone, judged for what it is for: the member who is served worst gives the cell. */
export function byKits({ view, laid }: Cover, question: Question): Grid {
  const chosen = laid.stock.kits.filter(({ id }) => question.kits.has(id))
  const readiness = readinessOf(board(laid, question).rows)
  const cellsOf = new Map<string, GridCell[]>()
  for (const kit of chosen) {
    const place = laid.stock.places.find(({ id }) => id === kit.placeId)
    const alone = {
      ...question,
      kits: new Set([kit.id]),
      ...(place && { expected: [kitUseOf(kit, place, place.isStore)] }),
    }
    for (const { id, rows } of readinessOf(board(laid, alone).rows).problems) {
      const cells = rows.flatMap(({ need, cells: of }) =>
        of.map((cell) => ({ ...cell, of: need, column: kit.id, question: alone })),
      )
      const state = worst(cells.map((cell) => cell.state))
      const shown = cells.find((cell) => cell.state === state)
      if (shown) cellsOf.set(id, [...(cellsOf.get(id) ?? []), shown])
    }
  }
  return {
    readiness,
    columns: chosen.map(({ id }) => ({
      id,
      name: view.kits.find((kit) => kit.id === id)?.name ?? '',
      off: false,
    })),
    rows: readiness.problems.map((problem) => ({
      ...rowOf(problem, cellsOf.get(problem.id) ?? []),
      together: null,
    })),
  }
}
