/** An entry of a calendar becomes the beginning of a trip, and is proposed once. */
import { describe, expect, it } from 'vitest'
import { AN_ID } from '../../../tests/support/forms'
import { plainDate } from '../calendar/plainDate'
import type { MemberId, PlaceId } from '../ids'
import { readCalendar } from '../interchange/calendarFile'
import { isPlanned, tripFromCalendar } from './fromCalendar'

const TODAY = plainDate('2026-11-28')
const HOME = AN_ID(2) as PlaceId
const EVERYBODY = [AN_ID(3), AN_ID(4)] as MemberId[]

const entryOf = (...lines: readonly string[]) => {
  const text = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'BEGIN:VEVENT', 'UID:a', ...lines]
  const read = readCalendar(
    [...text, 'END:VEVENT', 'END:VCALENDAR'].join('\r\n'),
    TODAY,
    'Europe/Vienna',
  )
  if (read.kind !== 'read' || !read.visits[0]) throw new Error('It can be read')
  return read.visits[0]
}
const WEEK = ['DTSTART;VALUE=DATE:20261212', 'DTEND;VALUE=DATE:20261220', 'SUMMARY:Lake week']

describe('a trip from a calendar', () => {
  it('has its days, its name and its place, and everybody to begin with', () => {
    const entry = entryOf(...WEEK, 'LOCATION:Lake house\\, north shore')
    expect(tripFromCalendar(entry, EVERYBODY, [HOME], () => AN_ID(5))).toMatchObject({
      name: 'Lake week',
      sources: [HOME],
      stops: [
        {
          name: 'Lake house, north shore',
          from: '2026-12-12',
          to: '2026-12-19',
          members: EVERYBODY,
          // What no calendar says is asked, never assumed.
          minutesToHelp: null,
          placeId: null,
        },
      ],
    })
  })
  it('is where its name says, where it names no place', () => {
    const [stop] = tripFromCalendar(entryOf(...WEEK), EVERYBODY, [], () => AN_ID(5)).stops
    expect(stop?.name).toBe('Lake week')
  })
  it('is not proposed again once it is planned', () => {
    const entry = entryOf(...WEEK)
    expect(isPlanned(entry, [])).toBe(false)
    const of = (name: string, to: string) => isPlanned(entry, [{ name, from: '2026-12-12', to }])
    expect(of('Lake week', '2026-12-20')).toBe(false)
    // The others of the household may be somewhere else on the same days.
    expect(of('School camp', '2026-12-19')).toBe(false)
    expect(of('Lake week', '2026-12-19')).toBe(true)
  })
})
