/** Whether a thing suits a member, and every reason why it does not. */
import { assertNever } from '../brand'
import { addDays, type PlainDate } from '../calendar/plainDate'
import type { ItemFacts } from '../catalogue/itemFacts'
import { labelAges } from '../catalogue/labelAges'
import {
  classesOf,
  SUBSTANCES,
  type SubstanceId,
  substanceName,
  substanceNamed,
} from '../catalogue/substances'
import { knowledgeOf } from '../household/asked'
import type { LabelSet } from '../household/labelSet'
import type { AgreedMedicine, Allergy, Member, SettledWord } from '../household/member'
import { GLOVE_SIZES } from '../household/member'
import { type Noted, noteSays } from '../household/noteSays'
import { GUT_SENSITIVE, LICKERS, type Species } from '../household/species'
import { TOPICS, type Topic } from '../household/told'
import { ageInMonths, weightOn } from '../household/weight'
import type { ItemId, MemberId } from '../ids'
import { ASK_FIRST } from './askFirst'
import { RULES, type Rule } from './rules'
import type { Schools } from './schools'

export type Unsuited =
  /** Something that acts, made for others. */
  | { readonly code: 'species' }
  /** A thing that is made for others: a hood for a cat. */
  | { readonly code: 'made_for_others'; readonly species: readonly Species[] }
  | { readonly code: 'too_young'; readonly fromMonths: number }
  | { readonly code: 'too_old' }
  | { readonly code: 'age_unknown' }
  | { readonly code: 'too_light'; readonly fromGrams: number }
  | { readonly code: 'allergy'; readonly to: string }
  | { readonly code: 'taken_already'; readonly substance: string }
  | {
      readonly code: 'rule'
      readonly rule: string
      readonly reason: string
      readonly source: string
      /** What in it the rule is about. */
      readonly about: readonly SubstanceId[]
    }
  /** The label says to ask a doctor or a pharmacist before use. */
  | {
      readonly code: 'ask_first'
      readonly rule: string
      readonly reason: string
      readonly source: string
      readonly about: SubstanceId
    }
  /** Nobody has asked; what is not known is not "none". */
  | { readonly code: 'not_asked'; readonly topic: Topic }
  /** The member's note speaks of something that nobody has recorded. */
  | { readonly code: 'note_says'; readonly noted: Noted }
  /** Nobody has read whether it is sweetened with what harms this species. */
  | { readonly code: 'sweetener_unread' }
  | { readonly code: 'cannot_swallow' }
  | { readonly code: 'wrong_size'; readonly size: string }
  | { readonly code: 'lick_risk' }
  /** An animal's vet has not written a rule for it. */
  | { readonly code: 'unsigned' }
  /** Allowed by the vet, and on the never-list: a second word is missing. */
  | { readonly code: 'not_confirmed'; readonly vet: string }
  /** The course has ended: on hold until the prescriber says. */
  | { readonly code: 'left_over'; readonly prescriber: string }
  /** Written for somebody else. */
  | { readonly code: 'somebody_elses'; readonly whose: string }

/** A member as the rules see them on one day; made once, asked often. */
export interface Patient {
  readonly member: Member
  readonly day: PlainDate
  readonly months: number | null
  /** Null when unknown or stale. */
  readonly grams: number | null
  readonly takes: ReadonlySet<SubstanceId>
  /** Some prescription runs, whatever acts in it. */
  readonly takesSomething: boolean
  /** What nobody has asked about, and what the note speaks of: both are asked before use. */
  readonly open: readonly Extract<Unsuited, { code: 'not_asked' | 'note_says' }>[]
  readonly substances: ReadonlySet<SubstanceId>
  /** Words of allergies that the reference list does not know. */
  readonly named: readonly string[]
}

/**
 * @param takes what acts in the member's regular medicines
 * @param takesSomething whether any prescription runs, also one of which nobody knows what acts
 */
export function patientOn(
  member: Member,
  takes: readonly SubstanceId[],
  day: PlainDate,
  takesSomething = takes.length > 0,
): Patient {
  const weight = weightOn(member.species, member.born, member.weighings, day)
  const { allergies } = member.facts
  return {
    member,
    day,
    months: ageInMonths(member.born, day),
    grams: weight.kind === 'fresh' ? weight.weighing.grams : null,
    takes: new Set(takes),
    takesSomething,
    open: openQuestions(member, takesSomething),
    substances: new Set(allergies.flatMap((one) => substanceOf(one) ?? [])),
    named: allergies.flatMap((one) =>
      one.kind === 'named' && substanceOf(one) === null ? [one.name.trim().toLowerCase()] : [],
    ),
  }
}

