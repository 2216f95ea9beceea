/**
 * How long a cool bag keeps what must stay between 2 and 8 °C. Rough on purpose: a soft bag of a few
 * litres, things of a kilogram in it, taken out of the fridge. Working figures of ours; a thermometer in
 * the bag is better than any of them.
 */
import { LIMITS } from './limits'

/** Hundredths of °C, as it comes out of the fridge. */
const FROM_FRIDGE = 400
/** Hours by which what lies in it lags behind what is around it. */
const LAG_HOURS = 6
/** Watts let in for each kelvin between inside and outside. */
const LEAK = 0.5
/** Joules that a gram of ice takes up as it melts. */
const MELTING = 334
const HOUR_SECONDS = 3600
/** Nobody relies on a cool bag for longer than this. */
const MOST_HOURS = 24

/**
 * @param outside hundredths of °C
 * @param iceGrams frozen packs beside it, never against it
 * @returns hours until it is warmer than its class allows, rounded down to half hours
 */
export function coolBagHours(outside: number, iceGrams: number): number {
  const most = LIMITS.fridge?.above ?? 0
  if (outside <= most) return MOST_HOURS
  const cooling = (MELTING * iceGrams) / (((LEAK * (outside - FROM_FRIDGE)) / 100) * HOUR_SECONDS)
  const warming = LAG_HOURS * Math.log((outside - FROM_FRIDGE) / (outside - most))
  return Math.min(MOST_HOURS, Math.floor((cooling + warming) * 2) / 2)
}
