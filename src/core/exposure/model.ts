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

export interface Modelled {
  readonly climate: Climate
  readonly year: YearOfPlace
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

/** @returns °C where the kit is. @param day of the year, from 0. @param hour local */
export function modelled({ climate, year }: Modelled, day: number, hour: number): number {
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
