/** English. */
import type { PlainDate } from '../core/calendar/plainDate'
import type { NextThere, Presence } from '../core/calendar/presence'
import type { DateRefusal } from '../core/calendar/readPrintedDate'
import { EXPORT_HEADINGS } from '../core/interchange/exportList'
import type { LineFault } from '../core/interchange/readLine'
import type { Total } from '../core/quantity/amount'
import { formatAmount } from '../core/quantity/amount'
import type { AmountRefusal } from '../core/quantity/readAmount'
import type { DueCode } from '../core/rounds/pace'
import type { SheetLine } from '../core/sheet/lidSheet'
import type { OpenedClock } from '../core/shelf-life/openedClock'
import { OPENED_RULES } from '../core/shelf-life/openedRules'
import type { ItemKind } from '../core/stock/item'
import type { HeldBecause, LotState, SpentWhy } from '../core/stock/judge'
import type { CalendarEntry } from '../core/watch/calendarEntries'
import {
  awayFrom,
  capital,
  counted,
  expiryText,
  fullDay,
  longDay,
  monthYear,
  numberWord,
  shortDay,
  weekdayDay,
} from './format'
import { heldBecause } from './held'
import { keeping } from './keeping'
import { keepsFor } from './period'
import { type Told, told } from './record'
import { rounds } from './rounds'

