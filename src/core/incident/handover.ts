/** One page for a doctor, a vet or an ambulance: who, what is known, what happened when. */
import type { PlainDate } from '../calendar/plainDate'
import type { Instant } from '../dosing/given'
import { type Knowledge, knowledgeOf } from '../household/asked'
import type { Contact } from '../household/contact'
import { type Course, isRunning } from '../household/course'
import { allergyName, conditionNames } from '../household/factNames'
import type { Member } from '../household/member'
import type { Topic } from '../household/told'
import { ageInMonths, type WeightState, weightOn } from '../household/weight'
import type { ItemId } from '../ids'
import type { CareEntry, Reading } from './entry'
import type { IncidentKind } from './kindNames'
import { correctedReading, type Normal, normalFor, type Standing, standingOf } from './readings'
import type { Timeline, TimelineEntry } from './timeline'

export interface ReadingLine {
  readonly at: Instant
  readonly reading: Reading
  readonly corrected: Reading
  readonly standing: Standing
  readonly normal: Normal | null
}

export interface Handover {
  readonly name: string
  readonly species: Member['species']
  readonly months: number | null
  readonly weight: WeightState
  readonly isGuest: boolean
  /** What is known, what is known to be nothing, what nobody has asked. */
  readonly knowledge: Readonly<Record<Topic, Knowledge>>
  /** Said of a guest, as it was said. */
  readonly said: string
  readonly allergies: readonly string[]
  readonly conditions: readonly string[]
  readonly bloodThinner: boolean
  readonly pregnancy: string | null
  readonly medicines: readonly { readonly title: string; readonly directions: string }[]
  readonly contacts: readonly Contact[]
  readonly kind: IncidentKind | null
  readonly startedAt: Instant
  readonly tourniquet: Timeline['tourniquet']
  readonly doses: readonly TimelineEntry[]
  readonly readings: readonly ReadingLine[]
  /** What happened, without doses and readings, oldest first. */
  readonly happened: readonly TimelineEntry[]
  readonly photos: readonly CareEntry[]
}

/** Entries that nobody outside the household needs. */
const INNER: readonly CareEntry['fact']['kind'][] = [
  'about',
  'timer',
  'timer_done',
  'struck',
  'looking_back',
  'reopened',
  'dose',
  'reading',
]

export function handoverOf(
  timeline: Timeline,
  patient: Member,
  courses: readonly Course[],
  titleOf: (itemId: ItemId) => string,
  today: PlainDate,
): Handover {
  const { facts } = patient
  const standing = timeline.entries.filter(({ struck }) => !struck)
  const takes = courses.some((course) => course.memberId === patient.id && isRunning(course, today))
  const known = (topic: Topic) => knowledgeOf(patient, topic, takes)
  return {
    knowledge: {
      allergies: known('allergies'),
      conditions: known('conditions'),
      medicines: known('medicines'),
    },
    said: patient.guestUntil === null ? '' : patient.note,
    name: patient.name,
    species: patient.species,
    months: ageInMonths(patient.born, today),
    weight: weightOn(patient.species, patient.born, patient.weighings, today),
    isGuest: patient.guestUntil !== null,
    allergies: facts.allergies.map(allergyName),
    conditions: conditionNames(facts),
    bloodThinner: facts.kind === 'person' && facts.bloodThinner,
    pregnancy: facts.kind === 'person' && facts.pregnancy !== 'no' ? facts.pregnancy : null,
    medicines: courses
      .filter((course) => course.memberId === patient.id && isRunning(course, today))
      .map(({ itemId, directions }) => ({ title: titleOf(itemId), directions })),
    contacts: (facts.kind === 'person'
      ? [facts.doctor, ...facts.contacts]
      : [facts.vet, facts.clinic]
    ).filter(({ phone }) => phone !== ''),
    kind: timeline.incident.kind,
    startedAt: timeline.incident.startedAt,
    tourniquet: timeline.tourniquet,
    doses: standing.filter(({ fact }) => fact.kind === 'dose'),
    readings: readingsOf(standing, patient, today),
    happened: standing.filter(({ fact }) => !INNER.includes(fact.kind)),
    photos: standing.filter(({ fact }) => fact.kind === 'photo'),
  }
}

export function readingsOf(
  entries: readonly CareEntry[],
  patient: Member,
  today: PlainDate,
): readonly ReadingLine[] {
  const animal = patient.facts.kind === 'animal'
  return entries.flatMap(({ at, fact }): readonly ReadingLine[] => {
    if (fact.kind !== 'reading') return []
    const corrected = correctedReading(fact.reading, animal)
    const normal = normalFor(patient, fact.reading.of, today)
    return [
      { at, reading: fact.reading, corrected, normal, standing: standingOf(corrected, normal) },
    ]
  })
}
