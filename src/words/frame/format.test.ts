/** Dates, amounts and money as people read them, held against the numbers handed in. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, plainDate } from '../../core/calendar/plainDate'
import { amount } from '../../core/quantity/amount'
import {
  aThing,
  awayFrom,
  capital,
  counted,
  expiryText,
  fullDay,
  list,
  longDay,
  MONTH_NAMES,
  moment,
  money,
  monthYear,
  numberWord,
  shortDay,
  shortMonth,
  someThings,
  uses,
  weekdayDay,
} from './format'

const today = plainDate('2026-11-26')

describe('numbers in a sentence', () => {
  it.each([
    [0, 'no', 'no things', '0 things'],
    [1, 'one', 'one thing', 'one thing'],
    [2, 'two', 'two things', '2 things'],
    [9, 'nine', 'nine things', '9 things'],
    [10, '10', '10 things', '10 things'],
  ])('%i: %s', (count, word, some, a) => {
    expect([numberWord(count), someThings(count), aThing(count)]).toEqual([word, some, a])
  })
  it('says what it counts where that is no thing', () => {
    expect(someThings(1, 'essential', 'essentials')).toBe('one essential')
    expect(someThings(3, 'essential', 'essentials')).toBe('three essentials')
  })
  it.each([
    [2, '2'],
    [2.04, '2'],
    [2.06, '2.1'],
    [0.5, '0.5'],
  ])('%d uses are told as %s', (count, text) => expect(uses(count)).toBe(text))
  it.each([
    [[], ''],
    [['Ned'], 'Ned'],
    [['Ned', 'Runa'], 'Ned and Runa'],
    [['Ned', 'Runa', 'Arlo'], 'Ned, Runa and Arlo'],
  ])('%j are listed', (names, text) => expect(list(names)).toBe(text))
  it('only the first letter grows', () => {
    expect([capital('two PENS'), capital('')]).toEqual(['Two PENS', ''])
  })
})

describe('days', () => {
  const day = plainDate('2026-12-05')
  const later = plainDate('2027-01-05')
  it('the year is said where it is another one', () => {
    expect([shortDay(day, today), shortDay(later, today)]).toEqual(['5 Dec', '5 Jan 2027'])
    expect([weekdayDay(day, today), weekdayDay(later, today)]).toEqual([
      'Sat 5 Dec',
      'Tue 5 Jan 2027',
    ])
  })
  it('whole and long', () => {
    expect([fullDay(day), longDay(day)]).toEqual(['5 Dec 2026', 'Saturday 5 December'])
    expect([monthYear('2027-09'), shortMonth(plainDate('2026-06-30'))]).toEqual([
      'Sept 2027',
      'June',
    ])
  })
  it('months stand in the order of the year', () => {
    expect(MONTH_NAMES).toHaveLength(12)
    expect([MONTH_NAMES[0], MONTH_NAMES[11]]).toEqual(['January', 'December'])
  })
  it.each([
    ['2026-11-26', 'today'],
    ['2026-11-27', 'tomorrow'],
    ['2026-11-28', 'in 2 days'],
    ['2026-11-25', 'yesterday'],
    ['2026-11-24', '2 days ago'],
    ['2027-11-26', 'in 365 days'],
  ])('%s is %s', (when, text) => expect(awayFrom(plainDate(when), today)).toBe(text))
  it('any other day is told by how many days it is away', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 4000 }), (days) => {
        expect(awayFrom(addDays(today, days), today)).toBe(`in ${days} days`)
        expect(awayFrom(addDays(today, -days), today)).toBe(`${days} days ago`)
      }),
      { seed: 19 },
    )
  })
  it('a moment is told by the clock of the household', () => {
    expect(moment('2026-11-29T00:47:00Z', 'Europe/Copenhagen')).toBe('29 Nov 2026, 01:47')
    expect(moment('2026-11-29T00:47:00Z', 'America/New_York')).toBe('28 Nov 2026, 19:47')
  })
})

describe('what is printed as the last day', () => {
  it.each([
    [{ kind: 'day', day: plainDate('2027-03-15') } as const, '15 Mar 2027'],
    [{ kind: 'month', month: '2027-03' } as never, 'Mar 2027'],
    [{ kind: 'none' } as const, 'no date'],
    [{ kind: 'unknown' } as const, 'date not looked'],
  ])('%j', (expiry, text) => expect(expiryText(expiry)).toBe(text))
})

describe('amounts', () => {
  it.each([
    [0, 'strip', '0 strips'],
    [0.5, 'bottle', '½ bottle'],
    [1, 'strip', '1 strip'],
    [1.5, 'bottle', '1½ bottles'],
    [2, 'box', '2 boxes'],
    [2, 'patch', '2 patches'],
    [2, 'brush', '2 brushes'],
    [2, 'glass', '2 glasses'],
    [2, 'battery', '2 batteries'],
    [2, 'tray', '2 trays'],
    [3, 'mL', '3 mL'],
    [3, 'kg', '3 kg'],
    [4, '', '4'],
  ])('%d of %s: %s', (many, unit, text) => expect(counted(amount(many * 1000), unit)).toBe(text))
  it('money by its own currency', () => {
    expect([money(540, 'EUR'), money(5, 'USD'), money(-1250, 'GBP')]).toEqual([
      '€5.40',
      'US$0.05',
      '-£12.50',
    ])
  })
})
