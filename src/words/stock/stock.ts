/** English for lots, the stock and the review. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { NextThere } from '../../core/calendar/presence'
import type { Total } from '../../core/quantity/amount'
import type { OpenedClock } from '../../core/shelf-life/openedClock'
import { OPENED_RULES } from '../../core/shelf-life/openedRules'
import type { LotState } from '../../core/stock/judge'
import type { PartWay } from '../../core/stock/lot'
import { VERDICTS, type VerdictKind } from '../../core/stock/verdict'
import { aThing, counted, fullDay, monthYear, shortDay } from '../frame/format'
import { heldBecause } from '../frame/heldBecause'
import { keepsFor } from '../frame/keepsFor'
import { dateRefusal } from '../imports'
import { type Told, told } from '../record'

const monthOrDay = (day: PlainDate, today: PlainDate): string =>
  day.slice(0, 4) === today.slice(0, 4) ? shortDay(day, today) : monthYear(day)

export const state = (judged: LotState, today: PlainDate): string => {
  switch (judged.state) {
    case 'sound':
      if (judged.lastGood.kind !== 'day')
        return judged.lastGood.kind === 'open_ended' && judged.lastGood.why === 'not_recorded'
          ? 'date not looked'
          : 'no date'
      return judged.lastGood.clock === 'opened'
        ? `opened, to ${shortDay(judged.lastGood.day, today)}`
        : monthOrDay(judged.lastGood.day, today)
    case 'turning':
      return `${judged.clock === 'opened' ? 'opened, ' : ''}expires ${shortDay(judged.day, today)}`
    case 'spent':
      return judged.why.kind === 'date'
        ? `expired ${shortDay(judged.why.day, today)}`
        : judged.why.kind === 'opened'
          ? 'not usable: opened'
          : `not usable: ${judged.why.condition}`
    case 'held':
      return `on hold: ${heldBecause(judged.because)}`
    case 'lent':
      return `lent to ${judged.to}`
    case 'unclean':
      return 'to be cleaned'
    case 'missing':
      return `not found ${shortDay(judged.since, today)}`
  }
}

export const lotText = {
  goodUntil: 'Good until',
  whichClock: 'Which clock',
  printed: 'printed',
  openedClock: 'opened',
  openedOn: 'Opened',
  rule: 'After opening',
  there: 'Here now',
  belongs: 'Belongs here',
  purpose: 'What for',
  forWhom: 'For whom',
  batch: 'Batch',
  price: 'Price of one',
  boughtAt: 'Bought at',
  note: 'Note',
  held: 'On hold',
  condition: 'Condition',
  history: 'History',
  howMany: 'How many',
  found: 'How many are there',
  toWhere: 'To which pocket',
  onDay: 'Opened on',
  par: 'How many belong here',
  expiry: 'Printed date',
  expiryHint: '03/2027, 15 Mar 2027 or none',
  standing: 'May it be used?',
  ready: 'Yes',
  heldFor: 'On hold',
  lent: 'Lent',
  heldReason: 'Waits for',
  lentTo: 'Who has it',
  lastDay: (day: PlainDate): string => fullDay(day),
  clockRule: (clock: OpenedClock): string =>
    clock.kind === 'rule'
      ? OPENED_RULES[clock.rule].name
      : clock.kind === 'own'
        ? `${keepsFor(clock.period)} (${clock.source})`
        : 'no period set',
  clockSource: (clock: OpenedClock): string =>
    clock.kind === 'rule'
      ? OPENED_RULES[clock.rule].source
      : clock.kind === 'own'
        ? clock.source
        : 'Read the label and set the days.',
  did: (entry: Told & { day: PlainDate; who: string }, unit: string): string =>
    `${fullDay(entry.day)}: ${entry.who} ${told(entry, unit)}`,
  pickDate: 'Pick which day is meant.',
  unclear: {
    two_ways: 'This date can be read in two ways: choose one.',
    no_year: 'The year is missing: choose what is meant.',
    refused: dateRefusal,
  },
  itemDetails: 'The item, everywhere',
  essential: 'Essential: needed within minutes',
  shop: 'Shop',
  pack: 'Pack holds',
  packPrice: 'Price of a pack',
  emptyPack: 'a pack holds at least one',
  kind: 'Kind',
  close: 'Close',
}

export const add = {
  nothing: 'Say how many there are. If there are none, there is nothing to add.',
  yours: 'Yours',
  fromCatalogue: 'Catalogue',
  more: 'More: where bought, for whom, directions',
  title: (pocket: string): string => `Add to ${pocket}`,
  item: 'What is it',
  strength: 'Strength or size',
  unit: 'Counted in',
  unitHint: 'tablet, pair, bottle',
  amount: 'How many',
  par: 'How many belong here',
  expiry: 'Printed date',
  purpose: 'What for',
  price: 'Price of one',
  batch: 'Batch',
  put: 'Put in',
  known: 'The household has this already',
  parHint: 'leave empty to keep it',
}

/** Each act on a lot: what the press says, what its form's press says, what is said of the thing when it is done. */
export const lotActs = {
  use: { press: 'Use some', confirm: 'Use', did: 'used' },
  reuse: { press: 'Use, then clean', confirm: 'Used', did: 'used, to be cleaned' },
  open: { press: 'Open', confirm: 'Open', did: 'opened' },
  move: { press: 'Move to…', confirm: 'Move', did: 'moved' },
  discard: { press: 'Throw away safely', confirm: 'Thrown away', did: 'thrown away' },
  count: { press: 'Correct the count', confirm: 'Count', did: 'counted' },
  edit: { press: 'Change details', confirm: 'Save', did: 'changed' },
  lend: { press: 'Lend', confirm: 'Lend', did: 'lent' },
  give: { press: 'Give away', confirm: 'Give', did: 'given away' },
  decant: { press: 'Decant', confirm: 'Decant', did: 'decanted' },
  missing: { press: 'Not here', confirm: 'Not found', did: 'noted as not found' },
  takeBack: { press: 'It is back', confirm: 'Back', did: 'put back in its pocket' },
  clean: { press: 'Cleaned', did: 'cleaned' },
  found: { press: 'Found it', did: 'found again' },
} as const

