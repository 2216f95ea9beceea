/** Visits out of an iCalendar file (RFC 5545), as whole days in the household's time zone. */
import ICAL from 'ical.js'
import { addDays, dayAt, dayOf, type PlainDate } from '../calendar/plainDate'

export interface CalendarVisit {
  /** Of the entry; the same again when the file is read again. */
  readonly uid: string
  readonly startsOn: PlainDate
  readonly endsOn: PlainDate
  readonly label: string
  /** The place that it names; "" where it names none. */
  readonly where: string
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
  const repeating = new Set(
    entries.filter((entry) => entry.hasProperty('rrule')).map((entry) => uidOf(entry)),
  )
  for (const entry of entries) {
    // A changed occurrence is read with the entry that it is one of.
    if (entry.hasProperty('recurrence-id') && repeating.has(uidOf(entry))) continue
    if (isCancelled(entry)) continue
    if (tooOften(entry)) {
      unreadable += 1
      continue
    }
    try {
      const changed = entries.filter(
        (other) => other.hasProperty('recurrence-id') && uidOf(other) === uidOf(entry),
      )
      const read = visitsOf(entry, changed, today, timeZone)
      if (read.length === 0) past += 1
      visits.push(...read)
    } catch {
      unreadable += 1
    }
  }
  visits.sort((a, b) => a.startsOn.localeCompare(b.startsOn) || a.uid.localeCompare(b.uid))
  return { kind: 'read', visits: visits.slice(0, MOST_VISITS), past, unreadable }
}

const uidOf = (entry: ICAL.Component): string => String(entry.getFirstPropertyValue('uid') ?? '')

const isCancelled = (entry: ICAL.Component): boolean =>
  String(entry.getFirstPropertyValue('status') ?? '').toUpperCase() === 'CANCELLED'

/** Nobody visits a place every hour; such a rule is a mistake, and may never come to a day. */
const TOO_OFTEN: ReadonlySet<string> = new Set(['SECONDLY', 'MINUTELY', 'HOURLY'])
const tooOften = (entry: ICAL.Component): boolean =>
  entry.getAllProperties('rrule').some((rule) => {
    const value = rule.getFirstValue() as ICAL.Recur | null
    return TOO_OFTEN.has(String(value?.freq ?? ''))
  })

/** @param changed occurrences of the entry that are not as the entry says, called off ones too */
function visitsOf(
  entry: ICAL.Component,
  changed: readonly ICAL.Component[],
  today: PlainDate,
  timeZone: string,
): CalendarVisit[] {
  const event = new ICAL.Event(entry, {
    strictExceptions: true,
    exceptions: changed.filter((one) => one !== entry && !isCancelled(one)),
  })
  const calledOff = new Set(
    changed.filter(isCancelled).map((one) => String(one.getFirstPropertyValue('recurrence-id'))),
  )
  const until = addDays(today, AHEAD_DAYS)
  const { uid, summary, location } = event
  const made = (
    start: ICAL.Time,
    end: ICAL.Time,
    title: string | null = summary,
    id: string = uid,
  ): CalendarVisit => {
    const startsOn = dayIn(start, timeZone)
    // An all-day entry ends before its last day begins; one that ends at midnight does too.
    const last = dayIn(end, timeZone)
    const short = (end.isDate || isMidnight(end)) && last > startsOn
    return {
      uid: id || `${startsOn} ${summary}`,
      startsOn,
      endsOn: short ? addDays(last, -1) : last,
      label: (title ?? '').trim().slice(0, LONGEST_LABEL),
      where: (location ?? '').trim().slice(0, LONGEST_LABEL),
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
    const { startDate, endDate, item } = event.getOccurrenceDetails(next)
    if (calledOff.has(String(next))) continue
    // The day it would have been on tells an occurrence from the others, wherever it was moved to.
    const visit = made(startDate, endDate, item.summary, `${uid}#${dayIn(next, timeZone)}`)
    if (dayIn(next, timeZone) > until) break
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
