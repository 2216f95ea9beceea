/** The model: what it is held to, for every climate and both halves of the globe. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { plainDate } from '../calendar/plainDate'
import { comingAt } from './ahead'
import { boxChange, boxed } from './coolBox'
import { dayMean, modelled, outdoors, type YearOfPlace } from './model'

const NORTH: YearOfPlace = { coldestMonth: 1, coldest: -4, hottestMonth: 7, hottest: 18 }
const SOUTH: YearOfPlace = { coldestMonth: 7, coldest: 6, hottestMonth: 1, hottest: 24 }

const anyYear = fc
  .record({
    coldestMonth: fc.integer({ min: 1, max: 12 }),
    hottestMonth: fc.integer({ min: 1, max: 12 }),
    coldest: fc.integer({ min: -20, max: 20 }),
    more: fc.integer({ min: 0, max: 25 }),
  })
  .filter(({ coldestMonth, hottestMonth }) => coldestMonth !== hottestMonth)
  .map(({ more, ...year }): YearOfPlace => ({ ...year, hottest: year.coldest + more }))

describe('a year by the model', () => {
  it('is coldest and hottest in the months that were told, on either half of the globe', () => {
    for (const [year, winter, summer] of [
      [NORTH, 15, 197],
      [SOUTH, 197, 15],
    ] as const) {
      expect(dayMean(year, winter)).toBeCloseTo(year.coldest, 0)
      expect(dayMean(year, summer)).toBeCloseTo(year.hottest, 0)
    }
  })
  it('never leaves what was told, and goes on from one year to the next', () => {
    fc.assert(
      fc.property(anyYear, fc.integer({ min: 0, max: 365 }), (year, day) => {
        const mean = dayMean(year, day)
        expect(mean).toBeGreaterThanOrEqual(year.coldest - 1e-9)
        expect(mean).toBeLessThanOrEqual(year.hottest + 1e-9)
        expect(Math.abs(dayMean(year, 365.25) - dayMean(year, 0))).toBeLessThan(1e-6)
      }),
    )
  })
  it('a closed car is never colder than the air, and gains 20 to 25 K in the summer sun', () => {
    fc.assert(
      fc.property(
        anyYear,
        fc.integer({ min: 0, max: 364 }),
        fc.integer({ min: 0, max: 23 }),
        (year, day, hour) => {
          const car = modelled({ climate: 'car', year }, day, hour)
          expect(car).toBeGreaterThanOrEqual(outdoors(year, day, hour) - 1e-9)
        },
      ),
    )
    const gain = modelled({ climate: 'car', year: NORTH }, 197, 14) - outdoors(NORTH, 197, 14)
    expect(gain).toBeGreaterThan(20)
    expect(gain).toBeLessThan(25)
  })
  it('a heated house does not freeze', () => {
    fc.assert(
      fc.property(
        anyYear,
        fc.integer({ min: 0, max: 364 }),
        fc.integer({ min: 0, max: 23 }),
        (year, day, hour) => {
          expect(modelled({ climate: 'heated', year }, day, hour)).toBeGreaterThan(15)
        },
      ),
    )
  })
})

describe('what is to come', () => {
  const at = (day: string, year = NORTH) =>
    comingAt({ climate: 'unheated', year }, plainDate(day)).map(({ code, on }) => [code, on])
  it('is the first frost within two months, once', () => {
    expect(at('2026-11-01')).toHaveLength(1)
    expect(at('2026-11-01')[0]?.[0]).toBe('frost')
    expect(at('2026-07-01')).toEqual([])
    expect(at('2026-01-15')).toEqual([['frost', '2026-01-15']])
  })
  it('comes half a year later on the other half of the globe', () => {
    expect(at('2026-06-20', { ...SOUTH, coldest: -2 })).toEqual([['frost', '2026-06-20']])
  })
})

describe('an insulated box', () => {
  it('is never warmer or colder than what was around it, and what does not change it does not change', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -20, max: 45 }), { minLength: 24, maxLength: 400 }),
        (all) => {
          const hours = Float64Array.from(all)
          const inside = boxed(hours)
          expect(Math.max(...inside)).toBeLessThanOrEqual(Math.max(...hours) + 1e-9)
          expect(Math.min(...inside)).toBeGreaterThanOrEqual(Math.min(...hours) - 1e-9)
        },
      ),
    )
    const still = boxed(new Float64Array(100).fill(7))
    expect([...still].every((one) => Math.abs(one - 7) < 1e-9)).toBe(true)
  })
  it('takes the peaks off a car, and does little for a cold house', () => {
    const car = boxChange({ climate: 'car', year: NORTH })
    expect(car.hotDays).toBeGreaterThan(60)
    expect(car.hotDaysBoxed).toBeLessThan(car.hotDays / 3)
    const house = boxChange({ climate: 'unheated', year: NORTH })
    expect(house.frostDaysBoxed).toBeGreaterThan(house.frostDays * 0.6)
    expect(house.frostDaysBoxed).toBeLessThanOrEqual(house.frostDays)
  })
})
