/**
 * Works a dose out, step by step and exactly, or says why not. The amount is only given where
 * nothing speaks against it; where only time does, it is shown with the time from which it may
 * be given. Liquids are rounded down to the mark of the syringe, tablets down to a cut that
 * they allow: never up past the rule.
 */
import { daysBetween, type PlainDate } from '../calendar/plainDate'
import type { SubstanceId } from '../catalogue/substances'
import { type Patient, type Thing, type Unsuited, unsuited } from '../cover/suitability'
import { type Member, wordOn } from '../household/member'
import { ageInYears, weightOn } from '../household/weight'
import { exact } from '../quantity/exact'
import { strengthText } from '../quantity/measure'
import { daySoFar, nextAllowed, timingRefusals, type Wanted } from './allowance'
import { inPortion, ruleOf, wholeUp } from './amounts'
import { bandFor } from './band'
import { type DoseCard, ingredientKey, isLabel, type Portion, type Sign } from './card'
import { DAY_MILLISECONDS, dosesOf, type GivenDose, type Instant } from './given'
import { cutRefusal, isCut, lotFor, type Offers } from './lots'
import type { Common, Dose, DoseAnswer, DoseQuestion, Step } from './question'
import { type DoseRefusal, isQuestion, isWait, questionKey } from './refusal'
import { isFor, sourceGap } from './sources'
import { amountAsked, amountOf, wantedOf } from './wanted'

export function workOut(question: DoseQuestion): DoseAnswer {
  const { card, patient, given, at, now } = question
  const refusals: DoseRefusal[] = [...cardRefusals(question), ...suitRefusals(question)]
  const steps: Step[] = []
  const key = ingredientKey(card.about)
  const doses = dosesOf(given, key)
  const last = doses.findLast((dose) => dose.at <= at) ?? null

  const fitting = bandFor(card, patient)
  if ('refusal' in fitting)
    return {
      kind: 'refused',
      refusals: endingWith(fitting.refusal, refusals),
      card,
      steps,
      band: null,
      rule: null,
      day: null,
      last,
      mayRaise: false,
    }
  const { band } = fitting
  steps.push(...fitting.steps)
  refusals.push(...signRefusals(card, patient, question.signs))
  const daysOver = daysGone(card, doses, at)
  if (daysOver !== null) refusals.push({ code: 'days_over', days: daysOver })

  const asked = amountAsked(band, question.choice, doses, at)
  const sum = amountOf(asked, card, patient, question, steps)
  const rule = ruleOf(card, band, patient)
  const common: Common = {
    card,
    steps,
    band,
    rule,
    day: daySoFar(given, rule, at),
    last,
    mayRaise: band.upTo !== null,
  }
  if ('refusal' in sum)
    return { ...common, kind: 'refused', refusals: endingWith(sum.refusal, refusals) }
  const { dose, muchLess } = sum

  if (at > now) refusals.push({ code: 'in_the_future' })
  const wanted: Wanted = { rule, measure: dose.measure, title: card.name }
  refusals.push(...timingRefusals(given, wanted, at))
  refusals.push(...lotRefusals(question.offers), ...cutRefusals(question, dose))

  const [first, ...more] = refusals
  if (!first) return { ...common, kind: 'give', dose, again: band.again, muchLess }
  if (refusals.every(isWait))
    return {
      ...common,
      kind: 'wait',
      dose,
      until: nextAllowed(given, wanted, at),
      refusals: [first, ...more],
    }
  return { ...common, kind: 'refused', refusals: [first, ...more] }
}

/** The reasons with one that came last, each once. */
function endingWith(
  last: DoseRefusal,
  earlier: readonly DoseRefusal[],
): readonly [DoseRefusal, ...DoseRefusal[]] {
  const [first, ...more] = earlier.filter(({ code }) => code !== last.code)
  return first ? [first, ...more, last] : [last]
}

// ---- the card ----------------------------------------------------------------------------------