export const lotActsText = {
  of: lotActs,
  /** "Pressure dressing moved to Lid" */
  said: (title: string, did: string, to?: string): string =>
    to === undefined ? `${title} ${did}` : `${title} ${did} to ${to}`,
  uses: (count: number): string => `about ${count} uses left`,
  sure: 'Count confirmed',
  never: 'not yet',
  confirmed: (on: PlainDate, by: string): string => `${fullDay(on)}, ${by}`,
  received: 'Added',
  bought: 'Bought at',
  forMember: 'For',
  anybody: 'whoever it suits',
  directions: 'Directions',
  paper: 'Photo of the directions',
  addPaper: 'Keep a photo of the carton',
  changePaper: 'Another photo',
  removePaper: 'Remove the photo',
  paperAlt: (title: string): string => `Directions of ${title}`,
  origin: (way: PartWay): string =>
    ({
      opened: 'Opened out of a pack of several',
      lent: 'Lent out of a pack of several',
      unclean: 'Used out of several',
      decanted: 'Filled in from another container',
      split: 'Parted from the others',
      rejoined: 'Parted from the others',
    })[way],
  paperKept: 'Photo saved',
  paperGone: 'Photo removed',
  more: 'More acts',
  toWhom: 'To whom',
  whoGets: 'Who gets it',
  back: 'How many came back',
  backHint: 'What is short counts as used up there',
  usedUp: 'It is used up and does not come back',
  decantHint: 'Write on the new container:',
  label: (title: string, until: string, batch: string): string =>
    [title, `good until ${until}`, batch && `batch ${batch}`].filter(Boolean).join(' · '),
  first: (until: string): string => `Take the one that ends ${until} first.`,
  takeThat: 'Take that one',
  only: 'Only some of them',
  onlyHint: (count: string): string => `Leave empty when it is so for all ${count}`,
  historyLine: 'How many there were',
  records: 'Whole record',
}

