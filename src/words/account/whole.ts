/** Everything of a household as one file, the way back from it, and leaving. */

import type { BroughtBack } from '../../core/household/broughtBack'
import { leaving } from '../frame/frame'

export const whole = {
  title: 'Your household’s data',
  lead: 'Everything you recorded is yours. Save it as one file whenever you like: it opens on any machine that runs Vivid Satchel, and the lists in it open in any spreadsheet.',
  save: 'Save everything',
  saveHelp:
    'A ZIP file with the whole record, photos, lists and the sheets for the lids. It holds health facts: keep it where only you can read it.',
  fileName: (household: string, day: string): string => `${household || 'Household'} ${day}.zip`,
  recordHeadings: ['Day', 'Who', 'What of', 'What was done'],
  readMe: {
    name: 'Read me.txt',
    text: `A household, saved by Vivid Satchel.

household.json         The whole record: everything that was ever noted, with who noted it and when.
household.schema.json  What household.json is made of, as a JSON Schema.
photos/                The photos that household.json names.
lists/supplies.csv     What is where, for a spreadsheet. It can be imported again as a list.
lists/record.csv       What was done, the newest first.
lists/dates.ics        The dates that matter, for a calendar.
sheets/                The sheets for the lids of the kits.

To go on with it elsewhere: make an account there, open "Account and devices" and choose this
file under "Restore a household". Only household.json and the photos are read for that.

It holds health facts. Keep it where only you can read it.
`,
  },

  back: 'Restore a household',
  backHelp:
    'There is nothing in this household yet. You can restore one that was saved before, on this machine or another.',
  backFile: 'The saved file',
  backChoose: 'Choose the ZIP file',
  backPress: 'Restore it',
  backWorking: 'Reading the file and trying every screen. This can take a minute.',
  backStop: 'Stop',
  brokenOff:
    'It was interrupted. Load this page again in a moment: if it was nearly done, the household is here.',
  backDone: (done: BroughtBack): string =>
    `${done.household} is back: ${many(done.places, 'place')}, ${many(done.kits, 'kit')}, ${many(done.lots, 'pack')}${done.pictures > 0 ? `, ${many(done.pictures, 'photo')}` : ''} and ${many(done.acts, 'act')} in the record.`,
  backOpen: 'Open it',
  backNot:
    'A household can only be restored where there is nothing yet. Make a new account for it.',

  leaving: 'Leave',
  password: 'Your password',
  saveFirst: 'Save everything first',
  deleteHousehold: 'Delete the household',
  deleteHouseholdHelp:
    'Everything that is kept in it is deleted for good, for everybody in it. It stays as it is for a week, in case you change your mind. Backups of this machine hold it for up to seven days more.',
  deleteIt: 'Delete it in a week',
  toBeDeleted: leaving.toBeDeleted,
  withAccount: 'The account goes with it.',
  keep: 'Keep the household',
  kept: 'The household stays.',
  leaveHousehold: 'Leave the household',
  leaveHelp:
    'The others keep it. What you did in it stays signed with your name. You begin with an empty household of your own.',
  leaveIt: 'Leave it',
  deleteAccount: 'Delete my account',
  deleteAccountAlone:
    'You are the only one in this household, so it is deleted with your account, in a week. Until then you can sign in and keep both.',
  deleteAccountOthers:
    'Your account is deleted at once. The others keep the household, and what you did in it stays signed with your name.',
} as const

const many = (count: number, one: string): string => `${count} ${count === 1 ? one : `${one}s`}`
