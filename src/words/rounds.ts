/** English for rounds: what is due and why, the cards at the kit, what came of it, what waits. */
import type { Expiry } from '../core/calendar/expiry'
import type { PlainDate } from '../core/calendar/plainDate'
import type { CodeFields, CodeRefusal } from '../core/codes/readCode'
import { type Amount, formatAmount } from '../core/quantity/amount'
import type { Ask, Toll } from '../core/rounds/asks'
import type { Bring } from '../core/rounds/bring'
import type { Pace } from '../core/rounds/pace'
import type { Finding } from '../core/rounds/report'
import type { Gone } from '../core/rounds/round'
import type { Condition } from '../core/stock/lot'
import { because, pocketsOf, why } from './frame/due'
import {
  capital,
  counted,
  expiryText,
  numberWord,
  several,
  shortDay,
  someThings,
} from './frame/format'

/** "4 minutes", "half a minute", "1 h 10 min". */
export function duration(seconds: number): string {
  const minutes = Math.round(seconds / 60)
  if (minutes < 1) return 'half a minute'
  if (minutes < 60) return several(minutes, 'minute', 'minutes')
  return `${Math.floor(minutes / 60)} h ${minutes % 60} min`
}
/** "4:10". */
export const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`

export const rounds = {
  title: 'Rounds',
  headline: (due: number): string =>
    due === 0
      ? 'No kit is due for a check now'
      : due === 1
        ? 'One kit is due for a check'
        : `${capital(numberWord(due))} kits are due for a check`,
  lead: 'A round goes pocket by pocket: how many, which date, in what condition. It never asks what the record already knows.',
  pocketsOf,
  because,
  why,
  due: (day: PlainDate, today: PlainDate): string =>
    day <= today ? 'due now' : `due ${shortDay(day, today)}`,
  whole: 'Whole kit',
  onlyDue: 'What is due',
  start: 'Start',
  startHere: 'Start a round',
  resume: 'Go on',
  paper: 'On paper',
  asksTitle: 'It will ask',
  bringTitle: 'Bring',
  whyTitle: 'Why',
  whichPockets: 'Which pockets',
  takes: (seconds: number): string => `about ${duration(seconds)}`,
  duration,
  clock,
  dueNow: 'Due',
  laterOn: 'Later',
  openNow: 'Under way',
  done: 'Done lately',
  smallTitle: 'While somebody is there',
  small: (pocket: string, kit: string): string => `${pocket}, ${kit}`,
  sure: (percent: number): string => `the record is ${percent} % sure`,
  answered: (answered: number, asked: number): string => `${answered} of ${asked} answered`,
  signed: (by: string, day: PlainDate, today: PlainDate): string =>
    `signed by ${by}, ${shortDay(day, today)}`,
  hands: (names: readonly string[]): string => names.join(' and '),
  noKits: 'There is no kit with anything in it yet.',
  addKit: 'Add a kit',
  open: 'Open',
  toll: ({ asks }: Toll): string => {
    const parts = [
      asks.count > 0 && several(asks.count, 'count', 'counts'),
      asks.date > 0 && several(asks.date, 'date to read', 'dates to read'),
      asks.seal > 0 && several(asks.seal, 'seal', 'seals'),
      asks.battery > 0 && several(asks.battery, 'battery to try', 'batteries to try'),
      asks.take_out > 0 && `${asks.take_out} to take out`,
      asks.here_again > 0 && `${asks.here_again} perhaps back`,
    ].filter((part) => part !== false)
    return parts.length === 0 ? 'nothing: all of it was looked at today' : parts.join(', ')
  },
  bring: (bring: Bring): string => {
    switch (bring.kind) {
      case 'bought':
        return `${bring.title}, ${counted(bring.amount, bring.unit)}: bought for ${bring.pocket}`
      case 'carry':
        return `${bring.title}: ${bring.from} has ${counted(bring.amount, bring.unit)} to spare`
      case 'spare_batteries':
        return 'Spare batteries'
      case 'pen':
        return 'A pen that writes on packs'
      case 'bag':
        return 'A bag for what goes out'
    }
  },

  pace: 'Rounds',
  paces: { calm: 'Calm', thorough: 'Thorough' } satisfies Record<Pace, string>,
  paceHelp: {
    calm: 'Medicines and batteries twice a year, drops and what heat or frost reaches once a season.',
    thorough: 'About twice as often, after every use within two days, before every trip.',
  } satisfies Record<Pace, string>,

  card: {
    place: (pocket: string): string => pocket,
    recorded: (amount: Amount): string => `${formatAmount(amount)} recorded`,
    next: 'Next',
    thenComes: (title: string): string => `then ${title}`,
    thenPocket: 'then the pocket is done',
    back: 'Back',
    fewer: 'One fewer',
    more: 'One more',
    fewerOf: (condition: string): string => `One fewer ${condition}`,
    moreOf: (condition: string): string => `One more ${condition}`,
    count: 'How many are there',
    of: (at: number, all: number): string => `${at} of ${all}`,
    date: (expiry: Expiry): string => expiryText(expiry),
    dateAsk: (expiry: Expiry): string =>
      expiry.kind === 'unknown'
        ? 'Which date is printed on it?'
        : `Does it say ${expiryText(expiry)}?`,
    sameDate: 'Yes, it says so',
    otherDate: 'Other date',
    noDate: 'No date on it',
    typeDate: 'Type it as it is printed',
    badDate: 'This cannot be read as a date. Type it like 03/27 or 31 Mar 2027.',
    twoDates: 'Which of these is it?',
    conditions: (condition: Condition): string => condition,
    howMany: (condition: string): string => `How many are ${condition}?`,
    opened: 'opened',
    proofs: { battery: 'battery works', seal: 'seal sound' },
    gone: {
      unknown: 'gone, nobody knows how',
      used: 'used',
      thrown_away: 'thrown away',
      missing: 'not here',
      still_away: 'not back yet',
    } satisfies Record<Gone, string>,
    goneAsk: (fewer: string): string => `${fewer} fewer than recorded. What became of it?`,
    takeOut: 'It can no longer be used. Take it out.',
    tookOut: 'Taken out',
    leftIn: 'Left in',
    hereAgain: 'It was not here. Is it now?',
    lentTo: (to: string): string => `${to} has it. Is it back?`,
    yesHere: 'It is here',
    notHere: 'not here',
    whatIsThis: 'What is this?',
    foundElse: 'Found something else',
    alsoHere: 'Also here',
    note: 'Note',
    photo: 'Photo',
    badPhoto: 'This is no picture, or it is too large. Choose another.',
    photoKept: 'The photo is kept with it',
    scan: 'Scan',
    isOther: (title: string): string =>
      `The code says that this is ${title}. Put it under “Found something else”.`,
    /** What a code says beside date and batch. */
    scannedMore: ({ endsAt, holds, count, grams }: CodeFields): string =>
      [
        endsAt === undefined || endsAt === '23:59' ? '' : `it ends the day after at ${endsAt}`,
        holds ? `it is a box of ${count ?? 'several'}` : '',
        grams === undefined ? '' : `${grams} g`,
      ]
        .filter(Boolean)
        .join(', '),
    scanned: (date: string, batch: string): string =>
      [date && `The code says ${date}`, batch && `batch ${batch}`].filter(Boolean).join(', ') ||
      'The code says nothing of a date',
    closeHelp: 'Close',
    for: (purpose: string): string => `For: ${purpose}`,
    forWhom: (whom: string): string => `For whom: ${whom}`,
    batch: (batch: string): string => `Batch ${batch}`,
    directions: 'Directions',
    notKnown: 'Nothing more is recorded about it. Add it on its tag when the round is done.',
    asks: {
      count: 'count it',
      date: 'read the date',
      battery: 'try the battery',
      seal: 'look at the seal',
      take_out: 'take it out',
      here_again: 'is it here',
    } satisfies Record<Ask, string>,
  },
  pocket: {
    takeOut: (pocket: string): string => `Take out ${pocket}`,
    things: (count: number): string => several(count, 'thing to answer', 'things to answer'),
    nothingAsked: 'Everything in it was looked at today',
    neverCounted: (count: number): string =>
      `${capital(someThings(count, 'thing belongs', 'things belong'))} here, and nothing is counted yet`,
    begin: 'Begin',
    there: (names: readonly string[]): string =>
      `${names.join(' and ')} ${names.length === 1 ? 'has' : 'have'} it open`,
    instead: 'Another pocket',
    done: (pocket: string): string => `${pocket} is done`,
    anything: 'Anything else in it?',
    missing: 'These belong here, and none is recorded. Press what you see.',
    foundIt: (title: string): string => `It is here: ${title}`,
    itIsHere: 'It is here',
    belongs: (amount: string): string => `${amount} should be here`,
    putBack: 'Put it back and go on',
    putBackLast: 'Put everything back, last out first',
    left: (count: number): string => `${several(count, 'thing', 'things')} not answered`,
    goBack: 'Answer them',
    closed: 'done',
    open: (count: number): string => several(count, 'open', 'open'),
    elsewhere: 'kept elsewhere',
  },
  end: {
    title: 'What you found',
    allAsRecorded: 'Everything was as recorded',
    asRecorded: (count: number): string =>
      several(count, 'thing as recorded', 'things as recorded'),
    differs: (count: number): string =>
      several(count, 'thing was different', 'things were different'),
    notLooked: (count: number): string =>
      `${several(count, 'thing was', 'things were')} not looked at; the kit stays due`,
    extra: (amount: string, title: string): string => `${amount} ${title} was there as well`,
    sign: 'Sign off',
    signedBy: 'Signed by',
    signed: (by: string, time: string): string => `Signed by ${by}, ${time}`,
    goOn: 'Go on with the round',
    leave: 'Leave this round',
    left: 'You left the round. What you said is in the record.',
    errands: 'What became an errand',
    noErrands: 'Nothing is left to do for this kit',
    errandsWait: 'Errands are worked out as soon as there is a connection.',
    sheetOld: (day: PlainDate, today: PlainDate): string =>
      `The lid sheet of ${shortDay(day, today)} is out of date`,
    sheetCurrent: (day: PlainDate, today: PlainDate): string =>
      `The lid sheet of ${shortDay(day, today)} still says what is in it`,
    sheetNone: 'No lid sheet has been printed for this kit',
    printSheet: 'Print the lid sheet',
    toKit: 'See the kit',
    toRounds: 'All rounds',
    contradicted: 'Counted differently',
    against: (by: string, found: string, other: string, otherFound: string): string =>
      `${other} counted ${otherFound}, ${by} counted ${found} later: the later count stands`,
    overtaken: (by: string): string => `${by} counted it later; that count stands`,
    outOfStock: 'More has been taken since than was there. Count it once more.',
    countAgain: 'Count again',
    finding: (finding: Finding, unit: string): string => {
      switch (finding.kind) {
        case 'fewer':
          return `${formatAmount(finding.found)} found, ${formatAmount(finding.recorded)} recorded${FEWER[finding.gone]}`
        case 'more':
          return `${formatAmount(finding.found)} found, ${formatAmount(finding.recorded)} recorded`
        case 'other_date':
          return `${expiryText(finding.expiry)} on the pack, ${expiryText(finding.was)} recorded`
        case 'worse':
          return `${counted(finding.amount, unit)} ${finding.condition}`
        case 'opened':
          return `${counted(finding.amount, unit)} opened`
        case 'taken_out':
          return `${counted(finding.amount, unit)} taken out`
        case 'back':
          return `${counted(finding.amount, unit)} back again`
        case 'note':
          return finding.note
      }
    },
  },
  pause: 'Pause',
  paused: 'Paused',
  pausedLead: 'The clock is stopped. Go on here, or on another device.',
  goOn: 'Go on',
  mapLabel: 'Where it is',
  pockets: 'Pockets',
  loading: 'Opening the round',
  noneChosen: 'No round is chosen. Choose one from the list, or start a new one there.',
  notHere:
    'This round is not on this device, and there is no connection to fetch it. Open it once with a connection.',
  needsConnection:
    'Open Vivid Satchel once with a connection on this device; then rounds work without one.',

  found: {
    title: 'Found something else',
    which: 'What is it?',
    hint: 'Type a name, or scan it',
    unknown: (name: string): string => `Something new: ${name}`,
    amount: 'How many',
    date: 'Printed date',
    batch: 'Batch',
    add: 'Add it here',
    scanned: (title: string): string => `The code says: ${title}`,
    unknownCode: 'This code is new. Choose what it is, and it is known from now on.',
    onHold: 'What nobody knows is put on hold until somebody says what it is.',
  },
  scan: {
    title: 'Scan a code',
    camera: 'Camera',
    noCamera: 'No camera can be used here. Type the code, use a hand scanner, or choose a label.',
    labels: 'Practice labels',
    label: (name: string): string => `Practice label: ${name}`,
    typed: 'Type or scan into this field',
    read: 'Read',
    nothing: 'No code could be read on it. Hold it straight and near, or type the digits.',
    looking: 'Looking for a code',
    refused: (refusal: CodeRefusal): string => {
      switch (refusal.code) {
        case 'empty':
          return 'Nothing was scanned. Try again.'
        case 'not_a_code':
          return 'This is not a code of a pack. Scan the code beside the date.'
        case 'not_a_number':
        case 'not_digits':
          return 'There are letters where digits belong. Scan it again, or type the digits.'
        case 'wrong_length':
          return `${refusal.digits} digits are none of the lengths of an article number: 8, 12, 13 or 14.`
        case 'check_digit':
          return `One digit is wrong: the last one should be ${refusal.expected}, not ${refusal.found}. Type it again.`
        case 'unknown_identifier':
          return `“${refusal.rest}” is not known. Scan the code again, or type item and date by hand.`
        case 'too_short':
        case 'too_long':
          return `Part (${refusal.ai}) has ${refusal.found} characters and should have ${refusal.wanted}. Scan it again.`
        case 'bad_character':
          return `Part (${refusal.ai}) has a character that a code cannot have. Scan it again.`
        case 'no_such_date':
          return `The date in the code (${refusal.found}) does not exist. Read it off the pack.`
        case 'said_twice':
          return `Part (${refusal.ai}) is there twice and says different things. Type it by hand.`
        case 'goes_with':
          return `Part (${refusal.ai}) says what a box holds and not how many. Scan the code of one pack.`
      }
    },
  },

  /** What an act of a round is called while it waits. */
  waiting: {
    start: (kit: string): string => `Round started: ${kit}`,
    finish: (kit: string): string => `Round signed off: ${kit}`,
    pocketOpen: 'A pocket taken out',
    pocketClosed: 'A pocket put back',
    looked: (title: string, found: string): string => `${title}: ${found}`,
    found: (title: string, amount: string): string => `Found ${amount} ${title}`,
  },
  signOut: (count: number): string =>
    `${several(count, 'answer is', 'answers are')} not sent yet. They stay sealed on this device and are sent when you sign in again.`,

  away: {
    title: 'No connection',
    lead: 'This page is not kept on the device. These are:',
    retry: 'Try again',
    nothing: 'Nothing is kept here. Sign in once with a connection.',
  },

  tally: {
    title: (kit: string): string => `Round on paper: ${kit}`,
    lead: 'Write what you find. Leave blank what you did not look at.',
    when: 'Day',
    who: 'Who',
    line: 'No.',
    thing: 'Thing',
    recorded: 'recorded',
    found: 'Found',
    date: 'Date read',
    marks: 'Marks',
    also: 'Also found',
    legend:
      'Marks: T torn, C caked, L leaked, F faded, Z frozen, S no longer sterile, O opened, B battery works, K seal sound, U used, X thrown away',
    print: 'Print the tally',
    enter: 'Enter it',
    enterTitle: (kit: string): string => `Enter a round from paper: ${kit}`,
    enterLead:
      'One line a thing, as on the sheet. Enter goes to the next. What stays blank was not looked at.',
    by: 'Who looked',
    day: 'On which day',
    save: 'Save it to the record',
    saved: (count: number): string => `${several(count, 'line', 'lines')} filled in`,
    badMark: (mark: string): string => `“${mark}” is no mark of the sheet`,
    badCount: 'This is not a number. Type it like 5, 1/2 or 2.5.',
    badDate: 'This is not a date. Type it like 03/27; “=” for the one recorded.',
    dateTwoWays: 'This can be read in two ways. Name the month: 3 Apr 2027.',
    nothing: 'No line is filled in yet.',
    whichDay: 'Write the day it was done; it cannot be one to come.',
    signOff: 'Sign it off as well',
  },

  feeds: {
    title: 'Calendar addresses',
    lead: 'A calendar program can subscribe to your dates: visits, rounds, what expires, prescriptions. Anybody with the address can read them.',
    name: 'For which calendar',
    add: 'Make an address',
    copy: 'Copy',
    copied: 'Copied',
    close: 'Close it',
    closed: 'The address is closed',
    made: 'The address is made',
  },
} as const

const FEWER: Readonly<Record<Gone, string>> = {
  unknown: '',
  used: ', used',
  thrown_away: ', thrown away',
  missing: ', not here',
  still_away: ', not back yet',
}

/** What somebody did, after a name: "Ilse …". */
export const roundsPast = {
  round_started: 'started a round',
  round_entry: 'answered in a round',
  round_finished: 'signed a round off',
  round_left: 'left a round',
} as const
