import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { plainDate } from '../calendar/plainDate'
import type { ItemId, PlaceId } from '../ids'
import { type Belonging, learnedRates, type Recorded } from './learned'
import { useRate } from './rate'
import { EVERY_MONTH, seasonOf } from './season'

const YEARS = EVERY_MONTH.map(() => 3)

describe('a season', () => {
  it('from nothing is none', () => {
    for (const month of seasonOf([], YEARS)) expect(month).toBeCloseTo(1, 12)
  })
  it('ten uses in July over three years: July stands at six times any other month', () => {
    const july = Array.from({ length: 10 }, () => 7)
    const season = seasonOf(july, YEARS)
    // (10 + 2) / (3 + 2) against 2 / (3 + 2).
    expect((season[6] ?? 0) / (season[0] ?? 1)).toBeCloseTo(6, 10)
  })
  it('a month that was lived through twice as often tells half as much', () => {
    const season = seasonOf([6, 7], YEARS.with(5, 4))
    expect((season[6] ?? 0) / (season[5] ?? 1)).toBeCloseTo(6 / 5, 10)
  })
  it('its months are one on the mean, and none is nothing', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 12 }), { maxLength: 60 }),
        fc.array(fc.integer({ min: 0, max: 5 }), { minLength: 12, maxLength: 12 }),
        (months, seen) => {
          const season = seasonOf(months, seen)
          expect(season).toHaveLength(12)
          expect(season.reduce((sum, one) => sum + one, 0) / 12).toBeCloseTo(1, 9)
          for (const one of season) expect(one).toBeGreaterThan(0)
        },
      ),
    )
  })
})

describe('rates of every item where it belongs', () => {
  const today = plainDate('2026-11-28')
  const [item, home, cottage] = ['item' as ItemId, 'home' as PlaceId, 'cottage' as PlaceId]
  const belongs = (placeId: PlaceId, par: number): Belonging =>
    ({ item: { id: item, kind: 'supply' }, placeId, par: par * 1000 }) as unknown as Belonging
  const used = (placeId: PlaceId, days: readonly string[]): Recorded =>
    ({
      itemId: item,
      placeId,
      since: plainDate('2025-11-28'),
      uses: days.map((on) => ({ on: plainDate(on), amount: 1000 })),
    }) as unknown as Recorded

  it('pars of one place are one belonging; places stand apart', () => {
    const rates = learnedRates(
      [belongs(home, 2), belongs(home, 3), belongs(cottage, 5)],
      [],
      [],
      today,
    )
    expect(rates.map(({ placeId }) => placeId)).toEqual([home, cottage])
    // Five in two pockets are as five in one.
    expect(rates[0]?.rate).toEqual(rates[1]?.rate)
  })
  it('what was used in one place says nothing of how much in another', () => {
    const uses = ['2026-02-01', '2026-03-01', '2026-04-01', '2026-05-01', '2026-06-01']
    const [at, elsewhere] = learnedRates(
      [belongs(home, 4), belongs(cottage, 4)],
      [used(home, uses)],
      [],
      today,
    )
    expect(at?.rate).toMatchObject({ from: 'record', times: 5 })
    expect(elsewhere?.rate).toMatchObject({ from: 'usual', times: 0 })
    // When it is used depends on the thing, not on the place.
    expect(at?.season).toEqual(elsewhere?.season)
    expect(at?.season[3]).toBeGreaterThan(at?.season[9] ?? 0)
  })
  it('what the keeper knows better holds there alone', () => {
    const [at, elsewhere] = learnedRates(
      [belongs(home, 4), belongs(cottage, 4)],
      [],
      [{ itemId: item, placeId: home, perYear: 12_000 as never }],
      today,
    )
    expect(at?.rate).toMatchObject({ from: 'hand', perYear: 12 })
    expect(elsewhere?.rate.from).toBe('usual')
  })
})

describe('the range of a rate', () => {
  // Half the 5 % and 95 % points of chi-square with 2 × shape degrees of freedom, from tables.
  it.each([
    [10, 5.796, 16.335],
    [20, 13.57, 28.47],
    [30, 21.69, 40.25],
  ])('after %i uses is that of the gamma distribution', (times, low, high) => {
    const shape = times + 0.5
    const past = Array.from({ length: times }, (_, at) => ({ daysAgo: at, amount: 1 }))
    const rate = useRate('supply', 10, past, 700)
    expect(rate.shape).toBe(shape)
    expect(rate.low / rate.perYear / (low / shape)).toBeCloseTo(1, 1)
    expect(rate.high / rate.perYear / (high / shape)).toBeCloseTo(1, 1)
  })
})
