import { describe, expect, it } from 'vitest'
import { isTimeZone } from '../calendar/plainDate'
import { CURRENCIES, guessCountry, habitsOf, wouldFollow } from './countryHabits'
import { EMERGENCY_NUMBERS } from './emergencyNumbers'

const OSLO = {
  currency: 'NOK',
  units: 'metric',
  dateOrder: 'day-first',
  weekStart: 'monday',
  timeZone: 'Europe/Oslo',
} as const

describe('what follows from a country', () => {
  it.each(EMERGENCY_NUMBERS)('$name has habits that hold', ({ country }) => {
    const habits = habitsOf(country)
    expect(habits).not.toBeNull()
    expect(CURRENCIES).toContain(habits?.currency)
    // The library throws for a currency that is none.
    expect(() =>
      new Intl.NumberFormat('en-GB', { style: 'currency', currency: habits?.currency }).format(1),
    ).not.toThrow()
    if (habits?.timeZone) expect(isTimeZone(habits.timeZone)).toBe(true)
  })
  it('names only what differs', () => {
    expect(wouldFollow('NO', OSLO)).toEqual({})
    expect(wouldFollow('SE', OSLO)).toEqual({
      currency: 'SEK',
      dateOrder: 'year-first',
      timeZone: 'Europe/Stockholm',
    })
  })
  it('leaves the zone where a country has several', () =>
    expect(wouldFollow('US', OSLO)).toEqual({
      currency: 'USD',
      units: 'us',
      dateOrder: 'month-first',
      weekStart: 'sunday',
    }))
  it.each(['', 'XX', 'toString'])('of %j nothing follows', (country) => {
    expect(habitsOf(country)).toBeNull()
    expect(wouldFollow(country, OSLO)).toEqual({})
  })
})

describe('the country a device seems to be in', () => {
  it.each([
    ['Europe/Oslo', ['en-US'], 'NO'],
    ['America/Chicago', ['en-US'], 'US'],
    ['America/Chicago', ['en', 'fr-CA'], 'CA'],
    ['Europe/Lisbon', ['pt-PT'], 'PT'],
    ['Etc/UTC', ['en-GB'], 'GB'],
    ['Etc/UTC', ['en'], null],
    ['Asia/Tokyo', ['ja-JP'], null],
  ] as const)('%s, %j: %j', (zone, languages, country) => {
    expect(guessCountry(zone, languages)).toBe(country)
  })
})