export const stockListText = {
  title: (shown: number, all: number): string =>
    shown === all ? `${all} things` : `${shown} of ${all} things`,
  loading: 'Reading the stock …',
  empty: 'There is nothing here yet. Put something into a kit, or import a list.',
  nothing: 'Nothing matches. Remove a filter.',
  words: 'Words',
  states: 'States',
  kinds: 'Kinds',
  anyKind: 'Every kind',
  patient: 'For whom',
  anyPatient: 'Anybody',
  group: 'Group by',
  groups: {
    none: 'nothing',
    item: 'item',
    place: 'place',
    patient: 'patient',
    state: 'state',
    storage: 'how it is kept',
  },
  nobody: 'for nobody in particular',
  columns: {
    title: 'What',
    amount: 'How many',
    end: 'State',
    where: 'Where',
    forMember: 'For',
    sure: 'Sure',
    worth: 'Worth',
  },
  sure: (
    share: number,
    confirmed: { on: PlainDate; by: string } | null,
    today: PlainDate,
  ): string =>
    confirmed
      ? `${share} %, last confirmed ${shortDay(confirmed.on, today)} by ${confirmed.by}`
      : 'never confirmed',
  choose: (title: string): string => `Choose ${title}`,
  chooseAll: 'Choose all shown',
  chosen: (count: number): string => (count === 1 ? 'One chosen' : `${count} chosen`),
  drop: 'Choose none',
  deeds: {
    move: 'Move to…',
    confirm: 'Confirm counts',
    hold: 'Put on hold',
    missing: 'Not found',
    discard: 'Throw away',
  },
  sureDiscard: (count: number): string =>
    `Throw away ${count === 1 ? 'one thing' : `${count} things`}?`,
  holdReason: 'Waits for',
  toWhere: 'To which pocket',
  did: {
    move: (count: number): string => `${aThing(count)} moved`,
    confirm: (count: number): string => `${aThing(count)} confirmed`,
    hold: (count: number): string => `${aThing(count)} on hold`,
    missing: (count: number): string => `${aThing(count)} noted as not found`,
    discard: (count: number): string => `${aThing(count)} thrown away`,
  },
  views: 'Views',
  saveView: 'Save this view',
  viewName: 'Name of the view',
  viewSaved: 'View saved',
  viewRemoved: 'View removed',
  removeView: (name: string): string => `Remove the view ${name}`,
  clear: 'Show all',
  most: 'At most 500 at once: choose fewer.',
}

export const reviewText = {
  title: (count: number): string =>
    count === 0
      ? 'Nothing is carried without need'
      : count === 1
        ? 'One thing to think about'
        : `${count} things to think about`,
  intro: 'What it takes to carry it. Nothing here has to go.',
  kept: (count: number): string =>
    count === 0 ? '' : `${count === 1 ? 'One more was' : `${count} more were`} decided to be kept.`,
  reasons: {
    verdict: 'Not liked, or did not work',
    duplicate: 'In several kits, beyond what belongs there',
    idle: 'Kept just in case: a year without use',
  },
  duplicate: (surplus: Total, kits: number, unit: string): string =>
    `${counted(surplus, unit)} more than belong in ${kits} kits together`,
  idle: (since: PlainDate): string => `here since ${fullDay(since)}, and no use of it is recorded`,
  verdict: (kind: VerdictKind, said: string): string =>
    said ? `${VERDICTS[kind]} (${said})` : VERDICTS[kind],
  takes: (weight: string, volume: string, money: string): string =>
    `${weight} · ${volume} · ${money}`,
  unknown: 'size or price not known of all of it',
  keep: 'Keep it',
  keepLong: (title: string): string => `Keep it: ${title}`,
  didKeep: 'Kept; asked about again in a year',
  discard: 'Throw away',
  sure: (title: string): string => `Throw away all of ${title}?`,
  looks: 'Where to look next',
  looksIntro: 'Where one look helps most. This is our estimate.',
  look: (lots: number, minutes: number): string =>
    `${lots === 1 ? 'one thing' : `${lots} things`}, about ${minutes === 1 ? 'one minute' : `${minutes} minutes`}`,
  sureNow: (share: number): string => `${share} % sure`,
  oldest: (on: PlainDate | null, today: PlainDate): string =>
    on ? `oldest count ${shortDay(on, today)}` : 'never counted',
  next: (next: NextThere, today: PlainDate): string =>
    next.kind === 'now' ? '' : next.kind === 'on' ? `there ${shortDay(next.day, today)}` : '',
  allSure: 'Every count is fresh.',
  loading: 'Looking through the stock …',
}

/** What somebody did, after a name: "Ilse …". */
export const stockPast = {
  received: 'put some in',
  used: 'used some',
  discarded: 'threw some away',
  moved: 'moved some',
  counted: 'counted it',
  restated: 'noted late what was done earlier',
  split_off: 'opened part of it',
  split_from: 'opened it',
  amended: 'changed the details',
  opened: 'opened it',
  given: 'gave some away',
  reused: 'used an instrument',
  cleaned: 'cleaned it',
  lent: 'lent some',
  taken_back: 'noted it as back',
  decanted: 'filled some into another container',
  many_moved: 'moved several things',
  many_discarded: 'threw several things away',
  many_counted: 'confirmed several counts',
  many_held: 'put several things on hold',
  many_missing: 'noted several things as not found',
  directions_kept: 'kept a photo of the directions',
  view_saved: 'saved a view of the stock',
  view_removed: 'removed a saved view',
  review_kept: 'decided to keep it',
  par_set: 'set how many belong there',
} as const
