/** One purchase of an item, with its date, and what has become of it. */
import type { Expiry } from '../calendar/expiry'
import type { PlainDate } from '../calendar/plainDate'
import type { ItemId, LotId, MemberId, PocketId } from '../ids'
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
  | {
      readonly kind: 'held'
      readonly reason: string
      /** The bulletin that recalls it. */
      readonly recall?: string
      /** Heat or frost: whoever sets it free has asked, and what was before that is answered. */
      readonly exposure?: true
    }
  | { readonly kind: 'lent'; readonly to: string; readonly since: PlainDate }
  /** An instrument that was used and waits to be cleaned. */
  | { readonly kind: 'unclean'; readonly since: PlainDate }
  /** Recorded here, and not found here. */
  | { readonly kind: 'missing'; readonly since: PlainDate }

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
  /** What the carton or the prescriber says to do with it; "" when nobody copied it. */
  readonly directions: string
  /** The patient it was got for; null when it is for whoever it suits. */
  readonly forMember: MemberId | null
}

/** What a receipt may leave out. */
export const NO_DETAILS: Pick<LotDetails, 'directions' | 'forMember'> = {
  directions: '',
  forMember: null,
}

/** Why part of a lot went on as a lot of its own; `rejoined` when it came back to the rest. */
export const PART_WAYS = ['opened', 'lent', 'unclean', 'decanted', 'split', 'rejoined'] as const
export type PartWay = (typeof PART_WAYS)[number]

/** The lot that a lot was once part of. */
export interface Origin {
  readonly lotId: LotId
  readonly way: PartWay
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
  /** The day it came into the household. */
  readonly receivedOn: PlainDate
  readonly origin: Origin | null
  /** The day of the list that claimed it, where nobody had counted it when it was brought in. */
  readonly claimedOn: PlainDate | null
  /** Counts the movements of the lot; an act names the one it saw. */
  readonly version: number
}

/** So much of a lot lies in a pocket. */
export interface Holding {
  readonly lotId: LotId
  readonly pocketId: PocketId
  readonly amount: Amount
}
