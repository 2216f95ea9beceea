/** English for dose cards and the labels of packs. */
import { assertNever } from '../../core/brand'
import type { CardFault } from '../../core/dosing/cardFaults'

export function cardFaultText(fault: CardFault): string {
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

export const cards = {
  title: 'Dose cards',
  lead: 'What labels print and what prescribers said. Labels come with their source; the rest you write down as it was said.',
  labels: 'Labels, for people',
  own: 'Written down here',
  none: 'Nothing yet. Call the vet or the doctor once, and write down what is said.',
  add: 'Write down a rule',
  edit: 'Change',
  remove: 'Remove',
  removed: 'Removed',
  saved: (name: string): string => `Written down: ${name}`,
  fields: {
    whom: 'For whom',
    name: 'What it is called',
    substance: 'Active ingredient',
    otherItem: 'not on the list: this item of ours',
    unit: 'Given as',
    strength: 'Strength as printed',
    strengthHelp: '160 mg/5 mL, 10 mg, 1000 IU/mL',
    by: 'The rule',
    byKinds: {
      rate: 'so much for each kilogram',
      pound_rate: 'so much for each pound',
      measure: 'a fixed amount of the active ingredient',
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
  badNumber: 'Give a number above 0.',
  badDay: 'Give a day as 2026-12-31.',
  pick: 'Choose one of the list.',
  forWhom: (names: readonly string[]): string => names.join(', '),
  most: (doses: number | null, amount: string | null): string =>
    `${[doses !== null && `${doses} doses`, amount].filter(Boolean).join(', ')} in 24 h`,
} as const

export const pack = {
  title: 'The label of a pack',
  lead: 'As it is printed on the pack in your hand. It goes for people; for an animal its vet writes the rule.',
  add: 'Write down the label of a pack',
  item: 'Which thing of yours',
  fields: {
    name: 'What it is called',
    substance: 'Active ingredient',
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
  removeLine: 'Remove the line',
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
} as const
