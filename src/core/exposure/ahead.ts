/** What is to come by the model: the first frost and the first heat, and what they would harm. */
import { addDays, type PlainDate } from '../calendar/plainDate'
import { dayOfYear } from './chart'
import { FROST, HEAT, LIMITS } from './limits'
import { type Modelled, modelled } from './model'
import type { Keeping } from './storage'

export const WEATHERS = ['frost', 'heat'] as const
export type Weather = (typeof WEATHERS)[number]

export interface Coming {
  readonly code: Weather
  readonly on: PlainDate
  /** Coldest or hottest of that day. */
  readonly hundredths: number
}

/** So far ahead it is looked. */
export const AHEAD_DAYS = 60

/** The first day with frost and the first above 30 °C, from today on. */
export function comingAt(of: Modelled, today: PlainDate): readonly Coming[] {
  const found = new Map<Weather, Coming>()
  for (let n = 0; n <= AHEAD_DAYS && found.size < 2; n++) {
    const on = addDays(today, n)
    const day = dayOfYear(on)
    const hours = Array.from({ length: 24 }, (_, hour) => Math.round(modelled(of, day, hour) * 100))
    const [low, high] = [Math.min(...hours), Math.max(...hours)]
    if (low <= FROST && !found.has('frost'))
      found.set('frost', { code: 'frost', on, hundredths: low })
    if (high > HEAT && !found.has('heat')) found.set('heat', { code: 'heat', on, hundredths: high })
  }
  return [...found.values()]
}

/** Whether what comes would harm a thing that is kept like this. */
export function isHarmedBy({ storage, frostHarms }: Keeping, code: Weather): boolean {
  if (code === 'frost') return frostHarms
  const limits = storage && LIMITS[storage]
  return limits !== undefined && limits !== null && limits.above <= HEAT
}
