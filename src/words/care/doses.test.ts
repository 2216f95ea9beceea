/** Why a dose is not shown, how it was worked out, what is wrong with a card: each in its sentence. */
import { describe, expect, it } from 'vitest'
import { plainDate } from '../../core/calendar/plainDate'
import type { CardFault } from '../../core/dosing/cardFaults'
import type { GivenDose, Instant } from '../../core/dosing/given'
import type { Step } from '../../core/dosing/question'
import type { DoseRefusal } from '../../core/dosing/refusal'
import { exact } from '../../core/quantity/exact'
import type { Measure, MeasureFault } from '../../core/quantity/measure'
import * as care from '.'

const at = (iso: string): Instant => Date.parse(iso) as Instant
const NOW = { now: at('2026-11-26T11:00:00Z'), timeZone: 'Europe/Oslo' }
const day = plainDate('2026-11-20')
const mg = (value: number): Measure => ({ unit: 'mg', thousandths: value * 1000 })
const last = {
  id: 'd1',
  at: at('2026-11-26T08:30:00Z'),
  by: 'Ilse',
  title: 'Ibuprofen 200 mg',
  portion: { unit: 'tablet', thousandths: 1000 },
  holds: [],
  rule: null,
} as GivenDose
const until = at('2026-11-26T14:30:00Z')
const tomorrow = at('2026-11-27T08:30:00Z')

