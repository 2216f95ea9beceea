/**
 * A prescription: whose, for what, how much a day, until when. It owns the item it is filled
 * with: what was written for one is never given to another.
 */
import { addDays, daysBetween, type PlainDate } from '../calendar/plainDate'
import type { CourseId, ItemId, MemberId } from '../ids'
import { type Amount, type Total, total } from '../quantity/amount'

export interface Course {
  readonly id: CourseId
  readonly memberId: MemberId
  readonly itemId: ItemId
  /** What for, in the household's words. */
  readonly reason: string
  readonly prescriber: string
  /** As the prescriber wrote it: "½ tablet with breakfast". */
  readonly directions: string
  /** What goes on an ordinary day; null when it is taken as needed. */
  readonly perDay: Amount | null
  readonly startsOn: PlainDate
  /** The last day; null for a regular medicine. */
  readonly endsOn: PlainDate | null
  /** The prescriber's word on what is left over; null while nobody has asked. */
  readonly release: { readonly by: string; readonly on: PlainDate; readonly words: string } | null
  /** The prescriber was named and asked although a warning speaks against it. */
  readonly confirmedAgainstWarning: boolean
  readonly version: number
}

export type CourseState =
  /** To begin later. */
  | { readonly kind: 'coming'; readonly inDays: number }
  /** As needed: no day follows from the count. */
  | { readonly kind: 'as_needed' }
  /** A regular medicine: the last day that is wholly supplied. */
  | { readonly kind: 'regular'; readonly days: number; readonly lastDay: PlainDate | null }
  /** It will be finished with what is there. */
  | { readonly kind: 'finishes'; readonly days: number; readonly over: Total }
  /** It will not: so much is missing, from that day on. */
  | { readonly kind: 'falls_short'; readonly missing: Total; readonly from: PlainDate }
  /** Ended with something left: on hold until the prescriber says. */
  | { readonly kind: 'left_over'; readonly amount: Total }
  | { readonly kind: 'released'; readonly amount: Total }
  | { readonly kind: 'ended' }

/** A hundred years: what is there for longer than that ends with the calendar, not with a day. */
const MOST_DAYS = 36_525

/**
 * How a course stands on a day with so much of it good.
 * @param there usable units of its item, wherever they lie
 */
export function courseState(course: Course, there: Total, today: PlainDate): CourseState {
  if (course.endsOn !== null && course.endsOn < today) {
    if (there === 0) return { kind: 'ended' }
    return course.release
      ? { kind: 'released', amount: there }
      : { kind: 'left_over', amount: there }
  }
  if (course.startsOn > today)
    return { kind: 'coming', inDays: daysBetween(today, course.startsOn) }
  if (course.perDay === null || course.perDay === 0) return { kind: 'as_needed' }
  const days = Math.min(MOST_DAYS, Math.floor(there / course.perDay))
  if (course.endsOn === null)
    return { kind: 'regular', days, lastDay: days === 0 ? null : addDays(today, days - 1) }
  const left = daysBetween(today, course.endsOn) + 1
  const needed = left * course.perDay
  if (there >= needed) return { kind: 'finishes', days: left, over: total(there - needed) }
  return { kind: 'falls_short', missing: total(needed - there), from: addDays(today, days) }
}

/** Whether it is taken on a day: begun and not ended. */
export const isRunning = ({ startsOn, endsOn }: Course, day: PlainDate): boolean =>
  startsOn <= day && (endsOn === null || endsOn >= day)

/** Items of which something may be left over: their last course has ended, and nobody has asked. */
export function leftOverItems(
  courses: readonly Course[],
  today: PlainDate,
): ReadonlyMap<ItemId, { readonly kind: 'left_over'; readonly prescriber: string }> {
  const last = new Map<ItemId, Course>()
  for (const course of courses) {
    const known = last.get(course.itemId)
    const isLater =
      !known || course.endsOn === null || (known.endsOn !== null && known.endsOn < course.endsOn)
    if (isLater) last.set(course.itemId, course)
  }
  return new Map(
    [...last.values()].flatMap(({ itemId, endsOn, release, prescriber }) =>
      endsOn !== null && endsOn < today && release === null
        ? [[itemId, { kind: 'left_over' as const, prescriber }]]
        : [],
    ),
  )
}
