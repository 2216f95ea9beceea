/** Why a thing is on hold, in the words that stand on its tag and that one reads out to a pharmacist. */
import { assertNever } from '../brand'
import type { Harm } from './verdict'

/** "47.5 °C", "−3 °C" */
export const degrees = (hundredths: number): string =>
  `${(Math.round(hundredths / 10) / 10).toString().replace('-', '−')} °C`

/** "40 minutes", "26 hours" */
export function lasting(minutes: number): string {
  if (minutes < 90) return `${Math.round(minutes)} minutes`
  return `${Math.round(minutes / 60)} hours`
}

export function harmText(harm: Harm): string {
  switch (harm.code) {
    case 'too_hot':
      return `met ${degrees(harm.hundredths)}`
    case 'too_long':
      return `${lasting(harm.minutes)} above ${degrees(harm.above)}`
    case 'mean':
      return `a mean kinetic temperature of ${degrees(harm.hundredths)}`
    case 'froze':
      return `froze at ${degrees(harm.hundredths)}`
    case 'may_have_frozen':
      return `may have frozen: ${lasting(harm.minutes)} at 0 °C or below`
    case 'frost_typed':
      return `may have frozen: ${degrees(harm.hundredths)} was read`
    default:
      return assertNever(harm)
  }
}

/** No longer than a reason may be. */
const MOST_LETTERS = 120

/** @example "26 hours above 30 °C, met 47.5 °C: ask the pharmacist" */
export function holdReason(harms: readonly Harm[]): string {
  const ask = ': ask the pharmacist, vet or maker'
  const [first, ...others] = harms.map(harmText)
  const told = others.reduce(
    (so, one) => (`${so}, ${one}${ask}`.length > MOST_LETTERS ? so : `${so}, ${one}`),
    first ?? '',
  )
  return `${told.charAt(0).toUpperCase()}${told.slice(1)}${ask}`
}
