/** A person or an animal that kits are kept for, with the facts that decide what suits them. */
import { type PlainDate, type Weekday, weekdayOf } from '../calendar/plainDate'
import type { SkillId } from '../catalogue/skills'
import type { SubstanceId } from '../catalogue/substances'
import type { AnimalEvacuation, PersonEvacuation } from '../evacuation/evacuation'
import type { MemberId } from '../ids'
import type { Contact } from './contact'
import type { AnimalSpecies, Species } from './species'
import type { Told, Topic } from './told'
import type { VitalRange } from './vitals'
import type { Weighing } from './weight'

export const CONDITIONS_OF_PEOPLE = {
  asthma: 'asthma',
  'aspirin-asthma': 'asthma that aspirin sets off',
  anaphylaxis: 'known anaphylaxis',
  diabetes: 'diabetes',
  epilepsy: 'epilepsy',
  'heart-disease': 'heart disease',
  'high-blood-pressure': 'high blood pressure',
  'kidney-disease': 'kidney disease',
  'liver-disease': 'liver disease',
  'stomach-ulcer': 'stomach ulcer',
  'stomach-bleed': 'stomach bleeding in the past',
  stroke: 'stroke in the past',
  'water-tablet': 'takes a water tablet',
  'breathing-trouble': 'chronic bronchitis or emphysema',
  'urine-trouble': 'trouble passing urine',
  drinks: 'three or more alcoholic drinks a day',
  glaucoma: 'glaucoma',
  thyroid: 'thyroid disease',
  eczema: 'eczema',
  'motion-sick': 'gets travel sick',
} as const
export type PersonCondition = keyof typeof CONDITIONS_OF_PEOPLE

export const TRAITS_OF_ANIMALS = {
  'collie-type': 'collie type',
  'flat-faced': 'flat-faced',
  'thin-coat': 'thin coat',
  'long-coat': 'long coat',
  'floppy-ears': 'floppy ears',
  sighthound: 'sighthound',
  'works-outdoors': 'works outdoors',
  swims: 'swims',
  'bites-in-pain': 'may bite when in pain',
} as const
export type AnimalTrait = keyof typeof TRAITS_OF_ANIMALS

export const CONDITIONS_OF_ANIMALS = {
  diabetes: 'diabetes',
  epilepsy: 'epilepsy',
  'heart-disease': 'heart disease',
  'kidney-disease': 'kidney disease',
  'liver-disease': 'liver disease',
  thyroid: 'thyroid disease',
} as const
export type AnimalCondition = keyof typeof CONDITIONS_OF_ANIMALS

export type Allergy =
  | { readonly kind: 'substance'; readonly substance: SubstanceId }
  /** What the reference list does not know; compared by its words. */
  | { readonly kind: 'named'; readonly name: string }

export type Pregnancy = 'no' | 'early' | 'late' | 'breastfeeding'
export const PREGNANCIES = ['no', 'early', 'late', 'breastfeeding'] as const
export const GLOVE_SIZES = ['XS', 'S', 'M', 'L', 'XL'] as const
export type GloveSize = (typeof GLOVE_SIZES)[number]

/** Taught by whom and good until when; null when it has no end. */
export interface SignedSkill {
  readonly skill: SkillId
  readonly until: PlainDate | null
  readonly by: string
}

/**
 * A shop medicine that an animal's vet has agreed to beforehand, in the vet's own words. The
 * app keeps the words and works out no amount.
 */
export interface AgreedMedicine {
  readonly substance: SubstanceId
  readonly words: string
  readonly vet: string
  readonly on: PlainDate
  /** The second, explicit confirmation that a thing on the never-list needs. */
  readonly confirmedAgainstWarning: boolean
}

/**
 * A doctor's or pharmacist's word that settles what a label says to ask about first. It ends on
 * the day that was said, else after a year.
 */
export interface SettledWord {
  /** The question of the label, by its id. */
  readonly rule: string
  readonly substance: SubstanceId
  readonly who: string
  readonly on: PlainDate
  readonly until: PlainDate | null
}

/** From which temperature a doctor or vet wants to see this patient; hundredths of a degree Celsius. */
export interface AlarmLine {
  readonly hot: number | null
  readonly cold: number | null
  readonly who: string
  readonly on: PlainDate
}

/** What is known, or known to be nothing, beside the lists themselves. */
interface SaidOf {
  /** Who said that a list holds everything; absent where nobody has asked. */
  readonly told?: Partial<Readonly<Record<Topic, Told>>>
  readonly settled?: readonly SettledWord[]
  /** The doctor's or vet's own line for this patient; it takes the place of the customary one. */
  readonly alarm?: AlarmLine
  /** What the note seems to say and the keeper has said is not so. */
  readonly noteNotSo?: readonly string[]
}

