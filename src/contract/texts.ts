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

/** A name somebody gives: trimmed, one line, 1–120 characters. */
export const givenName = z
  .string()
  .trim()
  .min(1, 'Give a name')
  .max(120, 'Keep the name under 120 characters')
  .refine((text) => !/\p{Cc}/u.test(text), 'Leave out line breaks and control characters')
export const shortText = z.string().trim().max(120, 'Keep this under 120 characters')
export const longText = z.string().trim().max(2000, 'Keep this under 2000 characters')
