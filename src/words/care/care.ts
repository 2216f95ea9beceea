/** English for doses, mixtures, incidents and guided cards. */
import { assertNever } from '../../core/brand'
import { dayAt, type PlainDate } from '../../core/calendar/plainDate'
import { type RoleId, roleName } from '../../core/catalogue/roles'
import { SKILLS, type SkillId } from '../../core/catalogue/skills'
import { substanceName } from '../../core/catalogue/substances'
import type { Objection } from '../../core/cover/objections'
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
import type { CardFault } from '../../core/dosing/cardFaults'
import type { Instant } from '../../core/dosing/given'
import type { Step } from '../../core/dosing/question'
import type { DoseRefusal } from '../../core/dosing/refusal'
import type { Noted } from '../../core/household/noteSays'
import type { Topic } from '../../core/household/told'
import { type CareFact, type Reading, SEEN, type Site } from '../../core/incident/entry'
import { INCIDENT_KINDS, type IncidentKind } from '../../core/incident/kinds'
import type { Rank } from '../../core/incident/rankOfLots'
import type { Normal, Standing } from '../../core/incident/readings'
import type { Timer } from '../../core/incident/timeline'
import type { MixFault, Vessels } from '../../core/mixing/mix'
import { exact, exactText, thousandthsText } from '../../core/quantity/exact'
import {
  type Measure,
  type MeasureFault,
  measureText,
  strengthText,
  temperatureText,
} from '../../core/quantity/measure'
import { capital, fullDay, list, shortDay } from '../frame/format'
import { adviceText, causeText, trendText, urgencyText } from './alarms'
import { notedText, objectionText, TOPIC_NAMES } from './objections'
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

/** A time of day in the household's zone, with the day where it is not today: "17:05", "Fri 07:10". */
export function timeText(at: Instant, now: Instant, timeZone: string): string {
  const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone })
  const date = new Intl.DateTimeFormat('en-CA', { timeZone })
  if (date.format(at) === date.format(now)) return clock.format(at)
  const day = new Intl.DateTimeFormat('en-GB', {
    timeZone,
    weekday: 'short',
    ...(Math.abs(at - now) > 6 * 86_400_000 && { day: 'numeric', month: 'short' }),
  })
  return `${day.format(at)} ${clock.format(at)}`
}

/** "1 h 12 min", "4 min", "now" */
export function spanText(milliseconds: number): string {
  const minutes = Math.ceil(Math.abs(milliseconds) / 60_000)
  if (minutes < 60) return `${minutes} min`
  const hours = Math.floor(minutes / 60)
  if (hours < 48) return minutes % 60 === 0 ? `${hours} h` : `${hours} h ${minutes % 60} min`
  return `${Math.round(hours / 24)} days`
}

const ingredient = (key: IngredientKey): string => {
  const substance = substanceOf(key)
  return substance ? substanceName(substance) : 'this medicine'
}
const aboutText = (about: About): string =>
  about.kind === 'substance' ? substanceName(about.substance) : about.name

