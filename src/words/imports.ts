/** English for bringing lists in. */
import type { DateRefusal } from '../core/calendar/readPrintedDate'
import type { ColumnQuestion } from '../core/interchange/columns'
import { EXPORT_HEADINGS } from '../core/interchange/exportList'
import type { LineFault, LineQuestion } from '../core/interchange/readLine'
import type { NoLine } from '../core/interchange/readList'
import type { SitePart } from '../core/interchange/sites'
import { formatAmount, type Total } from '../core/quantity/amount'
import type { AmountRefusal } from '../core/quantity/readAmount'
import { capital, someThings } from './frame/format'

export const dateRefusal = (refusal: DateRefusal): string =>
  ({
    no_such_day: 'there is no such day; look at the pack again',
    not_a_date: 'this is not a date; write it like 03/2027, 15 Mar 2027, or none',
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

const NOT_A_PRICE = 'this is not a price; write it like 4.90'

const HOLDS: Readonly<Record<ColumnQuestion['holds'], string>> = {
  dates: 'dates',
  amounts: 'numbers',
  prices: 'prices',
  places: 'names of your kits and pockets',
}

const named = (what: string, names: readonly string[]): readonly string[] =>
  names.length === 0
    ? []
    : [
        `${what}: ${names.slice(0, 12).join(', ')}${names.length > 12 ? ` and ${names.length - 12} more` : ''}`,
      ]

export const bringing = {
  howOld: 'When was this list true?',
  counted: 'I have just counted everything',
  fromMemory: 'I wrote it from memory today',
  older: 'It is older',
  olderDay: 'Day it was written',
  olderWrong: 'Give a day up to today, such as 3 May 2026',
  howOldWhy: 'A list is what somebody remembers; a count is what somebody has seen.',
  countedMeans: 'We treat every count as seen today.',
  claimMeans: (day: string): string =>
    `The counts are kept as what the list of ${day} says. They count as unsure until somebody has looked; a first round is offered afterwards.`,
  column: (heading: string, holds: ColumnQuestion['holds'], example: string): string =>
    `“${heading}” holds ${HOLDS[holds]}, such as “${example}”. What are they?`,
  keepAsNote: 'Keep as a note',
  once: (field: string): string => `${field} is written once for several lines.`,
  carryDown: 'It goes for the lines below too',
  carryNot: 'Only for its own line',
  newNames: (count: number): string => (count === 1 ? 'One name is new' : `${count} names are new`),
  make: (names: readonly string[], isAll: boolean): string =>
    isAll || names.length > 4 ? `Make all ${names.length}` : `Make ${names.join(', ')}`,
  nameIn: (field: string, lines: number): string =>
    `${field}, ${lines === 1 ? 'one line' : `${lines} lines`}`,
  itIs: (site: string): string => `It is ${site}`,
  newAs: {
    place: 'New place',
    kit: 'New kit',
    pocket: 'New pocket',
  } satisfies Record<SitePart, string>,
  nameAsked: 'answer above where this goes',
  made: (made: {
    readonly places: readonly string[]
    readonly kits: readonly string[]
    readonly pockets: readonly string[]
  }): readonly string[] => [
    ...named('New places', made.places),
    ...named('New kits', made.kits),
    ...named('New pockets', made.pockets),
  ],
  heldAtFirst: (count: number): string =>
    count === 1
      ? 'One pack is on hold: its name says that nobody knows what it is, or that it was left over.'
      : `${count} packs are on hold: their names say that nobody knows what they are, or that they were left over.`,
  goOn: (count: number): string =>
    count === 1 ? 'Go on with the last line' : `Go on with the other ${count} lines`,
  sayWhat: 'Say what the things are',
  firstRound: 'Do a first round',
  notLines: (count: number): string =>
    count === 1 ? 'One row is no line of the list' : `${count} rows are no lines of the list`,
  row: (line: number): string => `Row ${line}:`,
  notLine: {
    title: 'title',
    headings: 'headings',
    section: 'names the kit of the lines below',
    total: 'a total',
    rule: 'a rule',
    remark: 'a remark',
  } satisfies Record<NoLine, string>,
  remark: {
    amount_taken_as_one: 'no amount given, taken as 1',
    carried_down: 'the place is taken from the line above',
    on_hold: 'starts on hold until somebody has said what it is',
    par_not_known: 'how many belong is not known; no target is set',
  },
  question: (field: string, question: LineQuestion): string => {
    switch (question.why) {
      case 'far_off':
        return 'That is more than twenty years off. Is it meant?'
      case 'no_year':
        return `${field}: the year is missing. What is meant?`
      case 'two_ways':
        return `${field}: which day is meant?`
      case 'vague':
        return `${field}: how many are there?`
      case 'several':
        return `${field}: there are several things in one cell. Write the number of one; give the others a line of their own.`
      case 'between':
        return `${field}: which is it?`
      case 'very_many':
        return `${field}: more than a thousand. Is it meant?`
      case 'none_there':
        return 'None are there. How many belong there?'
    }
  },
  needsFirst: 'Answer the questions first. Then the lines can be imported.',
  otherNumber: 'Another number',
  take: 'Take it',
} as const

export const imports = {
  title: 'Import a list',
  under: 'A table from a spreadsheet, or a text file. Nothing is saved until you say so.',
  file: 'Choose a file',
  paste: 'or paste it here',
  read: 'Read it',
  template: 'Template',
  export: 'Export what is here',
  drop: 'CSV, TSV or semicolons; UTF-8 or Windows-1252',
  cancel: 'Cancel',
  reading: (done: number, total: number): string => `Read ${done} of ${total} lines`,
  refused: {
    too_large: 'That is more than 8 MB. Import it in parts.',
    workbook: 'This is a workbook, not text. Save it as CSV in the spreadsheet and import that.',
    not_text: 'This is not a text file. Save the list as CSV and import that.',
    empty: 'The file is empty.',
    too_many_lines: 'More than 20,000 lines. Import it in parts.',
    no_rows: 'There are no lines in it.',
  },
  summary: (ready: number, ask: number, fault: number, differ: number, already: number): string =>
    [
      `${ready} ready`,
      ask > 0 ? `${ask} to answer` : '',
      fault > 0 ? `${fault} to correct` : '',
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
  takeIn: 'Include',
  leftOut: 'left out',
  confirm: (count: number): string => `Import ${count} ${count === 1 ? 'line' : 'lines'}`,
  done: (lots: number, kits: number): string =>
    `${capital(someThings(lots, 'pack', 'packs'))} imported${kits > 0 ? `, ${someThings(kits, 'new kit', 'new kits')}` : ''}`,
  toWatch: 'See what to do',
  again: 'Import another list',
  doneUnder: (already: number, skipped: number): string =>
    [
      already > 0 ? `${capital(someThings(already, 'line was', 'lines were'))} here already.` : '',
      skipped > 0
        ? `${capital(someThings(skipped, 'line', 'lines'))} differed and stayed as they were.`
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
    title: 'What we can read',
    rows: [
      [
        'Headings in your own words',
        'exp, best before, use by · qty, how many · where, bin · what for',
      ],
      ['Amounts', '18 strips · 2 x 10 · half a bottle · 1½ · 2,5 mL'],
      ['Dates', '03/27 · Mar 2027 · 15 MAR 2027 · EXP 27.03.2027 · none'],
      ['How many belong', 'a column of its own: target, should have'],
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
  field: EXPORT_HEADINGS,
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
    `counted in ${ours} here, in ${theirs} on the list: correct the amount`,
  already: 'already here',
  needsYou: 'Some lines need an answer. The others can be imported now.',
  onlyPar: 'only how many belong',
  howRead: bringing,
} as const

/** What somebody did, after a name: "Ilse …". */
export const importsPast = {
  brought_in: 'brought a list in',
} as const
