/**
 * Whether one more dose of an ingredient fits between those that were given: the interval since
 * the last, and the most in any 24 hours, over all products, helpers and kits. The longer
 * interval and the lower limit hold where the cards of two products differ. Nothing here
 * depends on the order in which the doses were heard of.
 */
import type { Measure } from '../quantity/measure'
import {
  DAY_MILLISECONDS,
  type DoseRule,
  dosesOf,
  type GivenDose,
  type Instant,
  measureOf,
  minutesAfter,
} from './given'

export type TimingRefusal =
  | {
      readonly code: 'interval_not_over'
      readonly last: GivenDose
      readonly until: Instant
    }
  /** The same ingredient in another product. */
  | {
      readonly code: 'same_ingredient'
      readonly last: GivenDose
      readonly until: Instant
    }
  | { readonly code: 'day_doses_reached'; readonly most: number; readonly until: Instant }
  /** Less than a full dose is left of the day's limit. */
  | {
      readonly code: 'day_amount_reached'
      readonly most: Measure
      readonly given: Measure
      readonly until: Instant
    }
  /** The ingredient was given within a day, and nobody knows how much. */
  | { readonly code: 'unknown_amount_given'; readonly last: GivenDose; readonly until: Instant }
  /** The amounts that were given are in a unit that does not add up with this one. */
  | { readonly code: 'given_in_another_unit'; readonly last: GivenDose; readonly until: Instant }

/** A dose that is thought of. */
export interface Wanted {
  readonly rule: DoseRule
  readonly title: string
  /** Null where the card counts doses only. */
  readonly measure: Measure | null
}

/** Doses in the 24 hours up to a moment, that moment included. */
const inDayBefore = (doses: readonly GivenDose[], end: number): readonly GivenDose[] =>
  doses.filter(({ at }) => at <= end && at > end - DAY_MILLISECONDS)

/** The limits that a dose was given by, where they are about the same ingredient. */
const limitsOf = ({ rule }: GivenDose, { key }: DoseRule): DoseRule | null =>
  rule?.key === key ? rule : null

/** From when another may be given after a dose: by the longer interval of the two cards. */
const freeAfter = (dose: GivenDose, rule: DoseRule): Instant =>
  minutesAfter(dose.at, Math.max(rule.again, limitsOf(dose, rule)?.again ?? 0))

/** Why a dose does not fit at a moment among those given, before it or after it; none when it does. */
export function timingRefusals(
  given: readonly GivenDose[],
  wanted: Wanted,
  at: Instant,
): readonly TimingRefusal[] {
  const doses = dosesOf(given, wanted.rule.key)
  const near = doses.filter(
    (dose) => dose.at > at - DAY_MILLISECONDS * 2 && dose.at < at + DAY_MILLISECONDS * 2,
  )
  return [...intervalRefusals(near, wanted, at), ...dayRefusals(near, wanted, at)]
}

function intervalRefusals(
  doses: readonly GivenDose[],
  { rule, title }: Wanted,
  at: Instant,
): readonly TimingRefusal[] {
  const tooClose = doses.filter((dose) => Math.abs(at - dose.at) < freeAfter(dose, rule) - dose.at)
  const last = tooClose.at(-1)
  if (!last) return []
  const until = Math.max(...tooClose.map((dose) => freeAfter(dose, rule))) as Instant
  return [{ code: last.title === title ? 'interval_not_over' : 'same_ingredient', last, until }]
}

function dayRefusals(
  doses: readonly GivenDose[],
  wanted: Wanted,
  at: Instant,
): readonly TimingRefusal[] {
  const { rule, measure } = wanted
  // Every window of 24 hours that the dose would lie in ends with it or with a later one.
  const ends = [
    at,
    ...doses.map((dose) => dose.at).filter((end) => end > at && end < at + DAY_MILLISECONDS),
  ]
  const refusals: TimingRefusal[] = []
  for (const end of ends) {
    const within = inDayBefore(doses, end)
    const first = within[0]
    if (!first) continue
    const until = (first.at + DAY_MILLISECONDS) as Instant
    const mostDoses = least([
      rule.mostDoses,
      ...within.map((dose) => limitsOf(dose, rule)?.mostDoses ?? null),
    ])
    if (mostDoses !== null && within.length + 1 > mostDoses)
      refusals.push({
        code: 'day_doses_reached',
        most: mostDoses,
        until: freedAt(within, within.length + 1 - mostDoses),
      })
    const most = lowestOf([rule.most, ...within.map((dose) => limitsOf(dose, rule)?.most ?? null)])
    if (most === null) continue
    const unknown = within.findLast((dose) => measureOf(dose, rule.key) === null)
    if (unknown || measure === null) {
      if (unknown)
        refusals.push({
          code: 'unknown_amount_given',
          last: unknown,
          until: (unknown.at + DAY_MILLISECONDS) as Instant,
        })
      continue
    }
    const foreign = within.findLast((dose) => measureOf(dose, rule.key)?.unit !== measure.unit)
    if (foreign || most.unit !== measure.unit) {
      refusals.push({
        code: 'given_in_another_unit',
        last: foreign ?? first,
        until: ((foreign ?? first).at + DAY_MILLISECONDS) as Instant,
      })
      continue
    }
    const sum = totalOf(within, rule.key)
    if (sum + measure.thousandths > most.thousandths)
      refusals.push({
        code: 'day_amount_reached',
        most,
        given: { unit: measure.unit, thousandths: sum },
        until: roomAt(within, rule.key, most.thousandths - measure.thousandths) ?? until,
      })
  }
  return once(refusals)
}

