/** Temperatures as a logger kept them: when, and how warm. */
import type { Brand } from '../brand'

/** Whole minutes since 1970-01-01T00:00Z. */
export type Minute = Brand<number, 'Minute'>

export const minute = (of: number): Minute => Math.floor(of) as Minute
export const minuteAt = (milliseconds: number): Minute => minute(milliseconds / 60_000)

/** Minutes in ascending order, none twice; the temperature of each, in hundredths of a degree Celsius. */
export interface Series {
  readonly minutes: readonly number[]
  readonly hundredths: readonly number[]
}

/** So many at once; a logger of every minute is brought a few months at a time. */
export const MOST_READINGS = 200_000

/** Where readings come from: a logger's file, a thermometer read off, or the simulated logger. */
export const SOURCES = ['file', 'typed', 'simulated'] as const
export type Source = (typeof SOURCES)[number]

/** What no shelf, car or freezer of a household has: another unit, or a broken sensor. */
export const COLDEST = -6000
export const HOTTEST = 9000

export const isPossible = (hundredths: number): boolean =>
  Number.isFinite(hundredths) && hundredths >= COLDEST && hundredths <= HOTTEST

export interface Merged extends Series {
  /** Minutes that say something else than what was known. */
  readonly differing: number
  /** Minutes that were not known before. */
  readonly added: Series
}

/** What is known with what comes in; each minute counts once, and what was known first stays. */
export function merged(known: Series, coming: Series): Merged {
  const minutes: number[] = []
  const hundredths: number[] = []
  const added: { minutes: number[]; hundredths: number[] } = { minutes: [], hundredths: [] }
  let differing = 0
  let [a, b] = [0, 0]
  const take = (from: Series, at: number): void => {
    minutes.push(from.minutes[at] ?? 0)
    hundredths.push(from.hundredths[at] ?? 0)
  }
  while (a < known.minutes.length || b < coming.minutes.length) {
    const [left, right] = [
      known.minutes[a] ?? Number.POSITIVE_INFINITY,
      coming.minutes[b] ?? Number.POSITIVE_INFINITY,
    ]
    if (left <= right) {
      take(known, a)
      if (left === right) {
        if (known.hundredths[a] !== coming.hundredths[b]) differing += 1
        b += 1
      }
      a += 1
    } else {
      take(coming, b)
      added.minutes.push(right)
      added.hundredths.push(coming.hundredths[b] ?? 0)
      b += 1
    }
  }
  return { minutes, hundredths, differing, added }
}
