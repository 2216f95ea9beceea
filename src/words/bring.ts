/** What bringing a list in asks about the list as a whole, and tells of it. */
import type { ColumnQuestion } from '../core/interchange/columns'
import type { LineQuestion } from '../core/interchange/readLine'
import type { NoLine } from '../core/interchange/readList'
import type { SitePart } from '../core/interchange/sites'

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
  countedMeans: 'The counts are taken as seen today.',
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
      ? 'One lot is on hold: its words say that nobody knows what it is, or that it was left over.'
      : `${count} lots are on hold: their words say that nobody knows what they are, or that they were left over.`,
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
    carried_down: 'the place goes on from above',
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
  needsFirst: 'Answer what is asked; then the lines can be brought in.',
  otherNumber: 'Another number',
  take: 'Take it',
} as const
