import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Expiry, formatExpiry, parseExpiry, printedLastDay } from './expiry'
import {
  addDays,
  addMonths,
  dayAt,
  daysBetween,
  InvalidDateError,
  isPlainDate,
  lastDayOfMonth,
  monthOfDay,
  plainDate,
  plainMonth,
  weekdayOf,
} from './plainDate'
import { lookahead, nextCheckDay, nextThere, type Presence } from './presence'
import { fullYear, readPrintedDate, writePrintedDate } from './readPrintedDate'

const aDay = fc
  .integer({ min: 0, max: 100_000 })
  .map((days) => addDays(plainDate('1910-01-01'), days % 100_000))
const today = plainDate('2026-11-26')
const dayFirst = { order: 'day-first', today } as const

describe('days', () => {
  it('know the calendar', () => {
    expect(isPlainDate('2028-02-29')).toBe(true)
    for (const none of ['2027-02-29', '2027-02-31', '2027-13-01', '2027-1-1', '1899-12-31', 'soon'])
      expect(isPlainDate(none)).toBe(false)
    expect(() => plainDate('2027-02-31')).toThrow(InvalidDateError)
    expect(lastDayOfMonth(plainMonth('2028-02'))).toBe('2028-02-29')
    expect(weekdayOf(plainDate('2026-11-26'))).toBe(4)
  })
  it('count like JavaScript does in UTC', () => {
    fc.assert(
      fc.property(aDay, fc.integer({ min: -3000, max: 3000 }), (day, days) => {
        const there = addDays(day, days)
        expect(there).toBe(
          new Date(Date.parse(`${day}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10),
        )
        expect(daysBetween(day, there)).toBe(days)
      }),
    )
  })
  it('stay within the month they are moved to', () => {
    fc.assert(
      fc.property(aDay, fc.integer({ min: 0, max: 36 }), (day, months) => {
        const there = addMonths(day, months)
        expect(there <= lastDayOfMonth(monthOfDay(there))).toBe(true)
        expect(there.slice(8) <= day.slice(8)).toBe(true)
      }),
    )
    expect(addMonths(plainDate('2027-08-31'), 6)).toBe('2028-02-29')
  })
  it('are those of the household’s time zone', () => {
    const instant = Date.parse('2026-11-26T23:30:00Z')
    expect(dayAt(instant, 'Europe/Oslo')).toBe('2026-11-27')
    expect(dayAt(instant, 'America/Denver')).toBe('2026-11-26')
  })
})

describe('printed dates', () => {
  it('month and year mean the last day of that month', () => {
    expect(printedLastDay({ kind: 'month', month: plainMonth('2027-02') })).toBe('2027-02-28')
  })
  it('follow the century rule of two digits', () => {
    expect(fullYear(27, today)).toBe(2027)
    expect(fullYear(76, today)).toBe(2076)
    expect(fullYear(77, today)).toBe(1977)
    expect(fullYear(99, today)).toBe(1999)
    expect(fullYear(10, plainDate('2059-01-01'))).toBe(2010)
    expect(fullYear(10, plainDate('2060-01-01'))).toBe(2110)
  })
  it.each([
    ['270300', '2027-03'],
    ['20270331', '2027-03-31'],
    ['3-2027', '2027-03'],
    ['31.12.2026', '2026-12-31'],
    ['use by 1st June 2027', '2027-06-01'],
    ['best before end: 09/2028', '2028-09'],
    ['2099-01!', '2099-01'],
  ])('%s is %s', (written, iso) => {
    const reading = readPrintedDate(written, dayFirst)
    expect(reading.kind === 'read' && formatExpiry(reading.expiry)).toBe(iso)
  })
  it('asks, with the household’s order first', () => {
    const asked = (order: 'day-first' | 'month-first') => {
      const reading = readPrintedDate('03/04/27', { order, today })
      return reading.kind === 'ask' ? reading.readings.map(formatExpiry) : []
    }
    expect(asked('day-first')).toEqual(['2027-04-03', '2027-03-04'])
    expect(asked('month-first')).toEqual(['2027-03-04', '2027-04-03'])
    expect(readPrintedDate('2060-01', dayFirst)).toMatchObject({ kind: 'ask', why: 'far_off' })
  })
  it.each(['31/02/2027', '30.02.2028', '2027-13', '32.01.2027'])('there is no %s', (written) => {
    expect(readPrintedDate(written, dayFirst)).toMatchObject({
      kind: 'refused',
      refusal: { code: 'no_such_day' },
    })
  })
  it('never throw and never answer a day that does not exist', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.stringMatching(/^[\d/. -]{3,11}$/)), (text) => {
        const reading = readPrintedDate(text, dayFirst)
        const read =
          reading.kind === 'read'
            ? [reading.expiry]
            : reading.kind === 'ask'
              ? reading.readings
              : []
        for (const expiry of read)
          if (expiry.kind === 'day') expect(isPlainDate(expiry.day)).toBe(true)
      }),
    )
  })
  it('read back as they are kept and as they are written out', () => {
    const anExpiry: fc.Arbitrary<Expiry> = fc.oneof(
      aDay.map((day): Expiry => ({ kind: 'day', day })),
      aDay.map((day): Expiry => ({ kind: 'month', month: monthOfDay(day) })),
      fc.constant<Expiry>({ kind: 'none' }),
      fc.constant<Expiry>({ kind: 'unknown' }),
    )
    fc.assert(
      fc.property(anExpiry, (expiry) => {
        expect(parseExpiry(formatExpiry(expiry))).toEqual(expiry)
        expect(readPrintedDate(writePrintedDate(expiry, today), dayFirst)).toEqual({
          kind: 'read',
          expiry,
        })
      }),
    )
  })
})

describe('when somebody is next there', () => {
  const visiting = (...spans: [string, string][]): Presence => ({
    rhythm: { kind: 'visits' },
    visits: spans.map(([a, b]) => ({ startsOn: plainDate(a), endsOn: plainDate(b), label: '' })),
  })
  it('is now where somebody always is, else the coming visit', () => {
    expect(nextThere({ rhythm: { kind: 'always' }, visits: [] }, today).kind).toBe('now')
    expect(nextThere(visiting(['2026-12-05', '2026-12-07']), today)).toMatchObject({
      kind: 'on',
      day: '2026-12-05',
    })
    expect(nextThere(visiting(['2026-11-20', '2026-11-26']), today).kind).toBe('now')
    expect(nextThere(visiting(['2026-11-20', '2026-11-25']), today).kind).toBe('unknown')
  })
  it('is the next weekday of the rhythm', () => {
    const car: Presence = { rhythm: { kind: 'weekdays', days: [1, 2] }, visits: [] }
    expect(nextThere(car, today)).toMatchObject({ kind: 'on', day: '2026-11-30' })
    expect(nextThere(car, plainDate('2026-11-30')).kind).toBe('now')
  })
  it('makes stock last to the visit after the coming one, and at least the look-ahead', () => {
    const days = lookahead(30)
    expect(nextCheckDay(visiting(), today, days)).toBe('2026-12-26')
    expect(nextCheckDay(visiting(['2026-12-05', '2026-12-07']), today, days)).toBe('2027-01-06')
    expect(
      nextCheckDay(
        visiting(['2026-12-05', '2026-12-07'], ['2027-04-01', '2027-04-03']),
        today,
        days,
      ),
    ).toBe('2027-04-01')
    for (const bad of [0, 367, 1.5]) expect(() => lookahead(bad)).toThrow(RangeError)
  })
})

describe('a season', () => {
  const summer = { kind: 'season', days: [6, 7], fromMonth: 6, toMonth: 8 } as const
  const presence = { rhythm: summer, visits: [] }
  const month = lookahead(30)
  it('is like every week while it lasts', () => {
    expect(nextThere(presence, plainDate('2026-07-01'))).toMatchObject({ day: '2026-07-04' })
    expect(nextCheckDay(presence, plainDate('2026-07-01'), month)).toBe('2026-07-31')
  })
  it('after it, the next chance is its first such day next year, and stock must last to it', () => {
    expect(nextThere(presence, plainDate('2026-11-26'))).toMatchObject({ day: '2027-06-05' })
    expect(nextCheckDay(presence, plainDate('2026-11-26'), month)).toBe('2028-06-01')
    expect(nextCheckDay(presence, plainDate('2026-08-20'), month)).toBe('2027-06-01')
  })
  it('may run over the turn of the year, and visits come on top of it', () => {
    const winter = { rhythm: { ...summer, fromMonth: 11, toMonth: 2 }, visits: [] }
    expect(nextThere(winter, plainDate('2027-01-04'))).toMatchObject({ day: '2027-01-09' })
    const visit = {
      startsOn: plainDate('2026-12-24'),
      endsOn: plainDate('2026-12-27'),
      label: 'Feast',
    }
    expect(nextThere({ ...presence, visits: [visit] }, plainDate('2026-11-26'))).toEqual({
      kind: 'on',
      day: '2026-12-24',
      label: 'Feast',
    })
  })
})
