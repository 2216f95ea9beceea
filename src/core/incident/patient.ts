/** The patient of an incident as the rules see one: a member, or somebody made in seconds. */
import type { PlainDate } from '../calendar/plainDate'
import { substanceNamed } from '../catalogue/substances'
import {
  type Allergy,
  blankFacts,
  CONDITIONS_OF_PEOPLE,
  type Member,
  type MemberFacts,
  type PersonCondition,
} from '../household/member'
import { TOPICS } from '../household/told'
import { bornAt } from '../household/weight'
import type { MemberId, WeighingId } from '../ids'
import type { IncidentPatient } from './entry'

/** Never a member of the record. */
const GUEST_ID = '00000000-0000-4000-8000-000000000000' as MemberId

/** Null where the member is not known any more. */
export function memberOf(
  patient: IncidentPatient,
  members: readonly Member[],
  today: PlainDate,
): Member | null {
  if (patient.kind === 'member') return members.find(({ id }) => id === patient.memberId) ?? null
  const { species, years, age, grams } = patient
  const said = age ?? (years === null ? null : ({ count: years, unit: 'years' } as const))
  return {
    id: GUEST_ID,
    name: patient.name,
    species,
    born: said && bornAt(said, today),
    helper: false,
    // What nobody could match with a list is not lost: it is asked about, and handed over.
    note: [patient.conditions ?? '', patient.medicines ?? ''].filter(Boolean).join('; '),
    facts: factsOf(patient, today),
    weighings: grams === null ? [] : [{ id: GUEST_ID as string as WeighingId, on: today, grams }],
    guestUntil: today,
    version: 0,
  }
}

type Guest = Extract<IncidentPatient, { kind: 'guest' }>

const listed = (text: string): readonly string[] =>
  text
    .split(/[,;]/)
    .map((name) => name.trim())
    .filter((name) => name !== '')

/** What was said of a guest, as the rules see it; what nobody asked stays not asked. */
function factsOf(guest: Guest, today: PlainDate): MemberFacts {
  const blank = blankFacts(guest.species)
  const none = new Set(guest.noneOf ?? [])
  const told = Object.fromEntries(
    TOPICS.filter((topic) => none.has(topic) || isSaid(guest, topic)).map((topic) => [
      topic,
      { by: guest.name, on: today },
    ]),
  )
  const allergies = listed(guest.allergies).map((name): Allergy => {
    const substance = substanceNamed(name)
    return substance ? { kind: 'substance', substance } : { kind: 'named', name }
  })
  if (blank.kind === 'animal') return { ...blank, allergies, told }
  const known = Object.entries(CONDITIONS_OF_PEOPLE)
  return {
    ...blank,
    allergies,
    told,
    conditions: listed(guest.conditions ?? '').flatMap((name): readonly PersonCondition[] => {
      const found = known.find(([, words]) => words === name.toLowerCase())
      return found ? [found[0] as PersonCondition] : []
    }),
    bloodThinner: guest.bloodThinner === true,
  }
}

/** Something was written down under a topic: then it was asked. */
const isSaid = (guest: Guest, topic: (typeof TOPICS)[number]): boolean =>
  (topic === 'allergies'
    ? guest.allergies
    : topic === 'conditions'
      ? (guest.conditions ?? '')
      : (guest.medicines ?? '')
  ).trim() !== ''
