/**
 * An incident as one line of time: folded from its entries, the same in whatever order they
 * arrived. Doses are held against each other; timers say when to look again.
 */
import { beyondLimits, type TimingRefusal } from '../dosing/allowance'
import type { CardId } from '../dosing/card'
import { type GivenDose, type Instant, minutesAfter } from '../dosing/given'
import { type CareEntry, type CareFact, type Incident, inTime, type Take, takesOf } from './entry'
import { nextDoseByRule } from './nextDose'

export interface Timer {
  /** Stays the same on every phone. */
  readonly key: string
  readonly what: string
  readonly kind: 'set' | 'next_dose' | 'throw_away'
  readonly due: Instant
}

export interface TimelineEntry extends CareEntry {
  readonly struck: boolean
  /** A dose that came too soon, or went beyond the day's limit. */
  readonly beyond: readonly TimingRefusal[]
}

export interface Timeline {
  readonly incident: Incident
  /** Oldest first; what was struck out stays. */
  readonly entries: readonly TimelineEntry[]
  readonly doses: readonly GivenDose[]
  /** Not answered yet; the soonest first. */
  readonly timers: readonly Timer[]
  /** On since; the latest. Null where none is on. */
  readonly tourniquet: { readonly at: Instant; readonly where: string } | null
  readonly ended: { readonly at: Instant; readonly by: string } | null
  readonly takes: readonly (Take & { readonly title: string })[]
}

/** A dose as it counts. */
export function doseOf({ id, at, by, fact }: CareEntry): GivenDose | null {
  return fact.kind === 'dose'
    ? { id, at, by, title: fact.title, portion: fact.portion, holds: fact.holds, rule: fact.rule }
    : null
}

/** Doses among entries that were not struck out. */
export function dosesAmong(entries: readonly CareEntry[]): readonly GivenDose[] {
  const struck = struckIn(entries)
  return entries.flatMap((entry) => {
    const dose = struck.has(entry.id) ? null : doseOf(entry)
    return dose ? [dose] : []
  })
}

const struckIn = (entries: readonly CareEntry[]): ReadonlySet<string> =>
  new Set(entries.flatMap(({ fact }) => (fact.kind === 'struck' ? [fact.entryId] : [])))

/** From when a dose may be followed by the next; null where no time frees it. */
export type NextDose = (
  dose: GivenDose,
  cardId: CardId | null,
  given: readonly GivenDose[],
) => Instant | null

/** Where nobody knows the cards: by the limits that each dose was given by. */
const BY_RULE: NextDose = (dose, _card, given) => nextDoseByRule(dose, given)

/**
 * @param others entries of the same patient outside this incident: their doses count as well
 * @param next the bench's answer, where the cards are known
 */
export function timelineOf(
  started: Incident,
  entries: readonly CareEntry[],
  others: readonly CareEntry[] = [],
  next: NextDose = BY_RULE,
): Timeline {
  const ordered = inTime(entries)
  const struck = struckIn(ordered)
  const standing = ordered.filter(({ id, fact }) => !struck.has(id) && fact.kind !== 'struck')
  const ids = new Set<string>(ordered.map(({ id }) => id))
  const doses = dosesAmong([...ordered, ...others.filter(({ id }) => !ids.has(id))])
  const beyond = beyondLimits(doses)
  return {
    incident: standing.reduce(withAbout, started),
    entries: ordered.map((entry) => ({
      ...entry,
      struck: struck.has(entry.id),
      beyond: beyond.get(entry.id) ?? [],
    })),
    doses,
    timers: timersOf(standing, doses, next),
    tourniquet: tourniquetOf(standing),
    ended: endOf(standing),
    takes: standing.flatMap(({ fact }) =>
      takesOf(fact).map((take) => ({ ...take, title: titleOf(fact) })),
    ),
  }
}

/** Something was given or used, and stands: then an incident was no slip. */
export const hasCounted = ({ entries }: Pick<Timeline, 'entries'>): boolean =>
  entries.some(({ struck, fact }) => !struck && (fact.kind === 'dose' || takesOf(fact).length > 0))

const titleOf = (fact: CareFact): string => ('title' in fact ? fact.title : '')

const withAbout = (incident: Incident, { fact }: CareEntry): Incident =>
  fact.kind === 'about'
    ? {
        ...incident,
        ...(fact.what && { kind: fact.what }),
        ...(fact.patient && { patient: fact.patient }),
        ...(fact.placeId !== undefined && { placeId: fact.placeId }),
        ...(fact.stopId !== undefined && { stopId: fact.stopId }),
      }
    : incident

function tourniquetOf(standing: readonly CareEntry[]): Timeline['tourniquet'] {
  const last = standing.findLast(({ fact }) => fact.kind === 'tourniquet')
  return last?.fact.kind === 'tourniquet' ? { at: last.at, where: last.fact.where } : null
}

function endOf(standing: readonly CareEntry[]): Timeline['ended'] {
  const last = standing.findLast(({ fact }) => fact.kind === 'ended' || fact.kind === 'reopened')
  return last?.fact.kind === 'ended' ? { at: last.at, by: last.by } : null
}

/** A timer for a dose is the time from which the next may be given, never an order to give it. */
function timersOf(
  standing: readonly CareEntry[],
  doses: readonly GivenDose[],
  next: NextDose,
): readonly Timer[] {
  const done = new Set(
    standing.flatMap(({ fact }) => (fact.kind === 'timer_done' ? [fact.timer] : [])),
  )
  const timers: Timer[] = []
  /** Also one that was given outside this incident: the last one counts. */
  const isFollowed = ({ at, id }: GivenDose, key: string): boolean =>
    doses.some(
      (other) =>
        other.holds.some((held) => held.key === key) &&
        (other.at > at || (other.at === at && other.id > id)),
    )
  for (const entry of standing) {
    const { fact, at, id } = entry
    if (fact.kind === 'timer')
      timers.push({ key: id, kind: 'set', what: fact.what, due: minutesAfter(at, fact.minutes) })
    const dose = fact.kind === 'dose' && fact.rule ? doseOf(entry) : null
    if (dose?.rule && fact.kind === 'dose' && !isFollowed(dose, dose.rule.key)) {
      const due = next(dose, fact.cardId, doses)
      if (due !== null) timers.push({ key: `dose:${id}`, kind: 'next_dose', what: fact.title, due })
    }
    if (fact.kind === 'mixed')
      timers.push({
        key: `mix:${id}`,
        kind: 'throw_away',
        what: fact.title,
        due: minutesAfter(at, fact.keepHours * 60),
      })
  }
  return timers
    .filter(({ key }) => !done.has(key))
    .sort((a, b) => a.due - b.due || (a.key < b.key ? -1 : 1))
}

/** Timers that are offered; long ones are days. */
export const TIMER_PRESETS = [
  { id: 'recheck', minutes: 5 },
  { id: 'look', minutes: 15 },
  { id: 'hour', minutes: 60 },
  { id: 'dressing', minutes: 12 * 60 },
  { id: 'day3', minutes: 3 * 24 * 60 },
  { id: 'day10', minutes: 10 * 24 * 60 },
] as const
