/** Who lives in the demo household: made up, with what decides which things suit them. */
import { addDays, type PlainDate } from '../core/calendar/plainDate'
import { type AnimalFacts, blankFacts, type PersonFacts } from '../core/household/member'
import type { Species } from '../core/household/species'
import type { DemoItemKey } from './household'

export interface DemoMember {
  readonly name: string
  readonly species: Species
  /** Age in days. */
  readonly age: number
  readonly helper?: boolean
  readonly note: string
  readonly facts: PersonFacts | AnimalFacts
  /** Days ago and grams, oldest first. */
  readonly weights: readonly (readonly [number, number])[]
}

const person = (facts: Partial<PersonFacts>): PersonFacts => ({
  ...(blankFacts('person') as PersonFacts),
  ...facts,
})
const animal = (facts: Partial<AnimalFacts>): AnimalFacts => ({
  ...(blankFacts('dog') as AnimalFacts),
  ...facts,
})
const DOCTOR = { name: 'Dr Aske, Mill Lane practice', phone: '555-0131' }
const VET = { name: 'Dr Fenwick, Ferry Street vets', phone: '555-0144' }
const CLINIC = { name: 'Night clinic for animals, Harbour Road', phone: '555-0147' }

export function demoMembers(today: PlainDate): readonly DemoMember[] {
  const until = (days: number): PlainDate => addDays(today, days)
  const members: readonly DemoMember[] = [
    {
      name: 'Ilse',
      species: 'person',
      age: 14700,
      helper: true,
      note: 'Keeps the kits',
      weights: [[400, 61_000]],
      facts: person({
        sex: 'female',
        swallowsTablets: true,
        gloveSize: 'S',
        doctor: DOCTOR,
        skills: [
          { skill: 'first-aid', until: until(410), by: 'Valley first aid school' },
          { skill: 'auto-injector', until: until(210), by: 'Dr Aske' },
          { skill: 'rescue-breaths', until: until(410), by: 'Valley first aid school' },
          { skill: 'animal-handling', until: null, by: 'Ferry Street vets' },
          { skill: 'tourniquet', until: until(-20), by: 'Forestry course' },
        ],
        evacuation: { drives: true },
      }),
    },
    {
      name: 'Tove',
      species: 'person',
      age: 15800,
      helper: true,
      note: 'Works with the saw',
      weights: [[520, 84_500]],
      facts: person({
        sex: 'male',
        swallowsTablets: true,
        bloodThinner: true,
        gloveSize: 'L',
        doctor: DOCTOR,
        conditions: ['heart-disease'],
        settled: [
          {
            rule: 'ask-acetaminophen-thinner',
            substance: 'acetaminophen',
            who: 'Dr Aske',
            on: until(-120),
            until: null,
          },
        ],
        skills: [
          { skill: 'first-aid', until: until(150), by: 'Forestry course' },
          { skill: 'tourniquet', until: until(330), by: 'Forestry course' },
          { skill: 'splinting', until: until(330), by: 'Forestry course' },
        ],
      }),
    },
    {
      name: 'Arlo',
      species: 'person',
      age: 5600,
      helper: true,
      note: 'Course at school last spring',
      weights: [[150, 58_200]],
      facts: person({
        sex: 'male',
        swallowsTablets: true,
        gloveSize: 'M',
        doctor: DOCTOR,
        conditions: ['motion-sick'],
        skills: [{ skill: 'rescue-breaths', until: until(500), by: 'School' }],
      }),
    },
    {
      name: 'Ned',
      species: 'person',
      age: 2850,
      note: 'Carries his own plan in the satchel',
      weights: [
        [700, 21_300],
        [520, 22_400],
        [330, 23_900],
        [140, 25_100],
      ],
      facts: person({
        sex: 'male',
        swallowsTablets: false,
        doctor: DOCTOR,
        conditions: ['asthma', 'anaphylaxis'],
        allergies: [{ kind: 'substance', substance: 'nuts' }],
        contacts: [{ name: 'School office', phone: '555-0162' }],
      }),
    },
    {
      name: 'Runa',
      species: 'person',
      age: 760,
      note: 'At nursery until four',
      weights: [
        [380, 9_600],
        [260, 10_700],
        [170, 11_400],
      ],
      facts: person({
        sex: 'female',
        swallowsTablets: false,
        doctor: DOCTOR,
        allergies: [{ kind: 'substance', substance: 'adhesive' }],
      }),
    },
    {
      name: 'Grete',
      species: 'person',
      age: 27400,
      note: 'At weekends',
      weights: [[610, 66_000]],
      facts: person({
        sex: 'female',
        swallowsTablets: true,
        conditions: ['high-blood-pressure', 'kidney-disease'],
        allergies: [{ kind: 'substance', substance: 'latex' }],
        doctor: { name: 'Dr Holm, Upper Town', phone: '555-0137' },
      }),
    },
    {
      name: 'Bracken',
      species: 'dog',
      age: 4300,
      note: 'Whippet',
      weights: [
        [420, 14_600],
        [300, 14_300],
        [190, 13_900],
        [64, 13_400],
      ],
      facts: animal({
        traits: ['sighthound', 'thin-coat', 'bites-in-pain'],
        coat: 'Short, thin skin',
        vet: VET,
        clinic: CLINIC,
        temperament: 'Muzzle before anything that hurts; stands still for Ilse',
        normal: {
          temperature: { from: 37.9, to: 38.9 },
          pulse: { from: 64, to: 100 },
          breathing: { from: 12, to: 24 },
        },
        agreed: [
          {
            substance: 'cetirizine',
            words: 'For a sting with swelling, as on the sheet of 3 May; telephone first',
            vet: 'Dr Fenwick',
            on: until(-206),
            confirmedAgainstWarning: false,
          },
        ],
      }),
    },
    {
      name: 'Moth',
      species: 'cat',
      age: 4700,
      note: 'Hides when strangers come',
      weights: [
        [300, 4_350],
        [200, 4_150],
        [135, 4_020],
      ],
      facts: animal({
        vet: VET,
        clinic: CLINIC,
        temperament: 'Wrap in the towel, head free; no scruffing',
        coat: 'Short',
        evacuation: { hides: true, where: 'behind the bath, shut the bathroom door' },
      }),
    },
    {
      name: 'Pip',
      species: 'bird',
      age: 1500,
      note: 'Cockatiel; no fumes, no oily ointments',
      weights: [[22, 92]],
      facts: animal({ vet: VET, clinic: CLINIC, temperament: 'Dim the light, then the towel' }),
    },
  ]
  const told = { by: 'Ilse', on: until(-120) }
  // Nobody has asked about the bird yet, so that the demo shows how that is said.
  return members.map((member) => ({
    ...member,
    facts:
      member.name === 'Pip'
        ? member.facts
        : { ...member.facts, told: { allergies: told, conditions: told, medicines: told } },
  }))
}

