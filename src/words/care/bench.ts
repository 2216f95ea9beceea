/** English for the bench: a dose, what is asked first, courses, the slip. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Noted } from '../../core/household/noteSays'
import type { Topic } from '../../core/household/told'
import { capital, shortDay } from '../frame/format'
import { TOPIC_NAMES } from '../frame/topics'
import { notedText } from './objections'

export const bench = {
  title: 'Doses',
  parts: {
    doses: 'Doses',
    cards: 'Dose cards',
    mixes: 'Mixes',
    courses: 'Prescriptions',
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
  noCards: 'There is no dose card for them.',
  noLabels:
    'We have no labels for your country, or no country is chosen. Labels of another country are no guide to yours. Write down the label of your own pack, or choose whose labels you follow.',
  writeLabel: 'Write down the label of a pack',
  chooseLabels: 'Choose whose labels',
  noRule: (name: string): string => `No rule from a vet is written down for ${name}.`,
  askVet: 'Ask the vet, and write down what is said',
  agreedInWords: (name: string): string =>
    `The vet has agreed to something for ${name} in words. A number is shown only from a dose card.`,
  asCard: 'Write its numbers down as a dose card',
  tell: 'What to say',
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
  none: 'none recorded',
  lot: (place: string, pocket: string, ends: string, left: string): string =>
    `${place}, ${pocket} · ${ends} · ${left}`,
  /** Its full name, strength and form stand beside the amount. */
  bottle: (title: string, form: string | null): string =>
    form === null || title.toLowerCase().includes(form) ? `${title}:` : `${title} (${form}):`,
  others: 'Another strength or form on your shelf: this card is not for it',
  notScored: (known: boolean): string =>
    known
      ? 'This tablet is not scored: it must not be cut. Ask the pharmacist for a strength that needs no cutting.'
      : 'Nobody has said that this tablet is scored. Look at it and at its label before you cut it; if unsure, ask the pharmacist.',
  barred: 'Do not use',
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
  signs: 'Is any of this true?',
  muchLess: 'Rounded down, this is clearly less than the rule says. Ask for a better strength.',
  disagree: 'Another source says',
  give: (what: string): string => `Given: ${what}`,
  earlier: 'It was given earlier',
  minutesAgo: 'Minutes ago',
  anyway: 'It was given anyway',
  anywayLead:
    'What was given is recorded, whatever speaks against it, so that the next person knows.',
  why: 'What happened',
  noted: (what: string): string => `Noted: ${what}`,
  slip: 'Dose slip for the pouch',
  spoon: (count: string): string => `or a dosing spoon: ${count} × 5 mL`,
  cutLabel: (text: string): string => `${text}, drawn with its cut`,
  syringeLabel: (text: string, barrel: string): string => `${barrel}, drawn up to ${text}`,
  fillNumber: (at: number, of: number): string => `fill ${at} of ${of}`,
  beside: 'We cannot count this down for you. Correct the count later.',
} as const

export const questions = {
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
  noteSays: (noted: Noted): string => `The note speaks of ${notedText(noted)}. Is that right?`,
  isSo: 'Yes, record it',
  isNotSo: 'No, that is wrong',
  askFirst: (reason: string): string =>
    `${capital(reason)}: the label says to ask a doctor or a pharmacist first.`,
  who: 'Who said it may be given',
  mayBeGiven: 'It may be given',
  toldNone: (topic: Topic, who: string): string => `No ${TOPIC_NAMES[topic]}, said ${who}`,
  toldWord: (who: string, reason: string): string => `${who} said it may be given (${reason})`,
  toldNote: (noted: Noted, isSo: boolean): string =>
    `${capital(notedText(noted))}: ${isSo ? 'so' : 'not so'}`,
  unkept:
    'Saved on this screen and with the dose. Once you are connected it is saved with the person.',
  scored: 'Look at the tablet: is there a line across it?',
  isScored: 'Yes, it is scored',
  unlooked: 'That could not be saved. Try again when you have a connection.',
  isNotScored: 'No line',
  readLabel: 'Write down what the label says is in it',
} as const

export const courses = {
  title: 'Prescriptions',
  toMembers: 'Open Household',
  lead: 'Is there enough to the end, and by when to fetch more while the pharmacy is open.',
  none: 'Nobody has a running prescription with an amount per day. You find prescriptions with each person or animal.',
  times: 'Times a day',
  each: (amount: string): string => `${amount} each time`,
  there: (doses: number): string => `${doses} ${doses === 1 ? 'dose' : 'doses'} there`,
  needed: (doses: number): string => `${doses} needed`,
  lasts: (day: PlainDate, today: PlainDate): string => `lasts through ${shortDay(day, today)}`,
  notToday: 'Not enough for today.',
  finishes: 'There is enough to finish it.',
  short: (doses: number): string =>
    `It will not finish: ${doses} ${doses === 1 ? 'dose is' : 'doses are'} missing.`,
  askBy: (day: PlainDate, today: PlainDate): string => `Ask for more by ${shortDay(day, today)}`,
  askNow: 'Ask now: the last open day has passed, or the pharmacy is shut until it runs out.',
  order: 'Open days it takes to get more',
  keeps: 'Days a drawn-up syringe keeps, as the prescriber wrote',
  drawUp: (syringes: number, each: string, day: PlainDate, today: PlainDate): string =>
    `Draw up ${syringes} ${syringes === 1 ? 'syringe' : 'syringes'} of ${each}; they keep through ${shortDay(day, today)}`,
  millilitres: 'mL each time',
  pharmacy: 'The pharmacy is open',
  weekdays: ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'],
  member: 'Prescription',
} as const

export const slip = {
  title: 'Dose slip',
  print: 'Print',
  cut: 'Cut out and keep with the medicine',
  of: (name: string, day: string): string => `For ${name}, worked out on ${day}`,
  again: 'Again after',
  most: 'In 24 hours at most',
  stop: 'Stop and ask when',
  outdated: (day: string): string =>
    `Work it out again after ${day}: the weight will have changed.`,
  refused: 'There is nothing to print: Doses says why.',
} as const
