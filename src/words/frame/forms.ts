/** English for what every form asks and says. */
import type { z } from 'zod'
import { isPlainDate, type PlainDate } from '../../core/calendar/plainDate'
import type { DateOrder } from '../../core/calendar/readPrintedDate'
import { fullDay } from './format'

/** Days that a field takes; without an end where there is none. */
export interface DayLimits {
  readonly min?: PlainDate | undefined
  readonly max?: PlainDate | undefined
}

export const forms = {
  missing: 'This is still missing.',
  pick: 'Pick one.',
  notANumber: 'Write a number.',
  /** The server or the contract does not take it, and nobody has a better word. */
  notTaken: 'This cannot be saved as it is. Look at it again.',
  look: 'Look at the fields that are marked.',
  atLeast: (least: number): string => `No less than ${least}.`,
  atMost: (most: number): string => `No more than ${most}.`,
  tooLong: (most: number): string => `Shorter, please: ${most} letters at most.`,
  tooMany: (most: number): string => `No more than ${most} of them.`,
  notADay: 'Write a whole day, like 28 Nov 2026.',
  dayTooEarly: (min: PlainDate): string => `No earlier than ${fullDay(min)}.`,
  dayTooLate: (max: PlainDate): string => `No later than ${fullDay(max)}.`,
  calendar: 'Calendar',
  cancel: 'Cancel',
  opening: 'Opening …',
  unsaved: 'What you wrote here is not saved yet.',
  goOn: 'Go on writing',
  leave: 'Leave without saving',
}

/** What the schema library says where the contract has no word of its own. */
const NOT_OURS = /^(?:Invalid|Too small|Too big|Unrecognized|Expected)/

/** What the contract says against a part of a request. */
export function issueText(issue: z.core.$ZodIssue): string {
  if (!NOT_OURS.test(issue.message)) return issue.message
  switch (issue.code) {
    case 'too_small':
      return issue.origin === 'string' || issue.origin === 'array'
        ? forms.missing
        : forms.atLeast(Number(issue.minimum))
    case 'too_big':
      return issue.origin === 'string'
        ? forms.tooLong(Number(issue.maximum))
        : issue.origin === 'array'
          ? forms.tooMany(Number(issue.maximum))
          : forms.atMost(Number(issue.maximum))
    default:
      return forms.notTaken
  }
}

/**
 * What is wrong with a day in a field; undefined where nothing is, or nothing is written.
 * @param value a day as "2026-11-28", or whatever else was typed
 */
export function dayFault(value: string, { min, max }: DayLimits = {}): string | undefined {
  if (value.trim() === '') return undefined
  if (!isPlainDate(value)) return forms.notADay
  if (min && value < min) return forms.dayTooEarly(min)
  return max && value > max ? forms.dayTooLate(max) : undefined
}

/** A day as the household writes it, with the month in letters where it could be mistaken. */
export function dayInOrder(day: PlainDate, order: DateOrder): string {
  if (order === 'year-first') return day
  if (order === 'day-first') return fullDay(day)
  const [number, month, year] = fullDay(day).split(' ')
  return `${month} ${number}, ${year}`
}
