import { describe, expect, it } from 'vitest'
import { plainDate } from '../calendar/plainDate'
import { readCalendar } from './calendarFile'

const TODAY = plainDate('2026-11-26')
const ZONE = 'Europe/Oslo'
const file = (...events: readonly (readonly string[])[]): string =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//test//EN',
    ...events.flatMap((lines, index) => [
      'BEGIN:VEVENT',
      `UID:event-${index}`,
      'DTSTAMP:20261101T000000Z',
      ...lines,
      'END:VEVENT',
    ]),
    'END:VCALENDAR',
  ].join('\r\n')
const visits = (...events: readonly (readonly string[])[]) => {
  const reading = readCalendar(file(...events), TODAY, ZONE)
  if (reading.kind === 'refused') throw new Error(reading.code)
  return reading.visits.map(({ startsOn, endsOn, label }) => [startsOn, endsOn, label])
}

/** Entries with a UID of their own. */
const visitsWithUids = (...events: readonly (readonly string[])[]) => {
  const text = file(...events).replaceAll(/UID:event-\d+\r\n/g, '')
  const reading = readCalendar(text, TODAY, ZONE)
  if (reading.kind === 'refused') throw new Error(reading.code)
  return reading.visits.map(({ uid, startsOn, endsOn, label }) => [uid, startsOn, endsOn, label])
}

describe('visits from a calendar', () => {
  it.each([
    [
      'whole days end on the day before',
      ['DTSTART;VALUE=DATE:20261205', 'DTEND;VALUE=DATE:20261208', 'SUMMARY:Weekend'],
      ['2026-12-05', '2026-12-07', 'Weekend'],
    ],
    [
      'one whole day without an end',
      ['DTSTART;VALUE=DATE:20261205', 'SUMMARY:A day'],
      ['2026-12-05', '2026-12-05', 'A day'],
    ],
    [
      'times of day',
      ['DTSTART:20261205T160000', 'DTEND:20261207T120000', 'SUMMARY:Evening'],
      ['2026-12-05', '2026-12-07', 'Evening'],
    ],
    [
      'times in UTC fall on the household’s day',
      ['DTSTART:20261204T233000Z', 'DTEND:20261205T110000Z', 'SUMMARY:Late'],
      ['2026-12-05', '2026-12-05', 'Late'],
    ],
    [
      'an end at midnight is the evening before',
      ['DTSTART:20261205T160000', 'DTEND:20261207T000000', 'SUMMARY:Night'],
      ['2026-12-05', '2026-12-06', 'Night'],
    ],
    [
      'a length instead of an end',
      ['DTSTART;VALUE=DATE:20261205', 'DURATION:P2D', 'SUMMARY:Two'],
      ['2026-12-05', '2026-12-06', 'Two'],
    ],
  ])('%s', (_, lines, expected) => {
    expect(visits(lines)).toEqual([expected])
  })
  it('follows what repeats, leaves out exceptions, and stops after a year and a bit', () => {
    const weekly = visits([
      'DTSTART;VALUE=DATE:20261121',
      'DTEND;VALUE=DATE:20261123',
      'RRULE:FREQ=WEEKLY;COUNT=4',
      'EXDATE;VALUE=DATE:20261205',
      'SUMMARY:Often',
    ])
    expect(weekly.map(([start]) => start)).toEqual(['2026-11-28', '2026-12-12'])
    expect(visits(['DTSTART;VALUE=DATE:20200101', 'RRULE:FREQ=MONTHLY']).length).toBeLessThan(16)
  })
  it('leaves out what is past and what was cancelled, and says how much', () => {
    const reading = readCalendar(
      file(
        ['DTSTART;VALUE=DATE:20250101', 'SUMMARY:Past'],
        ['DTSTART;VALUE=DATE:20270101', 'STATUS:CANCELLED', 'SUMMARY:Off'],
        ['SUMMARY:No day at all'],
      ),
      TODAY,
      ZONE,
    )
    expect(reading).toMatchObject({ kind: 'read', visits: [], past: 1, unreadable: 1 })
  })
  it.each(['', 'hello', 'BEGIN:VCARD\r\nEND:VCARD', '{"a":1}'])('refuses %j', (text) => {
    expect(readCalendar(text, TODAY, ZONE)).toEqual({ kind: 'refused', code: 'not_a_calendar' })
  })
  it('refuses what is larger than a calendar is', () => {
    expect(readCalendar('x'.repeat(3_000_000), TODAY, ZONE)).toEqual({
      kind: 'refused',
      code: 'too_large',
    })
  })
  it('reads a changed occurrence in the place of the one it changes', () => {
    const master = [
      'UID:weekly',
      'DTSTART;VALUE=DATE:20261128',
      'DTEND;VALUE=DATE:20261130',
      'RRULE:FREQ=WEEKLY;COUNT=3',
      'SUMMARY:Weekend',
    ]
    const moved = [
      'UID:weekly',
      'RECURRENCE-ID;VALUE=DATE:20261205',
      'DTSTART;VALUE=DATE:20261207',
      'DTEND;VALUE=DATE:20261208',
      'SUMMARY:Monday for once',
    ]
    const called = ['UID:weekly', 'RECURRENCE-ID;VALUE=DATE:20261212', 'STATUS:CANCELLED']
    for (const order of [
      [master, moved, called],
      [called, moved, master],
    ])
      expect(visitsWithUids(...order)).toEqual([
        ['weekly#2026-11-28', '2026-11-28', '2026-11-29', 'Weekend'],
        ['weekly#2026-12-05', '2026-12-07', '2026-12-07', 'Monday for once'],
      ])
    // Of an entry that is not in the file, the changed occurrence stands for itself.
    expect(visitsWithUids(moved)).toEqual([
      ['weekly', '2026-12-07', '2026-12-07', 'Monday for once'],
    ])
  })
  it.each(['SECONDLY', 'MINUTELY', 'HOURLY'])('does not follow what repeats %s', (frequency) => {
    const reading = readCalendar(
      file(['DTSTART:20261128T000000', `RRULE:FREQ=${frequency};BYMONTH=2;BYMONTHDAY=30`]),
      TODAY,
      ZONE,
    )
    expect(reading).toEqual({ kind: 'read', visits: [], past: 0, unreadable: 1 })
  })
})
