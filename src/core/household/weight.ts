/** Weights: what is likely for a species and an age, and when a weighing has gone stale. */
import {
  addDays,
  addMonths,
  daysBetween,
  lastDayOfMonth,
  monthOfDay,
  type PlainDate,
} from '../calendar/plainDate'
import type { WeighingId } from '../ids'
import type { Species } from './species'

export interface Weighing {
  readonly id: WeighingId
  readonly on: PlainDate
  /** Whole grams. */
  readonly grams: number
  /** When it was written down, in milliseconds: two of one day are told apart by it. */
  readonly notedAt?: number | undefined
}

/** Grams that have been seen in living ones, youngest to largest; outside is a slip of the pen. */
const RANGES: Readonly<Record<Species, readonly [number, number]>> = {
  person: [1_500, 300_000],
  dog: [80, 110_000],
  cat: [60, 15_000],
  rabbit: [30, 10_000],
  'guinea pig': [50, 1_800],
  hamster: [5, 250],
  ferret: [50, 4_000],
  horse: [15_000, 1_200_000],
  bird: [3, 15_000],
  hen: [20, 8_000],
  tortoise: [5, 300_000],
  other: [1, 1_500_000],
}

export type WeightFault =
  | { readonly code: 'weight_out_of_range'; readonly from: number; readonly to: number }
  /** Possible, and so far from the last one that the keeper is asked. */
  | { readonly code: 'weight_jumps'; readonly last: Weighing }

/** What is wrong with a weighing, or null. `jumps` is a question, the other a refusal. */
export function weightFault(
  species: Species,
  weighing: Omit<Weighing, 'id'>,
  earlier: readonly Weighing[],
): WeightFault | null {
  const [from, to] = RANGES[species]
  if (weighing.grams < from || weighing.grams > to) return { code: 'weight_out_of_range', from, to }
  const last = lastWeighing(earlier)
  if (!last || last.on > weighing.on) return null
  const months = Math.max(1, daysBetween(last.on, weighing.on) / 30)
  const most = Math.min(3, 1.25 + 0.15 * months)
  const ratio = weighing.grams / last.grams
  return ratio > most || ratio < 1 / most ? { code: 'weight_jumps', last } : null
}

export const lastWeighing = (weighings: readonly Weighing[]): Weighing | null =>
  weighings.reduce<Weighing | null>(
    (latest, one) => (latest === null || one.on >= latest.on ? one : latest),
    null,
  )

/**
 * Days for which a weighing stands: the young grow, the small change fast. A household's own
 * prescriber may ask for less.
 * @param years age in whole years, null when unknown
 */
export function weighingStandsFor(species: Species, years: number | null): number {
  if (species === 'person') {
    if (years === null) return 180
    if (years < 1) return 30
    if (years < 3) return 90
    return years < 16 ? 180 : 730
  }
  if (years !== null && years < 1) return 30
  if (species === 'hamster' || species === 'guinea pig' || species === 'bird') return 30
  return species === 'horse' ? 180 : 120
}

export type WeightState =
  | { readonly kind: 'unknown' }
  | { readonly kind: 'fresh'; readonly weighing: Weighing; readonly until: PlainDate }
  | { readonly kind: 'stale'; readonly weighing: Weighing; readonly since: PlainDate }

/** Whether the last weighing still stands on a day. */
export function weightOn(
  species: Species,
  born: PlainDate | null,
  weighings: readonly Weighing[],
  day: PlainDate,
): WeightState {
  const weighing = lastWeighing(weighings.filter(({ on }) => on <= day))
  if (!weighing) return { kind: 'unknown' }
  const until = addDays(weighing.on, weighingStandsFor(species, ageInYears(born, weighing.on)))
  return day <= until
    ? { kind: 'fresh', weighing, until }
    : { kind: 'stale', weighing, since: until }
}

/** Whole years by the calendar: a birthday counts on its day; null when the birth date is unknown. */
export const ageInYears = (born: PlainDate | null, day: PlainDate): number | null => {
  const months = ageInMonths(born, day)
  return months === null ? null : Math.floor(months / 12)
}

/**
 * Whole months of age; 0 before birth is never asked for. Where a month is too short for the day
 * of birth, its last day counts: born on 30 November, three months old on the last of February.
 */
export function ageInMonths(born: PlainDate | null, day: PlainDate): number | null {
  if (born === null) return null
  const [year, month, date] = born.split('-').map(Number) as [number, number, number]
  const [yearNow, monthNow, dateNow] = day.split('-').map(Number) as [number, number, number]
  const isShort = dateNow < date && day < lastDayOfMonth(monthOfDay(day))
  return Math.max(0, (yearNow - year) * 12 + (monthNow - month) - (isShort ? 1 : 0))
}

export const AGE_UNITS = ['days', 'weeks', 'months', 'years'] as const
export type AgeUnit = (typeof AGE_UNITS)[number]

/** An age as somebody says it; 13 weeks or 91 days are three months, 26 weeks or 182 days six. */
export interface SaidAge {
  readonly count: number
  readonly unit: AgeUnit
}

/** Days of a month as ages are said: three months are 91 days. */
const DAYS_OF_THREE_MONTHS = 91

/** Whole months of an age as it was said. */
export function monthsSaid({ count, unit }: SaidAge): number {
  if (unit === 'years') return Math.floor(count) * 12
  if (unit === 'months') return Math.floor(count)
  const days = unit === 'weeks' ? count * 7 : count
  return Math.floor((days * 3) / DAYS_OF_THREE_MONTHS)
}

/** A day of birth that gives the months of an age as it was said. */
export const bornAt = (age: SaidAge, today: PlainDate): PlainDate => {
  const months = monthsSaid(age)
  return months === 0 && age.unit !== 'months' && age.unit !== 'years'
    ? addDays(today, -Math.floor(age.unit === 'weeks' ? age.count * 7 : age.count))
    : addMonths(today, -months)
}
