/**
 * Exact numbers: quotients of whole numbers of any size. Doses and mixtures are worked out in
 * them, so that no step rounds unless it says so and in which direction.
 */
import Fraction from 'fraction.js'

/** An exact rational number. */
export type Exact = Fraction

/** @example exact(160, 5) // 32 */
export const exact = (numerator: number | bigint, denominator: number | bigint = 1): Exact =>
  new Fraction(BigInt(numerator), BigInt(denominator))

/** The largest whole multiple of `step` that is not more than the value. Both above nothing. */
export const downTo = (value: Exact, step: number): number =>
  Number(value.div(step).floor().valueOf()) * step

/** Whether the value is a whole multiple of `step`. */
export const isMultiple = (value: Exact, step: number): boolean => value.div(step).d === 1n

export const lesser = (a: Exact, b: Exact): Exact => (a.compare(b) <= 0 ? a : b)

/**
 * As people write it, with at most so many places; a number that goes on is cut off and marked.
 * @example exactText(exact(22400, 1000), 2) // '22.4'
 * @example exactText(exact(1, 3), 3) // '0.333…'
 */
export function exactText(value: Exact, places: number): string {
  const scale = 10n ** BigInt(places)
  const scaled = value.mul(Number(scale)).floor()
  const whole = scaled.n / scale
  const rest = String(scaled.n % scale)
    .padStart(places, '0')
    .replace(/0+$/, '')
  const cut = scaled.compare(value.mul(Number(scale))) !== 0 ? '…' : ''
  return `${whole}${rest === '' && cut === '' ? '' : `.${rest === '' ? '0' : rest}`}${cut}`
}

/** Thousandths as people write them: 7500 is "7.5". */
export const thousandthsText = (thousandths: number): string =>
  exactText(exact(thousandths, 1000), 3)
