/**
 * Expiry and spending by month with a range, from many futures that chance makes (Monte Carlo):
 * the same seed gives the same forecast. And what one more or one fewer of a thing would change.
 */
import { addMonths, monthOfDay, type PlainMonth } from '../calendar/plainDate'
import { seeded } from '../chance/seeded'
import type { ForecastProblem } from './problem'
import { type Ahead, aheadOf, eachThing, type Lived, simulate, type ThingOnly } from './simulate'

/** Of many futures: one in ten lies below `low`, one in ten above `high`. */
export interface Range {
  readonly low: number
  readonly middle: number
  readonly high: number
}

export interface Forecast {
  readonly months: readonly PlainMonth[]
  readonly spent: readonly Range[]
  readonly lapsed: readonly Range[]
  /** Over all months. */
  readonly spentInAll: Range
  readonly lapsedInAll: Range
  /** Of each place, what turns there unused over all months. */
  readonly atRisk: readonly Range[]
}

/** What a line would cost a year with another par, on the mean of many futures. */
export interface ParCost {
  readonly par: number
  readonly spentMinor: number
  readonly lapsedMinor: number
  /** Units a year that are wanted and not there. */
  readonly without: number
  /** Days a year on which the line is not whole, weighted by the share that lacks. */
  readonly bareDays: number
}

export interface WhatIf {
  readonly line: number
  /**
   * One fewer (never of what must be there, nor where only one belongs), as it is, and one more.
   */
  readonly fewer: ParCost | null
  readonly now: ParCost
  readonly more: ParCost
}

/** So many futures tell the tenth from each end well enough. */
export const FUTURES = 400
const WHAT_IF_FUTURES = 100
const YEAR_DAYS = 365

/** Each future of each thing has a seed of its own, so that things can be looked at alone. */
const seedOf = (seed: number, thing: number, future: number): number =>
  (seed * 1_000_003 + thing * 7_919 + future) >>> 0

/**
 * @param onThing told after each thing: how many are done of all
 */
export function forecast(
  problem: ForecastProblem,
  seed: number,
  futures: number = FUTURES,
  onThing: (done: number, of: number) => void = () => {},
): Forecast {
  const ahead = aheadOf(problem)
  const things = eachThing(problem)
  const zeros = (length: number) =>
    Array.from({ length: futures }, () => new Array<number>(length).fill(0))
  const spent = zeros(problem.months)
  const lapsed = zeros(problem.months)
  const at = zeros(problem.stops.length)
  things.forEach((only, index) => {
    if (only.lines.length + only.shelves.length > 0)
      for (let future = 0; future < futures; future++) {
        const lived = liveOnce(problem, only, ahead, seed, future)
        addTo(spent[future], lived.spent)
        addTo(lapsed[future], lived.lapsed)
        addTo(at[future], lived.lapsedAt)
      }
    onThing(index + 1, things.length)
  })
  const sums = (all: readonly number[][]) => all.map((one) => one.reduce((a, b) => a + b, 0))
  return {
    months: Array.from({ length: problem.months }, (_, month) =>
      monthOfDay(addMonths(problem.today, month)),
    ),
    spent: byPosition(spent, problem.months),
    lapsed: byPosition(lapsed, problem.months),
    spentInAll: rangeOf(sums(spent)),
    lapsedInAll: rangeOf(sums(lapsed)),
    atRisk: byPosition(at, problem.stops.length),
  }
}

/**
 * What each line with a par would cost with one fewer and one more, in the same futures, so that
 * only the par differs.
 */
export function whatIfs(
  problem: ForecastProblem,
  seed: number,
  futures: number = WHAT_IF_FUTURES,
  onThing: (done: number, of: number) => void = () => {},
): readonly WhatIf[] {
  const ahead = aheadOf(problem)
  const things = eachThing(problem)
  return things.flatMap((only, index) => {
    const lives = (pars?: ReadonlyMap<number, number>) =>
      Array.from({ length: futures }, (_, future) =>
        liveOnce(problem, only, ahead, seed, future, pars),
      )
    const asItIs = lives()
    const found = only.lines.flatMap((line, at): WhatIf[] => {
      const par = problem.lines[line]?.par ?? 0
      if (par === 0) return []
      const other = (units: number) => parCost(units, lives(new Map([[line, units]])), at, ahead)
      return [
        {
          line,
          fewer: par > 1 && !problem.lines[line]?.mustBe ? other(par - 1) : null,
          now: parCost(par, asItIs, at, ahead),
          more: other(par + 1),
        },
      ]
    })
    onThing(index + 1, things.length)
    return found
  })
}

const liveOnce = (
  problem: ForecastProblem,
  only: ThingOnly,
  ahead: Ahead,
  seed: number,
  future: number,
  pars?: ReadonlyMap<number, number>,
): Lived => simulate(problem, only, ahead, seeded(seedOf(seed, only.thing, future)), pars)

function parCost(par: number, lives: readonly Lived[], at: number, { days }: Ahead): ParCost {
  const yearly = (of: (lived: Lived) => number): number =>
    (lives.reduce((sum, lived) => sum + of(lived), 0) / lives.length / days) * YEAR_DAYS
  const total = (values: readonly number[]) => values.reduce((a, b) => a + b, 0)
  return {
    par,
    spentMinor: yearly(({ spent }) => total(spent)),
    lapsedMinor: yearly(({ lapsed }) => total(lapsed)),
    without: yearly(({ without }) => without[at] ?? 0),
    bareDays: yearly(({ bareDays }) => bareDays[at] ?? 0),
  }
}

function addTo(into: number[] | undefined, values: readonly number[]): void {
  if (into)
    values.forEach((value, at) => {
      into[at] = (into[at] ?? 0) + value
    })
}

const byPosition = (of: readonly (readonly number[])[], length: number): readonly Range[] =>
  Array.from({ length }, (_, at) => rangeOf(of.map((future) => future[at] ?? 0)))

export function rangeOf(values: readonly number[]): Range {
  const sorted = [...values].sort((a, b) => a - b)
  const at = (share: number): number =>
    sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0
  return { low: at(0.1), middle: at(0.5), high: at(0.9) }
}
