/**
 * How warm it is where nobody measures: a season, a day, and what walls, glass and heating do to it. Rough
 * on purpose, said to be a model wherever it is shown, and never a reason to put something on hold.
 */
import type { Climate } from '../household/places'

/** Asked once for a place: the mean of its coldest and of its hottest month. */
export interface YearOfPlace {
  /** 1 to 12. */
  readonly coldestMonth: number
  /** Whole °C. */
  readonly coldest: number
  readonly hottestMonth: number
  readonly hottest: number
}

/** The lowest and the highest of a month's measured days, hundredths of °C; and how many had frost or heat. */
export interface MonthMet {
  readonly low: number
  readonly high: number
  readonly days: number
  readonly frost: number
  readonly hot: number
}
/** By month from January; null where too little was measured. */
export type MonthsMet = readonly (MonthMet | null)[]

export interface Modelled {
  readonly climate: Climate
  readonly year: YearOfPlace
  /** What was measured there, by which it is set right. */
  readonly measured?: MonthsMet | null
}

/** Between the mean of a day and its warmest hour. A working figure of ours. */
const DAY_SWING = 5
/** What the sun adds to a closed car at the most: 20 to 25 K within the hour. */
const SUN_GAIN = 22
const HEATED = { least: 19, most: 22 }
const WARMEST_HOUR = 15
const HOURS = 24
const DAYS = 365.25
const MONTH_DAYS = DAYS / 12

const wave = (share: number): number => Math.cos(2 * Math.PI * share)

/** Middle of a month as a day of the year. */
const middleOf = (month: number): number => (month - 0.5) * MONTH_DAYS

/** Mean of a day outdoors. @param day of the year, from 0 */
export function dayMean(
  { coldestMonth, coldest, hottestMonth, hottest }: YearOfPlace,
  day: number,
): number {
  const [hot, cold] = [middleOf(hottestMonth), middleOf(coldestMonth)]
  // From one to the other and back, each half with its own length.
  const since = (((day - hot) % DAYS) + DAYS) % DAYS
  const down = (((cold - hot) % DAYS) + DAYS) % DAYS || DAYS / 2
  const share = since <= down ? (since / down) * 0.5 : 0.5 + ((since - down) / (DAYS - down)) * 0.5
  return (hottest + coldest) / 2 + ((hottest - coldest) / 2) * wave(share)
}

/** @returns °C outdoors. @param hour local, 0 to 24 */
export const outdoors = (year: YearOfPlace, day: number, hour: number): number =>
  dayMean(year, day) + DAY_SWING * wave((hour - WARMEST_HOUR) / HOURS)

/** Of the sun's strength at its best, by season: least in the middle of winter. */
const sunOf = (year: YearOfPlace, day: number): number => {
  const warm = (dayMean(year, day) - year.coldest) / Math.max(1, year.hottest - year.coldest)
  return 0.35 + 0.65 * Math.min(1, Math.max(0, warm))
}

/**
 * @returns °C where the kit is: by the model, and where the month was measured as cold and as hot as its
 * coldest and its hottest day were. @param day of the year, from 0. @param hour local
 */
export function modelled(of: Modelled, day: number, hour: number): number {
  const plain = plainly(of, day, hour)
  const month = Math.min(11, Math.floor(day / MONTH_DAYS))
  const met = of.measured?.[month]
  if (!met) return plain
  const { low, high } = usualRange(of, month)
  const stretch = high - low < LEAST_RANGE ? 1 : (met.high - met.low) / 100 / (high - low)
  return met.low / 100 + (plain - low) * stretch
}

/** Hours are looked at on the hour and half past it. */
const HALF = 0.5
/** A month that is as warm as it is cold tells nothing of how far it swings. */
const LEAST_RANGE = 1

const ranges = new WeakMap<YearOfPlace, Map<string, { low: number; high: number }>>()

/** The coldest and the hottest hour of a whole month, by the model alone. */
function usualRange(of: Modelled, month: number): { readonly low: number; readonly high: number } {
  const known = ranges.get(of.year) ?? new Map<string, { low: number; high: number }>()
  ranges.set(of.year, known)
  const key = `${of.climate}${month}`
  const before = known.get(key)
  if (before) return before
  const made = { low: Number.POSITIVE_INFINITY, high: Number.NEGATIVE_INFINITY }
  for (let day = Math.ceil(month * MONTH_DAYS); day < (month + 1) * MONTH_DAYS; day++)
    for (let hour = 0; hour < HOURS; hour += HALF) {
      const value = plainly(of, day, hour)
      made.low = Math.min(made.low, value)
      made.high = Math.max(made.high, value)
    }
  known.set(key, made)
  return made
}

function plainly({ climate, year }: Modelled, day: number, hour: number): number {
  switch (climate) {
    case 'heated': {
      // In a hot summer a house is as warm as its days.
      const mean = dayMean(year, day)
      return (
        Math.max(HEATED.least, Math.min(HEATED.most, mean), mean + 2) + wave((hour - 17) / HOURS)
      )
    }
    case 'unheated':
      return dayMean(year, day) + (DAY_SWING / 2) * wave((hour - WARMEST_HOUR - 2) / HOURS)
    case 'car':
      return (
        outdoors(year, day, hour) +
        SUN_GAIN * sunOf(year, day) * Math.max(0, wave((hour - 14) / HOURS)) ** 0.8
      )
  }
}