type Code = DoseRefusal['code']
type Of<C extends Code> = Extract<DoseRefusal, { readonly code: C }>
/** One of every code with its sentence; the compiler says where one is missing. */
const REFUSALS: { readonly [C in Code]: readonly [Of<C>, string] } = {
  ask_vet: [{ code: 'ask_vet' }, 'No number without its vet. Call, and say what stands below.'],
  card_for_others: [{ code: 'card_for_others' }, 'This rule was written for somebody else.'],
  not_a_vet: [{ code: 'not_a_vet' }, 'Only a vet says what an animal may have.'],
  stranger: [{ code: 'stranger' }, 'Give strangers no medicine: ask who is responsible for them.'],
  not_in_word: [
    { code: 'not_in_word', who: 'Mara Holt', phone: '0555 01', endedOn: null },
    'Mara Holt has not said yes to this. Ask first: 0555 01.',
  ],
  card_ended: [{ code: 'card_ended', on: day }, 'The rule ended on 20 Nov 2026. Ask who wrote it.'],
  card_review_over: [
    { code: 'card_review_over', on: day },
    'It was to be looked at again by 20 Nov 2026. Ask who wrote it.',
  ],
  ten_times_off: [
    { code: 'ten_times_off', here: mg(500), other: mg(40), otherSource: 'the label' },
    'This rule comes to 500 mg, another source (the label) to 40 mg: more than ten times apart. It cannot be used until it is confirmed with a reason.',
  ],
  not_confirmed: [
    { code: 'not_confirmed', who: 'Dr Aske', reason: 'a blood thinner' },
    'A warning speaks against it (a blood thinner). It stands only after Dr Aske has confirmed it by name and day.',
  ],
  no_weight: [{ code: 'no_weight' }, 'Weigh first: the amount goes by weight.'],
  stale_weight: [
    { code: 'stale_weight', since: day },
    'The last weight is too old (since 20 Nov 2026). Weigh again.',
  ],
  age_unknown: [{ code: 'age_unknown' }, 'The age is not known: add the birth date.'],
  too_light: [
    { code: 'too_light', from: '12–17 lb' },
    'Below the first line of the label (12–17 lb). Ask a doctor.',
  ],
  too_young: [
    { code: 'too_young', fromMonths: 6 },
    'Not below 6 months by this label. Ask a doctor.',
  ],
  above_bands: [
    { code: 'above_bands', last: '72–95 lb' },
    'Above the last line of the label (72–95 lb): the adult form by age, or ask.',
  ],
  allergy: [{ code: 'allergy', to: 'ibuprofen' }, 'Allergy: ibuprofen.'],
  rule: [
    { code: 'rule', reason: 'never aspirin below 16', source: 'the label' },
    'Must not have it: never aspirin below 16. (the label)',
  ],
  taken_already: [
    { code: 'taken_already', substance: 'Ibuprofen' },
    'Ibuprofen is taken every day already. Ask before more of it is given.',
  ],
  cannot_swallow: [{ code: 'cannot_swallow' }, 'Cannot swallow tablets: look for the liquid.'],
  not_asked: [
    { code: 'not_asked', topic: 'allergies' },
    'Nobody has asked about allergies yet. Ask, and write it down.',
  ],
  note_says: [
    { code: 'note_says', noted: { kind: 'thinner' } },
    'The note speaks of a blood thinner, and it is not recorded. Is that right?',
  ],
  ask_first: [
    {
      code: 'ask_first',
      rule: 'r',
      reason: 'a blood thinner',
      source: 'the label',
      about: 'ibuprofen',
    },
    'Ask a doctor or pharmacist first: a blood thinner. (the label)',
  ],
  sign: [{ code: 'sign', sign: 'bloody-stool' }, 'Not with blood in the stool. Ask a doctor.'],
  days_over: [
    { code: 'days_over', days: 3 },
    'Given 3 days in a row: now somebody looks. Ask a doctor.',
  ],
  no_strength: [{ code: 'no_strength' }, 'The strength of the product is not written on the card.'],
  unit_differs: [
    { code: 'unit_differs', rule: 'mg', strength: 'IU' },
    'The rule is in mg, the product in IU: they do not fit.',
  ],
  form_differs: [
    { code: 'form_differs', rule: 'tablet', product: 'mL' },
    'The rule is for tablets, the product is not.',
  ],
  cannot_cut: [
    { code: 'cannot_cut', wanted: mg(100), smallest: mg(250) },
    '100 mg cannot honestly be cut: the smallest piece is 250 mg. Ask for a smaller strength.',
  ],
  rounds_too_far: [
    { code: 'rounds_too_far', wanted: mg(100), comes: mg(50), atLeast: mg(80) },
    'Cut as far as it may be, it comes to 50 mg where the rule says 100 mg: too little. One piece of 80 mg to 100 mg would do. Ask the prescriber: would one tablet do?',
  ],
  too_little_to_measure: [
    { code: 'too_little_to_measure' },
    'Less than the first mark of the finest syringe. Ask for a weaker strength.',
  ],
  too_much_to_measure: [
    { code: 'too_much_to_measure' },
    'More than a mouth takes: the rule, the strength or a unit is wrong.',
  ],
  above_rule: [{ code: 'above_rule' }, 'More than the card allows at once.'],
  interval_not_over: [
    { code: 'interval_not_over', last, until },
    'Given at 09:30 by Ilse: not before 15:30.',
  ],
  same_ingredient: [
    { code: 'same_ingredient', last, until: tomorrow },
    'The same is in Ibuprofen 200 mg, given at 09:30 by Ilse: not before Fri 09:30.',
  ],
  day_doses_reached: [
    { code: 'day_doses_reached', most: 4, until },
    '4 doses in 24 hours are the most: not before 15:30.',
  ],
  day_amount_reached: [
    { code: 'day_amount_reached', most: mg(1200), given: mg(1000), until },
    '1000 mg of 1200 mg in 24 hours are given, no full dose is left: not before 15:30.',
  ],
  unknown_amount_given: [
    { code: 'unknown_amount_given', last, until },
    'Ibuprofen 200 mg was given at 09:30, nobody noted how much. Ask the pharmacist, or wait until 15:30.',
  ],
  given_in_another_unit: [
    { code: 'given_in_another_unit', last, until },
    'Ibuprofen 200 mg was noted in a unit that does not add up. Ask the pharmacist.',
  ],
  in_the_future: [{ code: 'in_the_future' }, 'That time has not come.'],
  lot_spent: [
    { code: 'lot_spent', title: 'Eye drops' },
    'Only expired Eye drops is there. Do not use it.',
  ],
  lot_held: [
    { code: 'lot_held', title: 'Eye drops', reason: 'a word from the vet' },
    'Eye drops is on hold: a word from the vet.',
  ],
  lot_no_period: [
    { code: 'lot_no_period', title: 'Eye drops', on: day },
    'Eye drops was opened on 20 Nov 2026, and nobody has said how long it keeps. Read its label and write that down.',
  ],
  lot_away: [
    { code: 'lot_away', title: 'Eye drops' },
    'Eye drops is not here: lent, missing, or not clean.',
  ],
  lot_allergy: [
    { code: 'lot_allergy', title: 'Cold syrup', to: 'aspirin' },
    'Cold syrup holds aspirin: allergy.',
  ],
  somebody_elses: [
    { code: 'somebody_elses', title: 'Apixaban 5 mg', whose: 'Grete' },
    'Apixaban 5 mg was prescribed for Grete.',
  ],
  left_over: [
    { code: 'left_over', title: 'Amoxicillin', prescriber: 'Dr Aske' },
    'Amoxicillin is left over: on hold until Dr Aske says.',
  ],
  lot_forbidden: [
    {
      code: 'lot_forbidden',
      title: 'Wash',
      objection: { code: 'said', reason: 'leaks' } as never,
    },
    '',
  ],
  lot_ask: [
    { code: 'lot_ask', title: 'Wash', objection: { code: 'said', reason: 'leaks' } as never },
    '',
  ],
  lot_other: [
    { code: 'lot_other', title: 'Ibuprofen 400 mg' },
    'Ibuprofen 400 mg is not what this card is about: another strength, or another thing. Take the right one, or write a card for it.',
  ],
  must_not_cut: [
    { code: 'must_not_cut', title: 'Tablets', instead: ['the liquid', 'drops'] },
    'Tablets must not be cut: it is not scored. These need no cut: the liquid and drops.',
  ],
  cut_unknown: [
    { code: 'cut_unknown', title: 'Tablets', instead: ['the liquid'] },
    'Tablets: nobody has looked whether the tablet is scored, and only a scored one may be cut. Look, and write it down. These need no cut: the liquid.',
  ],
}
/** Their sentence holds an objection's, which has tests of its own. */
const ABOUT_A_LOT: ReadonlySet<string> = new Set(['lot_forbidden', 'lot_ask'])

