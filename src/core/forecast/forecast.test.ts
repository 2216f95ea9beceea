import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ALWAYS, TODAY, visits } from '../../../tests/support/household'
import { gamma, poisson, wholeNear } from '../chance/draws'
import { seeded } from '../chance/seeded'
import { EVERY_MONTH } from '../usage/season'
import { forecast, rangeOf, whatIfs } from './forecast'
import { visitDays } from './ofHousehold'
import type { ForecastLine, ForecastProblem, ForecastShelf } from './problem'

const WEEKLY = Array.from({ length: 110 }, (_, week) => week * 7)
const line = (fields: Partial<ForecastLine> = {}): ForecastLine => ({
  thing: 0,
  stop: 0,
  par: 4,
  mustBe: false,
  perYear: 0,
  each: 1,
  shape: null,
  season: EVERY_MONTH,
  ...fields,
})
const shelf = (amount: number, lastDay: number | null): ForecastShelf => ({
  thing: 0,
  stop: 0,
  line: 0,
  amount,
  lastDay,
})
const aProblem = (fields: Partial<ForecastProblem> = {}): ForecastProblem => ({
  today: TODAY,
  months: 24,
  stops: [WEEKLY],
  things: [{ freshDays: null, pack: { units: 1, priceMinor: 100 } }],
  lines: [line()],
  shelves: [],
  ...fields,
})

describe('a forecast without chance', () => {
  it('counts what turns in the month in which it turns, and what is bought at the visit', () => {
    // 26 November 2026 and 40 days: 5 January 2027.
    const problem = aProblem({ shelves: [shelf(3, 40)] })
    const { months, lapsed, spent, atRisk } = forecast(problem, 1, 5)
    expect(months.slice(0, 3)).toEqual(['2026-11', '2026-12', '2027-01'])
    expect(lapsed.map(({ middle }) => middle).slice(0, 4)).toEqual([0, 0, 300, 0])
    // One lacks today; three more on 31 December, the last visit before they turn.
    expect(spent.map(({ middle }) => middle).slice(0, 4)).toEqual([100, 300, 0, 0])
    expect(atRisk).toEqual([{ low: 300, middle: 300, high: 300 }])
  })
  it('shares a pack between lines, and lets what is over turn', () => {
    const problem = aProblem({
      things: [{ freshDays: 100, pack: { units: 10, priceMinor: 500 } }],
      lines: [line({ par: 3 }), line({ par: 4, stop: 1 })],
      stops: [[0], [0]],
    })
    const { spentInAll, lapsedInAll } = forecast(problem, 1, 3)
    expect(spentInAll.middle).toBe(500)
    expect(lapsedInAll.middle).toBe(500)
  })
  it('fills up what does not last fresh until the next visit, once a visit', () => {
    const problem = aProblem({
      things: [{ freshDays: 20, pack: { units: 2, priceMinor: 100 } }],
      stops: [[0, 300]],
    })
    expect(forecast(problem, 1, 3).spentInAll.middle).toBe(400)
  })
  it('spends nothing where nobody is there or no price is known', () => {
    expect(forecast(aProblem({ stops: [[]] }), 1, 3).spentInAll.high).toBe(0)
    const things = [{ freshDays: null, pack: null }]
    expect(forecast(aProblem({ things }), 1, 3).spentInAll.high).toBe(0)
  })
})

describe('a forecast of chance', () => {
  const used = (perYear: number, fields: Partial<ForecastLine> = {}) =>
    aProblem({ lines: [line({ perYear, ...fields })] })
  it('buys on the mean what is used up, and is the same for the same seed', () => {
    const problem = used(20, { par: 10 })
    const { spentInAll } = forecast(problem, 7)
    // Ten at first, then twenty a year for 24 months less five days.
    expect(spentInAll.middle / 100).toBeGreaterThan(10 + 40 * 0.92)
    expect(spentInAll.middle / 100).toBeLessThan(10 + 40 * 1.08)
    expect(forecast(problem, 7)).toEqual(forecast(problem, 7))
    expect(forecast(problem, 8)).not.toEqual(forecast(problem, 7))
  })
  it('is wider where the rate is hardly known', () => {
    const width = (shape: number | null) => {
      const { low, high } = forecast(used(20, { par: 10, shape }), 7).spentInAll
      return high - low
    }
    expect(width(1)).toBeGreaterThan(width(null) * 2)
  })
  it('follows the seasons', () => {
    const season = EVERY_MONTH.map((_, month) => (month === 6 ? 12 : 0))
    const { spent, months } = forecast(used(30, { season }), 7, 100)
    const july = months.map((month) => month.endsWith('-07') || month.endsWith('-08'))
    spent.forEach(({ high }, at) => {
      if (at > 0 && !july[at]) expect(high).toBe(0)
    })
    expect(spent[8]?.middle).toBeGreaterThan(0)
  })
})

