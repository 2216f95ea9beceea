/** What a pack says about its own end. */
import { assertNever } from '../brand'
import {
  isPlainDate,
  isPlainMonth,
  lastDayOfMonth,
  type PlainDate,
  type PlainMonth,
} from './plainDate'

export type Expiry =
  | { readonly kind: 'day'; readonly day: PlainDate }
  /** Month and year only; good until that month's last day. */
  | { readonly kind: 'month'; readonly month: PlainMonth }
  /** Somebody looked: nothing is printed. */
  | { readonly kind: 'none' }
  /** Nobody has looked yet. */
  | { readonly kind: 'unknown' }

/**
 * The last day on which the pack is good by its print, to that day's end in the household's
 * time zone; null when there is none or it is not known.
 */
export function printedLastDay(expiry: Expiry): PlainDate | null {
  switch (expiry.kind) {
    case 'day':
      return expiry.day
    case 'month':
      return lastDayOfMonth(expiry.month)
    case 'none':
    case 'unknown':
      return null
    default:
      return assertNever(expiry)
  }
}

/** Text that {@link parseExpiry} reads back: "2027-03-31", "2027-03", "none" or "". */
export function formatExpiry(expiry: Expiry): string {
  switch (expiry.kind) {
    case 'day':
      return expiry.day
    case 'month':
      return expiry.month
    case 'none':
      return 'none'
    case 'unknown':
      return ''
    default:
      return assertNever(expiry)
  }
}

/** Reads the form that {@link formatExpiry} writes, and no other; null when it is not that. */
export function parseExpiry(text: string): Expiry | null {
  if (text === '') return { kind: 'unknown' }
  if (text === 'none') return { kind: 'none' }
  if (isPlainMonth(text)) return { kind: 'month', month: text }
  if (isPlainDate(text)) return { kind: 'day', day: text }
  return null
}
