/** English for the people around a household. */
import type { Right, Role } from '../../core/people/role'
import { roleNames } from './roleNames'

/** What a role lets one do, in one sentence. */
const LETS: Readonly<Record<Role, string>> = {
  keeper: 'Sees and does everything, and decides who else is a keeper.',
  second_keeper: 'Sees and does everything, but makes no keepers and cannot delete the household.',
  helper:
    'Sees everything. Counts, uses, buys, puts away, gives doses and writes down what happened. Changes no kits, people or settings.',
  child_helper:
    'Finds things and counts them. Sees no medicines, and nothing about anybody’s health.',
  viewer: 'Sees everything and changes nothing.',
  overseer: 'Sees how ready each place is, as figures. Sees nothing of what is inside.',
}

export const people = {
  title: 'Who comes in',
  lead: 'Everybody here has an account of their own, and a role that says what they may do. Everything they do is signed with their own name.',
  you: 'you',
  since: (day: string): string => `since ${day}`,
  roleNames,
  lets: LETS,
  change: 'Change role',
  changeOf: (name: string): string => `Change role: ${name}`,
  end: 'End role',
  endOf: (name: string): string => `End role: ${name}`,
  endTitle: (name: string): string => `End the role of ${name}?`,
  endHint: (name: string): string =>
    `${name} sees nothing of this household from now on. What ${name} did stays signed with the name. What was counted on a phone without a connection still arrives, for two weeks.`,
  ended: (name: string): string => `The role of ${name} has ended.`,
  given: (name: string, role: Role): string => `${name} is ${article(role)} now.`,
  roleFor: (name: string): string => `Role of ${name}`,
  save: 'Save role',
  invite: 'Invite somebody',
  inviteTitle: 'Invite somebody',
  forName: 'Who is it?',
  role: 'What may they do?',
  email: 'E-mail, if a letter should take the code along',
  make: 'Make the invitation',
  invited: (name: string): string => `${name} can come in with this code.`,
  letterStays:
    'Letters are only written into a folder on this machine. Read the code aloud, or send the link yourself.',
  invitations: 'Invitations',
  noInvitations: 'Nobody is invited at the moment.',
  codeFor: (name: string): string => `Code for ${name}`,
  howCode: (address: string): string =>
    `Open ${address} on their phone and type the code. Or send them the link.`,
  close: 'Close',
  copy: 'Copy link',
  copied: 'The link is copied.',
  notCopied: 'The link could not be copied. Mark it and copy it by hand.',
  withdraw: 'Withdraw',
  withdrawFor: (name: string): string => `Withdraw: ${name}`,
  withdrawn: (name: string): string => `The invitation for ${name} opens nothing any more.`,
  until: (day: string): string => `works until ${day}, once`,
  state: {
    open: 'open',
    used: (by: string): string => `used by ${by}`,
    over: 'over',
    withdrawn: 'withdrawn',
  },
  what: 'What each role may do',
  yes: 'yes',
  no: '–',
  rights: {
    readiness: 'See how ready each place is',
    find: 'Find things that are no medicine',
    look: 'See medicines, people, doses, incidents',
    count: 'Count, and do checks',
    use: 'Use, move, buy, throw away; sign a check',
    care: 'Note doses, readings and incidents',
    arrange: 'Change people, places, kits, targets; undo what others did',
    settings: 'Change settings, invite people, save everything',
    own: 'Make keepers, delete the household',
  } satisfies Record<Right, string>,
  notYours: 'This page is not for you',
  notYoursHint: (role: Role): string =>
    role === 'child_helper'
      ? 'You help to find and to count things. For this, ask a grown-up. In an emergency, call for help first.'
      : `You are ${article(role)} here. Ask a keeper if you need this page.`,
  /** At the head of every page, for whoever is not a keeper or belongs to several. */
  here: (role: Role, household: string): string => `${roleNames[role]} at ${household}`,
  switch: 'Switch household',
  onlyLook: 'You may look at everything here. Nothing you press changes anything.',
} as const

export const households = {
  title: 'Your households',
  lead: 'Each one by itself. Nothing moves from one to another.',
  open: (name: string): string => `Open ${name}`,
  isThis: 'You are here',
  role: (role: Role): string => `You are ${article(role)}.`,
  ready: (ready: number, of: number): string => `${ready} of ${of} ready`,
  nobody: 'nobody is expected there',
  life: (count: number): string =>
    count === 1
      ? 'one life-saving problem is not covered'
      : `${count} life-saving problems are not covered`,
  onlyFigures: 'You see how ready it is, from outside.',
  noFigures: 'Open it to find and count things.',
  noPlaces: 'It has no places yet.',
  begin: 'Begin another household',
  name: 'What is it called?',
  make: 'Begin it',
  code: 'Somebody gave me a code',
} as const

export const joining = {
  title: 'Come into a household',
  lead: 'Type the code that you were given. It has twelve letters and digits.',
  code: 'Code',
  look: 'Look at it',
  into: (household: string): string => `Come into ${household}`,
  by: (by: string, forName: string): string => `${by} made this invitation for ${forName}.`,
  as: (role: Role): string => `You would be ${article(role)}.`,
  asYou: (name: string): string => `You are signed in as ${name}.`,
  join: (household: string): string => `Come into ${household}`,
  other: 'That is not me',
  needAccount: 'Everybody comes in with an account of their own, so that nobody shares a password.',
  account: 'Account',
  haveOne: 'I have an account',
  makeOne: 'Make an account',
  signIn: 'Sign in and come in',
  signUp: 'Make the account and come in',
  later: 'Not now',
  demo: 'You are looking at the demo. Sign out first, then open the link again.',
} as const

const article = (role: Role): string => {
  const name = roleNames[role].toLowerCase()
  return `${/^[aeiou]/.test(name) ? 'an' : 'a'} ${name}`
}
