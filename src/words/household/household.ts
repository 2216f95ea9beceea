/** English for the household. */
import type { Presence } from '../../core/calendar/presence'
import { list, WEEKDAY_NAMES } from '../frame/format'
import { places } from '../places'

export const householdText = {
  title: 'Household',
  members: 'People and animals',
  places: 'Places',
  name: 'Name',
  timeZone: 'Time zone',
  country: 'Country',
  ownNumbers: 'another country',
  emergency: 'Emergency number',
  poison: 'Poison line',
  fromCountry: (number: string): string => `${number} by country`,
  dateOrder: 'Dates are written',
  dateOrders: {
    'day-first': 'day first (31/12)',
    'month-first': 'month first (12/31)',
    'year-first': 'year first (2026-12-31)',
  },
  lookahead: 'Warn me so many days ahead',
  currency: 'Currency',
  save: 'Save',
  saved: 'Saved',
  add: 'Add',
  species: 'Person or animal',
  born: 'Born',
  note: 'Note',
  remove: 'Remove',
  helper: 'helps others',
  addVisit: 'Add a visit',
  from: 'From',
  to: 'To',
  label: 'What it is',
  weekStart: 'A week begins on',
  monday: 'Monday',
  sunday: 'Sunday',
  units: 'Units',
  metric: 'metric',
  us: 'US',
  noMembers: 'Nobody is here yet.',
  readyBy:
    'For each place where they usually are: how many life-saving and urgent problems it is ready for.',
  signedIn: (who: string): string => `You are signed in as ${who}.`,
  removed: (name: string): string => `${name} removed`,
  addMember: 'Add a member',
  done: 'Done',
  weighAgain: 'The weight is old. Weigh again.',
  notAsked: (topics: readonly string[]): string => `Not asked yet: ${topics.join(', ')}`,
  labels: 'Labels on your medicine boxes',
  labelsByCountry: 'as in my country',
  labelSets: {
    us: 'United States',
    uk: 'United Kingdom and Ireland',
    none: 'other',
  },
  labelsHelp: {
    us: 'Doses as printed on labels in the United States. The pack in your hand wins.',
    uk: 'Doses as printed on labels in the United Kingdom and Ireland. The pack in your hand wins.',
    none: 'We have no labels for you. Doses asks you to copy the label of your own pack.',
  },
  askNow: {
    title: 'Is there anything we must know?',
    later: 'Ask me later',
    none: 'None',
    some: 'Yes',
    noneOfAll: 'None of the three',
    next: 'Write them down on the page that opens.',
  },
  fewDays: 14,
  wrongWeight: 'Give kilograms such as 4.2',
  traits: (place: string): string => `What can happen at ${place}`,
  rhythm: (rhythm: Presence['rhythm']): string =>
    rhythm.kind === 'always'
      ? 'always somebody there'
      : rhythm.kind === 'visits'
        ? 'only on visits'
        : rhythm.kind === 'season'
          ? places.seasonal(rhythm)
          : rhythm.days.join() === '1,2,3,4,5'
            ? 'on weekdays'
            : `on ${list(rhythm.days.map((day) => WEEKDAY_NAMES[day - 1] ?? ''))}`,
  backwards: 'A visit ends on or after the day it starts',
  wrongLookahead: 'Give a number of days from 1 to 366',
  nothingYet: 'Nothing has been done yet.',
  takenBack: 'undone',
  afterRole: 'arrived after the role had ended',
  recent: 'Done lately',
  age: (days: number): string =>
    days < 730 ? `${Math.floor(days / 30.44)} months` : `${Math.floor(days / 365.25)} years`,
}

/** What somebody did, after a name: "Ilse …". */
export const householdPast = {
  feed_added: 'made an address for a calendar',
  feed_removed: 'closed a calendar’s address',
  household_changed: 'changed the household',
} as const
