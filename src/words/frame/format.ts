/** Dates, amounts and money as people read them. */
import type { Expiry } from '../../core/calendar/expiry'
import { daysBetween, type PlainDate } from '../../core/calendar/plainDate'
import { formatAmount, type Total } from '../../core/quantity/amount'

export const WEEKDAY_NAMES = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
]

/** "one", "two" … "nine", then digits: headlines read as sentences. */
export const numberWord = (count: number): string =>
  ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'][count] ??
  String(count)

export const someThings = (count: number, one = 'thing', many = 'things'): string =>
  `${numberWord(count)} ${count === 1 ? one : many}`

/** "1 pocket", "4 pockets" */
export const several = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`

/** How soon something is in the hand: "8 s", "4 min". */
export const reach = (seconds: number): string =>
  seconds < 90 ? `${seconds} s` : `${Math.round(seconds / 60)} min`

export const aThing = (count: number): string => (count === 1 ? 'one thing' : `${count} things`)

export const SHORT_WEEKDAY_NAMES = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const

/** "4", "0.5", "1½" would mislead: uses are plain decimals. */
export const uses = (count: number): string => String(Math.round(count * 10) / 10)

const MONTHS = [
  'Jan',
  'Feb',
  'Mar',
  'Apr',
  'May',
  'June',
  'July',
  'Aug',
  'Sept',
  'Oct',
  'Nov',
  'Dec',
]

const WEEKDAYS = new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone: 'UTC' })

const SHORT_WEEKDAYS = new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: 'UTC' })

const LONG_MONTHS = new Intl.DateTimeFormat('en-GB', { month: 'long', timeZone: 'UTC' })

const utc = (day: PlainDate): Date => new Date(`${day}T00:00:00Z`)

const month = (day: string): string => MONTHS[Number(day.slice(5, 7)) - 1] ?? ''

const dayNumber = (day: PlainDate): string => String(Number(day.slice(8, 10)))

/** "a, b and c" */
export const list = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`

/** "5 Dec", with the year where it is not the one of `near`. */
export const shortDay = (day: PlainDate, near: PlainDate): string =>
  `${dayNumber(day)} ${month(day)}${day.slice(0, 4) === near.slice(0, 4) ? '' : ` ${day.slice(0, 4)}`}`

/** "31 Dec 2026" */
export const fullDay = (day: PlainDate): string =>
  `${dayNumber(day)} ${month(day)} ${day.slice(0, 4)}`

/** "Thursday 26 November" */
export const longDay = (day: PlainDate): string =>
  `${WEEKDAYS.format(utc(day))} ${dayNumber(day)} ${LONG_MONTHS.format(utc(day))}`

/** "Sat 5 Dec" */
export const weekdayDay = (day: PlainDate, near: PlainDate): string =>
  `${SHORT_WEEKDAYS.format(utc(day))} ${shortDay(day, near)}`

/** "Sat 5 Dec", "12–19 Dec", "30 Nov – 2 Dec" */
export const dayRange = (from: PlainDate, to: PlainDate, near: PlainDate): string =>
  from === to
    ? weekdayDay(from, near)
    : from.slice(0, 7) === to.slice(0, 7)
      ? `${dayNumber(from)}–${shortDay(to, near)}`
      : `${shortDay(from, near)} – ${shortDay(to, near)}`

/** "Dec 2027" */
export const monthYear = (text: string): string => `${month(text)} ${text.slice(0, 4)}`

export const shortMonth = (day: PlainDate): string => month(day)

/** "today", "tomorrow", "in 9 days", "3 days ago" */
export function awayFrom(day: PlainDate, today: PlainDate): string {
  const days = daysBetween(today, day)
  if (days === 0) return 'today'
  if (days === 1) return 'tomorrow'
  if (days === -1) return 'yesterday'
  return days > 0 ? `in ${days} days` : `${-days} days ago`
}

export function expiryText(expiry: Expiry): string {
  switch (expiry.kind) {
    case 'day':
      return fullDay(expiry.day)
    case 'month':
      return monthYear(expiry.month)
    case 'none':
      return 'no date'
    case 'unknown':
      return 'date not looked'
  }
}

const NO_PLURAL = new Set(['mL', 'g', 'kg', 'mg'])

const plural = (unit: string): string => {
  if (unit === '' || NO_PLURAL.has(unit)) return unit
  if (/(?:x|ch|sh|ss)$/.test(unit)) return `${unit}es`
  return /[^aeiou]y$/.test(unit) ? `${unit.slice(0, -1)}ies` : `${unit}s`
}

/** "1 strip", "3 pairs", "½ bottle", "4" */
export const counted = (amount: Total, unit: string): string =>
  unit === ''
    ? formatAmount(amount)
    : `${formatAmount(amount)} ${amount <= 1000 && amount > 0 ? unit : plural(unit)}`

/** Money from its smallest unit. */
export const money = (minor: number, currency: string): string =>
  new Intl.NumberFormat('en-GB', { style: 'currency', currency }).format(minor / 100)

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** In the order of the year. */
export const MONTH_NAMES: readonly string[] = Array.from({ length: 12 }, (_, at) =>
  LONG_MONTHS.format(new Date(Date.UTC(2024, at))),
)

/** A moment with its day and time, as the household's clock says it: "29 Nov 2026, 01:47". */
export const moment = (iso: string, timeZone: string): string =>
  new Date(iso).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short', timeZone })

/** Our own names of problems, inside a sentence; names that the keeper gave are never changed. */
export const lowered = (name: string): string => `${name.charAt(0).toLowerCase()}${name.slice(1)}`