const list = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`
const WEEKDAY_NAMES = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']
const things = (count: number, one = 'thing', many = 'things'): string =>
  `${numberWord(count)} ${count === 1 ? one : many}`
const the = (place: string): string => `the ${place.charAt(0).toLowerCase()}${place.slice(1)}`

type Headline =
  | { code: 'nothing_kept' }
  | { code: 'essentials_bare'; count: number; place: string; title: string }
  | { code: 'turns_before_back'; count: number; place: string; visit: PlainDate }
  | { code: 'spent' | 'turning' | 'below_par'; count: number; places: string[] }
  | { code: 'all_well'; nextDay: PlainDate | null }
type Spare = { place: string; amount: Total } | null
type Reason =
  | { code: 'spent'; why: SpentWhy }
  | { code: 'held'; because: HeldBecause }
  | { code: 'lent'; to: string; since: PlainDate }
  | { code: 'unclean' | 'missing'; since: PlainDate }
  | { code: 'turns'; day: PlainDate; clock: 'printed' | 'opened'; spare: Spare }
  | { code: 'below_par'; good: Total; par: Total; spare: Spare }
  | {
      code: 'round_due'
      why: DueCode
      since: PlainDate | null
      pockets: number
      allPockets: number
    }
  | { code: 'dates_missing'; count: number }

const spentBecause = (why: SpentWhy, today: PlainDate): string => {
  switch (why.kind) {
    case 'date':
      return why.clock === 'opened'
        ? `its time after opening ended ${shortDay(why.day, today)}; the printed date no longer counts`
        : `past its date, ${shortDay(why.day, today)}`
    case 'opened':
      return 'opened, so no longer sterile'
    case 'condition':
      return why.condition
  }
}

/** What must not go into the household bin; "" where it may. */
const SAFE_WAY: Readonly<Record<ItemKind, string>> = {
  medicine: 'Hand it in at a pharmacy; not in the sink, not in the bin.',
  sharp: 'Into a sharps box, then to the pharmacy or recycling yard; never loose in a bin.',
  battery: 'Into the battery box of a shop; tape the poles.',
  pressurised: 'Hand it in: it may burst when pierced or heated.',
  sterile: '',
  supply: '',
  instrument: '',
  food: '',
  paper: 'Shred what names a person.',
}

const dateRefusal = (refusal: DateRefusal): string =>
  ({
    no_such_day: 'there is no such day; look at the pack again',
    not_a_date: 'this is no date; write it like 03/2027, 15 Mar 2027, or none',
    out_of_range: 'the year is outside 1900 to 2199',
  })[refusal.code]

const amountRefusal = (refusal: AmountRefusal): string => {
  switch (refusal.code) {
    case 'no_number':
      return 'there is no number in this; write it like 12, 2 x 10 or half'
    case 'negative':
      return 'an amount cannot be less than nothing'
    case 'too_many':
      return 'more than a hundred thousand; is that so?'
    case 'too_fine':
      return 'finer than a thousandth; round it'
    case 'comma_two_ways':
      return `${refusal.readings[0]} or ${refusal.readings[1]}? Write it without the comma`
    case 'vague':
      return 'count them, or write 1 for now'
    case 'several':
      return `several things in one: ${refusal.parts.join(', ')}; give each a line of its own`
    case 'between':
      return `${refusal.low} or ${refusal.high}? Count them`
    case 'very_many':
      return 'more than a thousand; write a ! after it if that is so'
  }
}

const NOT_A_PRICE = 'this is no price; write it like 4.90'

const state = (judged: LotState, today: PlainDate): string => {
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
      return `${judged.clock === 'opened' ? 'opened, ' : ''}turns ${shortDay(judged.day, today)}`
    case 'spent':
      return judged.why.kind === 'date'
        ? `spent ${shortDay(judged.why.day, today)}`
        : judged.why.kind === 'opened'
          ? 'spent: opened'
          : `spent: ${judged.why.condition}`
    case 'held':
      return `held: ${heldBecause(judged.because)}`
    case 'lent':
      return `lent to ${judged.to}`
    case 'unclean':
      return 'to be cleaned'
    case 'missing':
      return `not found ${shortDay(judged.since, today)}`
  }
}

const monthOrDay = (day: PlainDate, today: PlainDate): string =>
  day.slice(0, 4) === today.slice(0, 4) ? shortDay(day, today) : monthYear(day)

export const en = {
  name: 'Vivid Satchel',
  tagline: 'What is where, what turns, what to do about it',
  tabs: {
    watch: 'Watch',
    kits: 'Kits',
    cover: 'Cover',
    bench: 'Bench',
    restock: 'Restock',
    bring: 'Bring in',
    print: 'Print',
    household: 'Household',
  },
  find: {
    label: 'Find anything',
    hint: 'Where are the tweezers?',
    none: (q: string) => `Nothing here is called “${q}”.`,
    start: 'Type a word of what you look for: a thing, what it is for, a kit, a place.',
    close: 'Close',
    result: 'Results',
  },
  strap: {
    next: (next: NextThere, today: PlainDate): string =>
      next.kind === 'now'
        ? 'here now'
        : next.kind === 'unknown'
          ? 'no visit planned'
          : awayFrom(next.day, today) === 'tomorrow'
            ? 'tomorrow'
            : weekdayDay(next.day, today),
    todo: (count: number): string => (count === 0 ? 'nothing to do' : `${count} to do`),
    readiness: (value: number | null): string => (value === null ? '–' : String(value)),
    readinessLong: (value: number | null): string =>
      value === null ? 'no pars set' : `${value} of 100 ready`,
    all: 'All places',
    label: 'Places',
  },
  watch: {
    headline: (h: Headline): string => {
      switch (h.code) {
        case 'nothing_kept':
          return 'Nothing is kept here yet'
        case 'essentials_bare':
          return h.count === 1
            ? `${h.title} is missing at ${the(h.place)}`
            : `${capital(things(h.count, 'essential', 'essentials'))} are missing at ${the(h.place)}`
        case 'turns_before_back':
          return `${capital(things(h.count))} ${h.count === 1 ? 'turns' : 'turn'} before anyone is back at ${the(h.place)}`
        case 'spent':
          return `${capital(things(h.count))} ${h.count === 1 ? 'is' : 'are'} spent at ${list(h.places.map(the))}`
        case 'turning':
          return `${capital(things(h.count))} ${h.count === 1 ? 'turns' : 'turn'} soon at ${list(h.places.map(the))}`
        case 'below_par':
          return `${capital(things(h.count))} ${h.count === 1 ? 'is' : 'are'} short at ${list(h.places.map(the))}`
        case 'all_well':
          return 'All is sound'
      }
    },
    under: (h: Headline, today: PlainDate): string => {
      switch (h.code) {
        case 'nothing_kept':
          return 'Bring in the list you have, or add a kit and put things into it.'
        case 'essentials_bare':
          return 'An essential is something a person may need within minutes. Put it back first.'
        case 'turns_before_back':
          return `Carry replacements on ${longDay(h.visit)}. The rest can wait for its next visit.`
        case 'spent':
          return 'Throw them away safely; what they leave bare is on the list below.'
        case 'turning':
          return 'Replace them before they turn, or use them up where they are needed.'
        case 'below_par':
          return 'What belongs there is not all there. The restock list has the packs.'
        case 'all_well':
          return h.nextDay === null
            ? 'Nothing has a date that runs out.'
            : `The next thing turns ${fullDay(h.nextDay)}, ${awayFrom(h.nextDay, today)}.`
      }
    },
    ribbon: 'The coming eighteen months',
    ribbonLots: (count: number): string => (count === 1 ? '1 lot turns' : `${count} lots turn`),
    more: (count: number): string => `+${count}`,
    andMore: (count: number): string => `and ${count} more around this time`,
    today: 'today',
    nothingTurns: 'nothing turns here',
    group: (place: string, next: NextThere, today: PlainDate): string =>
      next.kind === 'now'
        ? `${place}, now`
        : next.kind === 'on'
          ? `${place}, ${awayFrom(next.day, today) === 'tomorrow' ? 'tomorrow' : weekdayDay(next.day, today)}`
          : place,
    visit: (next: NextThere): string => (next.kind === 'on' ? next.label : ''),
    errands: 'Errands',
    unasked: 'Not asked yet about allergies, illnesses or regular medicines:',
    acts: {
      throw_away: 'Throw away safely',
      ask: 'Ask',
      clean: 'Clean',
      put_back: 'Put back',
      look_for: 'Look for',
      replace: 'Replace',
      top_up: 'Top up',
      check: 'Check',
    },
    reason: (reason: Reason, today: PlainDate): string => {
      const from = (spare: Spare) =>
        spare ? `; ${the(spare.place)} has ${formatAmount(spare.amount)} to spare` : ''
      switch (reason.code) {
        case 'spent':
          return spentBecause(reason.why, today)
        case 'held':
          return `on hold: ${heldBecause(reason.because)}`
        case 'lent':
          return `${reason.to} has it since ${shortDay(reason.since, today)}`
        case 'unclean':
          return `used ${shortDay(reason.since, today)}; does not count until it is clean`
        case 'missing':
          return `was not found ${shortDay(reason.since, today)}`
        case 'turns':
          return `${reason.clock === 'opened' ? 'opened, good' : 'good'} to ${shortDay(reason.day, today)}${from(reason.spare)}`
        case 'below_par':
          return `${formatAmount(reason.good)} of ${formatAmount(reason.par)} there${from(reason.spare)}`
        case 'round_due':
          return `${rounds.pocketsOf(reason.pockets, reason.allPockets)}: ${rounds.why(reason.why, reason.since, today)}`
        case 'dates_missing':
          return `${capital(things(reason.count, 'pack has', 'packs have'))} no date recorded; read it off the pack`
      }
    },
    press: {
      throw_away: 'Done',
      ask: 'Open',
      clean: 'Clean',
      put_back: 'Back',
      look_for: 'Found',
      replace: 'To list',
      top_up: 'To list',
      check: 'Start',
    },
    open: 'Open',
    later: 'Later',
    laterLong: (title: string): string => `Later: ${title}`,
    safeWay: (kind: ItemKind | null): string => (kind ? SAFE_WAY[kind] : ''),
    showAll: (total: number): string => `Show all ${total}`,
    aside: (later: number, listed: number): string =>
      [later > 0 ? `${later} put off` : '', listed > 0 ? `${listed} on the shopping list` : '']
        .filter(Boolean)
        .join(' · '),
    emptyBring: 'Bring a list in',
    emptyKit: 'Add a kit',
    disclaimer:
      'Vivid Satchel keeps count; it gives no medical or veterinary advice. In need call first. The pack label and the prescriber win.',
  },
  calendar: {
    entry: (entry: CalendarEntry): { summary: string; description: string } => {
      switch (entry.kind) {
        case 'visit':
          return {
            summary: entry.label ? `${entry.place}: ${entry.label}` : entry.place,
            description: '',
          }
        case 'check':
          return {
            summary: `Look through ${entry.kit}, ${entry.place}`,
            description: `${capital(rounds.because[entry.why])}: ${entry.pockets.join(', ')}`,
          }
        case 'turns':
          return {
            summary:
              entry.titles.length === 1
                ? `${entry.titles[0]} turns, ${entry.place}`
                : `${entry.titles.length} things turn, ${entry.place}`,
            description: entry.titles.join(', '),
          }
        case 'course':
          return { summary: `${entry.title}: last day for ${entry.member}`, description: '' }
      }
    },
  },
  state,
  stateWord: {
    sound: 'sound',
    turning: 'turning',
    spent: 'spent',
    held: 'held',
    unclean: 'to be cleaned',
    lent: 'lent',
    missing: 'not found',
    bare: 'bare',
    thin: 'thin',
    none: '',
  },
  kits: {
    title: 'Kits',
    add: 'Add a kit',
    addPlace: 'Add a place',
    name: 'Name',
    where: 'Place',
    note: 'Where it hangs or stands',
    pockets: 'Pockets, one a line',
    morePockets: 'More pockets, one a line',
    pocketsHint: 'As they are: lid, tray 1, side pocket, fridge door',
    none: 'No kit here yet.',
    noPlaces: 'Add a place first: home, car, cottage.',
    summary: (pockets: number, lots: number): string =>
      `${pockets} ${pockets === 1 ? 'pocket' : 'pockets'} · ${lots} ${lots === 1 ? 'lot' : 'lots'}`,
    counts: (spent: number, turning: number, short: number): string =>
      [
        spent > 0 ? `${spent} spent` : '',
        turning > 0 ? `${turning} turning` : '',
        short > 0 ? `${short} short` : '',
      ]
        .filter(Boolean)
        .join(' · ') || 'all sound',
    lastCheck: (check: { on: PlainDate; by: string } | null, today: PlainDate): string =>
      check
        ? `looked through ${shortDay(check.on, today)} by ${check.by}`
        : 'not looked through yet',
    rhythm: 'Who is there',
    always: 'Always somebody',
    weekdays: 'On weekdays',
    visits: 'Only on visits',
    create: 'Add',
    cancel: 'Cancel',
  },
  mat: {
    nextCheck: (day: PlainDate, today: PlainDate): string => `must last to ${shortDay(day, today)}`,
    reach: (seconds: number): string => `${seconds} s`,
    empty: 'empty',
    addHere: 'Add',
    addTo: (pocket: string): string => `Add to ${pocket}`,
    addPocket: 'Add a pocket',
    elsewhere: 'kept elsewhere',
    outside: 'outside',
    print: 'Lid sheet',
    looked: 'Looked through',
    edit: 'Change kit',
    checkEvery: 'Look it through every so many days',
    wrongDays: (most: number): string => `Give a number of days from 1 to ${most}`,
    bare: 'bare',
    pickOne: 'Pick a tag to see it and act on it.',
    keys: 'Arrows move between tags, Enter opens, then U O M X C E.',
  },
  lot: {
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
    use: 'Use some',
    open: 'Open',
    move: 'Move to…',
    discard: 'Throw away safely',
    count: 'Correct the count',
    edit: 'Change details',
    history: 'History',
    howMany: 'How many',
    found: 'How many are there',
    toWhere: 'To which pocket',
    onDay: 'Opened on',
    confirm: {
      use: 'Use',
      open: 'Open',
      move: 'Move',
      discard: 'Thrown away',
      count: 'Count',
      edit: 'Save',
    },
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
    unclear: {
      two_ways: 'This date can be read in two ways: choose one.',
      no_year: 'The year is missing: choose what is meant.',
      refused: dateRefusal,
    },
    sooner: (where: string): string => `One that turns sooner lies in ${where}: take that first.`,
    itemDetails: 'The item, everywhere',
    essential: 'Essential: needed within minutes',
    shop: 'Shop',
    pack: 'Pack holds',
    packPrice: 'Price of a pack',
    emptyPack: 'a pack holds more than nothing',
    kind: 'Sort',
    close: 'Close',
  },
  add: {
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
  },
  restock: {
    title: 'Restock',
    none: 'Every par is met until the next check. Nothing to buy.',
    noShop: 'Any shop',
    total: (sum: string, unpriced: number): string =>
      `about ${sum}${unpriced > 0 ? ` and ${unpriced} without a price` : ''}`,
    headline: (lines: number, bought: number): string =>
      lines === 0
        ? 'Nothing to buy'
        : `${capital(things(lines, 'line', 'lines'))} to buy${bought > 0 ? `, ${numberWord(bought)} in the bag` : ''}`,
    under: 'Counted is only what is still good at the next check there.',
    packs: (packs: number | null, size: Total | null, unit: string): string =>
      packs === null || size === null
        ? ''
        : packs === 0
          ? 'from the pack above'
          : `${packs} ${packs === 1 ? 'pack' : 'packs'} of ${formatAmount(size)}${unit && size === 1000 ? ` ${unit}` : ''}`,
    why: (good: Total, par: Total, turning: Total): string =>
      `${formatAmount(good)} of ${formatAmount(par)} there${turning === 0 ? '' : turning === good ? ', turning' : `, ${formatAmount(turning)} of them turning`}`,
    bought: 'Bought',
    putAway: 'Put away',
    print: 'Print',
    receive: (title: string): string => `Put away: ${title}`,
    printed: (day: PlainDate): string => `As of ${fullDay(day)}`,
    listed: 'on the list',
    noPrice: 'no price',
    inAll: (sum: string): string => `About ${sum} in all`,
    bag: (bought: number): string =>
      bought === 0
        ? 'Tick what is in the bag. At the kit, put it away with the date on its pack.'
        : `${capital(things(bought, 'line is', 'lines are'))} in the bag. At the kit, put each away with the date on its pack.`,
    need: (units: number, unit: string): string => counted((units * 1000) as Total, unit),
  },
  bring: {
    title: 'Bring a list in',
    under:
      'A table from a spreadsheet or a text file, as you keep it. Nothing is written before you say so.',
    file: 'Choose a file',
    paste: 'or paste it here',
    read: 'Read it',
    template: 'Template',
    export: 'Export what is here',
    drop: 'CSV, TSV or semicolons; UTF-8 or Windows-1252',
    cancel: 'Cancel',
    reading: (done: number, total: number): string => `Read ${done} of ${total} lines`,
    refused: {
      too_large: 'That is more than 8 MB. Bring it in in parts.',
      workbook: 'This is a workbook, not text. Save it as CSV in the spreadsheet and bring that.',
      not_text: 'This is no text file. Save the list as CSV and bring that.',
      empty: 'There is nothing in it.',
      too_many_lines: 'More than 20,000 lines. Bring it in in parts.',
      no_rows: 'There is no line in it.',
    },
    summary: (ready: number, ask: number, fault: number, differ: number, already: number): string =>
      [
        `${ready} ready`,
        ask > 0 ? `${ask} to answer` : '',
        fault > 0 ? `${fault} to mend` : '',
        differ > 0 ? `${differ} ${differ === 1 ? 'differs' : 'differ'}` : '',
        already > 0 ? `${already} already here` : '',
      ]
        .filter(Boolean)
        .join(' · '),
    columns: 'What the columns mean',
    leaveOut: 'leave out',
    fallback: 'Lines that do not say go to',
    place: 'Place',
    kit: 'Kit',
    pocket: 'Pocket',
    show: { all: 'All lines', needs: 'Needs you', ready: 'Ready', already: 'Already here' },
    line: 'Line',
    leaveOutLine: 'Leave out',
    takeIn: 'Take in',
    leftOut: 'left out',
    confirm: (count: number): string => `Bring in ${count} ${count === 1 ? 'line' : 'lines'}`,
    done: (lots: number, kits: number): string =>
      `${capital(things(lots, 'lot', 'lots'))} brought in${kits > 0 ? `, ${things(kits, 'new kit', 'new kits')}` : ''}`,
    toWatch: 'See what to do',
    again: 'Bring in another list',
    doneUnder: (already: number, skipped: number): string =>
      [
        already > 0 ? `${capital(things(already, 'line was', 'lines were'))} here already.` : '',
        skipped > 0
          ? `${capital(things(skipped, 'line', 'lines'))} differed and stayed as they were.`
          : '',
        'One press on Undo takes all of it back.',
      ]
        .filter(Boolean)
        .join(' '),
    makes: (places: readonly string[], kits: readonly string[]): string =>
      places.length + kits.length === 0
        ? 'Everything goes into kits that are here.'
        : `New: ${[...places, ...kits].slice(0, 8).join(', ')}${places.length + kits.length > 8 ? ' …' : ''}`,
    understood: {
      title: 'What is understood',
      rows: [
        [
          'Headings in your own words',
          'exp, best before, use by · qty, how many · where, bin · what for',
        ],
        ['Amounts', '18 strips · 2 x 10 · half a bottle · 1½ · 2,5 mL'],
        ['Dates', '03/27 · Mar 2027 · 15 MAR 2027 · EXP 27.03.2027 · none'],
        ['How many belong', 'a column of its own: par, should have, target'],
        ['Where', 'place, kit and pocket, or “Car / boot bag / lid” in one'],
      ],
    },
    pasted: 'pasted list',
    example: 'Item; How many; Expiry; Kit\nPlasters; 18 strips; 03/2029; Hall box',
    usual: { place: 'Home', kit: 'First aid kit', pocket: 'Main pocket' },
    nameIt: 'Give it a name',
    more: (count: number): string => `Show more (${count} left)`,
    change: 'Change',
    changeLine: (line: number): string => `Change line ${line}`,
    mend: 'Save the line',
    of: 'of',
    whichDate: 'Which day is meant?',
    expiryText,
    field: EXPORT_HEADINGS,
    takenAsOne: 'no amount given, taken as 1',
    fault: (fault: LineFault): string => {
      const name = EXPORT_HEADINGS[fault.field]
      switch (fault.code) {
        case 'missing':
          return `${name}: there is nothing`
        case 'too_long':
          return `${name}: too long, shorten it`
        case 'not_a_price':
          return `${name}: ${NOT_A_PRICE}`
        case 'not_a_day':
          return `${name}: give the day, not only the month`
        case 'in_future':
          return `${name}: that day has not come yet`
        case 'date':
          return `${name}: ${dateRefusal(fault.refusal)}`
        case 'amount':
          return `${name}: ${amountRefusal(fault.refusal)}`
      }
    },
    notAPrice: NOT_A_PRICE,
    amountRefused: amountRefusal,
    farOff: 'That is more than twenty years off. Is it meant?',
    countDiffers: (there: Total, listed: Total): string =>
      `here with ${formatAmount(there)}, listed with ${formatAmount(listed)}: left as it is; correct the count on the mat`,
    unitDiffers: (ours: string, theirs: string): string =>
      `counted in ${ours} here, in ${theirs} on the list: mend the amount`,
    already: 'already here',
    needsYou: 'Some lines need an answer. The others can be brought in now.',
    onlyPar: 'only how many belong',
  },
  sheet: {
    title: 'lid sheet',
    emergency: 'Emergency',
    poison: 'Poison line',
    blank: '________________',
    belongsTo: (household: string): string => `Belongs to the ${household}`,
    checked: (day: PlainDate | null): string =>
      day ? `checked on ${fullDay(day)}` : 'not checked yet',
    printed: (day: PlainDate): string => `Vivid Satchel · printed ${fullDay(day)}`,
    page: (page: number, of: number): string => `${page} of ${of}`,
    emptyPocket: 'empty',
    count: (line: SheetLine): string =>
      line.par > 0
        ? `${formatAmount(line.good)} of ${formatAmount(line.par)}`
        : formatAmount(line.good),
    expiry: (line: SheetLine): string =>
      line.expiry === null
        ? 'none here'
        : `${line.opened ? 'opened, ' : ''}${expiryText(line.expiry)}`,
    cautions: [
      'Call the emergency number first. For anything swallowed call the poison line first; bring nothing up without its word.',
      'The pack label, the prescriber and the vet win over this sheet. It gives no doses and no medical or veterinary advice.',
      'Use only what you know how to use. Give strangers no medicine. Look at the date and the seal before you use a thing.',
      'Nothing cold or hot straight on skin. An animal in pain bites: wrap or muzzle it first, never one that vomits or cannot breathe.',
    ],
    headings: { item: 'Item', purpose: 'What for', count: 'There', expiry: 'Good until' },
    pdf: 'PDF',
    paper: { A4: 'A4', A5: 'A5', LETTER: 'Letter' },
    alsoRestock: 'The restock list, to print from its page',
    size: 'Paper',
    printNow: 'Print',
    all: 'Sheets for the lids',
    under: 'One for each kit, for the inside of its lid. They name no member, price or address.',
    back: 'Back to the kit',
  },
  household: {
    title: 'Household',
    settings: 'Settings',
    members: 'People and animals',
    places: 'Places',
    name: 'Name',
    timeZone: 'Time zone',
    country: 'Country for the numbers to call',
    ownNumbers: 'its own numbers',
    emergency: 'Emergency number',
    poison: 'Poison line',
    fromCountry: (number: string): string => `${number} by country`,
    dateOrder: 'Dates are written',
    dayFirst: 'day first (31/12)',
    monthFirst: 'month first (12/31)',
    yearFirst: 'year first (2026-12-31)',
    lookahead: 'Days ahead that count as turning',
    currency: 'Currency',
    save: 'Save',
    saved: 'Saved',
    add: 'Add',
    species: 'Person or animal',
    born: 'Born',
    note: 'Note',
    remove: 'Take off',
    helper: 'helps others',
    addVisit: 'Add a visit',
    from: 'From',
    to: 'To',
    label: 'What it is',
    weekStart: 'Week starts',
    monday: 'Monday',
    sunday: 'Sunday',
    units: 'Units',
    metric: 'metric',
    us: 'US',
    noMembers: 'Nobody is here yet.',
    readinessBy: 'The numbers say how well each place covers them, in the colours of the strap.',
    signedIn: (who: string): string => `You are signed in as ${who}.`,
    removed: (name: string): string => `${name} taken off`,
    addMember: 'Add a member',
    done: 'Done',
    weighAgain: 'The weight is out of date: weigh again',
    notAsked: (topics: readonly string[]): string => `Not asked yet: ${topics.join(', ')}`,
    labels: 'Whose labels your medicine boxes follow',
    labelsByCountry: 'those of the country',
    labelSets: {
      us: 'United States',
      uk: 'United Kingdom and Ireland',
      none: 'none of these',
    },
    labelsHelp: {
      us: 'Doses as printed on labels in the United States. The pack in your hand wins.',
      uk: 'Doses as printed on labels in the United Kingdom and Ireland. The pack in your hand wins.',
      none: 'No label ships for you: the bench asks you to write down the label of your own pack.',
    },
    askNow: {
      title: 'Asked now',
      later: 'ask later',
      none: 'none',
      some: 'yes',
      next: 'Write them down on the page that opens.',
    },
    fewDays: 14,
    wrongWeight: 'Give kilograms such as 4.2',
    traits: (place: string): string => `What can happen at the ${place.toLowerCase()}`,
    rhythm: (rhythm: Presence['rhythm']): string =>
      rhythm.kind === 'always'
        ? 'always somebody there'
        : rhythm.kind === 'visits'
          ? 'only on visits'
          : rhythm.kind === 'season'
            ? keeping.place.seasonal(rhythm)
            : rhythm.days.join() === '1,2,3,4,5'
              ? 'on weekdays'
              : `on ${list(rhythm.days.map((day) => WEEKDAY_NAMES[day - 1] ?? ''))}`,
    backwards: 'A visit ends on or after the day it starts',
    wrongLookahead: 'Give a number of days from 1 to 366',
    nothingYet: 'Nothing was done yet.',
    takenBack: 'taken back',
    recent: 'Lately',
    age: (days: number): string =>
      days < 730 ? `${Math.floor(days / 30.44)} months` : `${Math.floor(days / 365.25)} years`,
  },
  signIn: {
    title: 'Vivid Satchel',
    lead: 'First aid kits at home, in the car, at the cottage and on the body: what is where, what turns, what to do about it.',
    demo: 'Open the demo household',
    demoHint: 'Made-up people and animals; change what you like.',
    or: 'or your own household',
    email: 'E-mail',
    password: 'Password',
    name: 'Your name',
    signIn: 'Sign in',
    signUp: 'Make an account',
    toSignUp: 'New here? Make an account',
    toSignIn: 'Have an account? Sign in',
    failed: 'It could not be done just now. Try again in a moment.',
    signOut: 'Sign out',
  },
  undo: {
    undo: 'Undo',
    undone: 'Taken back',
    offline: 'No connection: this was not sent. It is kept here; try again.',
    retry: 'Try again',
    dismiss: 'Close',
    did: {
      throw_away: 'Thrown away',
      clean: 'Clean again',
      put_back: 'Back in its pocket',
      look_for: 'Found again',
      replace: 'On the shopping list',
      top_up: 'On the shopping list',
      check: 'Noted as looked through',
      later: (until: PlainDate): string => `Put off to ${fullDay(until)}`,
      use: 'Used',
      open: 'Opened',
      move: 'Moved',
      discard: 'Thrown away',
      count: 'Count noted',
      edit: 'Details changed',
      put: 'Put in',
      bought: 'Ticked as bought',
      unticked: 'Tick taken off',
      saved: 'Saved',
      par: 'Par set',
      imported: 'List brought in',
    },
  },
  keys: {
    title: 'Keys',
    open: 'Keys',
    rows: [
      ['/', 'find anything'],
      ['?', 'this list'],
      ['1 – 8', 'Watch, Kits, Cover, Bench, Restock, Bring in, Print, Household'],
      ['i', 'something happened: start an incident'],
      ['t', 'torch: dark, large, for the night'],
      ['arrows', 'from tag to tag on a mat, from cell to cell on the board'],
      ['Enter', 'open a tag, explain a cell'],
      ['u o m x c e', 'use, open, move, throw away, count, change'],
      ['l g d n', 'lend, give away, decant, not here'],
      ['k b f', 'cleaned, it is back, found it'],
      ['a', 'add to the pocket of the tag'],
      ['+ − ← Enter', 'in a round: more, fewer, back, next'],
      ['z', 'undo the last act'],
      ['Esc', 'close'],
    ],
  },
  look: { light: 'Light', dark: 'Dark', torch: 'Torch', label: 'Look' },
  errors: {
    title: 'That did not work',
    again: 'Try again',
    notFound: 'This is not here',
    notFoundHint: 'It may have been taken away, or the address is wrong.',
    home: 'To Watch',
    skip: 'To the main part',
  },
} as const
