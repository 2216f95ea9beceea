/** English for an evening with a sitter: planned, seen, handed back. */
import { assertNever } from '../../core/brand'
import type { ToKnow } from '../../core/evenings/plan'
import { allergyName } from '../../core/household/factNames'
import {
  type Allergy,
  CONDITIONS_OF_ANIMALS,
  CONDITIONS_OF_PEOPLE,
} from '../../core/household/member'
import type { CareFact } from '../../core/incident/entry'
import { portionText } from '../care/doses'
import { list } from '../frame/format'
import { TOPIC_NAMES } from '../frame/topics'

/** "Ned: allergic to nuts; asthma." */
function known(one: ToKnow): string {
  switch (one.code) {
    case 'person':
      return `${one.name}: ${parts(
        one.allergies,
        one.conditions.map((id) => CONDITIONS_OF_PEOPLE[id]),
      )}.`
    case 'animal': {
      const facts = parts(
        one.allergies,
        one.conditions.map((id) => CONDITIONS_OF_ANIMALS[id]),
      )
      return `${one.name} gets no people’s food and no people’s medicine.${facts === '' ? '' : ` ${capital(facts)}.`}${one.temperament === '' ? '' : ` ${one.temperament}`}`
    }
    case 'not_asked':
      return `Nobody has noted whether ${one.name} has any ${one.topics.map((topic) => TOPIC_NAMES[topic]).join(' or ')}. Ask before they go.`
    default:
      return assertNever(one)
  }
}

const parts = (allergies: readonly Allergy[], conditions: readonly string[]): string =>
  [
    allergies.length > 0 ? `allergic to ${list(allergies.map(allergyName))}` : '',
    list([...conditions]),
  ]
    .filter(Boolean)
    .join('; ')

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

const COUNTS = [
  'No',
  'One',
  'Two',
  'Three',
  'Four',
  'Five',
  'Six',
  'Seven',
  'Eight',
  'Nine',
] as const

export const evenings = {
  known,
  emergency: 'Emergency',
  poison: 'Poison line',
  title: 'Evenings',
  lead: 'A sitter opens one page on their own phone, without an account: whom to call, what to know, what may be given. It ends by itself, and you see what they wrote.',
  none: 'No evening is planned. Plan one before you go out.',
  plan: 'Plan an evening',
  who: 'Who comes?',
  day: 'On which day?',
  from: 'From',
  to: 'Until',
  wrongTime: 'Give a time such as 18:00',
  where: 'Where are they?',
  care: 'Who is in their care?',
  callName: 'Whom do they call first?',
  callPhone: 'At which number?',
  address: 'Where is that? They say it when help has to come',
  know: 'What they have to know, a line each',
  propose: 'Fill in what is noted',
  asks: 'They will be told this as well:',
  mayNot: 'What they may not do, a line each',
  mayNotUsual: 'No medicine that is not on this page.',
  gives: 'What may be given, if it is needed',
  noGives:
    'Nothing that is kept there has a rule that gives an amount for them. Write one down under Doses first.',
  courses: 'What is taken regularly that evening',
  kits: 'Which kits may they open?',
  kitsHint:
    'They see plasters, tools and the like. Of the medicines they see only those that you choose above.',
  give: 'Hand it over',
  given: (name: string): string => `The evening for ${name} is ready.`,
  end: 'End it now',
  endOf: (name: string): string => `End it now: ${name}`,
  ended: (name: string): string => `The evening with ${name} has ended.`,
  state: { to_come: 'to come', now: 'going on', over: 'over' },
  codeFor: (name: string): string => `Code for ${name}`,
  howCode: (address: string): string =>
    `They open ${address} and type the code. Or send them the link.`,
  rehearse: 'Walk through it together',
  rehearsing: 'You are walking through it. Nothing is written down.',
  back: 'What they wrote',
  backTitle: (name: string): string => `The evening with ${name}`,
  noNotes: 'Nothing was noted.',
  replace: 'To replace',
  nothingToReplace: 'Nothing was used up.',
  cope: 'Could they cope? Judge it with their hands',
  close: 'Close',
} as const

/** On the page of whoever sits in: read at night, by somebody who does not know the house. */
export const sitting = {
  forWhom: (name: string, from: string, to: string, members: readonly string[]): string =>
    `For ${name}, ${from} to ${to}. You see ${list([...members])}.`,
  toKnow: (count: number): string =>
    count === 1 ? 'One thing to know' : `${COUNTS[count] ?? count} things to know`,
  call: (name: string): string => `Call ${name}`,
  moreNumbers: 'More numbers',
  say: (address: string): string => `Say where you are: ${address}`,
  gives: 'What may be given',
  noGives: 'Nothing is to be given this evening. Call before you give anything.',
  give: 'Given now',
  giveTo: (title: string, who: string): string => `Given now: ${title}, ${who}`,
  notBefore: (time: string): string => `Not before ${time}.`,
  notAgain: 'Not again this evening. Call first.',
  last: (time: string): string => `Last given: ${time}.`,
  never: 'Not given yet today, as far as anybody has noted.',
  no: 'Do not give it. Call.',
  noneHere: 'None of it is there. Call.',
  notWith: (signs: string): string => `Not if there is: ${signs}. Call instead.`,
  stop: 'When to call',
  at: (kit: string, pocket: string): string => `${pocket}, ${kit}`,
  regular: 'Taken every evening',
  normal: (name: string): string => `Normal for ${name}`,
  range: (from: number, to: number, unit: string): string => `${from} to ${to} ${unit}`,
  temperature: 'Temperature',
  pulse: 'Pulse',
  breathing: 'Breathing',
  celsius: '°C',
  aMinute: 'a minute',
  ownNormal: 'measured at home',
  customary: 'usual for this age or kind, at rest',
  where: 'Where things are',
  used: (title: string): string => `used one: ${title}`,
  usedShort: 'used one',
  empty: 'nothing for you in here',
  mayNot: 'What you may not do',
  note: 'Write it down',
  noteHint:
    'What you saw, what you gave besides, what you wonder about. It works without a connection too.',
  about: 'About whom?',
  words: 'What did you see?',
  save: 'Write it down',
  written: 'What you wrote',
  nothingWritten: 'Nothing yet.',
  waits: 'waits for a connection',
  notTaken: (why: string): string => `not taken: ${why}`,
  anyway: 'It was given all the same: write it down',
  drop: 'It was not given: take it off',
  guides: 'When something happens',
  ends: (time: string, name: string): string =>
    `This page ends at ${time}. ${name} then sees what you wrote.`,
  over: 'This evening is over',
  overHint: 'Nothing of it is shown any more. What you noted is with the household.',
  notYet: (when: string): string => `It begins at ${when}. Open this page again then.`,
  wrongCode: 'This code opens nothing',
  typeCode: 'Type the code that you were given',
  code: 'Code',
  open: 'Open it',
  away: 'No connection: this is what was shown last. What you write down is sent later.',
  doseNoted: (what: string, who: string): string => `gave ${who} ${what}`,
  usedNoted: (what: string, title: string): string => `used ${what}: ${title}`,
  called: (whom: string): string => `called ${whom}`,
} as const

/** One note of an evening, after its time. */
export function noteText(fact: CareFact, who: string): string {
  switch (fact.kind) {
    case 'dose':
      return sitting.doseNoted(`${portionText(fact.portion)}: ${fact.title}`, who)
    case 'used':
      return sitting.usedNoted(fact.words, fact.title)
    case 'seen':
      return `${who}: ${fact.words}`
    case 'called':
      return sitting.called(fact.whom)
    default:
      return who
  }
}
