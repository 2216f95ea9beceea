/** Joint cover against trying everything. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Demand, promise, shortage } from './joint'

/** Hands out every single use in every possible way. */
function canServe(demands: readonly Demand[], supply: readonly number[]): boolean {
  const asked = demands.flatMap(({ uses }, at) => Array.from({ length: uses }, () => at))
  const left = [...supply]
  const serve = (next: number): boolean => {
    const demand = demands[asked[next] ?? -1]
    if (!demand) return true
    return demand.from.some((one) => {
      if ((left[one] ?? 0) === 0) return false
      left[one] = (left[one] ?? 0) - 1
      const done = serve(next + 1)
      left[one] = (left[one] ?? 0) + 1
      return done
    })
  }
  return serve(0)
}

const aCase = (mostDemands: number) =>
  fc.integer({ min: 1, max: 4 }).chain((supplies) =>
    fc.record({
      supply: fc.array(fc.integer({ min: 0, max: 3 }), {
        minLength: supplies,
        maxLength: supplies,
      }),
      demands: fc.array(
        fc.record({
          uses: fc.integer({ min: 1, max: 2 }),
          from: fc.uniqueArray(fc.integer({ min: 0, max: supplies - 1 })),
        }),
        { minLength: 1, maxLength: mostDemands },
      ),
    }),
  )
const total = (values: Iterable<number>): number => [...values].reduce((sum, one) => sum + one, 0)

describe('joint cover', () => {
  it('finds a shortage exactly when no way of handing out serves all', () => {
    fc.assert(
      fc.property(aCase(4), ({ demands, supply }) => {
        expect(shortage(demands, supply) === null).toBe(canServe(demands, supply))
      }),
      { numRuns: 2000 },
    )
  })
  it('is the same by subsets and by flow', () => {
    fc.assert(
      fc.property(aCase(6), ({ demands, supply }) => {
        // Nine demands and more go by flow; idle ones change nothing else.
        const padded = [...demands, ...Array.from({ length: 9 }, () => ({ uses: 0, from: [] }))]
        expect(shortage(padded, supply) === null).toBe(shortage(demands, supply) === null)
      }),
      { numRuns: 1000 },
    )
  })
  it('never promises more than there is, nor from what does not serve', () => {
    fc.assert(
      fc.property(aCase(6), ({ demands, supply }) => {
        const given = promise(demands, supply)
        supply.forEach((there, one) => {
          expect(total(given.map((taken) => taken.get(one) ?? 0))).toBeLessThanOrEqual(there)
        })
        given.forEach((taken, at) => {
          for (const [one, uses] of taken) {
            expect(demands[at]?.from).toContain(one)
            expect(uses).toBeGreaterThan(0)
          }
          expect(total(taken.values())).toBeLessThanOrEqual(demands[at]?.uses ?? 0)
        })
      }),
      { numRuns: 1000 },
    )
  })
  it('names those who are short together', () => {
    const demands = [
      { uses: 2, from: [0] },
      { uses: 2, from: [0] },
      { uses: 1, from: [1] },
    ]
    expect(shortage(demands, [3, 5])).toEqual({ have: 3, need: 4, demands: [0, 1] })
    expect(shortage(demands, [4, 5])).toBeNull()
  })
})

describe('the worst shortage', () => {
  it('of several as bad is the one that is asked first; just enough is none', () => {
    const demands = [
      { uses: 2, from: [0] },
      { uses: 2, from: [1] },
    ]
    expect(shortage(demands, [2, 2])).toBeNull()
    expect(shortage(demands, [1, 1])).toEqual({ have: 1, need: 2, demands: [0] })
    expect(shortage(demands, [1, 0])).toEqual({ have: 0, need: 2, demands: [1] })
  })
})
