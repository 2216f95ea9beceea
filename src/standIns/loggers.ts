/**
 * A simulated network of temperature loggers: two at each place, as radio sensors would tell. Made up from
 * the model of the place with weather of its own. The second drifts, signals drop, batteries die.
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
const STEADY = 'Simulated logger'
const DRIFTING = 'Simulated logger, old'

/** A battery lasts so long, and lies empty for a week until somebody puts in another. */
const BATTERY_DAYS = 300
const EMPTY_DAYS = 7
/** So far off is the old one when its battery is changed, and it is set right again with it. */
const DRIFT = 3.5

/** Days since the battery was changed, which is another day for each logger of each place. */
const sinceChange = (logger: string, seed: number, at: number): number =>
  (Math.floor(at / DAY) + Math.floor(chance(seed + logger.length) * 1000)) %
  (BATTERY_DAYS + EMPTY_DAYS)

export const simulatedLoggers: LoggerNetwork = {
  name: 'Simulated loggers',
  isStandIn: true,
  loggers: [STEADY, DRIFTING],
  battery: ({ logger, seed, at }) => Math.max(0, 1 - sinceChange(logger, seed, at) / BATTERY_DAYS),
  tell({ logger, from, to, climate, year, seed }) {
    const minutes: number[] = []
    const hundredths: number[] = []
    for (let at = Math.ceil(from / HOUR) * HOUR; at <= to; at += HOUR) {
      const day = Math.floor(at / DAY)
      const age = sinceChange(logger, seed, at)
      // A signal drops for an hour now and then, and a dead battery tells nothing.
      if (age >= BATTERY_DAYS || chance(seed + at + logger.length) < 0.01) continue
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
      const drift = logger === DRIFTING ? (DRIFT * age) / BATTERY_DAYS : 0
      minutes.push(at)
      hundredths.push(Math.round((value + calm * weather + drift) * 10) * 10)
    }
    return { minutes, hundredths }
  },
}
