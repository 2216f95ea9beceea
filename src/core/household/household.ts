/** The household's own settings and the people and animals it keeps kits for. */
import type { PlainDate } from '../calendar/plainDate'
import type { DateOrder } from '../calendar/readPrintedDate'
import type { HouseholdId, MemberId } from '../ids'

export interface Household {
  readonly id: HouseholdId
  readonly name: string
  /** IANA name; "today" is the day it is there. */
  readonly timeZone: string
  readonly dateOrder: DateOrder
  readonly weekStart: 'monday' | 'sunday'
  readonly units: 'metric' | 'us'
  /** ISO 3166 code of a country in the reference table, or "" when the numbers are its own. */
  readonly country: string
  /** Overrule the reference table; "" keeps the table's. */
  readonly emergencyNumber: string
  readonly poisonNumber: string
  /** ISO 4217, for prices. */
  readonly currency: string
  /** Days ahead within which stock counts as turning. */
  readonly lookaheadDays: number
  readonly version: number
}

export const SPECIES = [
  'person',
  'dog',
  'cat',
  'rabbit',
  'guinea pig',
  'hamster',
  'horse',
  'bird',
  'other',
] as const
export type Species = (typeof SPECIES)[number]

export interface Member {
  readonly id: MemberId
  readonly name: string
  readonly species: Species
  readonly born: PlainDate | null
  /** Somebody who helps others, not only one who is helped. */
  readonly helper: boolean
  readonly note: string
  readonly version: number
}
