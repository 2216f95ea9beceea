/** Plans a household: the best plan found, beside the plain one and beside doing nothing. */
import { type RestockBoard, restockBoard } from './board'
import type { Dealers } from './dealers'
import { type OptimiseOptions, Optimiser } from './optimise'
import { NO_DECISIONS } from './plan'
import type { RestockProblem } from './problem'
import { type Cost, type Replayed, replay } from './replay'

/** How a plan compares: what it spends and how long lines are bare. */
export interface Compared {
  readonly cost: Cost
  readonly bareDays: Replayed['bareDays']
}

export interface RestockPlan {
  readonly board: RestockBoard
  readonly gap: number
  /** Stopped before it was proven to be as near to the best as wished. */
  readonly stopped: boolean
  readonly overBudget: boolean
  /** Things of which what the keeper wants cannot be done as it stands. */
  readonly unheeded: readonly number[]
  readonly plain: Compared
  readonly idle: Compared
}

/** Keeps what it found for one budget for the next. */
export class RestockPlanner {
  private readonly optimiser: Optimiser

  constructor(
    private readonly problem: RestockProblem,
    dealers: Dealers,
  ) {
    this.optimiser = new Optimiser(problem, dealers)
  }

  plan(budgetMinor: number | null, options: OptimiseOptions = {}): RestockPlan {
    const problem = { ...this.problem, budgetMinor }
    const best = this.optimiser.plan(budgetMinor, options)
    const idle = replay({ ...problem, budgetMinor: null }, NO_DECISIONS)
    return {
      board: restockBoard(problem, best.decisions, best.isTight, idle),
      gap: best.gap,
      stopped: best.stopped,
      overBudget: best.overBudget,
      unheeded: best.unheeded,
      plain: compared(best.plain),
      idle: compared(idle),
    }
  }
}

const compared = ({ cost, bareDays }: Replayed): Compared => ({ cost, bareDays })
