import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { idOf } from '../../../tests/support/ids'
import type { LotId, PocketId } from '../ids'
import { type Amount, units } from '../quantity/amount'
import { decideCount, decideUse, type LotFact } from './decide'
import { amendedLater, arriveLate, type LaterFact, stockBefore } from './late'
import { READY } from './lot'
import { effectOf, evolve, type Fact, type LotStock } from './movement'

const LOT = idOf<LotId>(5, 1)
const LID = idOf<PocketId>(3, 1)
const holding = (count: number): LotStock => ({
  lotId: LOT,
  version: 1,
  held: count > 0 ? new Map([[LID, units(count)]]) : new Map(),
})
const later = (fact: Fact, minute: number, undone = false): LaterFact => ({
  fact,
  who: 'Tove',
  at: `2026-11-26T12:${String(minute).padStart(2, '0')}:00Z`,
  undone,
})
const counted = (was: number, found: number): Fact => ({
  kind: 'counted',
  pocket: LID,
  was: units(was),
  found: units(found),
})
const used = (count: number): Fact => ({ kind: 'used', from: LID, amount: units(count) })
const leaving = (stock: LotStock, facts: readonly LotFact[]): number =>
  facts.reduce((now, { fact }) => evolve(now, fact), stock).held.get(LID) ?? 0

/** Decides on the stock as it was then, and fits it into the present one. */
function arriving(now: LotStock, since: readonly LaterFact[], what: 'count' | 'use', some: number) {
  const then = stockBefore(now, since)
  const decision =
    what === 'count'
      ? decideCount(then, LID, units(some))
      : decideUse({ standing: READY }, then, { pocket: LID, amount: units(some) })
  if (decision.kind === 'refuse') return null
  return arriveLate(now, since, decision.facts)
}

