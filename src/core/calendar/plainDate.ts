/**
 * Calendar days without a time or a zone, as ISO text ("2027-03-31").
 *
 * The text form sorts and compares as text, crosses every boundary unchanged, and is
 * checked once where it is made. Arithmetic is Temporal's.
 */
import * as Instant from 'temporal-polyfill/fns/Instant'
import * as Day from 'temporal-polyfill/fns/PlainDate'
import * as Zoned from 'temporal-polyfill/fns/ZonedDateTime'
import type { Brand } from '../brand'

/** A day of the calendar, 1900-01-01 to 2199-12-31. */
export type PlainDate = Brand<string, 'PlainDate'>
/** A month of the calendar as "2027-03". */
export type PlainMonth = Brand<string, 'PlainMonth'>
/** ISO weekday: Monday is 1, Sunday 7. */
export type Weekday = 1 | 2 | 3 | 4 | 5 | 6 | 7

export const FIRST_YEAR = 1900
export const LAST_YEAR = 2199

/** The text names no day of the calendar (31 February) or one outside {@link FIRST_YEAR}–{@link LAST_YEAR}. */
export class InvalidDateError extends Error {
  override readonly name = 'InvalidDateError'
}

const isoDay = /^(\d{4})-(\d{2})-(\d{2})$/
const isoMonth = /^(\d{4})-(\d{2})$/

/** Days in a month, 1-based, by the Gregorian rule. Every date that is read is checked by it. */
function daysIn(year: number, month: number): number {
  if (month !== 2) return [4, 6, 9, 11].includes(month) ? 30 : 31
  return (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0 ? 29 : 28
}

/** The day with these parts, or null when there is none. Nothing is moved into range. */
export function dayOf(year: number, month: number, day: number): PlainDate | null {
  if (!Number.isInteger(year) || year < FIRST_YEAR || year > LAST_YEAR) return null
  if (!Number.isInteger(month) || month < 1 || month > 12) return null
  if (!Number.isInteger(day) || day < 1 || day > daysIn(year, month)) return null
  const text = `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`
  return text as PlainDate
}

/** The month with these parts, or null when there is none. */
export function monthOf(year: number, month: number): PlainMonth | null {
  return dayOf(year, month, 1) ? (`${year}-${String(month).padStart(2, '0')}` as PlainMonth) : null
}

/** Whether the text is a day in the form "2027-03-31". */
export function isPlainDate(text: string): text is PlainDate {
  const parts = isoDay.exec(text)
  return parts !== null && dayOf(Number(parts[1]), Number(parts[2]), Number(parts[3])) !== null
}

/** Whether the text is a month in the form "2027-03". */
export function isPlainMonth(text: string): text is PlainMonth {
  const parts = isoMonth.exec(text)
  return parts !== null && monthOf(Number(parts[1]), Number(parts[2])) !== null
}

/**
 * Reads ISO text.
 * @throws {InvalidDateError} for anything that is not a day
 * @example plainDate('2027-03-31')
 */
export function plainDate(text: string): PlainDate {
  if (!isPlainDate(text)) throw new InvalidDateError(`"${text}" is not a day of the calendar`)
  return text
}

/** @throws {InvalidDateError} for anything that is not a month like "2027-03" */
export function plainMonth(text: string): PlainMonth {
  if (!isPlainMonth(text)) throw new InvalidDateError(`"${text}" is not a month of the calendar`)
  return text
}

function record(date: PlainDate): Day.Record {
  return Day.create(Number(date.slice(0, 4)), Number(date.slice(5, 7)), Number(date.slice(8, 10)))
}

const text = (day: Day.Record): PlainDate => plainDate(Day.toString(day))

/** The day `days` later (earlier when negative). */
export function addDays(date: PlainDate, days: number): PlainDate {
  const key = `${date}${days}`
  const before = sums.get(key)
  if (before) return before
  const sum = text(Day.addDays(record(date), days))
  if (sums.size >= MOST_SUMS) sums.clear()
  sums.set(key, sum)
  return sum
}

/** A household's lots were counted on a few days, and wait for as many intervals. */
const sums = new Map<string, PlainDate>()
const MOST_SUMS = 5000

/** The same day `months` later; the last day of the month when that month is shorter. */
export function addMonths(date: PlainDate, months: number): PlainDate {
  return text(Day.addMonths(record(date), months))
}

/** Days from `from` to `to`; negative when `to` is earlier. */
export function daysBetween(from: PlainDate, to: PlainDate): number {
  return Day.diffDays(record(from), record(to))
}

/** Monday 1 … Sunday 7. */
export function weekdayOf(date: PlainDate): Weekday {
  return Day.dayOfWeek(record(date)) as Weekday
}

/** 1 to 12. */
export const monthNumber = (date: PlainDate): number => Number(date.slice(5, 7))

/** The month a day lies in. */
export function monthOfDay(date: PlainDate): PlainMonth {
  return date.slice(0, 7) as PlainMonth
}

/** The last day of a month: a pack that prints month and year is good until then. */
export function lastDayOfMonth(month: PlainMonth): PlainDate {
  const year = Number(month.slice(0, 4))
  const number = Number(month.slice(5, 7))
  return `${month}-${String(daysIn(year, number)).padStart(2, '0')}` as PlainDate
}

/** For sorting: days compare as text. */
export const byDay = (a: PlainDate, b: PlainDate): number => (a < b ? -1 : a > b ? 1 : 0)

export const earlier = (a: PlainDate, b: PlainDate): PlainDate => (a <= b ? a : b)
export const later = (a: PlainDate, b: PlainDate): PlainDate => (a >= b ? a : b)

/**
 * The day it is somewhere at an instant.
 * @param epochMilliseconds the instant
 * @param timeZone IANA name, e.g. "Europe/Oslo"
 * @throws {RangeError} when the zone is unknown
 */
export function dayAt(epochMilliseconds: number, timeZone: string): PlainDate {
  const there = Instant.toZonedDateTimeISO(
    Instant.fromEpochMilliseconds(epochMilliseconds),
    timeZone,
  )
  return plainDate(Zoned.toString(there).slice(0, 10))
}

/** Whether the text is the IANA name of a time zone, such as "Europe/Oslo". */
export function isTimeZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).resolvedOptions().timeZone !== ''
  } catch {
    return false
  }
}
