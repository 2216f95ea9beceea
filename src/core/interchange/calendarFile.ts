/** Visits out of an iCalendar file (RFC 5545), as whole days in the household's time zone. */
import ICAL from 'ical.js'
import { addDays, dayAt, dayOf, type PlainDate } from '../calendar/plainDate'

export interface CalendarVisit {
  /** Of the entry; the same again when the file is read again. */
  readonly uid: string
  readonly startsOn: PlainDate
  readonly endsOn: PlainDate
  readonly label: string
}

export type CalendarReading =
  | {
      readonly kind: 'read'
      readonly visits: readonly CalendarVisit[]
      /** Entries that lie wholly in the past. */
      readonly past: number
      /** Entries without a day that can be read. */
      readonly unreadable: number
    }
  | { readonly kind: 'refused'; readonly code: 'not_a_calendar' | 'too_large' }

export const MOST_CALENDAR_BYTES = 2 * 1024 * 1024
/** Entries that repeat are read this far ahead. */
const AHEAD_DAYS = 400
const MOST_VISITS = 200
/** An entry that repeats faster than anybody travels, or since long ago, is not followed for ever. */
const MOST_STEPS = 5000
const LONGEST_LABEL = 120

/** Reads what is still to come; a repeating entry gives one visit each time. */
export function readCalendar(text: string, today: PlainDate, timeZone: string): CalendarReading {
  if (text.length > MOST_CALENDAR_BYTES) return { kind: 'refused', code: 'too_large' }
  let entries: ICAL.Component[]
  try {
    const calendar = new ICAL.Component(ICAL.parse(text))
    if (calendar.name !== 'vcalendar') return { kind: 'refused', code: 'not_a_calendar' }
    for (const zone of calendar.getAllSubcomponents('vtimezone'))
      ICAL.TimezoneService.register(new ICAL.Timezone(zone))
    entries = calendar.getAllSubcomponents('vevent')
  } catch {
    return { kind: 'refused', code: 'not_a_calendar' }
  }
  const visits: CalendarVisit[] = []
  let past = 0
  let unreadable = 0
  for (const entry of entries) {
    if (String(entry.getFirstPropertyValue('status') ?? '').toUpperCase() === 'CANCELLED') continue
    try {
      const read = visitsOf(new ICAL.Event(entry), today, timeZone)
      if (read.length === 0) past += 1
      visits.push(...read)
    } catch {
      unreadable += 1
    }
  }
  visits.sort((a, b) => a.startsOn.localeCompare(b.startsOn) || a.uid.localeCompare(b.uid))
  return { kind: 'read', visits: visits.slice(0, MOST_VISITS), past, unreadable }
}

function visitsOf(event: ICAL.Event, today: PlainDate, timeZone: string): CalendarVisit[] {
  const until = addDays(today, AHEAD_DAYS)
  const { uid, summary } = event
  const made = (start: ICAL.Time, end: ICAL.Time): CalendarVisit => {
    const startsOn = dayIn(start, timeZone)
    // An all-day entry ends before its last day begins; one that ends at midnight does too.
    const last = dayIn(end, timeZone)
    const short = (end.isDate || isMidnight(end)) && last > startsOn
    return {
      uid: uid || `${startsOn} ${summary}`,
      startsOn,
      endsOn: short ? addDays(last, -1) : last,
      label: (summary ?? '').trim().slice(0, LONGEST_LABEL),
    }
  }
  if (!event.isRecurring()) {
    const visit = made(event.startDate, event.endDate)
    return visit.endsOn >= today ? [visit] : []
  }
  const found: CalendarVisit[] = []
  const days = event.iterator()
  for (let step = 0; step < MOST_STEPS && found.length < MOST_VISITS; step++) {
    const next = days.next()
    if (!next) break
    const { startDate, endDate } = event.getOccurrenceDetails(next)
    const visit = made(startDate, endDate)
    if (visit.startsOn > until) break
    if (visit.endsOn >= today) found.push(visit)
  }
  return found
}

const isMidnight = (time: ICAL.Time): boolean =>
  time.hour === 0 && time.minute === 0 && time.second === 0

function dayIn(time: ICAL.Time, timeZone: string): PlainDate {
  // Days and times without a zone are the household's own.
  const plain = time.isDate || time.zone === ICAL.Timezone.localTimezone
  const day = plain
    ? dayOf(time.year, time.month, time.day)
    : dayAt(time.toJSDate().getTime(), timeZone)
  if (!day) throw new RangeError('The entry names no day')
  return day
}
