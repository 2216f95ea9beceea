import { beforeAll, describe, expect, it } from 'vitest'
import { bruteForce } from '../../../tests/support/bruteForce'
import { seededProblem, TINY, USUAL, weathered } from '../../../tests/support/restock'
import { highsSolver } from '../../solver/highs'
import type { Solver } from '../solving/program'
import { Dealers } from './dealers'
import { greedyPlan } from './greedy'
import { type OptimiseOptions, Optimiser } from './optimise'
import { NO_DECISIONS } from './plan'
import type { RestockProblem } from './problem'
import { replay } from './replay'

let solver: Solver
beforeAll(async () => {
  solver = await highsSolver()
})

function planned(problem: RestockProblem, options: OptimiseOptions = { within: 0 }) {
  const dealers = new Dealers(solver)
  const plan = new Optimiser(problem, dealers).plan(problem.budgetMinor, options)
  // The solver's memory is given back.
  dealers.keepOnly([])
  return plan
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
  it.each(seeds(25))('is the best of all where frost and heat harm things (seed %i)', (seed) => {
    const problem = weathered(few(seed), seed)
    const best = bruteForce(problem, 2)
    const { costMinor, gap, decisions } = planned(problem)
    expect(replay(problem, decisions).faults).toEqual([])
    expect(costMinor).toBeLessThanOrEqual(best + 0.5)
    expect(gap).toBeLessThan(1e-4)
    const packs = decisions.buys.reduce((sum, buy) => sum + buy.packs, 0)
    if (packs <= 2) expect(costMinor).toBeGreaterThanOrEqual(best - 0.5)
  })
  it.each(seeds(25))('costs in frost and heat what it costs day by day (seed %i)', (seed) => {
    const problem = weathered(
      seededProblem(seed, { ...TINY, visits: 3, lots: 4, usesAYear: 5, shops: 2 }),
      seed,
    )
    const { costMinor, decisions } = planned(problem)
    const lived = replay(problem, decisions)
    expect(lived.faults).toEqual([])
    expect(lived.cost.totalMinor).toBeCloseTo(costMinor, 0)
    const plain = replay(problem, greedyPlan(problem))
    expect(plain.faults).toEqual([])
    expect(lived.cost.totalMinor).toBeLessThanOrEqual(plain.cost.totalMinor + 1)
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
  describe.each(seeds(4))('of a household that changes (seed %i)', (seed) => {
    const problem = seededProblem(seed, { ...USUAL, things: 6, lots: 18, days: 240 })
    it('never costs more with more to spend, and spends no more than there is', () => {
      const optimiser = new Optimiser(problem, new Dealers(solver))
      const { spentMinor } = replay(problem, optimiser.plan(null, { within: 0 }).decisions).cost
      let before = Number.POSITIVE_INFINITY
      for (const share of [0, 0.15, 0.4, 0.65, 0.9, 1]) {
        const budgetMinor = Math.floor(spentMinor * share)
        const { costMinor, boundMinor, valueMinor, decisions } = optimiser.plan(budgetMinor, {
          within: 0,
        })
        expect(costMinor).toBeLessThanOrEqual(before + 1)
        expect(boundMinor).toBeLessThanOrEqual(valueMinor + 1e-3)
        expect(replay(problem, decisions).cost.spentMinor).toBeLessThanOrEqual(budgetMinor)
        before = costMinor
      }
    })
    it('never costs more where a shop more sells something, nor less where packs take longer', () => {
      const { costMinor } = planned(problem)
      const [offer] = problem.offers
      if (!offer) throw new Error('Something is sold')
      const offers = [...problem.offers, { ...offer, units: 1, priceMinor: 90, leadDays: 0 }]
      expect(planned({ ...problem, offers }).costMinor).toBeLessThanOrEqual(costMinor + 1)
      const late = problem.offers.map((one) => ({ ...one, leadDays: one.leadDays + 20 }))
      expect(planned({ ...problem, offers: late }).costMinor).toBeGreaterThanOrEqual(costMinor - 1)
    })
    it('never costs less where the keeper wants something else than it would do', () => {
      const free = planned(problem)
      const [buy] = free.decisions.buys
      if (!buy) throw new Error('Something is bought')
      const thing = problem.offers[buy.offer]?.thing ?? -1
      for (const wish of [
        { kind: 'no_buy', thing } as const,
        { kind: 'buy', offer: buy.offer, packs: 7 } as const,
      ]) {
        const asked = planned({ ...problem, wishes: [wish] })
        expect(asked.costMinor).toBeGreaterThanOrEqual(free.costMinor - 1)
        const bought = asked.decisions.buys
          .filter(({ offer }) => problem.offers[offer]?.thing === thing)
          .reduce((sum, { packs }) => sum + packs, 0)
        if (wish.kind === 'no_buy') expect(bought).toBe(0)
        else expect(bought).toBeGreaterThanOrEqual(7)
      }
    })
  })
  it('is the same for the same household, whatever was asked before', () => {
    const problem = seededProblem(5, { ...USUAL, things: 8, lots: 32 })
    const budget = replay(problem, planned(problem).decisions).cost.spentMinor / 2
    const dealers = new Dealers(solver)
    const asked = new Optimiser(problem, dealers)
    for (const other of [0, budget * 1.5, budget / 3, null]) asked.plan(other)
    for (const budgetMinor of [null, budget])
      for (const again of [asked, new Optimiser(problem, dealers)])
        expect(again.plan(budgetMinor)).toEqual(
          new Optimiser(problem, new Dealers(solver)).plan(budgetMinor),
        )
  })
  it('is the plain one where it is stopped before there is another, and whole the next time', () => {
    const problem = { ...seededProblem(6, { ...USUAL, things: 8, lots: 32 }), budgetMinor: 20_000 }
    const optimiser = new Optimiser(problem, new Dealers(solver))
    for (const most of [0, 5, 12]) {
      let asked = 0
      const cut = optimiser.plan(20_000, { stop: () => asked++ >= most })
      expect(cut).toMatchObject({ stopped: true, decisions: greedyPlan(problem) })
      expect(replay(problem, cut.decisions).faults).toEqual([])
    }
    const whole = optimiser.plan(20_000)
    expect(whole.stopped).toBe(false)
    expect(whole.gap).toBeLessThanOrEqual(0.01)
  })
  it('goes without a wish that cannot be, and says of which thing', () => {
    const problem = seededProblem(5, { ...USUAL, things: 8, lots: 32 })
    const shelf = problem.shelves.findIndex(({ stays, line }) => stays === null && line !== null)
    const { thing } = problem.shelves[shelf] as RestockProblem['shelves'][number]
    const line = problem.lines.findIndex((one) => one.thing === thing)
    const offer = problem.offers.findIndex((one) => one.thing === thing)
    const impossible: readonly RestockProblem['wishes'][] = [
      // More than there is; where it lies already; bought and not to be bought.
      [{ kind: 'carry', shelf, line, amount: 1000 }],
      [{ kind: 'carry', shelf, line: problem.shelves[shelf]?.line ?? 0, amount: 1 }],
      [
        { kind: 'buy', offer, packs: 2 },
        { kind: 'no_buy', thing },
      ],
    ]
    for (const wishes of impossible) {
      const { unheeded, decisions } = planned({ ...problem, wishes })
      expect(unheeded).toContain(thing)
      expect(replay(problem, decisions).faults).toEqual([])
    }
    expect(planned(problem).unheeded).toEqual([])
  })
})