function cardRefusals(question: DoseQuestion): readonly DoseRefusal[] {
  const { card, patient } = question
  const { member, day } = patient
  const animal = member.facts.kind === 'animal'
  const refusals: DoseRefusal[] = []
  if (animal && isLabel(card)) return [{ code: 'ask_vet' }]
  if (animal && card.source.kind !== 'vet') refusals.push({ code: 'not_a_vet' })
  if (!isFor(card, patient)) refusals.push({ code: 'card_for_others' })
  const noWord = isLabel(card) ? withoutWord(card, member, day) : null
  if (noWord) refusals.push(noWord)
  if (card.endsOn !== null && card.endsOn < day)
    refusals.push({ code: 'card_ended', on: card.endsOn })
  if (card.reviewOn !== null && card.reviewOn < day)
    refusals.push({ code: 'card_review_over', on: card.reviewOn })
  const gap = sourceGap(card, question.cards, patient)
  if (gap && card.confirmed === null) refusals.push(gap)
  return refusals
}

/** A guest is given what a label says only by the word of who is responsible for them. */
function withoutWord(card: DoseCard, member: Member, day: PlainDate): DoseRefusal | null {
  if (member.guestUntil === null) return null
  const said = member.facts.kind === 'person' ? member.facts.word : undefined
  if (!said) return { code: 'stranger' }
  const { about } = card
  const word = wordOn(member, day)
  const isNamed = about.kind === 'substance' && word?.substances.includes(about.substance)
  if (isNamed) return null
  const { who, phone, until } = said
  return { code: 'not_in_word', who, phone, endedOn: until < day ? until : null }
}

// ---- whom it suits -----------------------------------------------------------------------------

/** The ingredient alone, as the rules of who must not have it see it. */
function ingredientThing(card: DoseCard): Thing {
  const acting: readonly SubstanceId[] =
    card.about.kind === 'substance' ? [card.about.substance] : []
  return {
    itemId: null,
    title: card.name,
    strength: '',
    facts: {
      entry: null,
      roles: [],
      uses: 1,
      usesKnown: false,
      form: card.unit === 'tablet' || card.unit === 'capsule' ? 'tablet' : 'liquid',
      millilitres: null,
      route: card.unit === 'suppository' ? 'rectum' : card.unit === 'puff' ? 'lungs' : 'mouth',
      substances: acting,
      acting,
      named: [],
      madeFor: { species: [], fromMonths: 0, toMonths: null, fromGrams: 0 },
      skill: null,
      companions: [],
      lickRisk: false,
      isMedicine: true,
      own: {},
    },
  }
}

function suitRefusals({
  card,
  patient,
  schools,
  labels,
  answered,
}: DoseQuestion): readonly DoseRefusal[] {
  const label = isLabel(card)
  const reasons = unsuited(ingredientThing(card), patient, {
    owners: new Map(),
    signed: [],
    schools,
    labels,
  })
  return reasons
    .flatMap((reason): readonly DoseRefusal[] => suitRefusal(reason, card, label))
    .filter((refusal) => !isQuestion(refusal) || !answered.has(questionKey(refusal)))
}

/** The card itself speaks of age, weight and species; the prescriber of what is taken every day. */
function suitRefusal(reason: Unsuited, card: DoseCard, label: boolean): readonly DoseRefusal[] {
  switch (reason.code) {
    case 'allergy':
      return [{ code: 'allergy', to: reason.to }]
    case 'taken_already':
      return label ? [{ code: 'taken_already', substance: reason.substance }] : []
    case 'cannot_swallow':
      return [{ code: 'cannot_swallow' }]
    case 'not_asked':
    case 'note_says':
    case 'ask_first':
      // A prescriber knew the patient; a label does not.
      return label ? [reason] : []
    case 'rule':
      if (label) return [{ code: 'rule', reason: reason.reason, source: reason.source }]
      return card.confirmed
        ? []
        : [{ code: 'not_confirmed', who: card.source.who, reason: reason.reason }]
    default:
      return []
  }
}

const signRefusals = (
  { notWith, notWithUnderYears }: DoseCard,
  { member, day }: Patient,
  signs: ReadonlySet<Sign>,
): readonly DoseRefusal[] => {
  const years = ageInYears(member.born, day)
  const counts = notWithUnderYears === null || years === null || years < notWithUnderYears
  return counts
    ? notWith.filter((sign) => signs.has(sign)).map((sign) => ({ code: 'sign', sign }))
    : []
}

/** Signs that a card asks about for a patient. */
export const signsAsked = (card: DoseCard, patient: Patient): readonly Sign[] =>
  signRefusals(card, patient, new Set(card.notWith)).flatMap((one) =>
    one.code === 'sign' ? [one.sign] : [],
  )

