/**
 * One family of things on its own: its program is kept, and what was found at one price of money
 * and within one allowance serves the next.
 */

import {
  type Change,
  type Prepared,
  type Program,
  ProgramBuilder,
  type Solver,
} from '../solving/program'
import { branchAndBound, type Effort, type Half } from './branchAndBound'
import type { Priced } from './choices'
import type { Family } from './family'
import { addFamily, decisionsOf, type FamilyColumns } from './model'
import type { Decisions } from './plan'
import type { RestockProblem } from './problem'
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

/** Costs that differ by less are the same. */
export const SAME_MINOR = 1e-3

interface Kept {
  readonly program: Program
  readonly columns: FamilyColumns
  readonly prepared: Prepared
  readonly spendingRow: number
}

/** What was asked, and how it came out. */
interface Asked {
  readonly price: number
  readonly spending: Spending
  readonly best: Best | 'impossible'
}

export class FamilyDealer {
  /** Those that the present plan came upon. */
  readonly choices: Choice[] = []
  /** False where what the keeper wants of the family cannot be, and is left out. */
  heeded: boolean
  private kept: Kept
  /** What the present plan asked for. */
  private asked: Asked[] = []
  private readonly found: Choice[] = []
  /**
   * By all that the answer depends on, what the plan knew when it asked included: a plan does not
   * depend on what was asked for another one.
   */
  private readonly answers = new Map<string, Best | 'impossible'>()

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
    this.asked = []
  }

  /** A first look: what it costs at the least, without what must be there and lacks. */
  look(): number {
    const { program, prepared } = this.kept
    const solved = prepared.relax(program)
    if (solved) return solved.objective - this.lackOf(solved.values)
    this.leaveWishes()
    return this.look()
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
    this.best(0, NO_SPENDING, effort)
  }

  /** Gives the memory of the solver back. */
  dispose(): void {
    this.kept.prepared.dispose()
  }

  private best(price: number, spending: Spending, effort: Effort): Best | 'impossible' | null {
    const before = this.asked.find((one) => one.price === price && isSame(one.spending, spending))
    if (before) return before.best
    const best = this.answered(price, spending, effort)
    if (best === null) return null
    this.asked.push({ price, spending, best })
    if (best !== 'impossible' && !this.choices.includes(best.choice)) this.choices.push(best.choice)
    return best
  }

  private answered(price: number, spending: Spending, effort: Effort): Best | 'impossible' | null {
    const known = this.cheapest(price, spending)
    const bound = this.boundBetween(price, spending)
    if (known && costAt(known, price) - bound <= effort.within)
      return { price, choice: known, bound }
    const { least, most } = spending
    const so = this.choices.map((choice) => this.found.indexOf(choice))
    const key = [effort.within, price, least, most, ...so].join('/')
    const before = this.answers.get(key)
    if (before) return before
    const answer = this.search(price, spending, effort, known)
    // What was cut short is not the best; another time it may be looked for longer.
    if (answer && !effort.stopped()) this.answers.set(key, answer)
    return answer
  }

  private cheapest(price: number, { least, most }: Spending): Choice | null {
    let best: Choice | null = null
    for (const choice of this.choices)
      if (choice.spendMinor >= least && choice.spendMinor <= most)
        if (!best || costAt(choice, price) < costAt(best, price)) best = choice
    return best
  }

  /**
   * The least that can be spent and saved at a price is concave in it: between two prices it is
   * not below the line from one to the other, and above all of them not below the last.
   */
  private boundBetween(price: number, spending: Spending): number {
    let below: Best | null = null
    let above: Best | null = null
    for (const { best, ...one } of this.asked) {
      if (best === 'impossible' || !isSame(one.spending, spending)) continue
      if (one.price < price && (!below || one.price > below.price)) below = best
      if (one.price > price && (!above || one.price < above.price)) above = best
    }
    if (!below) return Number.NEGATIVE_INFINITY
    if (!above) return below.bound
    const share = (price - below.price) / (above.price - below.price)
    return below.bound + share * (above.bound - below.bound)
  }

  private search(
    price: number,
    spending: Spending,
    effort: Effort,
    known: Choice | null,
  ): Best | 'impossible' | null {
    const { program, columns, spendingRow } = this.kept
    const upper = [...program.upper]
    if (spending.most === 0) for (const [column] of columns.spending) upper[column] = 0
    const change: Change = {
      cost: this.costsAt(price),
      lower: program.lower,
      upper,
      row: { index: spendingRow, lower: spending.least, upper: spending.most },
    }
    const { best, bound } = branchAndBound(program.whole, {
      ...effort,
      known: known ? costAt(known, price) : Number.POSITIVE_INFINITY,
      relax: (half) => this.kept.prepared.relax(halved(change, half)),
    })
    const choice = best ? this.keep(best.values) : known
    if (choice) return { price, choice, bound }
    return bound === Number.POSITIVE_INFINITY ? 'impossible' : null
  }

  private costsAt(price: number): readonly number[] {
    const { program, columns } = this.kept
    if (price === 0) return program.cost
    const cost = [...program.cost]
    for (const [column, minor] of columns.spending)
      cost[column] = (cost[column] ?? 0) + price * minor
    return cost
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
    this.answers.clear()
    this.begin()
  }
}

const NO_SPENDING: Spending = { least: 0, most: 0 }

const isSame = (a: Spending, b: Spending): boolean => a.least === b.least && a.most === b.most

const costAt = ({ costMinor, spendMinor }: Priced, price: number): number =>
  costMinor + price * spendMinor

function halved(change: Change, half: Half | null): Change {
  if (!half) return change
  const lower = [...change.lower]
  const upper = [...change.upper]
  for (let one: Half | null = half; one; one = one.of) {
    const { column } = one
    lower[column] = Math.max(lower[column] ?? 0, one.lower)
    upper[column] = Math.min(upper[column] ?? 0, one.upper)
  }
  return { ...change, lower, upper }
}
