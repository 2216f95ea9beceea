/** What was measured at a place month by month, by which its model is set right. */
import { FROST, HEAT } from './limits'
import type { MonthMet } from './model'
import type { Span } from './spans'

const DAY = 24 * 60
const YEAR_DAYS = 365
const MONTHS = 12
/** A day of which less was measured may have been colder or hotter. */
const ENOUGH_MINUTES = 18 * 60
/** Of a month of which less was measured nobody knows its coldest night. */
const ENOUGH_DAYS = 24

interface DaySoFar {
  low: number
  high: number
  minutes: number
}

/**
 * The lowest and the highest of the measured days of the last year, and how many had frost or heat, by month
 * from January. The extremes and not the means: what froze once may freeze again.
 * Days are taken in UTC: an hour more or less changes neither.
 * @returns null where no month was measured well enough
 */
export function monthsMet(
  spans: readonly Span[],
  now: number,
): readonly (MonthMet | null)[] | null {
  const days = new Map<number, DaySoFar>()
  const first = Math.floor(now / DAY) - YEAR_DAYS
  for (const { from, to, low, high, of } of spans) {
    if (of !== 'measured') continue
    const day = Math.floor(from / DAY)
    if (day < first) continue
    const known = days.get(day) ?? {
      low: Number.POSITIVE_INFINITY,
      high: Number.NEGATIVE_INFINITY,
      minutes: 0,
    }
    known.low = Math.min(known.low, low)
    known.high = Math.max(known.high, high)
    known.minutes += to - from
    days.set(day, known)
  }
  const months = Array.from({ length: MONTHS }, (): DaySoFar[] => [])
  for (const [day, met] of days)
    if (met.minutes >= ENOUGH_MINUTES) months[new Date(day * DAY * 60_000).getUTCMonth()]?.push(met)
  const met = months.map((of): MonthMet | null =>
    of.length < ENOUGH_DAYS
      ? null
      : {
          low: Math.min(...of.map(({ low }) => low)),
          high: Math.max(...of.map(({ high }) => high)),
          days: of.length,
          frost: of.filter(({ low }) => low <= FROST).length,
          hot: of.filter(({ high }) => high > HEAT).length,
        },
  )
  return met.some((one) => one !== null) ? met : null
}
