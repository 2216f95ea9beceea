import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, plainDate } from '../calendar/plainDate'
import { comingAt } from './ahead'
import { dayOfYear } from './chart'
import { type Modelled, modelled } from './model'
import { monthsMet } from './monthsMet'
import type { Span } from './spans'

const DAY = 24 * 60
const begin = Date.parse('2026-01-01T00:00:00Z') / 60_000
const now = begin + 330 * DAY
/** Hourly readings of so many days from the first of January on. */
const told = (days: number, value: (day: number, hour: number) => number): readonly Span[] =>
  Array.from({ length: days * 24 }, (_, at) => {
    const [day, hour] = [Math.floor(at / 24), at % 24]
    const from = begin + at * 60
    const one = value(day, hour)
    return { from, to: from + 60, low: one, high: one, of: 'measured' }
  })
const shed: Modelled = {
  climate: 'unheated',
  year: { coldestMonth: 1, coldest: -4, hottestMonth: 7, hottest: 17 },
}

describe('months that were measured', () => {
  it('are as cold and as hot as their coldest and hottest day, with the days of frost and heat', () => {
    const met = monthsMet(
      told(31, (day, hour) =>
        day === 3 && hour === 5 ? -250 : day === 9 && hour === 14 ? 3100 : 900,
      ),
      now,
    )
    expect(met?.[0]).toEqual({ low: -250, high: 3100, days: 31, frost: 1, hot: 1 })
    expect(met?.slice(1)).toEqual(Array(11).fill(null))
  })
  it('are none where too few days were measured, or too little of them, or nothing but typed ranges', () => {
    expect(
      monthsMet(
        told(23, () => 500),
        now,
      ),
    ).toBeNull()
    const mornings = told(31, () => 500).filter((_, at) => at % 24 < 12)
    expect(monthsMet(mornings, now)).toBeNull()
    expect(
      monthsMet(
        told(31, () => 500).map((one) => ({ ...one, of: 'typed' as const })),
        now,
      ),
    ).toBeNull()
    expect(
      monthsMet(
        told(31, () => 500),
        now + 365 * DAY,
      ),
    ).toBeNull()
  })
  it('set the model right: what never froze is not said to freeze, what froze is', () => {
    const dry = monthsMet(
      told(330, () => 400),
      now,
    )
    const cold = monthsMet(
      told(330, (day) => (day === 20 ? -300 : 400)),
      now,
    )
    const today = plainDate('2026-12-20')
    const frost = (measured: typeof dry) =>
      comingAt({ ...shed, measured }, today).find(({ code }) => code === 'frost')?.on
    expect(frost(null)).toBe(today)
    // December was not measured, so it is the model's; from January on it is as measured.
    expect(frost(dry)).toBe(today)
    const inJanuary = plainDate('2027-01-02')
    const then = (measured: typeof dry) =>
      comingAt({ ...shed, measured }, inJanuary).some(
        ({ code, on }) => code === 'frost' && on < '2027-02-01',
      )
    expect(then(null)).toBe(true)
    expect(then(dry)).toBe(false)
    expect(then(cold)).toBe(true)
  })
  it('never leave the range that was measured', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -2000, max: 3000 }),
        fc.integer({ min: 0, max: 2000 }),
        fc.integer({ min: 0, max: 364 }),
        fc.integer({ min: 0, max: 23 }),
        (low, range, n, hour) => {
          const day = dayOfYear(addDays(plainDate('2027-01-01'), n))
          const met = { low, high: low + range, days: 30, frost: 0, hot: 0 }
          const value = modelled({ ...shed, measured: Array(12).fill(met) }, day, hour) * 100
          expect(value).toBeGreaterThanOrEqual(low - 1e-6)
          expect(value).toBeLessThanOrEqual(low + range + 1e-6)
        },
      ),
    )
  })
})
