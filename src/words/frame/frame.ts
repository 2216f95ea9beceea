/** English for the frame around every screen. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { NextThere } from '../../core/calendar/presence'
import { FIRST_STEPS, type FirstStep } from '../../core/household/beginning'
import type { PressedAct } from '../../core/watch/errand'
import { awayFrom, dayRange, fullDay, weekdayDay } from './format'

export const appName = 'Vivid Satchel'

export const tagline = 'What is where, what expires, what to do about it'

/** The way to an incident, from every screen. */
export const happened = 'Something happened'

export const tabs = {
  watch: 'Today',
  kits: 'Kits',
  cover: 'Ready',
  bench: 'Doses',
  restock: 'Restock',
  household: 'Household',
} as const

export const more = {
  label: 'More',
  begin: 'First steps',
  evacuation: 'Leaving the house',
  bring: 'Import a list',
  print: 'Print',
  record: 'History',
  incidents: 'Earlier incidents',
  roadside: 'For a professional',
  export: 'Save everything as a file',
  settings: 'Settings',
  households: 'Your households',
  account: 'Account and devices',
  help: 'Help',
} as const

/** The parts of Household: said here, so that none of them takes along the words of the others. */
export const householdParts = {
  label: 'Parts of Household',
  household: 'People and places',
  people: 'Who comes in',
  trips: 'Going out',
  evacuation: 'Leaving the house',
} as const

/** Ways out of a screen on which there is nothing yet. */
export const ways = {
  kits: 'Open Kits',
  places: 'Add a place',
  members: 'Add people and animals',
  more: (next: number, left: number): string =>
    next === left ? `Show the other ${left}` : `Show ${next} more of ${left}`,
} as const

/** On every screen while the first steps are not over. */
export const firstSteps = {
  names: {
    country: 'Country',
    members: 'People and animals',
    places: 'Places',
    kits: 'Kits',
    things: 'Things',
    check: 'First check',
    sheet: 'Lid sheet',
  } satisfies Record<FirstStep, string>,
  bar: (done: number): string => `First steps: ${done} of ${FIRST_STEPS.length} done.`,
  next: (step: FirstStep): string => `Next: ${firstSteps.names[step]}`,
}

export const strap = {
  next: (next: NextThere, today: PlainDate): string =>
    next.kind === 'now'
      ? 'here now'
      : next.kind === 'unknown'
        ? 'no visit planned'
        : awayFrom(next.day, today) === 'tomorrow'
          ? 'tomorrow'
          : weekdayDay(next.day, today),
  label: 'Places',
  only: (place: string): string => `Only: ${place}`,
  allPlaces: (place: string): string => `Only: ${place}. Show all places`,
}

export const undo = {
  undo: 'Undo',
  undone: 'Undone',
  offline: 'No connection, so this was not sent. It is kept here. Try again.',
  retry: 'Try again',
  dismiss: 'Close',
  /** What one press on an errand did, after the name of the thing. */
  errands: {
    throw_away: 'thrown away',
    clean: 'cleaned',
    put_back: 'put back in its pocket',
    bring_back: 'put back at its place',
    look_for: 'found again',
    replace: 'put on the shopping list',
    top_up: 'put on the shopping list',
    make_up: 'put on the shopping list',
    buy: 'put on the shopping list, with a target from now on',
    refill: 'put on the shopping list',
    carry: 'brought over',
  } satisfies Record<PressedAct, string>,
  did: {
    takenUp: 'Back among the errands',
    check: (kit: string): string => `${kit} checked`,
    later: (until: PlainDate): string => `Reminder set for ${fullDay(until)}`,
    bought: 'Ticked as bought',
    saved: (thing: string): string => `${thing} saved`,
    added: (thing: string): string => `${thing} added`,
    removed: (thing: string): string => `${thing} removed`,
    par: (thing: string): string => `Target for ${thing} set`,
    imported: 'List imported',
  },
}

export const keys = {
  title: 'Keys',
  open: 'Keys',
  find: 'find anything',
  help: 'this list',
  incident: 'something happened: start an incident',
  torch: 'torch: dark, large, for the night',
  undo: 'undo the last act',
  ofPage: 'Help for this page',
  act: 'Single keys work on this device',
  actWhy: 'Turn them off if you speak to the computer or press keys by accident.',
  /** On single screens: the key, and what it does there. */
  screens: [
    ['arrows', 'from tag to tag on a mat, from cell to cell on the board'],
    ['Enter', 'open a tag, explain a cell'],
    ['u o m x c e', 'use, open, move, throw away, count, change'],
    ['l g d n', 'lend, give away, decant, not here'],
    ['k b f', 'cleaned, it is back, found it'],
    ['a', 'add to the pocket of the tag'],
    ['+ − ← Enter', 'in a round: more, fewer, back, next'],
    ['Esc', 'close'],
  ],
} as const

/** A trip as other screens name it: "Lake week, 12–19 Dec, in 14 days". */
export const tripNamed = (name: string, from: PlainDate, to: PlainDate, today: PlainDate): string =>
  `${name}, ${dayRange(from, to, today)}, ${from > today ? awayFrom(from, today) : 'under way'}`

export const look = { light: 'Light', dark: 'Dark', torch: 'Torch', label: 'Look' }

export const errors = {
  title: 'That did not work',
  again: 'Try again',
  notFound: 'This is not here',
  notFoundHint: 'It may have been removed, or the address is wrong.',
  home: 'To Today',
  skip: 'Skip to the content',
}

/** On every screen of a household that is to be deleted. */
export const leaving = {
  toBeDeleted: (who: string, when: string): string =>
    `${who} asked for this household to be deleted. It will be deleted on ${when}.`,
  keepOrSave: 'Keep it, or save it',
} as const
