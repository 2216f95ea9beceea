/** What an insulated box would change at a place, by the model: judged before anybody buys one. */
import { type Modelled, modelled } from './model'

export interface BoxChange {
  /** Days of a year above 30 °C, as it is and in a box. */
  readonly hotDays: number
  readonly hotDaysBoxed: number
  /** Days of a year with frost, as it is and in a box. */
  readonly frostDays: number
  readonly frostDaysBoxed: number
}

const HOT = 30
const DAYS = 365
const HOURS = 24
/** Hours by which a box lags behind what is around it. A working figure of ours. */
const LAG_HOURS = 12

/** Each hour of a year as it is; the year before leads into it. */
const hoursOf = (of: Modelled): Float64Array =>
  Float64Array.from({ length: DAYS * HOURS }, (_, at) =>
    modelled(of, Math.floor(at / HOURS), at % HOURS),
  )

/** The same inside an insulated box: in each hour it comes nearer to what is around it by its share. */
export function boxed(hours: Float64Array): Float64Array {
  const share = 1 - Math.exp(-1 / LAG_HOURS)
  const inside = new Float64Array(hours.length)
  let now = hours[0] ?? 0
  // Once through, so that it begins as it ends.
  for (let round = 0; round < 2; round++)
    for (const [at, outside] of hours.entries()) {
      now += share * (outside - now)
      inside[at] = now
    }
  return inside
}

export function boxChange(of: Modelled): BoxChange {
  const outside = hoursOf(of)
  const inside = boxed(outside)
  const daysWith = (hours: Float64Array, is: (celsius: number) => boolean): number =>
    Array.from({ length: DAYS }, (_, day) => hours.subarray(day * HOURS, (day + 1) * HOURS)).filter(
      (day) => day.some(is),
    ).length
  const isHot = (celsius: number): boolean => celsius > HOT
  const isFrost = (celsius: number): boolean => celsius <= 0
  return {
    hotDays: daysWith(outside, isHot),
    hotDaysBoxed: daysWith(inside, isHot),
    frostDays: daysWith(outside, isFrost),
    frostDaysBoxed: daysWith(inside, isFrost),
  }
}
