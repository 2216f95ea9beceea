/** The alarms of an incident's line of time. */
import { dayAt } from '../calendar/plainDate'
import type { Instant } from '../dosing/given'
import type { Member } from '../household/member'
import { ageInMonths } from '../household/weight'
import { type AlarmState, alarmOf } from './alarms'
import { normalFor } from './readings'
import type { Timeline } from './timeline'

/** What its readings say has to be done now. */
export function alarmsOfLine(
  { incident, entries }: Pick<Timeline, 'incident' | 'entries'>,
  patient: Member,
  now: Instant,
  timeZone: string,
): AlarmState {
  const today = dayAt(now, timeZone)
  const standing = entries.filter(({ struck }) => !struck)
  return alarmOf({
    patient,
    months: ageInMonths(patient.born, today),
    grownUp:
      patient.helper || (incident.patient.kind === 'guest' && incident.patient.grownUp === true),
    normal: (of) => normalFor(patient, of, today),
    readings: standing.flatMap(({ at, fact }) =>
      fact.kind === 'reading' ? [{ at, reading: fact.reading }] : [],
    ),
    seen: standing.flatMap(({ at, fact }) =>
      fact.kind === 'seen' ? [{ at, seen: fact.seen }] : [],
    ),
    isHeat: incident.kind === 'heat',
    now,
  })
}
