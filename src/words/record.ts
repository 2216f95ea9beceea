/** Movements read out: what somebody did, in the past tense, after a name. */
import type { Total } from '../core/quantity/amount'
import type { TellingKind } from '../core/stock/telling'
import { counted } from './format'

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

const PHRASES: Readonly<Record<TellingKind, Phrase>> = {
  received: (some, { to }) => `put ${some} in${to ? `: ${to}` : ''}`,
  used: (some) => `used ${some}`,
  discarded: (some) => `threw ${some} away`,
  given: (some, { about }) => `gave ${some} to ${about}`,
  moved: (some, { from, to }) =>
    `moved ${some}${from ? ` from ${from}` : ''}${to ? ` to ${to}` : ''}`,
  counted: (some) => `counted ${some}`,
  restated: (some) => `was heard of late; by a later count there are ${some}`,
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

/** "used 2 strips, although another ends sooner"; what was taken back says so. */
export function told(entry: Told, unit: string): string {
  const some = entry.amount === null ? 'some' : counted(entry.amount, unit)
  const said = PHRASES[entry.kind](some, entry)
  const overruled = entry.overruled ? ', although another ends sooner' : ''
  return entry.undone ? `took back: ${said}` : `${said}${overruled}`
}
