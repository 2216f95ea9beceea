/**
 * How long a thing lasts that is put somewhere on a day, by the model of the place: until the first frost
 * where that harms it, or until its class has had all the warmth that it allows.
 */
import { addDays, type PlainDate } from '../calendar/plainDate'
import type { Weather } from './ahead'
import { dayOfYear } from './chart'
import { ageing } from './kinetic'
import { FROST, LIMITS } from './limits'
import { type Modelled, modelled } from './model'
import type { Keeping } from './storage'

/** Put there on a day, counted from today, a thing is good through another. */
export interface Spell {
  /** By day; before the day itself where it is harmed at once, null where nothing harms it. */
  readonly until: readonly (number | null)[]
  /** What harms it then, a letter a day: "f" frost, "h" heat, "." nothing. */
  readonly by: string
}

const HOURS = 24
const HOUR_MINUTES = 60
/** As many as {@link judgeExposure} wants before it judges a mean. */
const MEAN_DAYS = 30

/** The days of a place, as far as they are looked at. Hundredths of °C. */
export interface DaysAhead {
  readonly low: Float64Array
  readonly high: Float64Array
  /** Of each day, how fast things age on the mean. */
  readonly aged: Float64Array
  readonly hours: Float64Array
}

/** @param today the first day */
export function daysAhead(of: Modelled, today: PlainDate, days: number): DaysAhead {
  const made = {
    low: new Float64Array(days).fill(Number.POSITIVE_INFINITY),
    high: new Float64Array(days).fill(Number.NEGATIVE_INFINITY),
    aged: new Float64Array(days),
    hours: new Float64Array(days * HOURS),
  }
  for (let day = 0; day < days; day++) {
    const ofYear = dayOfYear(addDays(today, day))
    for (let hour = 0; hour < HOURS; hour++) {
      const value = Math.round(modelled(of, ofYear, hour) * 100)
      made.hours[day * HOURS + hour] = value
      made.low[day] = Math.min(made.low[day] ?? 0, value)
      made.high[day] = Math.max(made.high[day] ?? 0, value)
      made.aged[day] = (made.aged[day] ?? 0) + ageing(value) / HOURS
    }
  }
  return made
}

/**
 * @param borne minutes above its class that it has met already
 * @returns null where nothing harms it on any of the days
 */
export function spellOf(ahead: DaysAhead, keeping: Keeping, borne = 0): Spell | null {
  const days = ahead.low.length
  const limits = (keeping.storage && LIMITS[keeping.storage]) ?? null
  const above = new Float64Array(days)
  if (limits)
    for (const [at, value] of ahead.hours.entries())
      if (value > limits.above) {
        const day = Math.floor(at / HOURS)
        above[day] = (above[day] ?? 0) + HOUR_MINUTES
      }
  const isFrosty = (day: number): boolean =>
    keeping.frostHarms && (ahead.low[day] ?? Number.POSITIVE_INFINITY) <= FROST
  // As hundredths are rounded: exactly at its limit is within.
  const most = limits?.mean == null ? null : ageing(limits.mean + 0.5)
  const firstHarm = (put: number): { readonly day: number; readonly by: Weather } | null => {
    let [warm, aged] = [borne, 0]
    for (let day = put; day < days; day++) {
      if (isFrosty(day)) return { day, by: 'frost' }
      if (!limits) continue
      warm += above[day] ?? 0
      aged += ahead.aged[day] ?? 0
      const count = day - put + 1
      const isTooWarm =
        (ahead.high[day] ?? 0) > limits.ceiling ||
        warm > limits.mostMinutes ||
        (most !== null && count >= MEAN_DAYS && aged >= most * count)
      if (isTooWarm) return { day, by: 'heat' }
    }
    return null
  }
  const until: (number | null)[] = []
  let by = ''
  for (let put = 0; put < days; put++) {
    const harm = firstHarm(put)
    until.push(harm ? harm.day - 1 : null)
    by += harm ? harm.by.charAt(0) : '.'
  }
  return until.some((one) => one !== null) ? { until, by } : null
}
