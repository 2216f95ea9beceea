import fc from 'fast-check'
import { beforeAll, describe, expect, it } from 'vitest'
import { seededProblem, USUAL } from '../../../tests/support/restock'
import { highsSolver } from '../../solver/highs'
import type { Solver } from '../solving/program'
import { FamilyDealer } from './dealer'
import { familiesOf } from './family'
import { ANY_SPENDING } from './underBudget'

let solver: Solver
beforeAll(async () => {
  solver = await highsSolver()
})

const exactly = { within: 1e-3, stopped: () => false }
const CLOSE = 0.01

const buying = new Map<number, () => FamilyDealer>()
/** Makes a dealer of the first family that buys, where money is no object. */
function dealerOf(seed: number): FamilyDealer {
  const make = buying.get(seed)
  if (make) return make()
  const problem = seededProblem(seed, { ...USUAL, things: 4, lots: 6 })
  for (const family of familiesOf(problem)) {
    const one = () => new FamilyDealer(problem, family, solver)
    const dealer = one()
    const free = dealer.free(exactly)
    dealer.dispose()
    if (!free || free.choice.spendMinor === 0) continue
    buying.set(seed, one)
    return one()
  }
  throw new Error('Nothing is bought; take another seed')
}

const known = new Map<string, number>()
/** What a family costs at the least at a price, by a dealer that was asked nothing before. */
function alone(seed: number, price: number): number {
  const key = `${seed}/${price}`
  const before = known.get(key)
  if (before !== undefined) return before
  const dealer = dealerOf(seed)
  const bound = dealer.bound(price, ANY_SPENDING, exactly)
  dealer.dispose()
  known.set(key, bound)
  return bound
}

const seed = fc.constantFrom(3, 4, 5, 7, 8, 10, 11, 12)
const price = fc.integer({ min: 0, max: 24 }).map((halves) => halves / 2)

describe('one family at a price of money', () => {
  it('costs the same whatever prices were asked before, and in whichever order', () => {
    fc.assert(
      fc.property(seed, fc.array(price, { minLength: 2, maxLength: 7 }), (of, prices) => {
        const dealer = dealerOf(of)
        for (const one of prices)
          expect(dealer.bound(one, ANY_SPENDING, exactly)).toBeCloseTo(alone(of, one), 1)
        dealer.dispose()
      }),
      { seed: 21, numRuns: 20 },
    )
  })
  it('is concave in it: dearer money never costs less, and between two prices no less than between their costs', () => {
    fc.assert(
      fc.property(seed, price, price, (of, a, b) => {
        const [low, high] = [alone(of, Math.min(a, b)), alone(of, Math.max(a, b))]
        expect(high).toBeGreaterThan(low - CLOSE)
        expect(alone(of, (a + b) / 2)).toBeGreaterThan((low + high) / 2 - CLOSE)
      }),
      { seed: 22, numRuns: 20 },
    )
  })
  it('keeps to what it may spend, and its choices cost what they say', () => {
    fc.assert(
      fc.property(seed, price, fc.integer({ min: 0, max: 3000 }), (of, at, most) => {
        const dealer = dealerOf(of)
        const free = dealer.free(exactly)
        const bound = dealer.bound(at, { least: 0, most }, exactly)
        const within = dealer.choices.filter(({ spendMinor }) => spendMinor <= most)
        const best = Math.min(
          ...within.map(({ costMinor, spendMinor }) => costMinor + at * spendMinor),
        )
        // With nothing to spend it can always be left as it is.
        expect(best).toBeCloseTo(bound, 1)
        expect(bound).toBeGreaterThan((free?.bound ?? 0) - CLOSE)
        dealer.dispose()
      }),
      { seed: 23, numRuns: 40 },
    )
  })
  it('in a plan of its own begins anew: only what that plan came upon is a choice', () => {
    const dealer = dealerOf(11)
    for (const one of [0, 4, 1e6]) dealer.bound(one, ANY_SPENDING, exactly)
    const found = dealer.choices.length
    dealer.begin()
    expect(dealer.choices).toEqual([])
    dealer.free(exactly)
    expect(dealer.choices).toHaveLength(1)
    expect(found).toBeGreaterThan(1)
    dealer.dispose()
  })
  it('that is stopped before anything was found has nothing to offer, and forgets that it was', () => {
    const dealer = dealerOf(11)
    const cut = { ...exactly, stopped: () => true }
    const stopped = dealer.free(cut)
    dealer.begin()
    const whole = dealer.free(exactly)
    expect(whole?.bound).toBeCloseTo(alone(11, 0), 2)
    expect(stopped === null || stopped.bound <= (whole?.bound ?? 0) + CLOSE).toBe(true)
    dealer.dispose()
  })
})
