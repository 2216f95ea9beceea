import { describe, expect, it } from 'vitest'
import { forecast, rates } from './forecast'

describe('the forecast in words', () => {
  it('says what is spent and what of it turns unused', () => {
    expect(forecast.headline('€240', '€31')).toBe('About €240 a year, of which €31 expires unused')
    expect(forecast.under(400)).toMatch(/^From 400 futures that chance makes/)
    expect(forecast.range('€10', '€12', '€19')).toBe('€12 (€10 to €19)')
  })
  it('names what has no price, for it is in no sum', () => {
    expect(forecast.unpriced(['Gauze', 'Tape'])).toBe(
      'Without a price, and so not in the sums: Gauze, Tape. Enter one on the plan.',
    )
  })
  it.each([
    [0, 'never short'],
    [0.04, 'never short'],
    [0.05, '0.1 days short'],
    [1, '1 day short'],
    [1.04, '1 day short'],
    [1.06, '1.1 days short'],
    [9.94, '9.9 days short'],
    [10.4, '10 days short'],
    [87.6, '88 days short'],
  ])('%d days are %s', (days, said) => {
    expect(forecast.bareDays(days)).toBe(said)
  })
  it.each([
    [0, 'pad', ''],
    [0.04, 'pad', ''],
    [0.3, 'pad', '0.3 pad wanted and not there'],
    [1, 'pad', '1 pad wanted and not there'],
    [12.34, 'pad', '12.3 pads wanted and not there'],
  ])('%d %s: %j', (value, unit, said) => {
    expect(forecast.without(value, unit)).toBe(said)
  })
  it('tells saving from costing', () => {
    expect([forecast.saves('€4'), forecast.costs('€4'), forecast.perYear('€4')]).toEqual([
      'saves €4',
      'costs €4',
      '€4 a year',
    ])
  })
})

describe('rates of use in words', () => {
  it('a guess is called one, until something is learned', () => {
    expect(rates.headline(0, 12)).toBe('How much is used is still a guess')
    expect(rates.headline(1, 12)).toBe('How much is used: 1 of 12 learned')
  })
  it.each([
    [1, 365, '1 time in 365 days'],
    [2, 90, '2 times in 90 days'],
    [0, 30, '0 times in 30 days'],
  ])('%i uses in %i days', (times, days, said) => {
    expect(rates.source.record(times, days)).toBe(said)
  })
  it('a range is two numbers, fine where they are small', () => {
    expect(rates.between(0.44, 12.6)).toBe('0.4 and 13')
    expect(rates.between(0, 9.96)).toBe('0 and 10')
  })
  it('a season is the months that stand a quarter above the year', () => {
    const flat = Array(12).fill(1)
    expect(rates.seasonTold(flat)).toBe('no season to see')
    expect(rates.seasonTold(flat.with(5, 1.25).with(7, 2).with(8, 1.24))).toBe(
      'more in June, August',
    )
    expect(rates.letters.join('')).toBe('JFMAMJJASOND')
  })
})
