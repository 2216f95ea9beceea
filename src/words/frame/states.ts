/** One word for one state, whichever screen says it. */
import type { CellState } from '../../core/cover/cellState'
import type { LotState } from '../../core/stock/judge'
import type { LineState } from '../../core/watch/survey'

/** How a lot is. */
export const LOT_STATES: Readonly<Record<LotState['state'], string>> = {
  sound: 'good',
  turning: 'expires soon',
  spent: 'not usable',
  held: 'on hold',
  unclean: 'to be cleaned',
  lent: 'lent',
  missing: 'not found',
}

/** How a target stands. */
export const LINE_STATES: Readonly<Record<LineState, string>> = {
  enough: 'enough',
  thin: 'not enough',
  bare: 'none here',
}

/** A lot's state, or the want of any. */
export const STATE_WORDS = { ...LOT_STATES, bare: LINE_STATES.bare } as const

/** How a problem stands for somebody at a place. */
export const CELL_STATES: Readonly<Record<CellState, string>> = {
  covered: 'ready',
  plan_b: 'plan B',
  thin: 'not enough',
  held: 'held back',
  none: 'nothing',
}

/** The same, as a sentence of its own. */
export const CELL_SENTENCES: Readonly<Record<CellState, string>> = {
  covered: 'It is ready.',
  plan_b: 'It is ready by plan B.',
  thin: 'Not enough is there.',
  held: 'What is there is held back.',
  none: 'Nothing is there.',
}
