/**
 * A simulated network of temperature loggers: one at each place, as a radio sensor would tell. Made up
 * from the model of the place with weather of its own; one drifts, signals drop, batteries die.
 */

import { plainDate } from '../core/calendar/plainDate'
import { dayOfYear } from '../core/exposure/chart'
import type { LoggerNetwork } from '../core/exposure/loggerNetwork'
import { modelled } from '../core/exposure/model'

/** A number from 0 to 1 that is always the same for the same seed. */
function chance(seed: number): number {
  let x = Math.imul(seed ^ 0x9e3779b9, 0x85ebca6b)
  x = Math.imul(x ^ (x >>> 13), 0xc2b2ae35)
  return ((x ^ (x >>> 16)) >>> 0) / 2 ** 32
}

const HOUR = 60
const DAY = 24 * HOUR

export const simulatedLoggers: LoggerNetwork = {
  name: 'Simulated loggers',
  isStandIn: true,
  tell({ from, to, climate, year, seed }) {
    const minutes: number[] = []
    const hundredths: number[] = []
    for (let at = Math.ceil(from / HOUR) * HOUR; at <= to; at += HOUR) {
      const day = Math.floor(at / DAY)
      // A signal drops for an hour now and then, and a dead battery is found after four days.
      if (chance(seed + at) < 0.01 || chance(seed + Math.floor(day / 4) * 7919) < 0.01) continue
      const date = plainDate(new Date(at * 60_000).toISOString().slice(0, 10))
      const hour = (at % DAY) / HOUR
      const weather =
        6 * (chance(seed + day * 31) - 0.5) + 4 * (chance(seed + Math.floor(day / 6)) - 0.5)
      const sun = climate === 'car' ? chance(seed + day * 17) : 1
      const calm = climate === 'heated' ? 0.15 : 1
      const value =
        climate === 'car'
          ? // Under clouds a car is as warm as the air.
            sun * modelled({ climate, year }, dayOfYear(date), hour) +
            (1 - sun) * modelled({ climate: 'unheated', year }, dayOfYear(date), hour)
          : modelled({ climate, year }, dayOfYear(date), hour)
      minutes.push(at)
      hundredths.push(Math.round((value + calm * weather) * 10) * 10)
    }
    return { minutes, hundredths }
  },
}
