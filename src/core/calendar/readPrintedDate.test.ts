import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { formatExpiry } from './expiry'
import { isPlainDate, plainDate } from './plainDate'
import { DATE_ORDERS, type DateOrder, readPrintedDate } from './readPrintedDate'

const options = { order: 'day-first', today: plainDate('2026-11-26') } as const
const iso = (written: string, order: DateOrder = 'day-first'): string => {
  const reading = readPrintedDate(written, { ...options, order })
  switch (reading.kind) {
    case 'read':
      return reading.expiry.kind === 'unknown' ? 'unknown' : formatExpiry(reading.expiry)
    case 'ask':
      return `ask ${reading.why}: ${reading.readings.map(formatExpiry).join(' ')}`
    case 'refused':
      return reading.refusal.code
  }
}

describe('reading a printed date', () => {
  it.each([
    ['03/27', '2027-03'],
    ['2027-03', '2027-03'],
    ['Mar 2027', '2027-03'],
    ['15 MAR 2027', '2027-03-15'],
    ['EXP 27.03.2027', '2027-03-27'],
    ['none', 'none'],
    ['', 'unknown'],
  ])('%s is %s', (written, read) => {
    expect(iso(written)).toBe(read)
  })
  it.each([
    ['JUN2028', '2028-06'],
    ['07AUG28', '2028-08-07'],
    ['07AUG2028', '2028-08-07'],
    ['AUG28', '2028-08'],
    ['EXP06/2028', '2028-06'],
    ['EXP2028-06', '2028-06'],
    ['EXP:JUN2028', '2028-06'],
    ["Jun '28", '2028-06'],
    ['06/’28', '2028-06'],
    ['end of June 2028', '2028-06'],
    ['June 2028 (end)', 'not_a_date'],
    ['by the end of 06/2028', '2028-06'],
    ['discard after 06/2028', '2028-06'],
    ['valid thru 06/28', '2028-06'],
    ['good until JUN 2028', '2028-06'],
    ['2029', '2029-12'],
    ['exp 2029', '2029-12'],
    ['20280607', '2028-06-07'],
    ['31122028', '2028-12-31'],
    ['202806', '2028-06'],
    ['270300', '2027-03'],
    ['46905', '2028-06-01'],
    ['2028-06-30T00:00:00', '2028-06-30'],
    ['2028-06-30 00:00', '2028-06-30'],
  ])('as packs and spreadsheets have it: %s is %s', (written, read) => {
    expect(iso(written)).toBe(read)
  })
  it.each([
    'no expiry',
    'doesn’t expire',
    'does not expire',
    'n/a',
    'never',
    'no exp date',
    'indefinite',
    'non-expiring',
    'keeps forever',
    'undated',
    '—',
  ])('%s: nothing is printed', (written) => {
    expect(iso(written)).toBe('none')
  })
  it.each([
    '?',
    '???',
    'illegible',
    "can't read",
    'cannot read',
    'unreadable',
    'smudged',
    'worn off',
    'rubbed off',
    'unknown',
    'not sure',
    'to be checked',
    "don't know",
  ])('%s: not known, to be looked at', (written) => {
    expect(iso(written)).toBe('unknown')
  })
  it.each([
    ['03/04/27', 'ask two_ways: 2027-04-03 2027-03-04'],
    ['120627', 'ask two_ways: 2012-06-27 2027-06-12 2027-12-06'],
    ['270331', 'ask two_ways: 2027-03-31 2031-03-27'],
    ['07062028', 'ask two_ways: 2028-06-07 2028-07-06'],
    ['062028', 'ask two_ways: 2028-06-20 2028-06'],
    ['12 June', 'ask no_year: 2012-06 2026-06-12 2027-06-12'],
    ['early June 2028', 'ask two_ways: 2028-06'],
    ['2060-01', 'ask far_off: 2060-01'],
  ])('%s is asked about', (written, asked) => {
    expect(iso(written)).toBe(asked)
  })
  it('the household’s order decides which reading comes first, and no more', () => {
    expect(iso('03/04/27', 'month-first')).toBe('ask two_ways: 2027-03-04 2027-04-03')
    expect(iso('27/03/12', 'year-first')).toBe('ask two_ways: 2027-03-12 2012-03-27')
    expect(iso('27/03/31', 'year-first')).toBe('ask two_ways: 2027-03-31 2031-03-27')
    expect(iso('2027/03/04', 'year-first')).toBe('2027-03-04')
    expect(iso('04.03.2027', 'year-first')).toBe('ask two_ways: 2027-03-04 2027-04-03')
  })
  it.each([
    '31/06/27',
    '06/31/27',
    '29/02/27',
    '02/29/27',
    '31.06.2027',
    '30 Feb 2028',
    '31 June 27',
    '29 February 2027',
    '31/04/12',
    '30/02/28',
  ])('%s stays wrong in every order, and becomes no other year', (written) => {
    for (const order of DATE_ORDERS)
      expect([order, iso(written, order)]).toEqual([order, 'no_such_day'])
  })
  it('never answers an impossible day by another year', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...DATE_ORDERS),
        fc.constantFrom([31, 4], [31, 6], [31, 9], [31, 11], [30, 2], [31, 2]),
        fc.integer({ min: 13, max: 45 }),
        fc.boolean(),
        (order, [day = 0, month = 0], year, monthFirst) => {
          const two = (n: number): string => String(n).padStart(2, '0')
          const written = monthFirst
            ? `${two(month)}/${two(day)}/${two(year)}`
            : `${two(day)}/${two(month)}/${two(year)}`
          expect(iso(written, order)).toBe('no_such_day')
        },
      ),
    )
  })
  it('whatever is typed, no day that does not exist is answered', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...DATE_ORDERS),
        fc.oneof(fc.string(), fc.stringMatching(/^[\d/. a-z'-]{1,14}$/)),
        (order, text) => {
          const reading = readPrintedDate(text, { ...options, order })
          const read =
            reading.kind === 'read'
              ? [reading.expiry]
              : reading.kind === 'ask'
                ? reading.readings
                : []
          for (const one of read) if (one.kind === 'day') expect(isPlainDate(one.day)).toBe(true)
        },
      ),
    )
  })
})