export interface DemoCourse {
  readonly member: string
  readonly item: DemoItemKey
  readonly reason: string
  readonly prescriber: string
  readonly directions: string
  /** Units on an ordinary day; null for as needed. */
  readonly perDay: number | null
  readonly startedAgo: number
  readonly endsIn: number | null
}

export const DEMO_COURSES: readonly DemoCourse[] = [
  {
    member: 'Moth',
    item: 'thyroid',
    reason: 'Overactive thyroid',
    prescriber: 'Dr Fenwick',
    directions: 'One tablet in the morning, one in the evening, with food',
    perDay: 2,
    startedAgo: 120,
    endsIn: null,
  },
  {
    member: 'Moth',
    item: 'thyroidOld',
    reason: 'Overactive thyroid, earlier strength',
    prescriber: 'Dr Fenwick',
    directions: 'Stopped when the strength was changed',
    perDay: 1,
    startedAgo: 400,
    endsIn: -120,
  },
  {
    member: 'Tove',
    item: 'thinner',
    reason: 'Blood thinner',
    prescriber: 'Dr Aske',
    directions: 'One in the morning, one in the evening',
    perDay: 2,
    startedAgo: 700,
    endsIn: null,
  },
  {
    member: 'Grete',
    item: 'pressureTab',
    reason: 'High blood pressure',
    prescriber: 'Dr Holm',
    directions: 'One in the morning',
    perDay: 1,
    startedAgo: 900,
    endsIn: null,
  },
  {
    member: 'Ned',
    item: 'injector',
    reason: 'Known anaphylaxis: nuts',
    prescriber: 'Dr Aske',
    directions: 'As on the signed plan',
    perDay: null,
    startedAgo: 600,
    endsIn: null,
  },
  {
    member: 'Ned',
    item: 'inhaler',
    reason: 'Asthma',
    prescriber: 'Dr Aske',
    directions: 'As on the signed plan',
    perDay: null,
    startedAgo: 600,
    endsIn: null,
  },
  {
    member: 'Bracken',
    item: 'earDrops',
    reason: 'Ear, left',
    prescriber: 'Dr Fenwick',
    directions: 'Two drops a day for ten days, as the label says',
    perDay: 0.1,
    startedAgo: 3,
    endsIn: 6,
  },
]