describe('what is heard of late', () => {
  it('is decided on the stock as it was', () => {
    const now = holding(3)
    expect(stockBefore(now, [later(used(2), 10)]).held.get(LID)).toBe(units(5))
    expect(stockBefore(now, [later(counted(6, 3), 10)]).held.get(LID)).toBe(units(6))
  })
  it('is a count that others have used from since: both are true', () => {
    // Six recorded; five counted offline; two used by somebody else afterwards.
    const arrival = arriving(holding(4), [later(used(2), 10)], 'count', 5)
    expect(leaving(holding(4), arrival?.facts ?? [])).toBe(units(3))
    expect(arrival?.overtaken.size).toBe(0)
  })
  it('yields to a later count, and is kept in the ledger all the same', () => {
    const arrival = arriving(holding(4), [later(counted(6, 4), 10)], 'count', 5)
    expect(arrival?.facts.map(({ fact }) => fact.kind)).toEqual(['counted', 'restated'])
    expect(leaving(holding(4), arrival?.facts ?? [])).toBe(units(4))
    expect(arrival?.overtaken.get(LID)?.who).toBe('Tove')
  })
  it('is not held against by a later count that was taken back', () => {
    const arrival = arriving(
      holding(6),
      [
        later(counted(6, 4), 10, true),
        later({ kind: 'undone', undoes: '' as never, of: counted(6, 4) as never }, 11),
      ],
      'count',
      5,
    )
    expect(leaving(holding(6), arrival?.facts ?? [])).toBe(units(5))
  })
  it('is a use that a later count has seen already', () => {
    const arrival = arriving(holding(4), [later(counted(6, 4), 10)], 'use', 2)
    expect(leaving(holding(4), arrival?.facts ?? [])).toBe(units(4))
  })
  it('is asked about where more was taken since than it says was there', () => {
    const arrival = arriving(holding(1), [later(used(5), 10)], 'count', 2)
    expect(arrival?.contradicted.has(LID)).toBe(true)
    expect(leaving(holding(1), arrival?.facts ?? [])).toBe(0)
  })
  it('leaves details alone that somebody changed later', () => {
    const changes = { from: { note: '' }, to: { note: 'torn' } }
    expect([...amendedLater([later({ kind: 'amended', changes }, 1)])]).toEqual(['note'])
    expect([...amendedLater([later({ kind: 'amended', changes }, 1, true)])]).toEqual([])
  })

  it('comes to the same number in whatever order counts and uses arrive', () => {
    const step = fc.record({
      what: fc.constantFrom('count' as const, 'use' as const),
      some: fc.integer({ min: 0, max: 6 }),
    })
    fc.assert(
      fc.property(fc.array(step, { minLength: 1, maxLength: 7 }), fc.nat(), (steps, seed) => {
        // What a ledger that heard of everything in time would say.
        let truth = 20
        for (const { what, some } of steps) truth = what === 'count' ? some : truth - some
        // Uses of more than there was are contradictions, not truths.
        let low = 20
        const consistent = steps.every(({ what, some }) => {
          low = what === 'count' ? some : low - some
          return low >= 0
        })
        fc.pre(consistent && steps.every(({ what, some }) => what === 'count' || some > 0))
        const order = shuffled(steps.length, seed)
        let now = holding(20)
        const known: { readonly at: number; readonly facts: readonly Fact[] }[] = []
        for (const index of order) {
          const one = steps[index]
          if (!one) continue
          const since = known
            .filter(({ at }) => at > index)
            .sort((a, b) => a.at - b.at)
            .flatMap(({ at, facts }) => facts.map((fact) => later(fact, at)))
          const arrival = arriving(now, since, one.what, one.some)
          // More than was recorded there so far: such a use is refused, and said to who did it.
          fc.pre(arrival !== null)
          now = arrival.facts.reduce((stock, { fact }) => evolve(stock, fact), now)
          known.push({ at: index, facts: arrival.facts.map(({ fact }) => fact) })
        }
        expect(now.held.get(LID) ?? 0).toBe(truth * 1000)
      }),
      { numRuns: 400, examples: [[GIVEN_BACK, 1191223741]] },
    )
  })
  it('never leaves less than nothing, and keeps every fact that was decided', () => {
    const fact = fc.oneof(
      fc.record({ kind: fc.constant('used' as const), from: fc.constant(LID), amount: some() }),
      fc.record({
        kind: fc.constant('counted' as const),
        pocket: fc.constant(LID),
        was: some(),
        found: some(),
      }),
    )
    fc.assert(
      fc.property(fc.nat(9), fc.array(fact, { maxLength: 4 }), fc.nat(9), (there, since, found) => {
        const now = holding(there)
        const all = since.map((one, index) => later(one as Fact, index))
        const arrival = arriving(now, all, 'count', found)
        expect(leaving(now, arrival?.facts ?? [])).toBeGreaterThanOrEqual(0)
        expect(arrival?.facts.some(({ fact: { kind } }) => kind === 'counted')).toBe(true)
        const net = arrival?.facts
          .flatMap(({ fact: one }) => effectOf(one))
          .reduce((sum, { by }) => sum + by, 0)
        expect(leaving(now, arrival?.facts ?? [])).toBe(there * 1000 + (net ?? 0))
      }),
    )
  })
})

const some = () => fc.integer({ min: 0, max: 9 }).map((count) => units(count) as Amount)

/** Uses that are heard of before the count that they were taken from: once they came out one too many. */
const GIVEN_BACK = [
  { what: 'count' as const, some: 0 },
  { what: 'count' as const, some: 0 },
  { what: 'count' as const, some: 3 },
  { what: 'use' as const, some: 1 },
  { what: 'use' as const, some: 1 },
  { what: 'use' as const, some: 1 },
]

/** A permutation that follows from a number. */
function shuffled(length: number, seed: number): readonly number[] {
  const order = Array.from({ length }, (_, index) => index)
  let state = seed
  for (let at = length - 1; at > 0; at--) {
    state = (state * 1103515245 + 12345) % 2147483648
    const other = state % (at + 1)
    ;[order[at], order[other]] = [order[other] as number, order[at] as number]
  }
  return order
}
