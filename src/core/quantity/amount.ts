/**
 * How many of a lot there are, in the unit people count it in (tablets, pairs, bottles).
 *
 * An amount is a whole number of thousandths, so that half a bottle and 1½ sheets add up
 * exactly. The unit belongs to the item; amounts of one item may be added.
 */
import type { Brand } from '../brand'

/**
 * Thousandths of the item's unit over any number of lots, pockets and days; a safe integer, not
 * negative. It is not bounded like one of its parts.
 */
export type Total = Brand<number, 'Total'>

declare const ofOneLot: unique symbol
/** Thousandths of the item's unit in one lot, one pocket, one target; from 0 to {@link MOST}. */
export type Amount = Total & { readonly [ofOneLot]: true }

export const THOUSAND = 1000
/** No household has more than a hundred thousand of anything in one lot. */
export const MOST = 100_000 * THOUSAND

/** Negative, not a number, or more than {@link MOST}. */
export class InvalidAmountError extends Error {
  override readonly name = 'InvalidAmountError'
}

/** @throws {InvalidAmountError} unless it is a whole number of thousandths from 0 to {@link MOST} */
export function amount(thousandths: number): Amount {
  if (!Number.isSafeInteger(thousandths) || thousandths < 0 || thousandths > MOST)
    throw new InvalidAmountError(`${thousandths} thousandths is no amount`)
  return thousandths as Amount
}

/** Negative, not whole, or past what a number holds exactly: nine billion units. */
export class InvalidTotalError extends Error {
  override readonly name = 'InvalidTotalError'
}

/** @throws {InvalidTotalError} unless it is a whole number of thousandths, not negative */
export function total(thousandths: number): Total {
  if (!Number.isSafeInteger(thousandths) || thousandths < 0)
    throw new InvalidTotalError(`${thousandths} thousandths is no total`)
  return thousandths as Total
}

/** As much of a total as one lot, pocket or target may hold. */
export const upToMost = (value: Total): Amount => amount(Math.min(MOST, value))

/** `count` whole units. */
export const units = (count: number): Amount => amount(count * THOUSAND)

/** Units as a computation has them, to the nearest thousandth. */
export const nearest = (count: number): Amount => amount(Math.round(count * THOUSAND))

export const NOTHING = 0 as Amount

export const add = (a: Total, b: Total): Total => total(a + b)

/** What is left of `a` after `b`, never below nothing; of one lot's amount, again an amount. */
export function less(a: Amount, b: Total): Amount
export function less(a: Total, b: Total): Total
export function less(a: Total, b: Total): Total {
  return total(Math.max(0, a - b))
}

export const sum = (amounts: readonly Total[]): Total => amounts.reduce(add, NOTHING)

/** The smallest whole number of units that holds the amount: one cannot buy half a bottle. */
export const wholeUnitsUp = (value: Total): number => Math.ceil(value / THOUSAND)

/**
 * Packs to buy so that at least `needed` comes home.
 * @param packSize amount in one pack, more than nothing
 */
export function packsFor(needed: Total, packSize: Amount): number {
  if (packSize === 0) throw new InvalidAmountError('A pack holds more than nothing')
  return Math.ceil(needed / packSize)
}

const FRACTIONS: readonly [number, string][] = [
  [250, '¼'],
  [333, '⅓'],
  [500, '½'],
  [667, '⅔'],
  [750, '¾'],
]

/**
 * The number as people read it, without its unit: "12", "1½", "0.2".
 * `readAmount` reads it back to the same amount.
 */
export function formatAmount(value: Total): string {
  const whole = Math.floor(value / THOUSAND)
  const rest = value % THOUSAND
  if (rest === 0) return String(whole)
  const fraction = FRACTIONS.find(([part]) => part === rest)
  if (fraction) return whole === 0 ? fraction[1] : `${whole}${fraction[1]}`
  return `${whole}.${String(rest).padStart(3, '0').replace(/0+$/, '')}`
}
