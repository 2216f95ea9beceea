/** Trade item numbers: the digits under a bar code, with their check digit. */
import type { Brand } from '../brand'

/** Fourteen digits whose last one checks the others; shorter numbers carry zeros in front. */
export type Gtin = Brand<string, 'Gtin'>

export type GtinRefusal =
  | { readonly code: 'not_a_number' }
  /** 8, 12, 13 or 14 digits are a trade item number. */
  | { readonly code: 'wrong_length'; readonly digits: number }
  | { readonly code: 'check_digit'; readonly expected: number; readonly found: number }

/**
 * The last digit that makes the others right (GS1 General Specifications 7.9): weights 3 and 1
 * in turn from the right, up to the next ten.
 * @example checkDigit('952000000001') === 1
 */
export function checkDigit(others: string): number {
  const total = [...others]
    .reverse()
    .reduce((sum, digit, index) => sum + Number(digit) * (index % 2 === 0 ? 3 : 1), 0)
  return (10 - (total % 10)) % 10
}

/**
 * Reads a number of 8, 12, 13 or 14 digits.
 * @example readGtin('9520000000011') // '09520000000011'
 */
export function readGtin(
  digits: string,
): { readonly kind: 'read'; readonly gtin: Gtin } | ({ readonly kind: 'refused' } & GtinRefusal) {
  if (!/^\d+$/.test(digits)) return { kind: 'refused', code: 'not_a_number' }
  if (![8, 12, 13, 14].includes(digits.length))
    return { kind: 'refused', code: 'wrong_length', digits: digits.length }
  const found = Number(digits.at(-1))
  const expected = checkDigit(digits.slice(0, -1))
  return found === expected
    ? { kind: 'read', gtin: digits.padStart(14, '0') as Gtin }
    : { kind: 'refused', code: 'check_digit', expected, found }
}
