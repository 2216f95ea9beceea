/** English for doses: the amount, the sum, why not. */
import { assertNever } from '../../core/brand'
import { dayAt } from '../../core/calendar/plainDate'
import { substanceName } from '../../core/catalogue/substances'
import {
  type About,
  type DoseAmount,
  type DoseCard,
  type IngredientKey,
  type Portion,
  type PortionUnit,
  SIGNS,
  type SourceKind,
  substanceOf,
} from '../../core/dosing/card'
import type { Instant } from '../../core/dosing/given'
import type { Step } from '../../core/dosing/question'
import type { DoseRefusal } from '../../core/dosing/refusal'
import { exact, exactText, thousandthsText } from '../../core/quantity/exact'
import { type MeasureFault, measureText, strengthText } from '../../core/quantity/measure'
import { fullDay, list } from '../frame/format'
import { TOPIC_NAMES } from '../frame/topics'
import { notedText, objectionText } from './objections'
import { spanText, timeText } from './times'
import { ageText, weight } from './weights'

type Units = 'metric' | 'us'

const PLURALS: Readonly<Record<PortionUnit, string>> = {
  mL: 'mL',
  tablet: 'tablets',
  capsule: 'capsules',
  sachet: 'sachets',
  drop: 'drops',
  puff: 'puffs',
  suppository: 'suppositories',
  piece: 'pieces',
}

const QUARTERS = ['', '¼', '½', '¾'] as const

/** "10 mL", "1½ tablets", "½ tablet" */
export function portionText({ unit, thousandths }: Portion): string {
  if (unit === 'mL') return `${thousandthsText(thousandths)} mL`
  const whole = Math.floor(thousandths / 1000)
  const quarter = (thousandths % 1000) / 250
  const count =
    Number.isInteger(quarter) && quarter > 0
      ? `${whole === 0 ? '' : whole}${QUARTERS[quarter]}`
      : thousandthsText(thousandths)
  return `${count} ${thousandths <= 1000 ? unit : PLURALS[unit]}`
}

export const ingredient = (key: IngredientKey): string => {
  const substance = substanceOf(key)
  return substance ? substanceName(substance) : 'this medicine'
}

export const aboutText = (about: About): string =>
  about.kind === 'substance' ? substanceName(about.substance) : about.name

export const amountText = (amount: DoseAmount): string => {
  switch (amount.kind) {
    case 'portion':
      return portionText(amount.portion)
    case 'measure':
      return measureText(amount.measure)
    case 'rate':
      return `${measureText(amount.perKg)} for each kg`
    case 'pound_rate':
      return `${measureText(amount.perPound)} for each lb`
    default:
      return assertNever(amount)
  }
}

export const intervalText = (minutes: number): string =>
  minutes === 0
    ? 'as written'
    : minutes % 60 === 0
      ? `${minutes / 60} h`
      : minutes < 60
        ? `${minutes} min`
        : spanText(minutes * 60_000)

interface At {
  readonly now: Instant
  readonly timeZone: string
}

const insteadText = (forms: readonly string[]): string =>
  forms.length > 0
    ? `These need no cut: ${list(forms)}.`
    : 'Ask the pharmacist for a form that needs no cut.'

const onPhone = (phone: string): string => (phone === '' ? '' : `: ${phone}`)

