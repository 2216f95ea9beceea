/** Names, texts and days as people give them: bounded, checked once. */
import { z } from 'zod'
import {
  isPlainDate,
  isPlainMonth,
  type PlainDate,
  type PlainMonth,
} from '../core/calendar/plainDate'

export const plainDate = z
  .string()
  .refine(isPlainDate, 'Give a day of the calendar as 2027-03-31')
  .transform((text) => text as PlainDate)
export const plainMonth = z
  .string()
  .refine(isPlainMonth, 'Give a month as 2027-03')
  .transform((text) => text as PlainMonth)

/**
 * Text that somebody typed, trimmed, of at most so many characters. The database keeps no NUL, UTF-8 no half
 * of a surrogate pair, and no screen shows the other control characters: they are refused by name.
 */
export const typed = (most: number, tooLong = `Keep this under ${most} characters`) =>
  z
    .string()
    .trim()
    .max(most, tooLong)
    .refine(isWritable, 'Leave out the characters that cannot be shown (control characters)')

/** Line breaks and tabs may be written; other control characters and half characters may not. */
const isWritable = (text: string): boolean =>
  !/[^\P{Cc}\t\n\r]/u.test(text) && !/\p{Surrogate}/u.test(text)

/** A name somebody gives: trimmed, one line, 1–120 characters. */
export const givenName = typed(120, 'Keep the name under 120 characters')
  .min(1, 'Give a name')
  .refine((text) => !/\p{Cc}/u.test(text), 'Leave out line breaks and control characters')
export const shortText = typed(120)
export const longText = typed(2000)
/** A number to call, as it is written on a card. */
export const phone = typed(40)