describe('another par', () => {
  it('never leaves more people without, and never costs less of what does not turn', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 8 }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.integer({ min: 0, max: 10_000 }),
        (par, perYear, seed) => {
          const problem = aProblem({
            lines: [line({ par, perYear, shape: 2, each: 1.5 })],
            stops: [WEEKLY.filter((day) => day % 28 === 0)],
          })
          const kept = whatIfs({ ...problem, lines: [line({ mustBe: true, par })] }, seed, 1)
          expect(kept[0]?.fewer).toBeNull()
          const [{ fewer, now, more } = never()] = whatIfs(problem, seed, 8)
          expect(more.without).toBeLessThanOrEqual(now.without + 1e-9)
          expect(more.spentMinor).toBeGreaterThanOrEqual(now.spentMinor - 1e-9)
          if (fewer) {
            expect(fewer.without).toBeGreaterThanOrEqual(now.without - 1e-9)
            expect(fewer.par).toBe(par - 1)
          } else expect(par).toBe(1)
        },
      ),
      { numRuns: 60 },
    )
  })
})

const never = (): never => {
  throw new Error('One line was asked about')
}

describe('visits ahead', () => {
  it('are every week at home, planned elsewhere, and come again a year later', () => {
    expect(visitDays(ALWAYS, TODAY, 30)).toEqual([0, 7, 14, 21, 28])
    const cottage = visits(['2026-12-05', '2026-12-07'], ['2027-07-01', '2027-07-20'])
    expect(visitDays(cottage, TODAY, 730)).toEqual([9, 217, 374, 582])
    const planned = visits(['2026-12-05', '2026-12-07'], ['2028-03-01', '2028-03-02'])
    expect(visitDays(planned, TODAY, 730)).toEqual([9, 461])
    expect(visitDays(visits(), TODAY, 730)).toEqual([])
  })
})

describe('draws', () => {
  const mean = (of: readonly number[]) => of.reduce((a, b) => a + b, 0) / of.length
  const many = (draw: (chance: () => number) => number) => {
    const chance = seeded(3)
    return Array.from({ length: 40_000 }, () => draw(chance))
  }
  it.each([0.05, 1, 7, 900])(
    'of a Poisson distribution of mean %d have its mean and spread',
    (m) => {
      const drawn = many((chance) => poisson(m, chance))
      expect(mean(drawn) / m).toBeCloseTo(1, 1)
      const spread = mean(drawn.map((one) => (one - m) ** 2))
      expect(spread / m).toBeGreaterThan(0.93)
      expect(spread / m).toBeLessThan(1.07)
    },
  )
  it.each([0.5, 1, 6])('of a gamma distribution of shape %d as well', (shape) => {
    const drawn = many((chance) => gamma(shape, chance))
    expect(mean(drawn) / shape).toBeCloseTo(1, 1)
    const spread = mean(drawn.map((one) => (one - shape) ** 2))
    expect(spread / shape).toBeGreaterThan(0.9)
    expect(spread / shape).toBeLessThan(1.1)
  })
  it('near a number keep its mean in whole ones', () => {
    expect(mean(many((chance) => wholeNear(2.3, chance)))).toBeCloseTo(2.3, 1)
    expect(wholeNear(0.2, () => 0.99)).toBe(1)
  })
  it('in a range lie with a tenth on either side', () => {
    expect(rangeOf(Array.from({ length: 100 }, (_, index) => index))).toEqual({
      low: 10,
      middle: 50,
      high: 90,
    })
  })
})
