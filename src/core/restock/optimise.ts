/**
 * The best plan over all places. Things that cannot stand in for each other meet only in the
 * budget, so each family is decided on its own by a mixed-integer program; where all of them
 * together cost more than there is, one choice of each is taken under the budget. What no plan
 * can be below is known all along, so that the gap is proven.
 */
import { type Best, type FamilyDealer, SAME_MINOR } from './dealer'
import type { Dealers } from './dealers'
import { familiesOf } from './family'
import { greedyPlan } from './greedy'
import type { Decisions } from './plan'
import type { RestockProblem } from './problem'
import { type Replayed, replay } from './replay'
import { chooseUnder } from './underBudget'

export interface Progress {
  readonly done: number
  readonly of: number
}

export interface OptimiseOptions {
  /** Proven to be within this share of the best; 0 for the very best. */
  readonly within?: number
  /** Stop on the clock after so many seconds with what there is. */
  readonly limit?: { readonly seconds: number; readonly now: () => number }
  readonly onProgress?: (progress: Progress) => void
  /** Asked between programs; true ends with what there is. */
  readonly stop?: () => boolean
}

export interface Optimised {
  readonly decisions: Decisions
  /** What the plan costs by the program. */
  readonly costMinor: number
  /** Of that, what no money can help is left out… */
  readonly valueMinor: number
  /** …and of what no plan can be below. */
  readonly boundMinor: number
  /** (value − bound) / value; 0 when proven to be the best. */
  readonly gap: number
  /** Stopped, by hand or by the clock, before the gap was as wished. */
  readonly stopped: boolean
  /** More money would have bought more. */
  readonly isTight: boolean
  /** What the keeper wants bought costs more than the budget. */
  readonly overBudget: boolean
  /** Things of which what the keeper wants cannot be done as it stands. */
  readonly unheeded: readonly number[]
  /** The plain plan, lived through. */
  readonly plain: Replayed
}

/** Of the gap that is allowed, the share that may be lost inside families. */
const FOR_FAMILIES = 0.7

/**
 * Finds plans for one problem under any budget; what was found for one budget serves the next.
 * Its own budget is not looked at.
 */
export class Optimiser {
  constructor(
    private readonly problem: RestockProblem,
    private readonly known: Dealers,
  ) {}

  /** Never worse than the plain plan, where that does what the keeper wants. */
  plan(budgetMinor: number | null, options: OptimiseOptions = {}): Optimised {
    const problem = { ...this.problem, budgetMinor }
    const decisions = greedyPlan(problem)
    const plain = replay(problem, decisions)
    const { totalMinor } = plain.cost
    const best = this.best(budgetMinor, options)
    // Stopped before there was a plan for every family: the plain one, of which nothing is proven.
    if (!best) return { ...NOTHING_KNOWN, decisions, ...measured(totalMinor, 0, 0), plain }
    const wished = problem.wishes.some(({ kind }) => kind === 'carry' || kind === 'buy')
    if (wished || totalMinor >= best.costMinor) return { ...best, plain }
    const helpless = best.costMinor - best.valueMinor
    return {
      ...best,
      decisions,
      ...measured(totalMinor, best.boundMinor + helpless, helpless),
      plain,
    }
  }

  /** Null when it was stopped before there was a plan for every family. */
  private best(
    budgetMinor: number | null,
    options: OptimiseOptions,
  ): Omit<Optimised, 'plain'> | null {
    const { within = 0.01 } = options
    const stopped = stopping(options)
    const families = familiesOf(this.problem)
    const dealers: FamilyDealer[] = []
    const progress = (done: number) => options.onProgress?.({ done, of: families.length * 2 })
    // Every family roughly, which tells how finely each has to be decided.
    let value = 0
    for (const family of families) {
      if (stopped()) return null
      const dealer = this.known.of(this.problem, family)
      dealer.begin()
      dealers.push(dealer)
      value += dealer.look()
      progress(dealers.length)
    }
    this.known.keepOnly(dealers)
    const fine = (within * FOR_FAMILIES * value) / Math.max(1, families.length)
    const effort = { within: Math.max(SAME_MINOR, powerOfTwo(fine)), stopped }
    const free: Best[] = []
    for (const dealer of dealers) {
      const best = stopped() ? null : dealer.free(effort)
      if (!best) return null
      free.push(best)
      progress(families.length + free.length)
    }
    const unheeded = families.flatMap(({ things }, index) =>
      dealers[index]?.heeded === false ? things : [],
    )
    // No money helps against what lacks even so.
    const helpless = sum(free, ({ choice }) => choice.lackMinor)
    const dear = sum(free, ({ choice }) => choice.spendMinor)
    if (budgetMinor === null || dear <= budgetMinor)
      return {
        decisions: joined(free.map(({ choice }) => choice.decisions)),
        ...measured(
          sum(free, ({ choice }) => choice.costMinor),
          sum(free, ({ bound }) => bound),
          helpless,
        ),
        stopped: stopped(),
        isTight: false,
        overBudget: false,
        unheeded,
      }
    for (const dealer of dealers) dealer.withoutBuying(effort)
    const found = chooseUnder(
      dealers.map((dealer) => ({
        choices: dealer.choices,
        bound: (price, spending) => dealer.bound(price, spending, effort),
      })),
      budgetMinor,
      (gap, cost) => gap <= Math.max(SAME_MINOR, within * (cost - helpless)),
      stopped,
    )
    return {
      decisions: joined(found.chosen.map(({ decisions }) => decisions)),
      ...measured(found.costMinor, found.boundMinor, helpless),
      stopped: stopped(),
      isTight: true,
      overBudget: !found.fits,
      unheeded,
    }
  }
}

/** The next below: what was found serves while the value of all changes but little. */
const powerOfTwo = (value: number): number => (value > 0 ? 2 ** Math.floor(Math.log2(value)) : 0)

const NOTHING_KNOWN = { stopped: true, isTight: false, overBudget: false, unheeded: [] } as const

function stopping({ limit, stop = () => false }: OptimiseOptions): () => boolean {
  if (!limit) return stop
  const until = limit.now() + limit.seconds * 1000
  return () => stop() || limit.now() >= until
}

/** As exactly as the programs are solved; what is beyond that depends on where the solver came from. */
function measured(cost: number, bound: number, helpless: number) {
  const costMinor = rounded(cost)
  const [valueMinor, boundMinor] = [rounded(cost - helpless), rounded(bound - helpless)]
  const gap = Math.max(0, valueMinor - boundMinor) / Math.max(1, valueMinor)
  return { costMinor, valueMinor, boundMinor, gap }
}

const rounded = (minor: number): number => Math.round(minor / SAME_MINOR) * SAME_MINOR

const joined = (all: readonly Decisions[]): Decisions => ({
  carries: all.flatMap(({ carries }) => carries),
  buys: all.flatMap(({ buys }) => buys),
  puts: all.flatMap(({ puts }) => puts),
})

const sum = <Of>(of: readonly Of[], each: (one: Of) => number): number =>
  of.reduce((total, one) => total + each(one), 0)
