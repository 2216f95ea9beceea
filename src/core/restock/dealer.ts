/**
 * One family of things on its own: its program is kept, and what was found at one price of money
 * and within one allowance serves the next.
 */
import type { Priced } from './choices'
import type { Family } from './family'
import { addFamily, decisionsOf, type FamilyColumns } from './model'
import type { Decisions } from './plan'
import type { RestockProblem } from './problem'
import { type Change, type Prepared, type Program, ProgramBuilder, type Solver } from './program'
import { ANY_SPENDING, type Spending } from './underBudget'

/** A family that nobody wishes anything of can always be left as it is: the program is wrong. */
export class NoPlanError extends Error {
  override readonly name = 'NoPlanError'
  constructor(readonly things: readonly number[]) {
    super(`No plan at all for the things ${things.join(', ')}`)
  }
}

/** One way of dealing with a family; its cost is all but a price on money. */
export interface Choice extends Priced {
  readonly decisions: Decisions
  /** Of the cost, what lacks of what must be there. */
  readonly lackMinor: number
}

/** The best at a price of money, and what none is below. */
export interface Best {
  readonly price: number
  readonly choice: Choice
  readonly bound: number
}

/** How near to the best a choice has to be, and when to give up looking. */
export interface Effort {
  readonly within: number
  readonly stopped: () => boolean
}

/** Costs that differ by less are the same. */
export const SAME_MINOR = 1e-3

interface Kept {
  readonly program: Program
  readonly columns: FamilyColumns
  readonly prepared: Prepared
  readonly spendingRow: number
}

export class FamilyDealer {
  /**
   * Those that the present plan came upon: what an earlier one found is found again at once, but
   * only where the present one looks, so that a plan does not depend on what was asked before.
   */
  readonly choices: Choice[] = []
  /** False where what the keeper wants of the family cannot be, and is left out. */
  heeded: boolean
  private kept: Kept
  private readonly found: Choice[] = []
  private readonly at = new Map<string, readonly Best[]>()
  private idle: Choice | null = null
  private rough: { readonly valueMinor: number; readonly isWhole: boolean } | null = null

  constructor(
    private readonly problem: RestockProblem,
    private readonly family: Family,
    private readonly solver: Solver,
  ) {
    this.kept = this.build(problem)
    this.heeded = this.kept.columns.heeded
  }

  private build(problem: RestockProblem): Kept {
    const program = new ProgramBuilder()
    const columns = addFamily(problem, this.family, program)
    program.atMost(Number.POSITIVE_INFINITY, columns.spending)
    const spendingRow = program.rows.length - 1
    return { program, columns, spendingRow, prepared: this.solver.prepare(program) }
  }

  /** Begins another plan. */
  begin(): void {
    this.choices.length = 0
  }

  /** A first look: what it costs at the least, without what must be there and lacks. */
  look(): { readonly valueMinor: number; readonly isWhole: boolean } {
    if (this.rough) return this.rough
    const { solved, isWhole } = this.kept.prepared.relax(this.kept.program)
    if (solved.kind === 'nothing') {
      this.leaveWishes()
      return this.look()
    }
    this.rough = { valueMinor: solved.objective - this.lackOf(solved.values), isWhole }
    return this.rough
  }

  /** With as much money as it takes; null when it was stopped before anything was found. */
  free(effort: Effort): Best | null {
    const best = this.best(0, ANY_SPENDING, effort)
    if (best !== 'impossible') return best
    this.leaveWishes()
    return this.free(effort)
  }

  /** What none is below at a price of money. */
  bound(price: number, spending: Spending, effort: Effort): number {
    const best = this.best(price, spending, effort)
    if (best === 'impossible') return Number.POSITIVE_INFINITY
    return best?.bound ?? Number.NEGATIVE_INFINITY
  }

  /** What can be done with what there is; nothing where the keeper wants something bought. */
  withoutBuying(effort: Effort): void {
    const { program, columns } = this.kept
    if (!this.idle) {
      const upper = [...program.upper]
      for (const [column] of columns.spending) upper[column] = 0
      const solved = this.solve({ cost: program.cost, upper }, effort)
      if (solved.kind === 'nothing') return
      this.idle = this.keep(solved.values)
    }
    this.offer(this.idle)
  }

  /** Gives the memory of the solver back. */
  dispose(): void {
    this.kept.prepared.dispose()
  }

  private best(price: number, spending: Spending, effort: Effort): Best | 'impossible' | null {
    const key = `${spending.least}/${spending.most}`
    const known = this.at.get(key) ?? []
    const before = known.find((one) => one.price === price)
    if (before) return this.offered(before)
    const below = known.filter((one) => one.price < price).at(-1)
    const above = known.find((one) => one.price > price)
    // The best at two prices is the best at all between them.
    if (below && (below.choice.spendMinor === 0 || below.choice === above?.choice)) {
      const { choice } = below
      const slack = choice.costMinor + below.price * choice.spendMinor - below.bound
      const bound = choice.costMinor + price * choice.spendMinor - slack
      return this.offered({ price, choice, bound })
    }
    const { program, columns, spendingRow } = this.kept
    const cost = [...program.cost]
    for (const [column, minor] of columns.spending)
      cost[column] = (cost[column] ?? 0) + price * minor
    const row = { index: spendingRow, lower: spending.least, upper: spending.most }
    const solved = this.solve({ cost, upper: program.upper, row }, effort)
    if (solved.kind === 'nothing') return solved.why === 'infeasible' ? 'impossible' : null
    const best = { price, choice: this.keep(solved.values), bound: solved.bound }
    // What was cut short is not the best; another time it may be looked for longer.
    if (!effort.stopped())
      this.at.set(
        key,
        [...known, best].sort((a, b) => a.price - b.price),
      )
    return this.offered(best)
  }

  private offered(best: Best): Best {
    this.offer(best.choice)
    return best
  }

  private offer(choice: Choice): void {
    if (!this.choices.includes(choice)) this.choices.push(choice)
  }

  private solve(change: Change, { within, stopped }: Effort) {
    const { prepared } = this.kept
    const { solved, isWhole } = prepared.relax(change)
    return isWhole ? solved : prepared.solve(change, { within, stop: stopped })
  }

  private keep(values: readonly number[]): Choice {
    const { program, columns } = this.kept
    const at = (column: number): number => values[column] ?? 0
    const spendMinor = Math.round(
      columns.spending.reduce((sum, [column, minor]) => sum + minor * at(column), 0),
    )
    const costMinor = program.cost.reduce((sum, each, column) => sum + each * at(column), 0)
    const same = this.found.find(
      (one) => one.spendMinor === spendMinor && Math.abs(one.costMinor - costMinor) < SAME_MINOR,
    )
    if (same) return same
    const choice = {
      spendMinor,
      costMinor,
      lackMinor: this.lackOf(values),
      decisions: decisionsOf(this.problem, columns, values),
    }
    this.found.push(choice)
    return choice
  }

  private lackOf(values: readonly number[]): number {
    const { program, columns } = this.kept
    return columns.lacking.reduce(
      (sum, column) => sum + (program.cost[column] ?? 0) * (values[column] ?? 0),
      0,
    )
  }

  /** @throws {NoPlanError} when there is nothing left to leave out */
  private leaveWishes(): void {
    const wishes = this.problem.wishes.filter(({ kind }) => kind !== 'carry' && kind !== 'buy')
    if (!this.heeded && this.kept.columns.heeded) throw new NoPlanError(this.family.things)
    this.dispose()
    this.kept = this.build({ ...this.problem, wishes })
    this.heeded = false
  }
}
