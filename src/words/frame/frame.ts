/** English for the frame around every screen. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { NextThere } from '../../core/calendar/presence'
import type { PressedAct } from '../../core/watch/errand'
import { awayFrom, fullDay, weekdayDay } from './format'

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
  bring: 'Import a list',
  print: 'Print',
  record: 'History',
  incidents: 'Earlier incidents',
  settings: 'Settings',
  account: 'Account and devices',
} as const

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
  /** What one press on an errand did. */
  errands: {
    throw_away: 'Thrown away',
    clean: 'Clean again',
    put_back: 'Back in its pocket',
    look_for: 'Found again',
    replace: 'On the shopping list',
    top_up: 'On the shopping list',
    buy: 'On the shopping list; it belongs there from now on',
    refill: 'On the shopping list',
    carry: 'Carried over',
  } satisfies Record<PressedAct, string>,
  did: {
    takenUp: 'Back among the errands',
    check: 'Check noted',
    later: (until: PlainDate): string => `Reminder set for ${fullDay(until)}`,
    put: 'Added',
    bought: 'Ticked as bought',
    saved: 'Saved',
    par: 'Target set',
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
