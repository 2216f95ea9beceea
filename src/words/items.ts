/** English for what things are. */
import type { Without } from '../core/catalogue/companions'
import type { ItemFacts } from '../core/catalogue/itemFacts'
import { roleName } from '../core/catalogue/roles'
import { SKILLS } from '../core/catalogue/skills'
import { STORAGE_CLASSES, type StorageClass } from '../core/catalogue/storageClass'
import { substanceName } from '../core/catalogue/substances'
import { SPECIES } from '../core/household/species'
import type { Difference } from '../core/naming/differences'
import { OPENED_RULES, type OpenedRuleId } from '../core/shelf-life/openedRules'
import { VERDICTS, type VerdictKind } from '../core/stock/verdict'
import { capital } from './frame/format'
import { keepsFor } from './frame/keepsFor'

export const verdict = {
  label: 'What you think of it',
  none: 'No complaint',
  name: (kind: VerdictKind): string => VERDICTS[kind],
  words: 'In your words',
}

export const size = {
  label: 'One of it measures, cm',
  grams: 'and weighs, g',
  wrongGrams: 'Give grams above 0',
}

export const matching = {
  title: 'What things are',
  headline: (open: number): string =>
    open === 0
      ? 'Every item is known'
      : open === 1
        ? 'One item is not matched yet'
        : `${open} items are not matched yet`,
  under:
    'The catalogue knows what a thing can be used for, what is in it and whom it suits. You confirm; what is not matched stays a plain item, counted and dated, and covers nothing.',
  confirm: 'Confirm',
  plain: 'Plain item',
  isPlain: 'plain item: covers nothing',
  other: 'Search the catalogue',
  none: 'Nothing similar was found',
  known: 'Known items',
  matched: (count: number): string => `${count === 1 ? 'One item' : `${count} items`} matched`,
  change: 'Change',
  roles: 'Can be used as',
  contains: 'Contains',
  keeps: (from: number, to: number, frost: boolean): string =>
    `keeps at ${from}–${to} °C${frost ? ', never frozen' : ''}`,
  skill: 'Only for trained people',
  companions: {
    unsafe: 'Not safe without',
    weaker: 'Better with',
    tidier: 'Goes with',
  } satisfies Record<Without, string>,
  spec: 'Ask for',
  standIns: 'Instead',
  source: 'Source',
  ownTitle: 'What you know better',
  ownContains: 'Contains, as your label says',
  ownRead: 'I have read the label: this is what is in it',
  ownUses: 'Uses that one gives',
  ownWhy: 'Why, on whose word',
  save: 'Save',
  cancel: 'Cancel',
  noItems: 'There are no items yet. Import a list, or add a thing to a kit.',
} as const

const PLURAL: Readonly<Record<string, string>> = {
  person: 'people',
  dog: 'dogs',
  cat: 'cats',
  rabbit: 'rabbits',
  'guinea pig': 'guinea pigs',
  hamster: 'hamsters',
  horse: 'horses',
  bird: 'birds',
  other: 'other animals',
}

function forWhom({ madeFor }: ItemFacts): string {
  const { species, fromMonths } = madeFor
  const whom =
    species.length === SPECIES.length
      ? 'everybody'
      : species.length === SPECIES.length - 1 && !species.includes('person')
        ? 'animals only'
        : species.map((one) => PLURAL[one] ?? one).join(', ')
  if (fromMonths === 0) return `for ${whom}`
  return fromMonths % 12 === 0
    ? `for ${whom} from ${fromMonths / 12} years`
    : `for ${whom} from ${fromMonths} months`
}

const number = (value: number): string =>
  value >= 10 ? String(Math.floor(value)) : String(Math.round(value * 10) / 10)

