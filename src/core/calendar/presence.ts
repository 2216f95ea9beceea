/** When somebody is at a place, and from that: when there is next a chance to act there. */
import type { Brand } from '../brand'
import {
  addDays,
  byDay,
  dayOf,
  lastDayOfMonth,
  later,
  monthOf,
  type PlainDate,
  type Weekday,
  weekdayOf,
} from './plainDate'

/** The everyday rhythm of a place. */
export type Rhythm =
  | { readonly kind: 'always' }
  | { readonly kind: 'weekdays'; readonly days: readonly Weekday[] }
  /** On these days of the week from one month to another, over the turn of the year where the
   * first is later; besides that only on dated visits. */
  | {
      readonly kind: 'season'
      readonly days: readonly Weekday[]
      readonly fromMonth: number
      readonly toMonth: number
    }
  /** Only on dated visits. */
  | { readonly kind: 'visits' }

/** Somebody is there from the first to the last day, both included. */
export interface Visit {
  readonly startsOn: PlainDate
  readonly endsOn: PlainDate
  readonly label: string
}

export interface Presence {
  readonly rhythm: Rhythm
  readonly visits: readonly Visit[]
}

export type NextThere =
  | { readonly kind: 'now'; readonly label: string }
  | { readonly kind: 'on'; readonly day: PlainDate; readonly label: string }
  | { readonly kind: 'unknown' }

/** Proof that a number of days is at least one. */
export type Lookahead = Brand<number, 'Lookahead'>

/** Days ahead to mind; 1 to 366, outside is refused with a RangeError. */
export function lookahead(days: number): Lookahead {
  if (!Number.isInteger(days) || days < 1 || days > 366)
    throw new RangeError(`Look ahead 1 to 366 days, not ${days}`)
  return days as Lookahead
}

/** Stretches of the season that end on or after a day: the running one and the two after it. */
function seasonsFrom(rhythm: Rhythm, today: PlainDate): readonly Visit[] {
  if (rhythm.kind !== 'season') return []
  const { fromMonth, toMonth } = rhythm
  const year = Number(today.slice(0, 4))
  return [year - 1, year, year + 1, year + 2].flatMap((starts) => {
    const ends = fromMonth > toMonth ? starts + 1 : starts
    const startsOn = dayOf(starts, fromMonth, 1)
    const lastMonth = monthOf(ends, toMonth)
    return startsOn && lastMonth ? [{ startsOn, endsOn: lastDayOfMonth(lastMonth), label: '' }] : []
  })
}

const upcoming = (presence: Presence, today: PlainDate): Visit[] =>
  [...presence.visits, ...seasonsFrom(presence.rhythm, today)]
    .filter((visit) => visit.endsOn >= today)
    .sort((a, b) => byDay(a.startsOn, b.startsOn))

/** Somebody is there on a day, by the rhythm (without a label) or on a visit; null when nobody is. */
function thereOn({ rhythm, visits }: Presence, day: PlainDate): { readonly label: string } | null {
  const byRhythm = { label: '' }
  if (rhythm.kind === 'always') return byRhythm
  const visit = visits.find(({ startsOn, endsOn }) => startsOn <= day && day <= endsOn)
  if (visit) return visit
  if (rhythm.kind === 'visits' || !rhythm.days.includes(weekdayOf(day))) return null
  const inSeason =
    rhythm.kind === 'weekdays' ||
    seasonsFrom(rhythm, day).some(({ startsOn, endsOn }) => startsOn <= day && day <= endsOn)
  return inSeason ? byRhythm : null
}

/** Nobody plans further ahead. */
const FAR_AHEAD = 800

/** The first day from today on when somebody is there. */
export function nextThere(presence: Presence, today: PlainDate): NextThere {
  if (presence.rhythm.kind === 'visits') {
    const [visit] = upcoming(presence, today)
    if (!visit) return { kind: 'unknown' }
    return visit.startsOn <= today
      ? { kind: 'now', label: visit.label }
      : { kind: 'on', day: visit.startsOn, label: visit.label }
  }
  for (let ahead = 0; ahead < FAR_AHEAD; ahead++) {
    const day = addDays(today, ahead)
    const there = thereOn(presence, day)
    if (!there) continue
    const { label } = there
    return ahead === 0 ? { kind: 'now', label } : { kind: 'on', day, label }
  }
  return { kind: 'unknown' }
}

/**
 * The day through which stock at a place must last so that nothing fails between two chances
 * to act: what turns on or before it has to be dealt with at the coming chance.
 *
 * Where somebody is there all the time or every week it is today plus the look-ahead. Where
 * people come on visits it is the start of the visit after the coming one, and at least today
 * plus the look-ahead; if no second visit is known, the look-ahead counts from the end of the
 * coming one. A season is like every week while it lasts, and like a visit from its end on.
 */
export function nextCheckDay(presence: Presence, today: PlainDate, days: Lookahead): PlainDate {
  const fromToday = addDays(today, days)
  const { rhythm } = presence
  if (rhythm.kind === 'always' || rhythm.kind === 'weekdays') return fromToday
  const [coming, following] = upcoming(presence, today)
  if (!coming) return fromToday
  const seasonLasts = seasonsFrom(rhythm, today).some(
    ({ startsOn, endsOn }) => startsOn <= today && endsOn > fromToday,
  )
  if (seasonLasts) return fromToday
  return later(fromToday, following ? following.startsOn : addDays(coming.endsOn, days))
}

/** A stretch of days on which somebody is there. */
export interface Stay {
  /** By the rhythm of the place (also a single day of the week), or on a dated visit. */
  readonly kind: 'rhythm' | 'visit'
  readonly from: PlainDate
  readonly to: PlainDate
}

/**
 * All stretches on which somebody is there between two days, both included, in order; a visit
 * that began before the first is there with its own first day.
 */
export function staysFrom(presence: Presence, from: PlainDate, to: PlainDate): readonly Stay[] {
  const { rhythm, visits } = presence
  if (rhythm.kind === 'always') return [{ kind: 'rhythm', from, to }]
  const stays: Stay[] = visits
    .filter(({ startsOn, endsOn }) => endsOn >= from && startsOn <= to)
    .map(({ startsOn, endsOn }) => ({ kind: 'visit', from: startsOn, to: endsOn }))
  if (rhythm.kind !== 'visits')
    for (let day = from; day <= to; day = addDays(day, 1))
      if (thereOn({ rhythm, visits: [] }, day)) stays.push({ kind: 'rhythm', from: day, to: day })
  return stays.sort((a, b) => byDay(a.from, b.from))
}
