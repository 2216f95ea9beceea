import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Priced, relaxed } from './choices'
import { ANY_SPENDING, chooseUnder, type Spending } from './underBudget'

const choice = fc.record({
  spendMinor: fc.integer({ min: 0, max: 60 }),
  costMinor: fc.integer({ min: 0, max: 400 }),
})
/** Every family can be left as it is. */
const family = fc
  .array(choice, { minLength: 0, maxLength: 4 })
  .map((some): Priced[] => [{ spendMinor: 0, costMinor: 500 }, ...some])
const families = fc.array(family, { minLength: 1, maxLength: 5 })
const budget = fc.integer({ min: 0, max: 200 })

/** One of each, every way there is. */
function cheapest(all: readonly (readonly Priced[])[], most: number): number {
  const [first, ...rest] = all
  if (!first) return 0
  return Math.min(
    ...first
      .filter(({ spendMinor }) => spendMinor <= most)
      .map(({ spendMinor, costMinor }) => costMinor + cheapest(rest, most - spendMinor)),
  )
}

const cost = (of: readonly Priced[]) => of.reduce((sum, { costMinor }) => sum + costMinor, 0)
const spend = (of: readonly Priced[]) => of.reduce((sum, { spendMinor }) => sum + spendMinor, 0)

describe('choices under a budget, relaxed', () => {
  it('are never dearer than the best whole choice, nor is what is taken cheaper', () => {
    fc.assert(
      fc.property(families, budget, (all, most) => {
        const at = relaxed(all, most)
        const best = cheapest(all, most)
        expect(at.costMinor).toBeLessThanOrEqual(best + 1e-6)
        const taken = all.map((choices, index) => choices[at.taken[index] ?? 0] as Priced)
        expect(spend(taken)).toBeLessThanOrEqual(most)
        expect(cost(taken)).toBeGreaterThanOrEqual(best)
      }),
      { seed: 3, numRuns: 300 },
    )
  })
  it('part one step at the most, and pay a price for money only then', () => {
    const two = [
      [
        { spendMinor: 0, costMinor: 100 },
        { spendMinor: 10, costMinor: 0 },
      ],
      [
        { spendMinor: 0, costMinor: 30 },
        { spendMinor: 10, costMinor: 0 },
      ],
    ]
    expect(relaxed(two, 20)).toMatchObject({ price: 0, costMinor: 0, parted: null })
    // Half of the lesser step.
    expect(relaxed(two, 15)).toMatchObject({
      price: 3,
      costMinor: 15,
      parted: { family: 1, spendMinor: 5 },
      taken: [1, 0],
    })
  })
  it('refuse a family without any choice', () => {
    expect(() => relaxed([[]], 10)).toThrow(RangeError)
  })
})

describe('one choice of each family', () => {
  /** All choices are known from the start, so that only the search is tried. */
  const dealt = (choices: readonly Priced[]) => ({
    choices,
    bound: (price: number, { least, most }: Spending = ANY_SPENDING) =>
      Math.min(
        ...choices
          .filter(({ spendMinor }) => spendMinor >= least && spendMinor <= most)
          .map(({ spendMinor, costMinor }) => costMinor + price * spendMinor),
      ),
  })
  it('is the best there is, and proven to be', () => {
    fc.assert(
      fc.property(families, budget, (all, most) => {
        const found = chooseUnder(
          all.map(dealt),
          most,
          (gap) => gap <= 1e-6,
          () => false,
        )
        expect(found.costMinor).toBe(cheapest(all, most))
        expect(found.boundMinor).toBeCloseTo(found.costMinor, 6)
        expect(spend(found.chosen)).toBeLessThanOrEqual(most)
        expect(found.fits).toBe(true)
      }),
      { seed: 5, numRuns: 300 },
    )
  })
  it('says where even the least costs more', () => {
    const dear = [dealt([{ spendMinor: 50, costMinor: 1 }])]
    expect(
      chooseUnder(
        dear,
        10,
        () => false,
        () => false,
      ),
    ).toMatchObject({ fits: false })
  })
})