/** Why not, as a sentence, and what to do. */
export function refusalText(refusal: DoseRefusal, { now, timeZone }: At): string {
  const today = dayAt(now, timeZone)
  const time = (at: Instant): string => timeText(at, now, timeZone)
  switch (refusal.code) {
    case 'ask_vet':
      return 'No number without its vet. Call, and say what stands below.'
    case 'card_for_others':
      return 'This rule was written for somebody else.'
    case 'not_a_vet':
      return 'Only a vet says what an animal may have.'
    case 'stranger':
      return 'Give strangers no medicine: ask who is responsible for them.'
    case 'not_in_word':
      return refusal.endedOn
        ? `${refusal.who} said yes only until ${fullDay(refusal.endedOn)}. Ask again${onPhone(refusal.phone)}.`
        : `${refusal.who} has not said yes to this. Ask first${onPhone(refusal.phone)}.`
    case 'card_ended':
      return `The rule ended on ${fullDay(refusal.on)}. Ask who wrote it.`
    case 'card_review_over':
      return `It was to be looked at again by ${fullDay(refusal.on)}. Ask who wrote it.`
    case 'ten_times_off':
      return `This rule comes to ${measureText(refusal.here)}, another source (${refusal.otherSource}) to ${measureText(refusal.other)}: more than ten times apart. It cannot be used until it is confirmed with a reason.`
    case 'not_confirmed':
      return `A warning speaks against it (${refusal.reason}). It stands only after ${refusal.who} has confirmed it by name and day.`
    case 'no_weight':
      return 'Weigh first: the amount goes by weight.'
    case 'stale_weight':
      return `The last weight is too old (since ${fullDay(refusal.since)}). Weigh again.`
    case 'age_unknown':
      return 'The age is not known: add the birth date.'
    case 'too_light':
      return `Below the first line of the label (${refusal.from}). Ask a doctor.`
    case 'too_young':
      return `Not below ${ageText(refusal.fromMonths)} by this label. Ask a doctor.`
    case 'above_bands':
      return `Above the last line of the label${refusal.last ? ` (${refusal.last})` : ''}: the adult form by age, or ask.`
    case 'allergy':
      return `Allergy: ${refusal.to}.`
    case 'rule':
      return `Must not have it: ${refusal.reason}. (${refusal.source})`
    case 'taken_already':
      return `${refusal.substance} is taken every day already. Ask before more of it is given.`
    case 'cannot_swallow':
      return 'Cannot swallow tablets: look for the liquid.'
    case 'sign':
      return `Not with ${SIGNS[refusal.sign]}. Ask a doctor.`
    case 'days_over':
      return `Given ${refusal.days} days in a row: now somebody looks. Ask a doctor.`
    case 'no_strength':
      return 'The strength of the product is not written on the card.'
    case 'unit_differs':
      return `The rule is in ${refusal.rule}, the product in ${refusal.strength}: they do not fit.`
    case 'form_differs':
      return `The rule is for ${PLURALS[refusal.rule]}, the product is not.`
    case 'cannot_cut':
      return `${measureText(refusal.wanted)} cannot honestly be cut: the smallest piece is ${measureText(refusal.smallest)}. Ask for a smaller strength.`
    case 'rounds_too_far':
      return refusal.atLeast
        ? `Cut as far as it may be, it comes to ${measureText(refusal.comes)} where the rule says ${measureText(refusal.wanted)}: too little. One piece of ${measureText(refusal.atLeast)} to ${measureText(refusal.wanted)} would do. Ask the prescriber: would one tablet do?`
        : `Drawn up, it comes to ${measureText(refusal.comes)} where the rule says ${measureText(refusal.wanted)}: too little. Take a finer syringe, or ask the prescriber for a weaker strength.`
    case 'not_asked':
      return `Nobody has asked about ${TOPIC_NAMES[refusal.topic]} yet. Ask, and write it down.`
    case 'note_says':
      return `The note speaks of ${notedText(refusal.noted)}, and it is not recorded. Is that right?`
    case 'ask_first':
      return `Ask a doctor or pharmacist first: ${refusal.reason}. (${refusal.source})`
    case 'lot_forbidden':
      return `${refusal.title} must not be used: ${objectionText(refusal.objection, today)}.`
    case 'lot_ask':
      return `${refusal.title}: ${objectionText(refusal.objection, today)}.`
    case 'lot_other':
      return `${refusal.title} is not what this card is about: another strength, or another thing. Take the right one, or write a card for it.`
    case 'must_not_cut':
      return `${refusal.title} must not be cut: it is not scored. ${insteadText(refusal.instead)}`
    case 'cut_unknown':
      return `${refusal.title}: nobody has looked whether the tablet is scored, and only a scored one may be cut. Look, and write it down. ${insteadText(refusal.instead)}`
    case 'too_little_to_measure':
      return 'Less than the first mark of the finest syringe. Ask for a weaker strength.'
    case 'too_much_to_measure':
      return 'More than a mouth takes: the rule, the strength or a unit is wrong.'
    case 'above_rule':
      return 'More than the card allows at once.'
    case 'interval_not_over':
      return `Given at ${time(refusal.last.at)} by ${refusal.last.by}: not before ${time(refusal.until)}.`
    case 'same_ingredient':
      return `The same is in ${refusal.last.title}, given at ${time(refusal.last.at)} by ${refusal.last.by}: not before ${time(refusal.until)}.`
    case 'day_doses_reached':
      return `${refusal.most} doses in 24 hours are the most: not before ${time(refusal.until)}.`
    case 'day_amount_reached':
      return `${measureText(refusal.given)} of ${measureText(refusal.most)} in 24 hours are given, no full dose is left: not before ${time(refusal.until)}.`
    case 'unknown_amount_given':
      return `${refusal.last.title} was given at ${time(refusal.last.at)}, nobody noted how much. Ask the pharmacist, or wait until ${time(refusal.until)}.`
    case 'given_in_another_unit':
      return `${refusal.last.title} was noted in a unit that does not add up. Ask the pharmacist.`
    case 'in_the_future':
      return 'That time has not come.'
    case 'lot_spent':
      return `Only expired ${refusal.title} is there. Do not use it.`
    case 'lot_held':
      return `${refusal.title} is on hold: ${refusal.reason}.`
    case 'lot_no_period':
      return `${refusal.title} was opened on ${fullDay(refusal.on)}, and nobody has said how long it keeps. Read its label and write that down.`
    case 'lot_away':
      return `${refusal.title} is not here: lent, missing, or not clean.`
    case 'lot_allergy':
      return `${refusal.title} holds ${refusal.to}: allergy.`
    case 'somebody_elses':
      return `${refusal.title} was prescribed for ${refusal.whose}.`
    case 'left_over':
      return `${refusal.title} is left over: on hold until ${refusal.prescriber || 'the prescriber'} says.`
    default:
      return assertNever(refusal)
  }
}

