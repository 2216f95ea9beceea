/** One purchase of an item, with its date, and what has become of it. */
import type { Expiry } from '../calendar/expiry'
import type { PlainDate } from '../calendar/plainDate'
import type { ItemId, LotId, PocketId } from '../ids'
import type { Amount } from '../quantity/amount'
import type { Opened } from '../shelf-life/openedClock'

/** States that no date shows. Anything but `sound` is spent. */
export const CONDITIONS = [
  'sound',
  'no longer sterile',
  'caked',
  'leaked',
  'torn',
  'faded',
  'frozen',
  'unidentified',
] as const
export type Condition = (typeof CONDITIONS)[number]

/** Whether it may be used, and whether it is really there. */
export type Standing =
  | { readonly kind: 'ready' }
  /** Not to be used until somebody (a prescriber, say) answers. */
  | { readonly kind: 'held'; readonly reason: string }
  | { readonly kind: 'lent'; readonly to: string; readonly since: PlainDate }

export const READY: Standing = { kind: 'ready' }

/** What can be amended about a lot; each change is a movement that keeps the former value. */
export interface LotDetails {
  readonly expiry: Expiry
  readonly opened: Opened
  readonly condition: Condition
  readonly standing: Standing
  readonly batch: string
  readonly boughtAt: string
  /** Paid for one unit, in the currency's smallest unit. */
  readonly unitPriceMinor: number | null
  readonly note: string
}

/** Whether two values of a detail say the same; a record gives members back in another order. */
export const sameDetail = (a: unknown, b: unknown): boolean => canonical(a) === canonical(b)

const canonical = (value: unknown): string | undefined =>
  typeof value === 'object' && value !== null
    ? JSON.stringify(value, Object.keys(value).sort())
    : JSON.stringify(value)

export interface Lot extends LotDetails {
  readonly id: LotId
  readonly itemId: ItemId
  /** Counts the movements of the lot; an act names the one it saw. */
  readonly version: number
}

/** So much of a lot lies in a pocket. */
export interface Holding {
  readonly lotId: LotId
  readonly pocketId: PocketId
  readonly amount: Amount
}
