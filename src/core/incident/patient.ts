/** The patient of an incident as the rules see one: a member, or somebody made in seconds. */
import { addDays, type PlainDate } from '../calendar/plainDate'
import { blankFacts, type Member } from '../household/member'
import type { MemberId, WeighingId } from '../ids'
import type { IncidentPatient } from './entry'

/** Never a member of the record. */
const GUEST_ID = '00000000-0000-4000-8000-000000000000' as MemberId
const YEAR_DAYS = 365.25

/** Null where the member is not known any more. */
export function memberOf(
  patient: IncidentPatient,
  members: readonly Member[],
  today: PlainDate,
): Member | null {
  if (patient.kind === 'member') return members.find(({ id }) => id === patient.memberId) ?? null
  const { species, years, grams } = patient
  const facts = blankFacts(species)
  return {
    id: GUEST_ID,
    name: patient.name,
    species,
    born: years === null ? null : addDays(today, -Math.ceil(years * YEAR_DAYS)),
    helper: false,
    note: '',
    facts: {
      ...facts,
      allergies: patient.allergies
        .split(/[,;]/)
        .map((name) => name.trim())
        .filter((name) => name !== '')
        .map((name) => ({ kind: 'named' as const, name })),
    },
    weighings: grams === null ? [] : [{ id: GUEST_ID as string as WeighingId, on: today, grams }],
    guestUntil: today,
    version: 0,
  }
}
