/**
 * How much of a thing is used up at a place in a year: what the record tells, held against what
 * is usual where it tells little yet. Events follow a Poisson process with a gamma prior, so
 * that a new household starts from the usual and a long record speaks for itself.
 */
import type { ItemKind } from '../stock/itemKind'

/** Something was used: so many units, so many days ago. */
export interface PastUse {
  readonly daysAgo: number
  readonly amount: number
}

export interface UseRate {
  /** Units a year. */
  readonly perYear: number
  /** Of each time it is used, so many units go. */
  readonly each: number
  /**
   * Of the gamma distribution that is believed of the times a year; null where the rate is known.
   */
  readonly shape: number | null
  /** Nine times in ten the true rate lies between these. */
  readonly low: number
  readonly high: number
  /** `record` once it tells more than the usual does. */
  readonly from: 'usual' | 'record' | 'hand'
  /** Times it was used, in so many days. */
  readonly times: number
  readonly days: number
}

/**
 * What is usual: of what belongs there, the share that is used up in a year. Working figures of
 * ours, not measurements; the record overrules them within months.
 */
const USUAL_SHARE: Readonly<Record<ItemKind, number>> = {
  supply: 0.35,
  medicine: 0.3,
  sterile: 0.15,
  instrument: 0,
  sharp: 0.02,
  battery: 0.5,
  pressurised: 0.1,
  food: 0.25,
  paper: 0,
}

/** The usual weighs as much as half an event seen. */
const PRIOR_EVENTS = 0.5
const YEAR_DAYS = 365
/** 5 % of a normal distribution lies beyond so many standard deviations, on either side. */
const NINE_IN_TEN = 1.645

/**
 * @param days for which the record has been kept of it there
 * @param par what belongs there, in units
 */
export function useRate(
  kind: ItemKind,
  par: number,
  past: readonly PastUse[],
  days: number,
): UseRate {
  const seen = past.filter(({ daysAgo }) => daysAgo >= 0 && daysAgo <= days)
  const times = seen.length
  const used = seen.reduce((sum, { amount }) => sum + amount, 0)
  const usual = USUAL_SHARE[kind] * par
  if (usual === 0 && times === 0)
    return { perYear: 0, each: 1, shape: null, low: 0, high: 0, from: 'usual', times, days }
  // The prior's events are of one unit; those seen are as large as they were.
  const each = (PRIOR_EVENTS + used) / (PRIOR_EVENTS + times)
  const shape = PRIOR_EVENTS + times
  const years = days / YEAR_DAYS + (usual > 0 ? PRIOR_EVENTS / usual : 0)
  const perYear = years > 0 ? (shape / years) * each : 0
  const [low, high] = [-NINE_IN_TEN, NINE_IN_TEN].map((z) =>
    years > 0 ? (gammaQuantile(shape, z) / years) * each : 0,
  ) as [number, number]
  return { perYear, each, shape, low, high, from: times > 0 ? 'record' : 'usual', times, days }
}

/** The keeper knows better. */
export const rateByHand = (perYear: number, rate: UseRate): UseRate => ({
  ...rate,
  perYear,
  shape: null,
  low: perYear,
  high: perYear,
  from: 'hand',
})

/**
 * The quantile of a gamma distribution of scale one, after Wilson and Hilferty (1931): its cube
 * root is nearly normal. Good to a few in a hundred from a shape of a half on.
 */
function gammaQuantile(shape: number, z: number): number {
  const root = 1 - 1 / (9 * shape) + z / Math.sqrt(9 * shape)
  return shape * Math.max(0, root) ** 3
}