/** The days that a card allows, where they are over; null where they are not. */
function daysGone(card: DoseCard, doses: readonly GivenDose[], at: Instant): number | null {
  const { series, days } = card
  if (series) return isSeriesOver(series, doses, at) ? series.mostHours / 24 : null
  return days !== null && daysInARow(doses, at) >= days ? days : null
}

const HOUR_MILLISECONDS = 3_600_000

/** Whether the first of the doses that followed each other closely lies too long ago. */
function isSeriesOver(
  { apartHours, mostHours }: NonNullable<DoseCard['series']>,
  doses: readonly GivenDose[],
  at: Instant,
): boolean {
  let first = at
  for (const dose of [...doses].reverse()) {
    if (dose.at > at) continue
    if (first - dose.at >= apartHours * HOUR_MILLISECONDS) break
    first = dose.at
  }
  return at - first >= mostHours * HOUR_MILLISECONDS
}

/** Whole days of 24 hours before a moment in each of which it was given. */
function daysInARow(doses: readonly GivenDose[], at: Instant): number {
  let days = 0
  for (;;) {
    const end = at - days * DAY_MILLISECONDS
    if (!doses.some((dose) => dose.at <= end && dose.at > end - DAY_MILLISECONDS)) return days
    days += 1
  }
}

// ---- what lies there ---------------------------------------------------------------------------

/** Why what lies there is not to be taken, where nothing else does. */
function lotRefusals(offers: Offers | null): readonly DoseRefusal[] {
  if (!offers || offers.good.length > 0) return []
  const [barred] = offers.barred
  return barred ? [barred.why] : []
}

/** Whether the tablet that would be taken may be cut so; what needs no cut is named instead. */
function cutRefusals(question: DoseQuestion, { portion }: Dose): readonly DoseRefusal[] {
  const lot = question.offers && lotFor(question.offers, portion)
  if (!lot || !isCut(portion)) return []
  const refusals = cutRefusal(lot, portion)
  if (refusals.length === 0) return refusals
  const instead = formsUncut(question)
  return refusals.map((one) => ({ ...one, instead }))
}

/** What holds the same and needs no cut for this patient: other labels and rules, by name. */
function formsUncut(question: DoseQuestion): readonly string[] {
  const { card, cards } = question
  return cards
    .filter(
      (other) =>
        other.id !== card.id &&
        ingredientKey(other.about) === ingredientKey(card.about) &&
        isFor(other, question.patient),
    )
    .filter((other) => {
      const answer = workOut({ ...question, card: other, offers: null, given: [], barrel: null })
      return answer.kind === 'give' && !isCut(answer.dose.portion)
    })
    .map(({ name, strength }) => (strength ? `${name}, ${strengthText(strength)}` : name))
}

/** Nothing speaks against it but what somebody can answer, a look at the tablet included. */
export const asksOnly = (answer: DoseAnswer): boolean =>
  answer.kind === 'refused' &&
  answer.refusals.every((refusal) => isQuestion(refusal) || refusal.code === 'cut_unknown')

/** Days since a member was last weighed; null when never. */
export const weighedAgo = ({ member, day }: Patient): number | null => {
  const weight = weightOn(member.species, member.born, member.weighings, day)
  return weight.kind === 'unknown' ? null : daysBetween(weight.weighing.on, day)
}

/** Whether so much is more than the card allows this patient at once, raised where it may be. */
export function isAboveRule(
  { card, patient, given, at }: Pick<DoseQuestion, 'card' | 'patient' | 'given' | 'at'>,
  portion: Portion,
): boolean {
  const fitting = bandFor(card, patient)
  if ('refusal' in fitting || portion.unit !== card.unit) return true
  const doses = dosesOf(given, ingredientKey(card.about))
  const asked = wantedOf(amountAsked(fitting.band, 'upper', doses, at), card, patient, [])
  return 'refusal' in asked || exact(portion.thousandths).compare(asked.wanted) > 0
}

/** What a portion of a card's product holds, as a dose is recorded. */
export function holdsOf(card: DoseCard, portion: Portion): GivenDose['holds'] {
  const { strength } = card
  return [
    {
      key: ingredientKey(card.about),
      measure: strength ? wholeUp(inPortion(exact(portion.thousandths), strength)) : null,
    },
  ]
}
