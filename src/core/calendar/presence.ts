/** When somebody is at a place, and from that: when there is next a chance to act there. */
import type { Brand } from '../brand'
import { addDays, later, type PlainDate, type Weekday, weekdayOf } from './plainDate'

/** The everyday rhythm of a place. */
export type Rhythm =
  | { readonly kind: 'always' }
  | { readonly kind: 'weekdays'; readonly days: readonly Weekday[] }
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

const upcoming = (presence: Presence, today: PlainDate): Visit[] =>
  presence.visits
    .filter((visit) => visit.endsOn >= today)
    .sort((a, b) => a.startsOn.localeCompare(b.startsOn))

/** The first day from today on when somebody is there. */
export function nextThere(presence: Presence, today: PlainDate): NextThere {
  const [visit] = upcoming(presence, today)
  if (presence.rhythm.kind === 'always') return { kind: 'now', label: '' }
  if (visit && visit.startsOn <= today) return { kind: 'now', label: visit.label }
  const onVisit: NextThere = visit
    ? { kind: 'on', day: visit.startsOn, label: visit.label }
    : { kind: 'unknown' }
  if (presence.rhythm.kind === 'visits') return onVisit
  const { days } = presence.rhythm
  for (let ahead = 0; ahead < 7; ahead++) {
    const day = addDays(today, ahead)
    if (visit && visit.startsOn <= day) return onVisit
    if (days.includes(weekdayOf(day)))
      return ahead === 0 ? { kind: 'now', label: '' } : { kind: 'on', day, label: '' }
  }
  return onVisit
}

/**
 * The day through which stock at a place must last so that nothing fails between two chances
 * to act: what turns on or before it has to be dealt with at the coming chance.
 *
 * Where somebody is there all the time or every week it is today plus the look-ahead. Where
 * people come on visits it is the start of the visit after the coming one, and at least today
 * plus the look-ahead; if no second visit is known, the look-ahead counts from the end of the
 * coming one.
 */
export function nextCheckDay(presence: Presence, today: PlainDate, days: Lookahead): PlainDate {
  const fromToday = addDays(today, days)
  if (presence.rhythm.kind !== 'visits') return fromToday
  const [coming, following] = upcoming(presence, today)
  if (!coming) return fromToday
  return later(fromToday, following ? following.startsOn : addDays(coming.endsOn, days))
}