/** Also of one that was written in another of its names: "paracetamol" is acetaminophen. */
const substanceOf = (allergy: Allergy): SubstanceId | null =>
  allergy.kind === 'substance' ? allergy.substance : substanceNamed(allergy.name)

/** Whom an item was prescribed for; and whether that was confirmed against a warning. */
export interface Owner {
  readonly id: MemberId
  readonly name: string
  readonly confirmedAgainstWarning: boolean
  readonly prescriber: string
  /** Last day of the course; null for a regular medicine. */
  readonly endsOn: PlainDate | null
  /** The prescriber has said what is left may be used. */
  readonly released: boolean
}
export type Owners = ReadonlyMap<ItemId, Owner>

/** A vet's dose card, as far as it says that an animal may have something. */
export interface SignedCard {
  readonly memberId: MemberId
  readonly substance: SubstanceId
  readonly vet: string
  readonly until: PlainDate | null
  readonly confirmedAgainstWarning: boolean
}

/** What the household has decided and been prescribed, as far as it decides who may have what. */
export interface HouseRules {
  readonly owners: Owners
  /** What a vet has written a dose card for: the same word as an agreement. */
  readonly signed: readonly SignedCard[]
  readonly schools: Schools
  readonly labels: LabelSet
}

/** What an item is, for the question whom it suits. */
export interface Thing {
  /** Null for what the household does not have yet. */
  readonly itemId: ItemId | null
  readonly title: string
  /** As on the pack; the size of gloves. */
  readonly strength: string
  readonly facts: ItemFacts
  /** It lies in what goes with this member, who alone can count on it; absent for all else. */
  readonly carrier?: MemberId
}

/** Whether somebody can count on a thing being where they are. @param patient null: whoever is there */
export const isFor = ({ carrier }: Pick<Thing, 'carrier'>, patient: Patient | null): boolean =>
  carrier === undefined || carrier === patient?.member.id

/**
 * Every reason why a thing is not simply for a patient; none when it suits. The allergy comes
 * first: it is the one nobody may overlook. How grave each reason is, `gradeOf` says.
 */
export function unsuited(thing: Thing, patient: Patient, house: HouseRules): readonly Unsuited[] {
  const { itemId, title, strength, facts } = thing
  const { member } = patient
  const reasons: Unsuited[] = []
  const allergen = allergenIn(facts, title, patient)
  if (allergen !== null) reasons.push({ code: 'allergy', to: allergen })

  const owner = itemId === null ? undefined : house.owners.get(itemId)
  if (owner && owner.id !== member.id) reasons.push({ code: 'somebody_elses', whose: owner.name })
  const mine = owner?.id === member.id
  if (mine && owner.endsOn !== null && owner.endsOn < patient.day && !owner.released)
    reasons.push({ code: 'left_over', prescriber: owner.prescriber })

  const agreement = agreementOn(facts, patient, house)
  const isConfirmed =
    agreement?.confirmedAgainstWarning === true || (mine && owner.confirmedAgainstWarning)
  const broken = RULES.flatMap((rule) => brokenBy(rule, facts, patient, house))
  // A prescriber's word is about what acts; what else is in the bottle it does not speak of.
  const standing = isConfirmed
    ? broken.filter(({ about }) => about.every((one) => !facts.acting.includes(one)))
    : broken
  reasons.push(...standing)
  if (agreement && !isConfirmed && broken.length > 0)
    reasons.push({ code: 'not_confirmed', vet: agreement.vet })
  // Also of one's own: what is taken every day is doubled by taking it for something else. What
  // saves a life is for the attack, however often it is taken.
  if (facts.isMedicine && !isLifeSaver(facts))
    for (const substance of facts.acting)
      if (patient.takes.has(substance))
        reasons.push({ code: 'taken_already', substance: substanceName(substance) })
  if (mine) return reasons
  if (isSweetenerUnread(thing, patient)) reasons.push({ code: 'sweetener_unread' })

  reasons.push(...asksFirst(facts, patient, broken))
  if (isPeoplesMedicine(facts) && member.facts.kind === 'animal') {
    if (!agreement && house.schools['animal-medicine'] === 'vet-rule')
      reasons.push({ code: 'unsigned' })
  } else if (!facts.madeFor.species.includes(member.species))
    reasons.push(
      facts.isMedicine || facts.entry?.kind === 'food'
        ? { code: 'species' }
        : { code: 'made_for_others', species: facts.madeFor.species },
    )

  if (member.species === 'person') reasons.push(...unfitAge(facts, patient, house.labels))
  if (
    facts.form === 'tablet' &&
    facts.route === 'mouth' &&
    member.facts.kind === 'person' &&
    member.facts.swallowsTablets === false
  )
    reasons.push({ code: 'cannot_swallow' })
  if (facts.roles.includes('gloves') && member.facts.kind === 'person') {
    const { gloveSize } = member.facts
    const sized = GLOVE_SIZES.some((size) => size === strength)
    if (gloveSize !== null && sized && gloveSize !== strength)
      reasons.push({ code: 'wrong_size', size: gloveSize })
  }
  return reasons
}