describe('why a dose is not shown', () => {
  it.each(Object.values(REFUSALS).filter(([{ code }]) => !ABOUT_A_LOT.has(code)))(
    '$code',
    (refusal, sentence) => {
      expect(care.refusal(refusal, NOW)).toBe(sentence)
    },
  )
  it('what is drawn up and comes to too little asks for a finer syringe', () => {
    expect(
      care.refusal({ code: 'rounds_too_far', wanted: mg(10), comes: mg(7), atLeast: null }, NOW),
    ).toBe(
      'Drawn up, it comes to 7 mg where the rule says 10 mg: too little. Take a finer syringe, or ask the prescriber for a weaker strength.',
    )
  })
  it('what is left over of nobody known waits for the prescriber', () => {
    expect(care.refusal({ code: 'left_over', title: 'Pills', prescriber: '' }, NOW)).toBe(
      'Pills is left over: on hold until the prescriber says.',
    )
  })
  it('above the last line, where no line has a name', () => {
    expect(care.refusal({ code: 'above_bands', last: '' }, NOW)).toBe(
      'Above the last line of the label: the adult form by age, or ask.',
    )
  })
})

const STEPS: { readonly [K in Step['kind']]: readonly [Extract<Step, { kind: K }>, string] } = {
  weight: [{ kind: 'weight', grams: 24_900, on: day }, 'Weight 24.9 kg'],
  age: [{ kind: 'age', months: 30, weightIsStale: true }, 'Age 2 years; the weight is too old'],
  band: [{ kind: 'band', printed: '48–59 lb' }, 'Line 48–59 lb'],
  rate: [
    { kind: 'rate', perKg: mg(10), grams: 24_900, comes: exact(249_000) },
    '10 mg × 24.9 kg = 249 mg',
  ],
  pound_rate: [
    { kind: 'pound_rate', perPound: mg(5), pounds: exact(50), comes: exact(250_000) },
    '5 mg × 50 lb = 250 mg',
  ],
  fixed: [{ kind: 'fixed', amount: { kind: 'measure', measure: mg(200) } }, '200 mg'],
  capped: [{ kind: 'capped', to: mg(400) }, 'never more than 400 mg at once'],
  volume: [
    {
      kind: 'volume',
      measure: exact(240_000),
      strength: { kind: 'liquid', holds: mg(160), in: 5000 as never },
      comes: exact(7500),
    },
    '240 mg at 160 mg in 5 mL = 7.5 mL',
  ],
  rounded: [
    { kind: 'rounded', from: exact(7600), to: { unit: 'mL', thousandths: 7500 }, step: 500 },
    'down to the 0.5 mL mark: 7.5 mL',
  ],
  holds: [
    { kind: 'holds', portion: { unit: 'tablet', thousandths: 1500 }, measure: mg(300) },
    '1½ tablets = 300 mg',
  ],
}

