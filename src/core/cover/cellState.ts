/** How a need stands for somebody: the words that every screen has for it are in one table. */

/** Best first. */
export const CELL_STATES = ['covered', 'plan_b', 'thin', 'held', 'none'] as const
export type CellState = (typeof CELL_STATES)[number]

/** Enough of it is there, by the first choice or by plan B. */
export const isReadyState = (state: CellState): boolean => state === 'covered' || state === 'plan_b'

export const rank = (state: CellState): number => CELL_STATES.length - CELL_STATES.indexOf(state)

export const worst = (states: readonly CellState[]): CellState | null =>
  states.reduce<CellState | null>(
    (low, one) => (low === null || rank(one) < rank(low) ? one : low),
    null,
  )
