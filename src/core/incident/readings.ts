/** Readings against the patient's own normal; rates by tapping along. */
import type { PlainDate } from '../calendar/plainDate'
import type { Member } from '../household/member'
import { customaryVitals, type VitalRange } from '../household/vitals'
import { ageInMonths } from '../household/weight'
import type { Temperature } from '../quantity/measure'
import type { Reading } from './entry'

/** Hundredths of a degree that an animal's armpit reads too low, as a rough guide (2 °F). */
export const ARMPIT_OF_ANIMALS = 110

/** What a reading stands for: an animal's armpit is corrected, a person's is only named. */
export const correctedReading = (reading: Reading, isAnimal: boolean): Reading =>
  reading.of === 'temperature' && reading.site === 'armpit' && isAnimal
    ? { ...reading, value: (reading.value + ARMPIT_OF_ANIMALS) as Temperature }
    : reading

export const isCorrected = (reading: Reading, isAnimal: boolean): boolean =>
  correctedReading(reading, isAnimal) !== reading

export interface Normal {
  readonly range: VitalRange
  /** The patient's own, or the customary one. */
  readonly own: boolean
}

/** The patient's own normal at rest, else what is customary; null where none is known. */
export function normalFor(
  { species, born, facts }: Pick<Member, 'species' | 'born' | 'facts'>,
  of: Reading['of'],
  day: PlainDate,
): Normal | null {
  const own = facts.kind === 'animal' ? facts.normal[of] : null
  if (own) return { range: own, own: true }
  const range = customaryVitals(species, ageInMonths(born, day))?.[of]
  return range ? { range, own: false } : null
}

/** °C for a temperature, a minute for the rest. */
export const plainValue = (reading: Reading): number =>
  reading.of === 'temperature' ? reading.value / 100 : reading.value

export type Standing = 'below' | 'within' | 'above' | 'unknown'

export const standingOf = (reading: Reading, normal: Normal | null): Standing => {
  if (!normal) return 'unknown'
  const value = plainValue(reading)
  return value < normal.range.from ? 'below' : value > normal.range.to ? 'above' : 'within'
}

export interface TapRate {
  readonly perMinute: number
  readonly beats: number
  /** The intervals are alike: the number can be trusted. */
  readonly steady: boolean
}

/** Two touches closer than this are one. */
const BOUNCE_MILLISECONDS = 80
const FEWEST_TAPS = 4

/**
 * A rate from taps along with a pulse or a breath: by the middle interval, so that one missed or
 * doubled tap does not count.
 * @param times of the taps in milliseconds
 */
export function tapRate(times: readonly number[]): TapRate | null {
  const taps = times.filter(
    (time, at) => at === 0 || time - (times[at - 1] ?? 0) >= BOUNCE_MILLISECONDS,
  )
  if (taps.length < FEWEST_TAPS) return null
  const intervals = taps
    .slice(1)
    .map((time, at) => time - (taps[at] ?? 0))
    .sort((a, b) => a - b)
  const middle = median(intervals)
  if (middle <= 0) return null
  const off = intervals.filter((one) => Math.abs(one - middle) > middle * 0.3).length
  return {
    perMinute: Math.round(60_000 / middle),
    beats: taps.length,
    steady: off <= Math.floor(intervals.length / 5),
  }
}

const median = (sorted: readonly number[]): number => {
  const half = Math.floor(sorted.length / 2)
  return sorted.length % 2 === 1
    ? (sorted[half] ?? 0)
    : ((sorted[half - 1] ?? 0) + (sorted[half] ?? 0)) / 2
}

/** What no living heart or chest does. */
export const MOST_A_MINUTE = 600
