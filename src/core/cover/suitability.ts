/** Whether a thing suits a member, and every reason why it does not. */

import type { PlainDate } from '../calendar/plainDate'
import type { ItemFacts } from '../catalogue/itemFacts'
import { classesOf, SUBSTANCES, type SubstanceId, substanceName } from '../catalogue/substances'
import type { AgreedMedicine, Member } from '../household/member'
import { GLOVE_SIZES } from '../household/member'
import { LICKERS } from '../household/species'
import { ageInMonths, weightOn } from '../household/weight'
import type { ItemId, MemberId } from '../ids'
import { RULES, type Rule } from './rules'
import type { Schools } from './schools'

export type Unsuited =
  | { readonly code: 'species' }
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
    }
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
  readonly substances: ReadonlySet<SubstanceId>
  /** Words of allergies that the reference list does not know. */
  readonly named: readonly string[]
}

/** @param takes what acts in the member's regular medicines */
export function patientOn(member: Member, takes: readonly SubstanceId[], day: PlainDate): Patient {
  const weight = weightOn(member.species, member.born, member.weighings, day)
  const { allergies } = member.facts
  return {
    member,
    day,
    months: ageInMonths(member.born, day),
    grams: weight.kind === 'fresh' ? weight.weighing.grams : null,
    takes: new Set(takes),
    substances: new Set(
      allergies.flatMap((one) => (one.kind === 'substance' ? [one.substance] : [])),
    ),
    named: allergies.flatMap((one) =>
      one.kind === 'named' ? [one.name.trim().toLowerCase()] : [],
    ),
  }
}

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

/** What an item is, for the question whom it suits. */
export interface Thing {
  /** Null for what the household does not have yet. */
  readonly itemId: ItemId | null
  readonly title: string
  /** As on the pack; the size of gloves. */
  readonly strength: string
  readonly facts: ItemFacts
}

/**
 * Every reason why a thing is not for a patient; none when it suits. The allergy comes first:
 * it is the one nobody may overlook.
 */
export function unsuited(
  { itemId, title, strength, facts }: Thing,
  patient: Patient,
  owners: Owners,
  schools: Schools,
): readonly Unsuited[] {
  const { member } = patient
  const reasons: Unsuited[] = []
  const allergen = allergenIn(facts, title, patient)
  if (allergen !== null) reasons.push({ code: 'allergy', to: allergen })

  const owner = itemId === null ? undefined : owners.get(itemId)
  if (owner && owner.id !== member.id) reasons.push({ code: 'somebody_elses', whose: owner.name })
  const mine = owner?.id === member.id
  if (mine && owner.endsOn !== null && owner.endsOn < patient.day && !owner.released)
    reasons.push({ code: 'left_over', prescriber: owner.prescriber })

  const agreement = agreementOn(facts, patient)
  if (!(agreement?.confirmedAgainstWarning || (mine && owner.confirmedAgainstWarning))) {
    const broken = RULES.filter((rule) => isAbout(rule, facts) && holdsFor(rule, patient))
    for (const { id, reason, source } of broken)
      reasons.push({ code: 'rule', rule: id, reason, source })
    if (agreement && broken.length > 0) reasons.push({ code: 'not_confirmed', vet: agreement.vet })
  }
  // Also of one's own: what is taken every day is doubled by taking it for something else.
  for (const substance of facts.acting)
    if (patient.takes.has(substance) && facts.isMedicine)
      reasons.push({ code: 'taken_already', substance: substanceName(substance) })
  if (mine) return reasons

  if (isPeoplesMedicine(facts) && member.facts.kind === 'animal') {
    if (!agreement && schools['animal-medicine'] === 'vet-rule') reasons.push({ code: 'unsigned' })
  } else if (!facts.madeFor.species.includes(member.species)) reasons.push({ code: 'species' })

  if (member.species === 'person') reasons.push(...unfitAge(facts, patient))
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

function unfitAge({ madeFor }: ItemFacts, { months, grams }: Patient): Unsuited[] {
  const { fromMonths, toMonths, fromGrams } = madeFor
  const aged = fromMonths > 0 || toMonths !== null
  if (months === null) return aged && fromMonths > 0 ? [{ code: 'age_unknown' }] : []
  if (months < fromMonths) return [{ code: 'too_young', fromMonths }]
  if (toMonths !== null && months >= toMonths) return [{ code: 'too_old' }]
  if (grams !== null && grams < fromGrams) return [{ code: 'too_light', fromGrams }]
  return []
}

/** What an animal's vet has agreed to beforehand, if anything. */
const agreementOn = (facts: ItemFacts, { member }: Patient): AgreedMedicine | undefined =>
  member.facts.kind === 'animal'
    ? member.facts.agreed.find(({ substance }) => facts.acting.includes(substance))
    : undefined

/** Something that acts, made for people; what nobody has matched with the catalogue counts as such. */
const isPeoplesMedicine = ({ entry, acting, isMedicine, madeFor }: ItemFacts): boolean =>
  isMedicine && madeFor.species.includes('person') && (entry === null || acting.length > 0)

/** Counts only after its vet was asked on the telephone (a school): never a first choice. */
export const isAskedFirst = ({ itemId, facts }: Thing, patient: Patient, owners: Owners): boolean =>
  patient.member.facts.kind === 'animal' &&
  (itemId === null || owners.get(itemId)?.id !== patient.member.id) &&
  isPeoplesMedicine(facts) &&
  agreementOn(facts, patient) === undefined

/** The name of something in it that the patient is allergic to, or null. */
function allergenIn(facts: ItemFacts, title: string, patient: Patient): string | null {
  for (const substance of facts.substances) {
    if (patient.substances.has(substance)) return substanceName(substance)
    for (const other of patient.substances)
      if (isOneOf(substance, other)) return substanceName(other)
  }
  const words = spaced(`${title} ${facts.substances.map(substanceName).join(' ')}`)
  return patient.named.find((name) => name !== '' && words.includes(spaced(name).trimEnd())) ?? null
}

/** Words with a space before each, so that one is found by its beginning: "nut" in "nuts", not in "minute". */
const spaced = (text: string): string => ` ${text.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, ' ')}`

/** Whoever cannot have nuts cannot have peanuts either as far as a kit is concerned, and the other way round. */
const isOneOf = (substance: SubstanceId, allergen: SubstanceId): boolean =>
  (substance === 'peanut' && allergen === 'nuts') || (substance === 'nuts' && allergen === 'peanut')

const isAbout = (rule: Rule, facts: ItemFacts): boolean =>
  (rule.routes === undefined || (rule.routes as readonly string[]).includes(facts.route)) &&
  facts.substances.some(
    (one) =>
      rule.substances?.includes(one) || classesOf(one).some((its) => rule.classes?.includes(its)),
  )

function holdsFor({ whom }: Rule, { member, months, substances }: Patient): boolean {
  const { facts, species } = member
  if (whom.species && !whom.species.includes(species)) return false
  // A person of unknown age is taken for an adult by nobody: the rule holds until it is known.
  if (whom.underMonths !== undefined && months !== null && months >= whom.underMonths) return false
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

/** Suits without asking anybody first. */
export const suits = (thing: Thing, patient: Patient, owners: Owners, schools: Schools): boolean =>
  unsuited(thing, patient, owners, schools).length === 0 && !isAskedFirst(thing, patient, owners)

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