describe('how it was worked out', () => {
  it.each(Object.values(STEPS))('$kind', (step, sentence) => {
    expect(care.step(step, 'metric')).toBe(sentence)
  })
  it('a cut is a cut, and a fresh weight is not called old', () => {
    const cut = {
      kind: 'rounded',
      from: exact(700),
      to: { unit: 'tablet', thousandths: 500 },
    } as const
    expect(care.step({ ...cut, step: 500 }, 'metric')).toBe('down to the cut: ½ tablet')
    expect(care.step({ kind: 'age', months: 30, weightIsStale: false }, 'metric')).toBe(
      'Age 2 years',
    )
  })
})

const CARD_FAULTS: { readonly [C in CardFault['code']]: string } = {
  nobody: 'Say whom it is for.',
  mixed_species: 'One rule is for one species. Write another card.',
  needs_vet: 'For an animal only its vet counts. Name the vet.',
  vet_for_person: 'A vet does not prescribe for people.',
  labels_ship: 'Labels come with the application. Write down who said otherwise.',
  who_says: 'Name who said so.',
  said_when: 'Give the day on which it was said.',
  said_in_future: 'That day has not come. Give 2026-11-20 or an earlier day.',
  ends_before_said: 'It ends before it was said. Check both days.',
  needs_strength: 'Milligrams need the strength of the product: 160 mg/5 mL, 10 mg.',
  unit_differs: 'The rule and the strength are in different units. Check mg and IU.',
  form_differs:
    'The rule and the product do not fit: millilitres for a liquid, tablets for tablets.',
  no_interval: 'Say after how many hours it may be given again.',
  limit_below_dose: 'The most in 24 hours is less than one dose.',
  raised_below_dose: 'The raised amount is less than the usual one.',
  largest_below_dose: 'The largest single amount is less than the dose.',
  bands_overlap: 'Two lines fit the same patient: 24–35 lb.',
  confirmation_incomplete: 'A confirmation names who was asked and why it stands.',
}
it.each(Object.entries(CARD_FAULTS))('a card: %s', (code, sentence) => {
  expect(care.cardFault({ code, today: day, printed: '24–35 lb' } as CardFault)).toBe(sentence)
})

const MEASURE_FAULTS: { readonly [C in MeasureFault['code']]: string } = {
  no_number: 'Give a number and a unit.',
  no_unit: 'Say the unit: mg, µg, g or IU; mL for a volume.',
  unit: '"oz" does not fit here.',
  negative: 'Less than nothing is no amount.',
  too_fine: 'Finer than can be measured. Check the decimal point.',
  too_much: 'That is too much to be true. Check the unit.',
  other_unit: 'Nobody has that. In °F it fits.',
  comma_two_ways: 'A comma and three digits can be read two ways. Leave the comma out.',
  nothing: 'Give more than nothing.',
}
it.each(Object.entries(MEASURE_FAULTS))('an amount: %s', (code, sentence) => {
  const unit = code === 'unit' ? 'oz' : '°F'
  expect(care.measureFault({ code, unit } as MeasureFault)).toBe(sentence)
})