const totalOf = (doses: readonly GivenDose[], key: DoseRule['key']): number =>
  doses.reduce((sum, dose) => sum + (measureOf(dose, key)?.thousandths ?? 0), 0)

const least = (values: readonly (number | null)[]): number | null =>
  values.reduce((low, one) => (one !== null && (low === null || one < low) ? one : low), null)

const lowestOf = (limits: readonly (Measure | null)[]): Measure | null =>
  limits.reduce<Measure | null>(
    (low, one) => (one !== null && (low === null || one.thousandths < low.thousandths) ? one : low),
    null,
  )

/** When so many of these are more than a day ago. */
const freedAt = (within: readonly GivenDose[], count: number): Instant =>
  ((within[Math.min(count, within.length) - 1]?.at ?? 0) + DAY_MILLISECONDS) as Instant

/** When no more than so much of these lies within a day; null when it never does. */
function roomAt(within: readonly GivenDose[], key: DoseRule['key'], room: number): Instant | null {
  for (let gone = 0; gone <= within.length; gone += 1)
    if (totalOf(within.slice(gone), key) <= room) return gone === 0 ? null : freedAt(within, gone)
  return null
}

/** Each reason once, with the latest time that it names. */
function once(refusals: readonly TimingRefusal[]): readonly TimingRefusal[] {
  const byCode = new Map<string, TimingRefusal>()
  for (const refusal of refusals) {
    const known = byCode.get(refusal.code)
    if (!known || known.until < refusal.until) byCode.set(refusal.code, refusal)
  }
  return [...byCode.values()]
}

/**
 * The first moment from `from` on at which the dose fits; null when it never does within two
 * days (more than the day's limit by itself).
 */
export function nextAllowed(
  given: readonly GivenDose[],
  wanted: Wanted,
  from: Instant,
): Instant | null {
  const past = given.filter((dose) => dose.at <= from)
  const doses = dosesOf(past, wanted.rule.key)
  const moments = [
    from,
    ...doses.flatMap((dose) => [
      freeAfter(dose, wanted.rule),
      (dose.at + DAY_MILLISECONDS) as Instant,
    ]),
  ]
    .filter((moment) => moment >= from)
    .sort((a, b) => a - b)
  return moments.find((moment) => timingRefusals(past, wanted, moment).length === 0) ?? null
}

/** What of the day's limit is taken, for the bar that shows it. */
export interface DaySoFar {
  readonly doses: number
  readonly mostDoses: number | null
  readonly given: Measure | null
  readonly most: Measure | null
}

export function daySoFar(given: readonly GivenDose[], rule: DoseRule, at: Instant): DaySoFar {
  const within = inDayBefore(dosesOf(given, rule.key), at)
  const [first] = within
  const unit = rule.most?.unit ?? (first && measureOf(first, rule.key)?.unit) ?? null
  const known = within.every((dose) => measureOf(dose, rule.key)?.unit === unit)
  return {
    doses: within.length,
    mostDoses: rule.mostDoses,
    given: unit !== null && known ? { unit, thousandths: totalOf(within, rule.key) } : null,
    most: rule.most,
  }
}
/**
 * Doses that came too soon or went beyond a day's limit, with why. The same whichever phone was
 * heard of first: doses are gone through by the time at which they were given.
 */
export function beyondLimits(
  given: readonly GivenDose[],
): ReadonlyMap<string, readonly TimingRefusal[]> {
  const beyond = new Map<string, readonly TimingRefusal[]>()
  const inOrder = [...given].sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1))
  inOrder.forEach((dose, position) => {
    const before = inOrder.slice(0, position)
    const reasons = dose.holds.flatMap(({ key, measure }) => {
      const rule =
        dose.rule?.key === key
          ? dose.rule
          : // Noted by hand: the limits of what was given before it hold.
            (before.findLast((one) => one.rule?.key === key)?.rule ?? null)
      return rule ? timingRefusals(before, { rule, measure, title: dose.title }, dose.at) : []
    })
    if (reasons.length > 0) beyond.set(dose.id, reasons)
  })
  return beyond
}