export const items = {
  title: 'What things are',
  headline: (open: number): string =>
    open === 0
      ? 'Every thing is known'
      : open === 1
        ? 'One thing waits for your word'
        : `${open} things wait for your word`,
  under:
    'Nothing counts for anybody until you say what it is. What is beyond doubt comes first; we ask about the rest.',
  sure: (count: number): string => (count === 1 ? 'One is sure' : `${count} are sure`),
  sureUnder: 'The name says enough. Untick what is something else.',
  confirmSure: (count: number): string =>
    count === 1 ? 'Confirm this one' : `Confirm these ${count}`,
  asked: (count: number): string => (count === 1 ? 'One is asked' : `${count} are asked`),
  askedUnder:
    'The name leaves something open. Press an answer, or type its number; 0 is “none of these”.',
  unknown: (count: number): string =>
    count === 1 ? 'One is not in the catalogue' : `${count} are not in the catalogue`,
  unknownUnder:
    'Say in a few words what it is for. Until then it is counted and dated, and covers nothing.',
  countsAs: (facts: ItemFacts, unit: string): readonly string[] => [
    capital(facts.roles.map((role) => roleName(role).toLowerCase()).join(', ')),
    forWhom(facts),
    ...(facts.uses === 1 || !facts.usesKnown
      ? []
      : [`one ${unit || 'piece'} gives ${number(facts.uses)} uses`]),
    ...(facts.substances.length > 0
      ? [`contains ${facts.substances.map(substanceName).join(', ')}`]
      : []),
    ...(facts.skill ? [`only by those taught: ${SKILLS[facts.skill].name.toLowerCase()}`] : []),
    ...(facts.entry?.openedRule
      ? [`once opened: ${keepsFor(OPENED_RULES[facts.entry.openedRule].period)}`]
      : []),
  ],
  open: (difference: Difference): string => {
    switch (difference.code) {
      case 'substance_missing':
        return `the name does not say ${substanceName(difference.substance)}`
      case 'strength_missing':
        return 'the name does not say how strong it is'
      case 'strength_unlisted':
        return 'this strength is not listed'
      case 'size':
        return 'another size'
      case 'size_missing':
        return 'the name does not say how much it holds'
      case 'material_missing':
        return 'the name does not say whether it holds latex'
      case 'doubtful':
        return 'the name says that it is old, opened or doubtful'
      case 'word':
        return `“${difference.word}” is not understood`
      case 'says_less':
        return difference.word.startsWith('size-')
          ? `the name does not say size ${difference.word.slice(5).toUpperCase()}`
          : `the name does not say “${difference.word.replace(/^is:/, '').replace(/^not:(.+)$/, '$1-free')}”`
      case 'substance':
        return `it names ${substanceName(difference.substance)}`
      case 'mixture':
        return `it is mixed with “${difference.word}”`
      case 'strength':
        return 'it is another strength'
      case 'form':
        return `its form is another one: ${difference.form}`
      case 'route':
        return `it is used another way: ${difference.route}`
      case 'species':
        return 'it is made for somebody else'
      case 'age':
        return `it is made for another age: “${difference.word}”`
      case 'without':
        return `it is without ${difference.word}`
      case 'variant':
        return `“${difference.word}” makes it another product`
      case 'no_evidence':
        return 'it is a remedy without evidence'
      case 'not_real':
        return 'it is for practice'
    }
  },
  notOffered: (title: string, because: string): string => `Not ${title}: ${because}.`,
  howManyUses: (title: string, unit: string): string =>
    `It is ${title}. How many uses does one ${unit || 'piece'} give?`,
  usesLabel: (unit: string): string => `Uses that one ${unit || 'piece'} gives`,
  isIt: 'It counts as',
  isItOne: 'Is it one of these?',
  take: 'Take it',
  none: 'None of these',
  choose: (title: string, answer: string): string => `${title}: ${answer}`,
  say: 'Say what it is',
  justCount: 'Just count it',
  search: 'Search the catalogue',
  whatFor: 'What is it for?',
  whatForHint: 'type a word: fever, cut, muzzle',
  whom: 'For whom?',
  whomPeople: 'People',
  whomAnimals: 'Animals',
  whomEverybody: 'Everybody',
  contains: 'What is in it, as far as somebody must not have it',
  holds: 'What one holds, if the pack says',
  holdsHint: '141 g, 20 g a feed',
  clock: 'Once opened it keeps',
  clockUnset: 'not known',
  storage: 'How it is kept',
  storageName: (storage: StorageClass): string => STORAGE_CLASSES[storage],
  clockName: (rule: OpenedRuleId): string => OPENED_RULES[rule].name,
  claimed: 'From a list',
  claimedOn: (day: string): string => `as the list of ${day} says; count it to be sure`,
  scored: 'May the tablet be cut?',
  scoredUnknown: 'nobody has looked: do not cut it',
  scoredYes: 'it is scored',
  scoredNo: 'it is not scored',
  save: 'Save',
  cancel: 'Cancel',
  moreOf: (left: number): string => `${left} more after these`,
  doubt: {
    unidentified: 'The name says that nobody knows what it is, so it stays on hold.',
    left_over: 'The name says that it was left over, so it stays on hold.',
    worn_out: 'The name says that it is old, opened or used.',
    not_real: 'The name says that it is for practice.',
  },
  why: 'Said by the keeper',
  wrongUses: 'Give a number above 0',
  matching,
  verdict,
  size,
} as const

/** What somebody did, after a name: "Ilse …". */
export const itemsPast = {
  code_taught: 'said what a code stands for',
  items_matched: 'said what things are',
  item_changed: 'changed a thing',
} as const
