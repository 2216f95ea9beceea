/** What is still to be looked at after something happened: on the third day, the tenth, or because nobody ended it. */
import { addDays, dayAt, type PlainDate } from '../calendar/plainDate'
import type { MemberId, PlaceId } from '../ids'
import type { CareEntry, Incident, IncidentId } from './entry'
import { timelineOf } from './timeline'

export interface FollowUp {
  /** Stays the same while nobody has looked. */
  readonly key: string
  readonly incidentId: IncidentId
  readonly on: PlainDate
  readonly why: 'look_again' | 'not_ended'
  /** What to look at, in the words in which it was set; "" for one that nobody ended. */
  readonly what: string
  /** The patient's name. */
  readonly who: string
  readonly memberId: MemberId | null
  readonly placeId: PlaceId | null
}

/** Timers of less are looked at while one stands beside the patient. */
const LONG_MINUTES = 24 * 60

/**
 * Timers of a day or more that nobody has answered, whether the incident goes on or not; and incidents of
 * which nobody has said anything since the day before.
 * @param nameOf the patient as they are known now
 */
export function followUpsOf(
  incidents: readonly Incident[],
  entries: readonly CareEntry[],
  timeZone: string,
  nameOf: (incident: Incident) => string,
): readonly FollowUp[] {
  return incidents.flatMap((started): FollowUp[] => {
    const own = entries.filter(({ incidentId }) => incidentId === started.id)
    const { incident, timers, ended } = timelineOf(started, own)
    const about = {
      incidentId: incident.id,
      who: nameOf(incident),
      memberId: incident.patient.kind === 'member' ? incident.patient.memberId : null,
      placeId: incident.placeId,
    }
    const setAt = new Map<string, number>(own.map(({ id, at }) => [id, at]))
    const again = timers.flatMap(({ key, kind, what, due }): FollowUp[] => {
      const from = setAt.get(key)
      const isLong = from !== undefined && due - from >= LONG_MINUTES * 60_000
      return kind === 'set' && isLong
        ? [{ ...about, key: `again:${key}`, on: dayAt(due, timeZone), why: 'look_again', what }]
        : []
    })
    if (ended) return again
    const last = Math.max(incident.startedAt, ...own.map(({ at }) => at))
    const on = addDays(dayAt(last, timeZone), 1)
    return [...again, { ...about, key: `goes_on:${incident.id}`, on, why: 'not_ended', what: '' }]
  })
}