function brokenBy(
  rule: Rule,
  facts: ItemFacts,
  patient: Patient,
  { labels }: Pick<HouseRules, 'labels'>,
): readonly Extract<Unsuited, { code: 'rule' }>[] {
  if (rule.labels && !rule.labels.includes(labels)) return []
  const about = aboutIn(rule, facts)
  return about.length > 0 && holdsFor(rule, patient)
    ? [{ code: 'rule', rule: rule.id, reason: rule.reason, source: rule.source, about }]
    : []
}

/** What has to be asked before a person swallows it: the label's questions, and what nobody knows. */
function asksFirst(
  facts: ItemFacts,
  patient: Patient,
  broken: readonly { readonly about: readonly SubstanceId[] }[],
): readonly Unsuited[] {
  const { member, day } = patient
  if (!isSwallowed(facts)) return []
  const questions = ASK_FIRST.flatMap((rule): readonly Unsuited[] => {
    const [about] = aboutIn(rule, facts)
    if (about === undefined || !holdsFor(rule, patient)) return []
    // Where a bar about the same thing holds, it wins.
    if (broken.some((bar) => bar.about.includes(about))) return []
    if (isSettled(member, rule.id, about, day)) return []
    return [{ code: 'ask_first', rule: rule.id, reason: rule.reason, source: rule.source, about }]
  })
  return [...patient.open, ...questions]
}

function openQuestions(member: Member, takesSomething: boolean): Patient['open'] {
  const topics = member.facts.kind === 'person' ? TOPICS : (['allergies'] as const)
  return [
    ...topics
      .filter((topic) => knowledgeOf(member, topic, takesSomething).kind === 'not_asked')
      .map((topic) => ({ code: 'not_asked', topic }) as const),
    ...noteSays(member).map((noted) => ({ code: 'note_says', noted }) as const),
  ]
}

/** Days for which a doctor's word stands where no end was said. */
const WORD_STANDS_DAYS = 365

/** The last day on which a doctor's or a pharmacist's word stands. */
export const lastDayOfWord = ({ on, until }: SettledWord): PlainDate =>
  until ?? addDays(on, WORD_STANDS_DAYS)

/** Whether a doctor's or a pharmacist's word stands on a day. */
export const isWordValid = (word: SettledWord, day: PlainDate): boolean =>
  word.on <= day && day <= lastDayOfWord(word)

/** Whether a doctor or a pharmacist has answered a question of the label, and that still stands. */
export const isSettled = (
  { facts }: Pick<Member, 'facts'>,
  rule: string,
  about: SubstanceId,
  day: PlainDate,
): boolean =>
  (facts.settled ?? []).some(
    (word) => word.rule === rule && word.substance === about && isWordValid(word, day),
  )

const isSwallowed = ({ isMedicine, acting, route, entry }: ItemFacts): boolean =>
  isMedicine &&
  (route === 'mouth' || (entry === null && route === 'none')) &&
  !isSaltOrSugar(acting)

/** What anybody may drink and eat asks no questions. */
const isSaltOrSugar = (acting: readonly SubstanceId[]): boolean =>
  acting.length > 0 && acting.every((one) => one === 'rehydration-salts' || one === 'glucose')

