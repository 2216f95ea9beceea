import { beforeAll, describe, expect, it } from 'vitest'
import { bruteForce } from '../../../tests/support/bruteForce'
import { seededProblem, TINY, USUAL } from '../../../tests/support/restock'
import { highsSolver } from '../../solver/highs'
import { Dealers } from './dealers'
import { greedyPlan } from './greedy'
import { type OptimiseOptions, Optimiser } from './optimise'
import { NO_DECISIONS } from './plan'
import type { RestockProblem } from './problem'
import type { Solver } from './program'
import { replay } from './replay'

let solver: Solver
beforeAll(async () => {
  solver = await highsSolver()
})

function planned(problem: RestockProblem, options: OptimiseOptions = { within: 0 }) {
  return new Optimiser(problem, new Dealers(solver)).plan(problem.budgetMinor, options)
}
const seeds = (count: number) => Array.from({ length: count }, (_, index) => index + 1)

const FEW = { ...TINY, days: 50, things: 2, lots: 2, visits: 2 }
/** So few units that every plan can be tried. */
const few = (seed: number): RestockProblem => {
  const problem = seededProblem(seed, FEW)
  return {
    ...problem,
    shelves: problem.shelves.map((shelf) => ({
      ...shelf,
      amount: Math.min(2, shelf.amount),
      lastDay: shelf.lastDay === null ? null : shelf.lastDay % 60,
    })),
    lines: problem.lines.map((line) => ({
      ...line,
      par: Math.min(2, line.par),
      room: line.room === null ? null : Math.min(2, line.par),
    })),
    things: problem.things.map((thing, index) => ({
      ...thing,
      freshDays: index === 0 ? 30 : thing.freshDays,
    })),
    offers: problem.offers.map((offer) => ({ ...offer, units: Math.min(2, offer.units) })),
    comfortMinor: 400,
  }
}

describe('the best plan', () => {
  it.each(seeds(12))('is the best of all plans there are (seed %i)', (seed) => {
    const problem = few(seed)
    const best = bruteForce(problem, 2)
    const { costMinor, gap } = planned(problem)
    // Two packs are all that is tried out; the optimiser may use more, and never does worse.
    expect(costMinor).toBeLessThanOrEqual(best + 0.5)
    expect(gap).toBeLessThan(1e-4)
    const packs = planned(problem).decisions.buys.reduce((sum, buy) => sum + buy.packs, 0)
    if (packs <= 2) expect(costMinor).toBeGreaterThanOrEqual(best - 0.5)
  })
  it.each(seeds(9))('is the best of all under a budget (seed %i)', (seed) => {
    const free = few(seed)
    const { spentMinor } = replay(free, planned(free).decisions).cost
    const problem = { ...free, budgetMinor: Math.floor(spentMinor * 0.6) }
    const { costMinor, decisions } = planned(problem)
    expect(replay(problem, decisions).faults).toEqual([])
    const packs = decisions.buys.reduce((sum, buy) => sum + buy.packs, 0)
    const best = bruteForce(problem, 2)
    expect(costMinor).toBeLessThanOrEqual(best + 0.5)
    if (packs <= 2) expect(costMinor).toBeGreaterThanOrEqual(best - 0.5)
  })
  it.each(seeds(25))('costs what it costs day by day (seed %i)', (seed) => {
    const problem = seededProblem(seed, { ...TINY, visits: 3, lots: 4, usesAYear: 5, shops: 2 })
    const { costMinor, decisions } = planned(problem)
    const lived = replay(problem, decisions)
    expect(lived.faults).toEqual([])
    expect(lived.cost.totalMinor).toBeCloseTo(costMinor, 0)
  })
  it.each(seeds(2))('can be carried out in a household of many things (seed %i)', (seed) => {
    const problem = seededProblem(seed, { ...USUAL, things: 10, lots: 40 })
    const optimiser = new Optimiser(problem, new Dealers(solver))
    const free = optimiser.plan(null)
    const { spentMinor } = replay(problem, free.decisions).cost
    for (const budgetMinor of [null, spentMinor * 0.7, spentMinor * 0.4, 0]) {
      const { decisions, costMinor, gap } = optimiser.plan(budgetMinor)
      const lived = replay({ ...problem, budgetMinor }, decisions)
      expect(lived.faults).toEqual([])
      // A stand-in is charged for until it turns; what is used up of it before costs less.
      expect(lived.cost.totalMinor).toBeLessThan(costMinor + 1)
      expect(gap).toBeLessThanOrEqual(0.01)
      const plain = replay(problem, greedyPlan({ ...problem, budgetMinor }))
      expect(plain.faults).toEqual([])
      expect(lived.cost.totalMinor).toBeLessThanOrEqual(plain.cost.totalMinor + 1)
      expect(plain.cost.totalMinor).toBeLessThanOrEqual(
        replay(problem, NO_DECISIONS).cost.totalMinor + 1,
      )
    }
  })
  it('is the same for the same household, whatever was asked before', () => {
    const problem = seededProblem(5, { ...USUAL, things: 8, lots: 32 })
    const fresh = new Optimiser(problem, new Dealers(solver))
    const asked = new Optimiser(problem, new Dealers(solver))
    const budget = replay(problem, fresh.plan(null).decisions).cost.spentMinor / 2
    for (const other of [0, budget * 1.5, budget / 3]) asked.plan(other, { within: 0 })
    expect(asked.plan(null, { within: 0 }).decisions).toEqual(planned(problem).decisions)
    const again = asked.plan(budget, { within: 0 })
    const before = fresh.plan(budget, { within: 0 })
    expect(again.costMinor).toBeCloseTo(before.costMinor, 1)
  })
  it('stops when it is told to, with a plan that can be carried out', () => {
    const problem = seededProblem(6, USUAL)
    let asked = 0
    const { decisions, stopped } = planned(problem, { stop: () => ++asked > 12 })
    expect(stopped).toBe(true)
    expect(replay(problem, decisions).faults).toEqual([])
  })
})