export function stepText(step: Step, units: Units): string {
  switch (step.kind) {
    case 'weight':
      return `Weight ${weight(step.grams, units)}`
    case 'age':
      return `Age ${ageText(step.months)}${step.weightIsStale ? '; the weight is too old' : ''}`
    case 'band':
      return `Line ${step.printed}`
    case 'rate':
      return `${measureText(step.perKg)} × ${exactText(exact(step.grams, 1000), 3)} kg = ${exactText(step.comes.div(1000), 4)} ${step.perKg.unit}`
    case 'pound_rate':
      return `${measureText(step.perPound)} × ${exactText(step.pounds, 3)} lb = ${exactText(step.comes.div(1000), 4)} ${step.perPound.unit}`
    case 'fixed':
      return amountText(step.amount)
    case 'capped':
      return `never more than ${measureText(step.to)} at once`
    case 'volume':
      return `${exactText(step.measure.div(1000), 4)} ${step.strength.holds.unit} at ${strengthText(step.strength)} = ${exactText(step.comes.div(1000), 4)}${step.strength.kind === 'liquid' ? ' mL' : ''}`
    case 'rounded':
      return `down to the ${step.to.unit === 'mL' ? `${thousandthsText(step.step)} mL mark` : 'cut'}: ${portionText(step.to)}`
    case 'holds':
      return `${portionText(step.portion)} = ${measureText(step.measure)}`
    default:
      return assertNever(step)
  }
}

export function measureFaultText(fault: MeasureFault): string {
  switch (fault.code) {
    case 'no_number':
      return 'Give a number and a unit.'
    case 'no_unit':
      return 'Say the unit: mg, µg, g or IU; mL for a volume.'
    case 'unit':
      return `"${fault.unit}" does not fit here.`
    case 'negative':
      return 'Less than nothing is no amount.'
    case 'too_fine':
      return 'Finer than can be measured. Check the decimal point.'
    case 'too_much':
      return 'That is too much to be true. Check the unit.'
    case 'other_unit':
      return `Nobody has that. In ${fault.unit} it fits.`
    case 'comma_two_ways':
      return 'A comma and three digits can be read two ways. Leave the comma out.'
    case 'nothing':
      return 'Give more than nothing.'
    default:
      return assertNever(fault)
  }
}

export const SOURCES: Readonly<Record<SourceKind, string>> = {
  label: 'pack label',
  pack: 'the label of our pack',
  doctor: 'doctor',
  pharmacist: 'pharmacist',
  vet: 'vet',
}

export function sourceText({ source, confirmed }: Pick<DoseCard, 'source' | 'confirmed'>): string {
  const who = source.kind === 'label' ? source.who : `${source.who}, ${SOURCES[source.kind]}`
  const on = source.on ? `, ${fullDay(source.on)}` : ''
  return `${who}${on}${confirmed ? `; confirmed by ${confirmed.who} on ${fullDay(confirmed.on)}` : ''}`
}

export const notAdvice = 'Not advice: the pack label, the doctor and the vet come first.'
