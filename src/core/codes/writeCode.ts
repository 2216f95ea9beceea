/** What a lot's own label says to a scanner: its date and its batch, as GS1 writes them. */
import type { Expiry } from '../calendar/expiry'

/** Characters that a batch may have in a GS1 code, and so many of them. */
const BATCH = /^[A-Za-z0-9!"%&'*+,\-./:;<=>?_]{1,20}$/

/**
 * @returns elements with their identifiers in parentheses, "(17)271130(10)B7"; null where there is
 *   nothing that a code could say. A month is written as day 00, which is read as a month again.
 * @see GS1 General Specifications, identifiers 10 and 17
 */
export function writeCode(expiry: Expiry, batch: string): string | null {
  const date =
    expiry.kind === 'day'
      ? `(17)${digits(expiry.day)}`
      : expiry.kind === 'month'
        ? `(17)${digits(expiry.month)}00`
        : ''
  const lot = BATCH.test(batch) ? `(10)${batch}` : ''
  return date + lot === '' ? null : date + lot
}

const digits = (date: string): string => date.slice(2).replaceAll('-', '')
