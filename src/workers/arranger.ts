/** Arranges a kit off the main thread, so that it shows how far it is and can be stopped. */
import { expose } from 'comlink'
import { type Arranged, type ArrangeProgress, arrange } from '../core/layout/arrange'
import { type ProposedLabel, proposedLabels } from '../core/layout/labels'
import { type Gain, gainsOf, type LayoutMove, movesOf } from '../core/layout/moves'
import type { LayoutProblem } from '../core/layout/problem'

export interface Arrangement extends Arranged {
  readonly moves: readonly LayoutMove[]
  readonly gains: readonly Gain[]
  readonly labels: readonly ProposedLabel[]
}

const arranger = {
  arrange(problem: LayoutProblem, seed: number, progress: ArrangeProgress): Arrangement {
    const found = arrange(problem, seed, progress)
    const { layout } = found
    return {
      ...found,
      moves: movesOf(problem, layout),
      gains: gainsOf(problem, layout),
      labels: proposedLabels(problem, layout),
    }
  },
}
export type Arranger = typeof arranger

expose(arranger)