const amountText = (amount: DoseAmount): string => {
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

const intervalText = (minutes: number): string =>
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

/** Why not, as a sentence, and what to do. */
function refusalText(refusal: DoseRefusal, { now, timeZone }: At): string {
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
      return `The note speaks of ${notedText(refusal.noted)}, and it is not recorded. Is it so?`
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
      return `Only ${refusal.title} past its day lies there. Do not use it.`
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

function stepText(step: Step, units: Units): string {
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

function cardFaultText(fault: CardFault): string {
  switch (fault.code) {
    case 'nobody':
      return 'Say whom it is for.'
    case 'mixed_species':
      return 'One rule is for one species. Write another card.'
    case 'needs_vet':
      return 'For an animal only its vet counts. Name the vet.'
    case 'vet_for_person':
      return 'A vet does not prescribe for people.'
    case 'labels_ship':
      return 'Labels come with the application. Write down who said otherwise.'
    case 'who_says':
      return 'Name who said so.'
    case 'said_when':
      return 'Give the day on which it was said.'
    case 'said_in_future':
      return `That day has not come. Give ${fault.today} or an earlier day.`
    case 'ends_before_said':
      return 'It ends before it was said. Check both days.'
    case 'needs_strength':
      return 'Milligrams need the strength of the product: 160 mg/5 mL, 10 mg.'
    case 'unit_differs':
      return 'The rule and the strength are in different units. Check mg and IU.'
    case 'form_differs':
      return 'The rule and the product do not fit: millilitres for a liquid, tablets for tablets.'
    case 'no_interval':
      return 'Say after how many hours it may be given again.'
    case 'limit_below_dose':
      return 'The most in 24 hours is less than one dose.'
    case 'raised_below_dose':
      return 'The raised amount is less than the usual one.'
    case 'largest_below_dose':
      return 'The largest single amount is less than the dose.'
    case 'bands_overlap':
      return `Two lines fit the same patient: ${fault.printed}.`
    case 'confirmation_incomplete':
      return 'A confirmation names who was asked and why it stands.'
    default:
      return assertNever(fault)
  }
}

function measureFaultText(fault: MeasureFault): string {
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

const SOURCES: Readonly<Record<SourceKind, string>> = {
  label: 'pack label',
  pack: 'the label of our pack',
  doctor: 'doctor',
  pharmacist: 'pharmacist',
  vet: 'vet',
}

function sourceText({ source, confirmed }: Pick<DoseCard, 'source' | 'confirmed'>): string {
  const who = source.kind === 'label' ? source.who : `${source.who}, ${SOURCES[source.kind]}`
  const on = source.on ? `, ${fullDay(source.on)}` : ''
  return `${who}${on}${confirmed ? `; confirmed by ${confirmed.who} on ${fullDay(confirmed.on)}` : ''}`
}

const SITES: Readonly<Record<Site, string>> = {
  mouth: 'mouth',
  ear: 'ear',
  forehead: 'forehead',
  armpit: 'armpit',
  rectal: 'rectal',
}
const OF: Readonly<Record<Reading['of'], string>> = {
  temperature: 'Temperature',
  pulse: 'Pulse',
  breathing: 'Breaths',
}

const readingText = (reading: Reading, units: Units): string =>
  reading.of === 'temperature'
    ? `${temperatureText(reading.value, units)}, ${SITES[reading.site]}`
    : `${reading.value} a minute`

const STANDINGS: Readonly<Record<Standing, string>> = {
  below: 'below normal',
  within: 'normal',
  above: 'above normal',
  unknown: 'no normal known',
}

const normalText = ({ range, own }: Normal, of: Reading['of'], units: Units): string => {
  const value = (number: number): string =>
    of === 'temperature'
      ? temperatureText(Math.round(number * 100) as never, units)
      : String(number)
  return `${own ? 'own normal' : 'usual'} ${value(range.from)} to ${value(range.to)}`
}

/** What is there where people live, in their words. */
const HOME_WORDS: Partial<Readonly<Record<RoleId, string>>> = {
  water: 'running water',
  'cool-burn': 'running water',
  'rinse-wound': 'clean running water',
  cloth: 'a cloth',
  'wrap-animal': 'a towel',
}

/** What has to be said of a lot in a hurry, the gravest first. */
function remarksText(
  rank: Rank,
  onTheirWord: boolean,
  through: PlainDate | null,
  remarks: readonly Objection[],
  today: PlainDate,
): string {
  const said: string[] = []
  if (onTheirWord) said.push('somebody else’s: only if the emergency line says so')
  if (rank === 'recalled') said.push('recalled: only because there is nothing else')
  if (rank === 'past_date' && through)
    said.push(`past its date, ${shortDay(through, today)}: only because there is nothing better`)
  const spoken = new Set(['somebody_elses', 'spent', 'past_date'])
  for (const remark of remarks)
    if (!spoken.has(remark.code)) said.push(objectionText(remark, today))
  return said.join('; ')
}

/** One entry as a line. */
function factText(fact: CareFact, units: Units): string {
  switch (fact.kind) {
    case 'about':
      return [
        fact.what && kindName(fact.what),
        fact.patient?.kind === 'guest' && fact.patient.name,
        fact.placeId !== undefined && 'place changed',
      ]
        .filter(Boolean)
        .join(', ')
    case 'dose': {
      const [held] = fact.holds
      return `${fact.title}: ${portionText(fact.portion)}${held?.measure ? ` (${measureText(held.measure)})` : ''}`
    }
    case 'used':
      return `Used: ${fact.title}${fact.words ? `, ${fact.words}` : ''}`
    case 'reading':
      return `${OF[fact.reading.of]} ${readingText(fact.reading, units)}`
    case 'seen':
      return [...fact.seen.map((one) => SEEN[one]), fact.words].filter(Boolean).join(', ')
    case 'photo':
      return `Photo${fact.words ? `: ${fact.words}` : ''}`
    case 'note':
      return fact.words
    case 'called':
      return `Called ${fact.whom}`
    case 'tourniquet':
      return `Tourniquet on${fact.where ? `: ${fact.where}` : ''}`
    case 'timer':
      return `Timer: ${fact.what}`
    case 'timer_done':
      return 'Looked'
    case 'step':
      return fact.words
    case 'mixed':
      return `Mixed: ${fact.title}, ${fact.words}`
    case 'struck':
      return 'Struck out'
    case 'ended':
      return 'Ended'
    case 'reopened':
      return 'Goes on'
    case 'looking_back':
      return 'Looked back on it'
    default:
      return assertNever(fact)
  }
}

const kindName = (kind: IncidentKind | null): string =>
  kind === null ? 'Something happened' : INCIDENT_KINDS[kind].name

function timerText(timer: Timer): string {
  switch (timer.kind) {
    case 'set':
      return timer.what
    case 'next_dose':
      return `${timer.what}: may be given again, if it is still needed`
    case 'throw_away':
      return `${timer.what}: throw away what is left`
    default:
      return assertNever(timer.kind)
  }
}

function mixFaultText(fault: MixFault): string {
  switch (fault.code) {
    case 'nothing':
      return 'Give amounts above nothing.'
    case 'too_weak':
      return `The concentrate (${thousandthsText(fault.stock)} %) is weaker than what it should become (${thousandthsText(fault.wanted)} %). Use it as it is, or another.`
    case 'too_little':
      return `That little cannot be measured. Make ${thousandthsText(fault.least)} mL or more.`
    case 'no_weight':
      return 'Weigh first: a feed goes by weight.'
    case 'no_feeds':
      return 'Say how many feeds a day.'
    case 'not_spooned':
      return `The spoons do not come out for that. Make ${fault.near.map((one) => `${thousandthsText(one)} mL`).join(' or ')}.`
    default:
      return assertNever(fault)
  }
}

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const
/** "1½ level teaspoons" */
const spoons = (eighths: number): string => {
  const whole = Math.floor(eighths / 8)
  const part = EIGHTHS[eighths % 8]
  return `${whole === 0 ? '' : whole}${part} level teaspoon${eighths > 8 ? 's' : ''}`
}
const vesselsText = ({ cups, tablespoons, teaspoons, rest }: Vessels): string =>
  [
    cups > 0 && `${cups} cup${cups > 1 ? 's' : ''}`,
    tablespoons > 0 && `${tablespoons} tablespoon${tablespoons > 1 ? 's' : ''}`,
    teaspoons > 0 && `${teaspoons} teaspoon${teaspoons > 1 ? 's' : ''}`,
    rest > 0 && `${thousandthsText(rest)} mL`,
  ]
    .filter(Boolean)
    .join(' + ')

export const care = {
  portion: portionText,
  time: timeText,
  span: spanText,
  refusal: refusalText,
  step: stepText,
  amount: amountText,
  interval: intervalText,
  ingredient,
  about: aboutText,
  source: sourceText,
  sources: SOURCES,
  cardFault: cardFaultText,
  measureFault: measureFaultText,
  measure: (measure: Measure): string => measureText(measure),
  numbers: {
    emergency: 'Emergency',
    poison: 'Poison line',
    label: 'Whom to call',
    none: 'not set',
  },
  notAdvice: 'Not advice: the pack label, the doctor and the vet come first.',
  bench: {
    title: 'Bench',
    parts: {
      doses: 'Doses',
      cards: 'Dose cards',
      mixes: 'Mixes',
      courses: 'Courses',
      guides: 'Guided cards',
    },
    who: 'For whom',
    what: 'What for',
    nobody: 'Add a member in Household; a dose is for somebody.',
    choose: 'Choose who, then what.',
    head: (name: string, kilograms: string | null, ago: number | null): string =>
      kilograms === null
        ? `${name}, weight not known`
        : `${name}, ${kilograms}, weighed ${ago === 0 ? 'today' : ago === 1 ? 'yesterday' : `${ago} days ago`}`,
    weigh: 'Weigh',
    states: {
      give: 'ready',
      wait: (time: string): string => `from ${time}`,
      refused: 'no',
      asks: 'ask first',
    },
    noCards: 'No card says anything for them.',
    noLabels:
      'The labels of your country do not come with this, or no country is chosen: labels of another country are no guess at yours. Write down the label of your own pack, or say which labels you follow.',
    writeLabel: 'Write down the label of a pack',
    chooseLabels: 'Choose whose labels',
    noRule: (name: string): string => `No rule from a vet is written down for ${name}.`,
    askVet: 'Ask the vet, and write down what is said',
    agreedInWords: (name: string): string =>
      `The vet has agreed to something for ${name} in words. The bench shows a number only from a dose card.`,
    asCard: 'Write its numbers down as a dose card',
    tell: 'Say this',
    tellLines: {
      species: 'Species',
      weight: 'Weight',
      age: 'Age',
      given: 'Given in the last day',
      nothing: 'nothing noted',
      allergies: 'Allergies',
      medicines: 'Takes every day',
      eaten: 'What was eaten or given, how much, when',
    },
    lastGiven: 'Last given',
    never: 'not in the last two weeks',
    by: (what: string, who: string, when: string): string => `${what} by ${who}, ${when}`,
    notBefore: 'Not before',
    maybeNow: 'may be given now',
    inSpan: (time: string, span: string): string => `${time}, in ${span}`,
    inDay: 'In the last 24 hours, every product',
    doses: (count: number, most: number | null): string =>
      most === null ? `${count} ${count === 1 ? 'dose' : 'doses'}` : `${count} of ${most} doses`,
    ofMost: (given: string, most: string): string => `${given} of ${most}`,
    dayBar: 'Day so far and this dose',
    dayBarLabel: (given: string, dose: string, most: string): string =>
      `${given} given, ${dose} now, of ${most} in 24 hours`,
    takeFrom: 'Take it from',
    none: 'none in the record',
    lot: (place: string, pocket: string, ends: string, left: string): string =>
      `${place}, ${pocket} · ${ends} · ${left}`,
    /** Its full name, strength and form stand beside the amount. */
    bottle: (title: string, form: string | null): string =>
      form === null || title.toLowerCase().includes(form) ? `${title}:` : `${title} (${form}):`,
    others: 'The same on the shelf, another strength or form: not for this card',
    notScored: (known: boolean): string =>
      known
        ? 'This tablet is not scored: it must not be cut. Ask the pharmacist for a strength that needs no cutting.'
        : 'Nobody has said that this tablet is scored. Look at it and at its label before you cut it; if unsure, ask the pharmacist.',
    barred: 'Not to be taken',
    sum: 'The sum',
    stop: 'Stop and ask',
    again: (text: string): string => `again after ${text}`,
    barrel: 'Syringe',
    barrelName: (millilitres: string, mark: string): string =>
      `${millilitres} mL oral syringe, ${mark} mL steps`,
    atHand: 'at hand',
    fills: (count: number): string => `${count} fills`,
    raise: (text: string): string => `Raise to ${text}`,
    lower: (text: string): string => `Back to ${text}`,
    signs: 'Is any of this so?',
    muchLess: 'Rounded down, this is clearly less than the rule says. Ask for a better strength.',
    disagree: 'Another source says',
    give: (what: string): string => `Given: ${what}`,
    earlier: 'It was given earlier',
    minutesAgo: 'Minutes ago',
    anyway: 'It has been given all the same',
    anywayLead:
      'What was given is recorded whatever speaks against it, so that the next one knows.',
    why: 'What happened',
    noted: (what: string): string => `Noted: ${what}`,
    slip: 'Dose slip for the pouch',
    spoon: (count: string): string => `or a dosing spoon: ${count} × 5 mL`,
    cutLabel: (text: string): string => `${text}, drawn with its cut`,
    syringeLabel: (text: string, barrel: string): string => `${barrel}, drawn up to ${text}`,
    fillNumber: (at: number, of: number): string => `fill ${at} of ${of}`,
    beside: 'No lot of this can be counted down by itself: correct the count later.',
  },
  questions: {
    title: 'Ask first',
    notAsked: (topic: Topic, name: string): string =>
      topic === 'allergies'
        ? `Has ${name} any allergies? Nobody has asked yet.`
        : topic === 'conditions'
          ? `Has ${name} any illness that lasts? Nobody has asked yet.`
          : `Does ${name} take any medicine regularly? Nobody has asked yet.`,
    none: (topic: Topic): string =>
      topic === 'medicines' ? 'No, none' : topic === 'allergies' ? 'No allergies' : 'No illness',
    some: 'Yes: write it down',
    noteSays: (noted: Noted): string => `The note speaks of ${notedText(noted)}. Is it so?`,
    isSo: 'Yes, record it',
    isNotSo: 'No, it is not so',
    askFirst: (reason: string): string =>
      `${capital(reason)}: the label says to ask a doctor or a pharmacist first.`,
    who: 'Who said it may be given',
    mayBeGiven: 'It may be given',
    toldNone: (topic: Topic, who: string): string => `No ${TOPIC_NAMES[topic]}, said ${who}`,
    toldWord: (who: string, reason: string): string => `${who} said it may be given (${reason})`,
    toldNote: (noted: Noted, isSo: boolean): string =>
      `${capital(notedText(noted))}: ${isSo ? 'so' : 'not so'}`,
    unkept: 'Kept on this screen and with the dose. With a connection it is kept with the person.',
    scored: 'Look at the tablet: is there a line across it?',
    isScored: 'Yes, it is scored',
    unlooked: 'That could not be written down. Try again with a connection.',
    isNotScored: 'No line',
    readLabel: 'Write down what the label says is in it',
  },
  cards: {
    title: 'Dose cards',
    lead: 'What labels print and what prescribers said. Labels come with their source; the rest you write down as it was said.',
    labels: 'Labels, for people',
    own: 'Written down here',
    none: 'Nothing yet. Call the vet or the doctor once, and write down what is said.',
    add: 'Write down a rule',
    edit: 'Change',
    remove: 'Take away',
    removed: 'Taken away',
    saved: (name: string): string => `Written down: ${name}`,
    fields: {
      whom: 'For whom',
      name: 'What it is called',
      substance: 'What acts in it',
      otherItem: 'not on the list: this item of ours',
      unit: 'Given as',
      strength: 'Strength as printed',
      strengthHelp: '160 mg/5 mL, 10 mg, 1000 IU/mL',
      by: 'The rule',
      byKinds: {
        rate: 'so much for each kilogram',
        pound_rate: 'so much for each pound',
        measure: 'a fixed amount of what acts',
        portion: 'a fixed amount of the product',
      },
      amount: 'Amount',
      amountHelp: {
        rate: '0.35 mg (for each kg)',
        pound_rate: '0.15 mg (for each lb)',
        measure: '5 mg',
        portion: '½, 1, 2.5',
      },
      again: 'Again after, hours',
      mostDoses: 'Most doses in 24 hours',
      most: 'Most in 24 hours',
      largest: 'Largest single amount',
      cuts: 'May be cut',
      cutKinds: { '1': 'not at all', '2': 'in halves', '4': 'in quarters' },
      purpose: 'For what',
      days: 'Days in a row, then ask',
      stop: 'Stop and ask when (one a line)',
      directions: 'How',
      source: 'Who says so',
      who: 'Name',
      on: 'Said on',
      review: 'Look at it again by',
      ends: 'Until',
      confirm: 'A second word',
      confirmLead:
        'Needed where a warning speaks against it, or where another source is ten times off.',
      confirmWho: 'Who was asked again',
      confirmOn: 'On',
      confirmWhy: 'Why it stands',
    },
    save: 'Write it down',
    badNumber: 'Give a number above nothing.',
    badDay: 'Give a day as 2026-12-31.',
    pick: 'Choose one of the list.',
    forWhom: (names: readonly string[]): string => names.join(', '),
    most: (doses: number | null, amount: string | null): string =>
      `${[doses !== null && `${doses} doses`, amount].filter(Boolean).join(', ')} in 24 h`,
  },
  pack: {
    title: 'The label of a pack',
    lead: 'As it is printed on the pack in your hand. It goes for people; for an animal its vet writes the rule.',
    add: 'Write down the label of a pack',
    item: 'Which thing of yours',
    fields: {
      name: 'What it is called',
      substance: 'What acts in it',
      strength: 'Strength as printed',
      again: 'Again after, hours',
      mostDoses: 'Most doses in 24 hours',
      days: 'Days in a row, then ask',
      purpose: 'For what',
    },
    lines: 'Its lines, by age, by weight, or both',
    line: (number: number): string => `Line ${number}`,
    ageFrom: 'Age from',
    ageTo: 'to',
    ageUnit: 'in',
    years: 'years',
    months: 'months',
    weightFrom: 'Weight from',
    weightTo: 'to',
    weightUnit: 'in',
    amount: (unit: string): string => `Amount, ${unit}`,
    upTo: 'up to',
    addLine: 'Another line',
    removeLine: 'Take the line away',
    photo: 'Photo of the label',
    photoAlt: 'The label as photographed',
    seePhoto: 'The label',
    save: 'Write it down',
    faults: {
      field: 'Fill this in as printed.',
      line: {
        age: 'Give the ages from the lower to the higher.',
        weight: 'Give the weights from the lower to the higher.',
        amount: 'Give an amount such as 2.5.',
        empty: 'Say for which age or which weight.',
      },
    },
  },
  mixes: {
    title: 'Mixes',
    lead: 'Each with its source. What is strong is measured down, what thins it fills up.',
    volume: 'Make',
    ownVolume: 'or, in mL',
    stock: 'Concentrate',
    percent: (thousandths: number): string => `${thousandthsText(thousandths)} %`,
    parts: (parts: string): string => `1 part concentrate + ${parts} parts water`,
    water: 'water',
    concentrate: 'concentrate',
    powder: 'powder',
    comes: (strength: string): string => `comes to ${strength} %`,
    spoons,
    vessels: vesselsText,
    salt: (grams: string, teaspoons: string): string => `${grams} g salt (about ${teaspoons})`,
    keeps: (hours: number): string => `Keeps ${hours} h, covered and cool: label it with the time`,
    keepUntil: (time: string): string => `throw away at ${time}`,
    takes: 'From the kit',
    takesNothing: 'Nothing of the kit is counted for this.',
    noConcentrate: (percent: string): string =>
      `No concentrate of ${percent} is in the kits. Check the strength on the bottle.`,
    made: 'Note as mixed',
    noted: (name: string): string => `Noted: ${name}`,
    forWhom: 'For',
    ways: { total: 'Make so much', all: 'All I have', parts: 'Parts to parts' },
    way: 'How you want to ask',
    have: 'Concentrate that you have, mL',
    partsOf: 'Parts of water to one',
    ownStrength: 'or, as printed: 4 %, 20 mg/mL',
    badVolume: 'Give a volume such as 250, 1 cup or 0.5 L.',
    badStrength: 'Give a strength such as 4 % or 20 mg/mL.',
    stronger: (wanted: string): string =>
      `Stronger than ${wanted} %, the strength for a wound: it harms tissue.`,
    syringe: 'Syringe',
    makesUnknown:
      'Nobody has said how much powder and water make together, so this makes more than one feed. Mix it once, measure it, and write it down.',
    feed: (millilitres: string, feeds: number): string =>
      `${millilitres} mL a feed, ${feeds} feeds a day`,
    day: (millilitres: string): string => `${millilitres} mL a day`,
    fills: (count: number, millilitres: string, wide: boolean): string =>
      `${count} ${count === 1 ? 'fill' : 'fills'} of the ${millilitres} mL syringe${wide ? ' with a wide tip' : ''}`,
    barrel: (millilitres: string, wide: boolean): string =>
      `${millilitres} mL${wide ? ', wide tip' : ''}`,
    add: 'Write down a feeding mix',
    addLead: 'As the pack and the vet say. Nothing is shown without them.',
    fields: {
      name: 'What it is called',
      member: 'For whom',
      powder: 'Powder, parts',
      water: 'Water, parts',
      makes: 'Together they make, parts',
      perKg: 'mL for each kg and feed',
      feeds: 'Feeds a day',
      keep: 'Keeps, hours',
      who: 'Who says so: the pack, the vet',
      on: 'On',
    },
    save: 'Write it down',
    remove: 'Take away',
    removed: 'Taken away',
    fault: mixFaultText,
    drawn: (text: string): string => `Drawn: ${text}`,
  },
  courses: {
    title: 'Courses',
    lead: 'Will it finish, and by when to fetch more while the pharmacy is open.',
    none: 'Nobody has a running prescription with so many a day. Prescriptions are kept with the member.',
    times: 'Times a day',
    each: (amount: string): string => `${amount} each time`,
    there: (doses: number): string => `${doses} ${doses === 1 ? 'dose' : 'doses'} there`,
    needed: (doses: number): string => `${doses} needed`,
    lasts: (day: PlainDate, today: PlainDate): string => `lasts through ${shortDay(day, today)}`,
    notToday: 'Not enough for today.',
    finishes: 'It will finish.',
    short: (doses: number): string =>
      `It will not finish: ${doses} ${doses === 1 ? 'dose is' : 'doses are'} missing.`,
    askBy: (day: PlainDate, today: PlainDate): string => `Ask for more by ${shortDay(day, today)}`,
    askNow: 'Ask now: the last open day has passed, or the pharmacy is shut until it runs out.',
    order: 'Open days that it takes to get more',
    keeps: 'Days a drawn-up syringe keeps, as the prescriber wrote',
    drawUp: (syringes: number, each: string, day: PlainDate, today: PlainDate): string =>
      `Draw up ${syringes} ${syringes === 1 ? 'syringe' : 'syringes'} of ${each}; they keep through ${shortDay(day, today)}`,
    millilitres: 'mL each time',
    pharmacy: 'The pharmacy is open',
    weekdays: ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'],
    member: 'Prescription',
  },
  slip: {
    title: 'Dose slip',
    print: 'Print',
    cut: 'Cut out and keep with the medicine',
    of: (name: string, day: string): string => `For ${name}, worked out on ${day}`,
    again: 'Again after',
    most: 'In 24 hours at most',
    stop: 'Stop and ask when',
    outdated: (day: string): string =>
      `Work it out again after ${day}: the weight will have changed.`,
    refused: 'There is nothing to print: the bench says why.',
  },
  incident: {
    title: 'Incident',
    open: 'Something happened',
    log: 'Incident log',
    going: 'Going on',
    ended: 'Earlier',
    noneEnded: 'Nothing has been noted yet.',
    slip: 'Opened by a slip',
    slipWhy: 'opened by a slip',
    slipTaken: 'It is taken away.',
    slipBack: 'Bring it back',
    slipAway: 'Only with a connection.',
    who: 'Who?',
    what: 'What happened?',
    where: 'Where?',
    guestPerson: 'Somebody else',
    guestAnimal: 'Another animal',
    loading: 'A moment.',
    notHere: 'This incident is not on this device. Open it with a connection once.',
    signIn: 'Sign in once with a connection; from then on incidents start without one.',
    since: (span: string): string => `began ${span} ago`,
    kind: kindName,
    acts: {
      dose: 'Dose',
      use: 'What can I use?',
      reading: 'Reading',
      seen: 'Seen',
      photo: 'Photo',
      timer: 'Timer',
      guide: 'Guided card',
      note: 'Note',
      tourniquet: 'Tourniquet on',
      called: 'Called',
    },
    handover: 'Hand over',
    end: 'It is over',
    goOn: 'It goes on',
    fact: factText,
    strike: 'Strike out',
    struck: 'struck out',
    waiting: 'waits on this device',
    refused: 'Not taken',
    short: (titles: readonly string[]): string =>
      `fewer lay there than noted: count ${titles.join(', ')}`,
    beyond: 'Too much or too soon. Call the poison line or the doctor now.',
    beyondAnimal: 'Too much or too soon. Call the vet or the poison line now.',
    by: (who: string): string => `by ${who}`,
    timers: 'Timers',
    timer: timerText,
    due: 'now',
    done: 'Looked',
    notYet: (span: string): string => `in ${span}`,
    presets: {
      recheck: 'Look again in 5 min',
      look: 'in 15 min',
      hour: 'in an hour',
      dressing: 'Dressing, in 12 h',
      day3: 'on day 3',
      day10: 'on day 10',
    },
    presetWords: {
      recheck: 'Look again',
      look: 'Look again',
      hour: 'Look again',
      dressing: 'Dressing: toes, swelling, dryness',
      day3: 'Day 3: better? Else the doctor or vet',
      day10: 'Day 10: stitches or staples out, by a professional',
    },
    timerWhat: 'What to look at',
    timerMinutes: 'Minutes',
    setTimer: 'Set',
    readings: 'Readings',
    of: OF,
    reading: readingText,
    standing: STANDINGS,
    normal: normalText,
    noNormal: 'No customary range is known to us for this patient. Ask the doctor or vet.',
    corrected: (text: string): string => `taken as ${text}: an armpit reads lower (a rough guide)`,
    temperature: 'Temperature',
    temperatureHelp: (units: Units): string =>
      units === 'us' ? '102.6 or 39.2 C' : '39.2 or 102.6 F',
    site: 'Where measured',
    sites: SITES,
    tapPulse: 'Tap with each beat',
    tapBreath: 'Tap with each breath',
    rate: (perMinute: number): string => `${perMinute} a minute`,
    tapOn: 'Tap on: at least four times',
    uneven: 'uneven: go on tapping, or count again',
    again: 'Again',
    noteReading: 'Note it',
    typed: 'or type, a minute',
    urgency: urgencyText,
    cause: causeText,
    advice: adviceText,
    trend: trendText,
    readNow: 'Read again now',
    yesHeat: 'Yes, heat or running',
    noHeat: 'No',
    lookedAt: (whom: 'doctor' | 'vet'): string => `A ${whom} has looked`,
    asked: (text: string): string => `Is it ${text}?`,
    seenLead: 'What do you see?',
    note: 'In your words',
    save: 'Note',
    photoWords: 'What it shows',
    photoTake: 'Take or choose a photo',
    badPhoto: 'This picture cannot be read. Take another.',
    tourniquetWhere: 'Which limb',
    tourniquetOn: (where: string, span: string): string =>
      `Tourniquet${where ? `, ${where}` : ''}: on for ${span}`,
    calledWhom: 'Whom did you reach?',
    atOnce: 'At once:',
    useLead: 'What you have, best first.',
    useNothing: 'Nothing in the kits is for this. Call, and do the line above.',
    prescribed: 'prescribed for this',
    fromHome: (roles: readonly RoleId[]): string =>
      `${capital(list(roles.map((role) => HOME_WORDS[role] ?? roleName(role).toLowerCase())))}: from the house`,
    lacking: (parts: readonly (readonly RoleId[])[]): string =>
      `Not here: ${list(parts.map((roles) => roles.map((role) => roleName(role).toLowerCase()).join(' or ')))}. Go on without.`,
    whereLies: (place: string, kit: string, pocket: string): string =>
      [place, kit, pocket].filter(Boolean).join(', '),
    remarks: remarksText,
    use: 'Used',
    usedOf: (title: string): string => `Used: ${title}`,
    doseOf: (title: string): string => `Dose: ${title}`,
    chooseKind: 'Say what happened, and this lists what suits.',
    doseLead: 'Only what a card allows. The bench has the sum.',
    manual: 'Something else was given',
    manualName: 'What',
    manualAmount: 'How much (as a person counts it)',
    manualActs: 'What acts in it',
    manualActsUnknown: 'Not known, or none of these',
    manualNotCounted:
      'Without what acts in it, it is not counted with the other doses. Tell it to whoever you call.',
    guest: {
      lead: 'What is known of them',
      name: 'Name',
      species: 'Kind',
      age: 'Age',
      monthsPlease: 'Under a year: say weeks or months. Until then the strictest figures hold.',
      grownUp: 'Grown up',
      conditions: 'Illnesses, as they say',
      medicines: 'Medicines they take, as they say',
      thinner: 'Takes a blood thinner',
      none: {
        allergies: 'No allergies',
        conditions: 'No illness',
        medicines: 'No medicines',
      },
      kilograms: 'kg',
      allergies: 'Allergies, as they say',
      save: 'Write it down',
    },
    looking: {
      title: 'Looking back',
      worked: 'What worked',
      missing: 'What was missing',
      next: 'For the next list',
      used: 'Used, and to be brought back to par',
      toRestock: 'These are errands now: see Restock',
      nothing: 'Nothing of the kits was used.',
      save: 'Keep',
      kept: 'Kept',
      noted: (text: string): string => `For the next list: ${text}`,
    },
    pdf: 'PDF',
    print: 'Print',
    readAloud: 'To read aloud',
    back: 'Back',
    bar: (who: string, what: string): string => `${who}: ${what}`,
    barDue: (what: string): string => `Now: ${what}`,
    title2: 'What happened',
    place: (name: string): string => `at ${name}`,
    noPlace: 'Place not said',
    times: (time: string): string => `since ${time}`,
  },
  guide: {
    title: 'Guided cards',
    lead: 'To rehearse on a quiet evening, and to follow when it happens. General first aid, in our words; each names the guideline it follows. A course comes first.',
    people: 'People',
    animals: 'Animals',
    both: 'Everybody',
    life: 'life',
    call: 'Call',
    stop: 'Stop and go',
    before: 'Before you begin',
    stepOf: (at: number, of: number): string => `Step ${at} of ${of}`,
    done: 'Done',
    next: 'Next',
    back: 'Back',
    skip: 'Skip',
    onlyTaught: (skill: SkillId): string =>
      `Only if you were taught: ${SKILLS[skill].name.toLowerCase()}`,
    taught: (names: readonly string[]): string =>
      names.length === 0 ? 'Nobody here is signed off.' : `Signed off: ${names.join(', ')}`,
    timer: (minutes: number): string =>
      minutes < 60 ? `sets a timer: ${minutes} min` : `sets a timer: ${minutes / 60} h`,
    later: (days: number, what: string): string => `Day ${days}: ${what}`,
    laterTitle: 'Later',
    handover: 'Hand over',
    end: 'End of the card',
    endLead: 'Stay, watch, and hand over.',
    follows: (guideline: string): string => `Follows: ${guideline}`,
    rehearse: 'Rehearsing: nothing is noted.',
    takes: 'Takes',
    begin: 'Begin',
    all: 'All cards',
  },
  handover: {
    title: 'Handover',
    who: 'Who',
    known: 'What is known',
    allergies: 'Allergies',
    notAsked: 'not asked',
    toldNone: (by: string, on: PlainDate): string => `none, said ${by} on ${fullDay(on)}`,
    conditions: 'Conditions',
    thinner: 'takes a blood thinner',
    pregnancy: 'Pregnancy',
    medicines: 'Takes every day',
    weight: 'Weight',
    weighed: (text: string, on: PlainDate): string => `${text} (${fullDay(on)})`,
    weightUnknown: 'not known',
    happened: 'What happened',
    given: 'Given',
    nothingGiven: 'nothing',
    readings: 'Readings',
    noReadings: 'none',
    contacts: 'To reach',
    tourniquet: 'Tourniquet on at',
    photos: (count: number): string => `${count} ${count === 1 ? 'photo' : 'photos'} on the phone`,
    madeAt: (time: string): string =>
      `As of ${time}. Written by the household, not by a professional.`,
    guest: 'a guest: only what was said at the time',
    none: 'nothing noted',
  },
} as const

/** What somebody did, after a name: "Ilse …". */
export const carePast = {
  dose_card_added: 'wrote down a dose rule',
  dose_card_changed: 'changed a dose rule',
  dose_card_removed: 'took a dose rule away',
  recipe_added: 'wrote down a mixture',
  recipe_removed: 'took a mixture away',
  incident_started: 'started an incident',
  incident_removed: 'took away an incident that was a slip',
  care_about: 'said what happened',
  care_dose: 'gave a dose',
  care_used: 'used some at an incident',
  care_reading: 'noted a reading',
  care_seen: 'noted what was seen',
  care_photo: 'took a photo',
  care_note: 'noted something',
  care_called: 'called somebody',
  care_tourniquet: 'put a tourniquet on',
  care_timer: 'set a timer',
  care_timer_done: 'answered a timer',
  care_step: 'did a step of a card',
  care_mixed: 'mixed something',
  care_struck: 'struck an entry out',
  care_ended: 'ended an incident',
  care_reopened: 'opened an incident again',
  care_looking_back: 'looked back on an incident',
} as const
