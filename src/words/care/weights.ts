/** Ages and weights as people say them; small bodies in whole grams. */
import type { AgeUnit } from '../../core/household/weight'

/** "10 weeks" is said by whoever knows it; here months and years. */
export const ageText = (months: number): string =>
  months < 24
    ? `${months} ${months === 1 ? 'month' : 'months'}`
    : `${Math.floor(months / 12)} years`

export const AGE_UNIT_NAMES: Readonly<Record<AgeUnit, string>> = {
  days: 'days',
  weeks: 'weeks',
  months: 'months',
  years: 'years',
}

/** Below this every gram counts, and none is rounded away. */
export const SMALL_BODY_GRAMS = 5000

/** "1050 g", "13.4 kg" */
export const kilograms = (grams: number): string =>
  grams < SMALL_BODY_GRAMS ? `${grams} g` : `${Math.round(grams / 100) / 10} kg`

const POUND = 453.592
/** In the household's units, as it is read off a scale. */
export const weight = (grams: number, units: 'metric' | 'us'): string => {
  if (units === 'metric' || grams < POUND) return kilograms(grams)
  const pounds = `${Math.round((grams / POUND) * 10) / 10} lb`
  return grams < SMALL_BODY_GRAMS ? `${pounds} (${grams} g)` : pounds
}
