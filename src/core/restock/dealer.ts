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

/** Nothing fulfils what the keeper wants of a family. */
export class NoPlanError extends Error {
  override readonly name = 'NoPlanError'
  constructor(
    readonly things: readonly number[],
    readonly why: 'infeasible' | 'time',
  ) {
    super(`No plan for a family of things: ${why}`)
  }
}

/** One way of dealing with a family; its cost is all but a price on money. */
export interface Choice extends Priced {
  readonly decisions: Decisions
  /** Of the cost, what lacks of what must be there. */
  readonly lackMinor: number
}

/** The best at a price of money, and what none is below. */
interface At {
  readonly price: number
  readonly choice: Choice
  readonly bound: number
}

/** Costs that differ by less are the same. */
export const SAME_MINOR = 1e-3

interface Rough {
  readonly valueMinor: number
  readonly isWhole: boolean
}

export class FamilyDealer {
  readonly choices: Choice[] = []
  private readonly program: Program
  private readonly columns: FamilyColumns
  private readonly prepared: Prepared
  private readonly spendingRow: number
  private seen: Rough | null = null
  private readonly at = new Map<string, readonly At[]>()

  constructor(
    private readonly problem: RestockProblem,
    private readonly family: Family,
    solver: Solver,
  ) {
    const program = new ProgramBuilder()
    this.columns = addFamily(problem, family, program)
    program.atMost(Number.POSITIVE_INFINITY, this.columns.spending)
    this.spendingRow = program.rows.length - 1
    this.program = program
    this.prepared = solver.prepare(program)
  }

  /** A first look: what it costs at the least, without what must be there and lacks. */
  rough(): Rough {
    this.seen ??= this.look()
    return this.seen
  }

  private look(): Rough {
    const { solved, isWhole } = this.prepared.relax(this.program)
    if (solved.kind === 'nothing') throw new NoPlanError(this.family.things, solved.why)
    return { valueMinor: solved.objective - this.lackOf(solved.values), isWhole }
  }

  /** With as much money as it takes. @param within how near to the best it has to be */
  free(within: number): At {
    return this.best(0, ANY_SPENDING, within)
  }

  bound(price: number, spending: Spending, within: number): number {
    return this.best(price, spending, within).bound
  }

  /** What can be done with what there is; nothing where the keeper wants something bought. */
  withoutBuying(within: number): void {
    if (this.choices.some(({ spendMinor }) => spendMinor === 0)) return
    const upper = [...this.program.upper]
    for (const [column] of this.columns.spending) upper[column] = 0
    const solved = this.solve({ cost: this.program.cost, upper }, within)
    if (solved.kind === 'solved') this.keep(solved.values)
  }

  /** Gives the memory of the solver back. */
  dispose(): void {
    this.prepared.dispose()
  }

  private best(price: number, spending: Spending, within: number): At {
    const key = `${spending.least}/${spending.most}`
    const known = this.at.get(key) ?? []
    const before = known.find((one) => one.price === price)
    if (before) return before
    const below = known.filter((one) => one.price < price).at(-1)
    const above = known.find((one) => one.price > price)
    // The best at two prices is the best at all between them.
    if (below && (below.choice.spendMinor === 0 || below.choice === above?.choice)) {
      const { choice } = below
      const slack = choice.costMinor + below.price * choice.spendMinor - below.bound
      return { price, choice, bound: choice.costMinor + price * choice.spendMinor - slack }
    }
    const cost = [...this.program.cost]
    for (const [column, minor] of this.columns.spending)
      cost[column] = (cost[column] ?? 0) + price * minor
    const { least, most } = spending
    const row = { index: this.spendingRow, lower: least, upper: most }
    const solved = this.solve({ cost, upper: this.program.upper, row }, within)
    if (solved.kind === 'nothing') throw new NoPlanError(this.family.things, solved.why)
    const at = { price, choice: this.keep(solved.values), bound: solved.bound }
    this.at.set(
      key,
      [...known, at].sort((a, b) => a.price - b.price),
    )
    return at
  }

  private solve(change: Change, within: number) {
    const { solved, isWhole } = this.prepared.relax(change)
    return isWhole ? solved : this.prepared.solve(change, { within })
  }

  private keep(values: readonly number[]): Choice {
    const at = (column: number): number => values[column] ?? 0
    const spendMinor = Math.round(
      this.columns.spending.reduce((sum, [column, minor]) => sum + minor * at(column), 0),
    )
    const costMinor = this.program.cost.reduce((sum, each, column) => sum + each * at(column), 0)
    const same = this.choices.find(
      (one) => one.spendMinor === spendMinor && Math.abs(one.costMinor - costMinor) < SAME_MINOR,
    )
    if (same) return same
    const choice = {
      spendMinor,
      costMinor,
      lackMinor: this.lackOf(values),
      decisions: decisionsOf(this.problem, this.columns, values),
    }
    this.choices.push(choice)
    return choice
  }

  private lackOf = (values: readonly number[]): number =>
    this.columns.lacking.reduce(
      (sum, column) => sum + (this.program.cost[column] ?? 0) * (values[column] ?? 0),
      0,
    )
}
