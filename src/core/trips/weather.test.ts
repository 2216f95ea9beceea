import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { plainDate } from '../calendar/plainDate'
import { coolBagHours } from '../exposure/coolBag'
import { type Along, harmsOnTheWay, stopWeather } from './weather'

const home = {
  id: 'home' as never,
  name: 'Row house',
  presence: { rhythm: { kind: 'always' }, visits: [] },
} as const
const hut = {
  id: 'hut' as never,
  name: 'Hut',
  presence: { rhythm: { kind: 'visits' }, visits: [] },
} as const
const year = { coldestMonth: 1, coldest: -2, hottestMonth: 7, hottest: 19 }
const years = [{ placeId: home.id, ...year }]
const stop = (fields: Partial<Parameters<typeof stopWeather>[0]> = {}) => ({
  id: 'lake' as never,
  placeId: null,
  from: plainDate('2027-07-10'),
  to: plainDate('2027-07-17'),
  travel: 'car' as const,
  ...fields,
})
const along: readonly Along[] = [
  { title: 'Pen', keeping: { storage: 'fridge', frostHarms: true } },
  { title: 'Tablets', keeping: { storage: 'below-25', frostHarms: false } },
  { title: 'Saline', keeping: { storage: 'no-limit', frostHarms: true } },
  { title: 'Shears', keeping: { storage: 'no-limit', frostHarms: false } },
  { title: 'Powder', keeping: { storage: null, frostHarms: false } },
]

describe('heat and frost on the way', () => {
  it('of a summer by car warn of the closed car, and name the hours of a cool bag', () => {
    const weather = stopWeather(stop(), [hut, home], years)
    expect(weather).toMatchObject({ like: 'Row house', isThere: false })
    expect(weather?.inCar).toBeGreaterThan(4000)
    const found = weather ? harmsOnTheWay(weather, along) : []
    expect(found.map(({ code, titles }) => [code, titles])).toEqual([
      ['cold', ['Pen']],
      ['car', ['Tablets']],
      // Unknown is never said to stand it.
      ['unknown', ['Powder']],
    ])
  })
  it('of a winter on foot warn of frost and of no car', () => {
    const weather = stopWeather(
      stop({ travel: 'foot', from: plainDate('2027-01-10'), to: plainDate('2027-01-11') }),
      [home],
      years,
    )
    expect(weather?.inCar).toBeNull()
    const found = weather ? harmsOnTheWay(weather, along) : []
    expect(found.map(({ code }) => code)).toEqual(['cold', 'frost'])
    expect(found[1]?.titles).toEqual(['Pen', 'Saline'])
  })
  it('is of the very place where somebody has told its year', () => {
    const both = [...years, { placeId: hut.id, ...year, hottest: 30 }]
    expect(stopWeather(stop({ placeId: hut.id }), [home, hut], both)?.isThere).toBe(true)
    expect(stopWeather(stop({ placeId: hut.id }), [home, hut], years)?.like).toBe('Row house')
    expect(stopWeather(stop(), [home, hut], [])).toBeNull()
  })
  it('a cool bag lasts longer where it is cooler and with more ice', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -1000, max: 5000 }),
        fc.integer({ min: 0, max: 1500 }),
        fc.integer({ min: 1, max: 2000 }),
        fc.integer({ min: 1, max: 1000 }),
        (outside, ice, warmer, more) => {
          const hours = coolBagHours(outside, ice)
          expect(coolBagHours(outside + warmer, ice)).toBeLessThanOrEqual(hours)
          expect(coolBagHours(outside, ice + more)).toBeGreaterThanOrEqual(hours)
          expect(hours).toBeGreaterThanOrEqual(0)
        },
      ),
    )
    // At 25 °C what is packed bare is too warm within two hours.
    expect(coolBagHours(2500, 0)).toBe(1)
  })
})