/** For an attack that kills within minutes. */
export const isLifeSaver = ({ roles }: Pick<ItemFacts, 'roles'>): boolean =>
  roles.includes('adrenaline') || roles.includes('reliever')

/** Xylitol kills dogs, sweeteners upset the gut of rabbits and rodents: a name does not tell. */
function isSweetenerUnread({ title, facts }: Thing, { member }: Patient): boolean {
  const isHarmed = member.species === 'dog' || GUT_SENSITIVE.includes(member.species)
  if (!isHarmed || !isPeoplesMedicine(facts) || facts.own.contains !== undefined) return false
  const isKnown = facts.substances.some((one) =>
    member.species === 'dog' ? one === 'xylitol' : classesOf(one).includes('sweetener'),
  )
  if (isKnown) return false
  return facts.entry === null
    ? facts.millilitres !== null
    : facts.route === 'mouth' && (facts.form !== 'tablet' || SWEET_TABLETS.test(title))
}
const SWEET_TABLETS = /chew|melt|dispers|effervesc|gum/i

function unfitAge(
  { madeFor, entry, own }: ItemFacts,
  { months, grams }: Patient,
  labels: LabelSet,
): Unsuited[] {
  const printed = entry && own.fromMonths === undefined ? labelAges(entry.id, labels) : null
  const { fromMonths, toMonths, fromGrams } = { ...madeFor, ...printed }
  const aged = fromMonths > 0 || toMonths !== null
  if (months === null) return aged && fromMonths > 0 ? [{ code: 'age_unknown' }] : []
  if (months < fromMonths) return [{ code: 'too_young', fromMonths }]
  if (toMonths !== null && months >= toMonths) return [{ code: 'too_old' }]
  if (grams !== null && grams < fromGrams) return [{ code: 'too_light', fromGrams }]
  return []
}

type Agreement = Pick<AgreedMedicine, 'vet' | 'confirmedAgainstWarning'>

/** What an animal's vet has agreed to beforehand, in words or by a dose card: one word, two papers. */
function agreementOn(
  facts: ItemFacts,
  { member, day }: Patient,
  { signed }: Pick<HouseRules, 'signed'>,
): Agreement | undefined {
  if (member.facts.kind !== 'animal') return undefined
  const cards = signed.filter(
    (card) =>
      card.memberId === member.id &&
      facts.acting.includes(card.substance) &&
      (card.until === null || card.until >= day),
  )
  const words = member.facts.agreed.filter(({ substance }) => facts.acting.includes(substance))
  const all: readonly Agreement[] = [...words, ...cards]
  return all.find(({ confirmedAgainstWarning }) => confirmedAgainstWarning) ?? all[0]
}

/** Something that acts, made for people; what nobody has matched with the catalogue counts as such. */
const isPeoplesMedicine = ({ entry, acting, isMedicine, madeFor }: ItemFacts): boolean =>
  isMedicine && madeFor.species.includes('person') && (entry === null || acting.length > 0)

/** Counts only after its vet was asked on the telephone (a school): never a first choice. */
const isAskedOfVet = ({ itemId, facts }: Thing, patient: Patient, house: HouseRules): boolean =>
  patient.member.facts.kind === 'animal' &&
  (itemId === null || house.owners.get(itemId)?.id !== patient.member.id) &&
  isPeoplesMedicine(facts) &&
  agreementOn(facts, patient, house) === undefined

/** The name of something in it that the patient is allergic to, or null. */
export function allergenIn(facts: ItemFacts, title: string, patient: Patient): string | null {
  for (const substance of facts.substances) {
    if (patient.substances.has(substance)) return substanceName(substance)
    for (const other of patient.substances)
      if (isOneOf(substance, other)) return substanceName(other)
  }
  const words = spaced(`${title} ${facts.substances.map(substanceName).join(' ')}`)
  return patient.named.find((name) => name !== '' && words.includes(spaced(name).trimEnd())) ?? null
}

/** Whether a patient is allergic to what is in a thing. */
export const isAllergicTo = (
  patient: Patient,
  { facts, title }: Pick<Thing, 'facts' | 'title'>,
): boolean => allergenIn(facts, title, patient) !== null

/** Words with a space before each, so that one is found by its beginning: "nut" in "nuts", not in "minute". */
const spaced = (text: string): string => ` ${text.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, ' ')}`