/**
 * What the parents of somebody else's child have said may be given. It ends with their word, and holds
 * for nothing that they did not name.
 */
export interface ParentsWord {
  readonly who: string
  readonly phone: string
  readonly substances: readonly SubstanceId[]
  readonly on: PlainDate
  readonly until: PlainDate
}

export interface PersonFacts extends SaidOf {
  readonly kind: 'person'
  readonly sex: 'female' | 'male' | 'unsaid'
  readonly conditions: readonly PersonCondition[]
  readonly allergies: readonly Allergy[]
  /** null when nobody has said. */
  readonly swallowsTablets: boolean | null
  readonly pregnancy: Pregnancy
  readonly bloodThinner: boolean
  readonly gloveSize: GloveSize | null
  readonly skills: readonly SignedSkill[]
  readonly contacts: readonly Contact[]
  readonly doctor: Contact
  /** For leaving the house in a hurry. */
  readonly evacuation?: PersonEvacuation
  /** Of a child who is a guest. */
  readonly word?: ParentsWord
}

export interface AnimalFacts extends SaidOf {
  readonly kind: 'animal'
  readonly conditions?: readonly AnimalCondition[]
  readonly traits: readonly AnimalTrait[]
  readonly allergies: readonly Allergy[]
  readonly coat: string
  /** Its own at rest; null where the species' range stands in. */
  readonly normal: {
    readonly temperature: VitalRange | null
    readonly pulse: VitalRange | null
    readonly breathing: VitalRange | null
  }
  readonly vet: Contact
  readonly clinic: Contact
  /** How to hold it, and what it minds. */
  readonly temperament: string
  readonly agreed: readonly AgreedMedicine[]
  readonly evacuation?: AnimalEvacuation
}

export type MemberFacts = PersonFacts | AnimalFacts

export interface Member {
  readonly id: MemberId
  readonly name: string
  readonly species: Species
  readonly born: PlainDate | null
  /** Somebody who helps others, not only one who is helped. */
  readonly helper: boolean
  readonly note: string
  readonly facts: MemberFacts
  /** Oldest first. */
  readonly weighings: readonly Weighing[]
  /** A guest's last day; null for who belongs to the household. */
  readonly guestUntil: PlainDate | null
  /** The days of the week on which a guest comes again and again; absent or null: every day until the last. */
  readonly guestDays?: readonly Weekday[] | null
  readonly version: number
}

const NOBODY: Contact = { name: '', phone: '' }

/** Nothing known yet. */
export const blankFacts = (species: Species): MemberFacts =>
  species === 'person'
    ? {
        kind: 'person',
        sex: 'unsaid',
        conditions: [],
        allergies: [],
        swallowsTablets: null,
        pregnancy: 'no',
        bloodThinner: false,
        gloveSize: null,
        skills: [],
        contacts: [],
        doctor: NOBODY,
      }
    : {
        kind: 'animal',
        traits: [],
        allergies: [],
        coat: '',
        normal: { temperature: null, pulse: null, breathing: null },
        vet: NOBODY,
        clinic: NOBODY,
        temperament: '',
        agreed: [],
      }

export const isAnimal = (species: Species): species is AnimalSpecies => species !== 'person'

/** Skills that are signed off and not run out on a day. */
export const skillsOn = (member: Pick<Member, 'facts'>, day: PlainDate): readonly SkillId[] =>
  member.facts.kind === 'person'
    ? member.facts.skills
        .filter(({ until }) => until === null || until >= day)
        .map(({ skill }) => skill)
    : []

/** Whether a member is there to be minded on a day: guests go after their visit. */
export const belongsOn = (member: Pick<Member, 'guestUntil'>, day: PlainDate): boolean =>
  member.guestUntil === null || member.guestUntil >= day

/** Whether a guest who comes again every week is here on a day of the week; everybody else always is. */
export const comesOn = (
  { guestUntil, guestDays }: Pick<Member, 'guestUntil' | 'guestDays'>,
  day: PlainDate,
): boolean => guestUntil === null || !guestDays || guestDays.includes(weekdayOf(day))

/** What the parents of a guest said on a day; null without a word, or after its end. */
export function wordOn({ facts }: Pick<Member, 'facts'>, day: PlainDate): ParentsWord | null {
  const word = facts.kind === 'person' ? facts.word : undefined
  return word && word.on <= day && day <= word.until ? word : null
}
