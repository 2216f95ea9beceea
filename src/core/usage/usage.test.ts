import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { plainDate } from '../calendar/plainDate'
import { expectedUses, lookAhead } from './expected'
import { rateByHand, useRate } from './rate'
import { EVERY_MONTH, seasonOf } from './season'

const every = (days: number, count: number, amount = 1) =>
  Array.from({ length: count }, (_, index) => ({ daysAgo: (index + 1) * days, amount }))

describe('how much is used', () => {
  it('starts from what is usual and ends at what the record tells', () => {
    const usual = useRate('supply', 10, [], 0)
    expect(usual).toMatchObject({ perYear: 3.5, from: 'usual', times: 0 })
    // Nothing used for two years: less than usual, and more surely so.
    const idle = useRate('supply', 10, [], 730)
    expect(idle.perYear).toBeLessThan(0.3)
    expect(idle.high - idle.low).toBeLessThan(usual.high - usual.low)
    // Twice a month for two years.
    const often = useRate('supply', 10, every(15, 48), 730)
    expect(often).toMatchObject({ from: 'record', times: 48 })
    expect(often.perYear).toBeGreaterThan(21)
    expect(often.perYear).toBeLessThan(25)
  })
  it('counts units and not times', () => {
    const one = useRate('supply', 10, every(60, 6), 365).perYear
    const three = useRate('supply', 10, every(60, 6, 3), 365).perYear
    expect(three / one).toBeGreaterThan(2.6)
  })
  it('instruments are not used up', () => {
    expect(useRate('instrument', 1, [], 10).perYear).toBe(0)
  })
  it('keeps the true rate within its range, and the range narrows with the record', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 200, max: 1500 }),
        (count, days) => {
          const past = every(Math.floor(days / count), count)
          const rate = useRate('supply', 4, past, days)
          expect(rate.low).toBeLessThanOrEqual(rate.perYear)
          expect(rate.perYear).toBeLessThanOrEqual(rate.high)
          const longer = useRate('supply', 4, every(Math.floor(days / count), count * 4), days * 4)
          expect((longer.high - longer.low) / longer.perYear).toBeLessThan(
            (rate.high - rate.low) / rate.perYear,
          )
        },
      ),
      { seed: 7, numRuns: 100 },
    )
  })
  it('is overruled by hand', () => {
    expect(rateByHand(12, useRate('supply', 4, [], 0))).toMatchObject({
      perYear: 12,
      low: 12,
      high: 12,
      from: 'hand',
    })
  })
})

describe('seasons', () => {
  it('shows a summer thing in summer, and nothing where nothing is known', () => {
    expect(seasonOf([], EVERY_MONTH)).toEqual(EVERY_MONTH)
    const ticks = seasonOf([6, 6, 7, 7, 7, 8, 8, 6, 7], EVERY_MONTH)
    expect(ticks[6]).toBeGreaterThan(1.5)
    expect(ticks[0]).toBeLessThan(0.9)
    expect(ticks.reduce((sum, month) => sum + month, 0)).toBeCloseTo(12, 9)
  })
})

describe('expected uses', () => {
  const today = plainDate('2026-11-26')
  const ahead = lookAhead(today, [0, 28, 56, 84, 112, 140, 168, 196, 224, 252, 280, 308, 336, 365])
  it('come in whole units, never ahead of the rate', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 60, noNaN: true }), (perYear) => {
        let sum = 0
        for (const { day, amount } of expectedUses(perYear, EVERY_MONTH, ahead)) {
          expect(Number.isInteger(amount)).toBe(true)
          sum += amount
          expect(sum).toBeLessThanOrEqual((perYear * (day + 1)) / 365 + 1e-6)
        }
        expect(perYear - sum).toBeLessThan(1 + 1e-6)
      }),
      { seed: 11, numRuns: 200 },
    )
  })
  it('fall into the season', () => {
    const summer = EVERY_MONTH.map((_, month) => (month === 6 ? 12 : 0))
    const days = expectedUses(4, summer, ahead).map(({ day }) => day)
    // July 2027 is 217 to 247 days ahead.
    expect(Math.min(...days)).toBeGreaterThan(217)
  })
})