/** Whoever cannot have nuts cannot have peanuts either as far as a kit is concerned, and the other way round. */
const isOneOf = (substance: SubstanceId, allergen: SubstanceId): boolean =>
  (substance === 'peanut' && allergen === 'nuts') || (substance === 'nuts' && allergen === 'peanut')

/** What in a thing a rule is about; empty where it is not. */
function aboutIn(rule: Rule, facts: ItemFacts): readonly SubstanceId[] {
  if (rule.routes && !(rule.routes as readonly string[]).includes(facts.route)) return []
  return facts.substances.filter(
    (one) =>
      rule.substances?.includes(one) || classesOf(one).some((its) => rule.classes?.includes(its)),
  )
}

function holdsFor({ whom }: Rule, { member, months, grams, substances }: Patient): boolean {
  const { facts, species } = member
  if (whom.species && !whom.species.includes(species)) return false
  // A person of unknown age is taken for an adult by nobody: the rule holds until it is known.
  if (whom.underMonths !== undefined && months !== null && months >= whom.underMonths) return false
  if (whom.fromMonths !== undefined && (months === null || months < whom.fromMonths)) return false
  if (whom.upToGrams !== undefined && (grams === null || grams > whom.upToGrams)) return false
  if (
    whom.condition &&
    !(facts.kind === 'person' && whom.condition.some((one) => facts.conditions.includes(one)))
  )
    return false
  if (whom.allergy && !whom.allergy.some((one) => substances.has(one))) return false
  if (
    whom.trait &&
    !(facts.kind === 'animal' && whom.trait.some((one) => facts.traits.includes(one)))
  )
    return false
  if (whom.pregnancy && !(facts.kind === 'person' && whom.pregnancy.includes(facts.pregnancy)))
    return false
  if (whom.bloodThinner && !(facts.kind === 'person' && facts.bloodThinner)) return false
  return true
}

/** Put on this animal, it would be licked off. */
export const licksOff = (facts: ItemFacts, { member }: Patient): boolean =>
  facts.lickRisk && LICKERS.includes(member.species)

/** Allergies that cannot both be meant: the same thing under two names. */
export function allergyFaults(named: readonly string[]): readonly string[] {
  const seen = new Map<string, string>()
  const twice: string[] = []
  for (const name of named) {
    const key = Object.hasOwn(SUBSTANCES, name)
      ? substanceName(name as SubstanceId)
      : name.trim().toLowerCase()
    if (seen.has(key)) twice.push(name)
    seen.set(key, name)
  }
  return twice
}

/** How grave a reason is; the gravest first. Only `forbidden` may be called so. */
export const GRADES = ['forbidden', 'ask_first', 'not_as_it_is', 'weaker', 'remark'] as const
export type Grade = (typeof GRADES)[number]

export function gradeOfUnsuited(reason: Unsuited): Grade {
  switch (reason.code) {
    case 'allergy':
    case 'rule':
    case 'species':
    case 'too_young':
    case 'too_light':
    case 'not_confirmed':
      return 'forbidden'
    case 'ask_first':
    case 'not_asked':
    case 'note_says':
    case 'age_unknown':
    case 'taken_already':
    case 'unsigned':
    case 'sweetener_unread':
      return 'ask_first'
    case 'cannot_swallow':
    case 'left_over':
    case 'somebody_elses':
    case 'lick_risk':
    case 'made_for_others':
      return 'not_as_it_is'
    case 'wrong_size':
    case 'too_old':
      return 'remark'
    default:
      return assertNever(reason)
  }
}

/** What a question of the label leaves open: it counts as a plan B, once somebody has answered. */
const ANSWERED_AT_HOME: ReadonlySet<Unsuited['code']> = new Set([
  'ask_first',
  'not_asked',
  'note_says',
])

export type Suit = 'suits' | 'asked_first' | 'not'

/** Whether a thing counts for a patient: at once, only when somebody has been asked, or not. */
export function suitOf(thing: Thing, patient: Patient, house: HouseRules): Suit {
  const reasons = unsuited(thing, patient, house)
  if (reasons.some(({ code }) => !ANSWERED_AT_HOME.has(code))) return 'not'
  return reasons.length > 0 || isAskedOfVet(thing, patient, house) ? 'asked_first' : 'suits'
}

/** Suits without asking anybody first. */
export const suits = (thing: Thing, patient: Patient, house: HouseRules): boolean =>
  suitOf(thing, patient, house) === 'suits'
