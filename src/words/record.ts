/** English for the record. */
import type { PlainDate } from '../core/calendar/plainDate'
import type { Total } from '../core/quantity/amount'
import type { TellingKind } from '../core/stock/telling'
import { counted, fullDay, list } from './frame/format'

export interface Told {
  readonly kind: TellingKind
  readonly undone: boolean
  readonly amount: Total | null
  readonly from: string | null
  readonly to: string | null
  readonly fields: readonly string[]
  readonly about: string
  readonly overruled: boolean
}

/** How many come with it; "some" where none is said. */
type Phrase = (some: string, entry: Told) => string

const FIELDS: Readonly<Record<string, string>> = {
  expiry: 'the printed date',
  opened: 'the day it was opened',
  condition: 'the condition',
  standing: 'whether it may be used',
  batch: 'the batch',
  boughtAt: 'where it was bought',
  unitPriceMinor: 'the price',
  note: 'the note',
  directions: 'the directions',
  forMember: 'whom it is for',
}

const PHRASES: Readonly<Record<TellingKind, Phrase>> = {
  received: (some, { to }) => `put ${some} in${to ? `: ${to}` : ''}`,
  used: (some) => `used ${some}`,
  discarded: (some) => `threw ${some} away`,
  given: (some, { about }) => `gave ${some} to ${about}`,
  moved: (some, { from, to }) =>
    `moved ${some}${from ? ` from ${from}` : ''}${to ? ` to ${to}` : ''}`,
  counted: (some) => `counted ${some}`,
  restated: (some) => `arrived late; a later count says ${some}`,
  split_off: (some) => `parted ${some} from the rest`,
  split_from: (some) => `parted ${some} from the rest`,
  decanted_off: (some) => `filled ${some} into another container`,
  decanted_from: (some, { to }) => `filled ${some} in from another container${to ? `: ${to}` : ''}`,
  rejoined: (some) => `put ${some} back with the rest`,
  opened: () => 'opened it',
  lent: (_, { about }) => `lent it to ${about}`,
  back: () => 'noted it as back',
  unclean: () => 'used it; it waits to be cleaned',
  cleaned: () => 'cleaned it',
  held: (_, { about }) => `put it on hold ${about}`,
  released: () => 'released it',
  missing: () => 'did not find it',
  found: () => 'found it again',
  worsened: (_, { about }) => `noted it as ${about}`,
  amended: (_, { fields }) => `changed ${fields.map((one) => FIELDS[one] ?? one).join(', ')}`,
}

const someOf = ({ amount }: Told, unit: string): string =>
  amount === null ? 'some' : counted(amount, unit)

/** "used 2 strips, although another ends sooner"; what was taken back says so. */
export function told(entry: Told, unit: string): string {
  const said = PHRASES[entry.kind](someOf(entry, unit), entry)
  const overruled = entry.overruled ? ', although another ends sooner' : ''
  return entry.undone ? `undid: ${said}` : `${said}${overruled}`
}

/** What an act did, as the list of acts has it. */
export interface ActTold {
  readonly moved: readonly (Told & { readonly title: string; readonly unit: string })[]
  readonly movedMore: boolean
  readonly touched: readonly {
    readonly what: 'added' | 'changed' | 'removed'
    readonly names: readonly string[]
    readonly count: number
  }[]
}

/** What an act was about, by name: "Gauze 7.5 cm, Tweezers and more"; "" where nothing has a name. */
export function actAbout({ moved, movedMore, touched }: ActTold): string {
  const names = [
    ...new Set([...moved.map(({ title }) => title), ...touched.flatMap(({ names: some }) => some)]),
  ]
  const hasMore = movedMore || touched.some(({ names: some, count }) => count > some.length)
  return list(hasMore ? [...names, 'more'] : names)
}

/** What Undo does, by what was done; "it" where the things have been named. */
const PUT_BACK: Readonly<Partial<Record<TellingKind, Phrase>>> = {
  received: (some) => `takes ${some} out again`,
  used: (some, { from }) => `puts ${some} back${from ? ` in ${from}` : ''}`,
  discarded: (some, { from }) => `puts ${some} back${from ? ` in ${from}` : ''}`,
  given: (some, { from }) => `puts ${some} back${from ? ` in ${from}` : ''}`,
  moved: (some, { from }) => `moves ${some} back${from ? ` to ${from}` : ''}`,
  counted: () => 'brings back the count from before',
  restated: () => 'brings back the count from before',
  opened: () => 'says that it is closed again',
  lent: () => 'says that it is not lent',
  back: (_, { about }) => `says that it is lent again${about ? ` to ${about}` : ''}`,
  unclean: () => 'says that it is clean',
  cleaned: () => 'says that it waits to be cleaned again',
  held: () => 'releases it again',
  released: () => 'puts it on hold again',
  missing: () => 'says that it is there',
  found: () => 'says that it is missing again',
  worsened: () => 'says that it is sound again',
  amended: (_, { fields }) =>
    `brings back ${list(fields.map((one) => FIELDS[one] ?? one))} from before`,
}

const UNTOUCH = {
  added: 'removes',
  changed: 'brings back the former details of',
  removed: 'brings back',
} as const

/** "Undo puts 2 strips back in Lid, Hall drawers." */
export function undoes({ moved, movedMore, touched }: ActTold): string {
  const [first, second] = moved
  const phrase = first && PUT_BACK[first.kind]
  if (first && phrase && !second && !movedMore && touched.length === 0)
    return `Undo ${phrase(someOf(first, first.unit), first)}.`
  const [one] = touched
  if (one && touched.length === 1 && moved.length === 0)
    return `Undo ${UNTOUCH[one.what]} ${one.count === 1 ? one.names[0] : `all ${one.count}`}.`
  return 'Undo brings everything back as it was before.'
}

export const record = {
  title: 'History',
  happened: 'What happened',
  asItWas: 'As it was on a day',
  item: 'Of',
  anyItem: 'everything',
  kit: 'In',
  anyKit: 'every kit',
  who: 'By',
  anybody: 'everybody',
  day: 'On the evening of',
  more: 'Earlier',
  none: 'Nothing recorded matches that.',
  nothingThen: (day: PlainDate): string => `Nothing was recorded by ${fullDay(day)}.`,
  since: (day: PlainDate): string => `The record begins on ${fullDay(day)}.`,
  thenTitle: (day: PlainDate, lots: number): string =>
    `${fullDay(day)}: ${lots === 1 ? 'one thing' : `${lots} things`}`,
  thenHint: 'As recorded by that evening. What was undone later still counts.',
  told,
  about: actAbout,
  undoes,
} as const

/** What somebody did, after a name: "Ilse …". */
export const recordPast = {
  undone: 'undid something',
} as const
