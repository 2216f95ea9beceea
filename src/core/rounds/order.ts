/** The order in which the pockets of a kit come out; they go back in reverse. */
import type { Pocket } from '../household/pocket'

const SORTS = ['outside', 'inside', 'elsewhere'] as const

/** Outside pockets first, then from the lid downwards, last what is kept somewhere else. */
export const inOrderOut = <P extends Pick<Pocket, 'sort' | 'cell' | 'name'>>(
  pockets: readonly P[],
): readonly P[] =>
  [...pockets].sort(
    (a, b) =>
      SORTS.indexOf(a.sort) - SORTS.indexOf(b.sort) ||
      a.cell.row - b.cell.row ||
      a.cell.column - b.cell.column ||
      a.name.localeCompare(b.name),
  )
