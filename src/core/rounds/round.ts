/**
 * A round: somebody goes through pockets of a kit and says what is there. What was said is a
 * list of entries; everything else (progress, who is where, what is contradicted, what came of
 * it) is worked out from them, on the phone without a connection as well as on the server.
 */
import type { Brand } from '../brand'
import type { Expiry } from '../calendar/expiry'
import type { ItemId, KitId, LotId, PocketId } from '../ids'
import { type Amount, NOTHING } from '../quantity/amount'
import type { ItemKind } from '../stock/itemKind'
import type { Condition } from '../stock/lot'

export type RoundId = Brand<string, 'RoundId'>
export type EntryId = Brand<string, 'EntryId'>

export interface Round {
  readonly id: RoundId
  readonly kitId: KitId
  /** In the order in which they come out. */
  readonly pocketIds: readonly PocketId[]
  /** ISO time. */
  readonly startedAt: string
  readonly startedBy: string
  readonly finished: Finished | null
}
export interface Finished {
  readonly at: string
  /** Who signs for it. */
  readonly by: string
}

/** Of what is fewer than recorded, what became of the rest. `still_away`: lent or missed, as known. */
export const GONE = ['unknown', 'used', 'thrown_away', 'missing', 'still_away'] as const
export type Gone = (typeof GONE)[number]

/** What somebody found out by trying or looking closely. */
export const PROOFS = ['battery', 'seal'] as const
export type Proof = (typeof PROOFS)[number]

export type DateLook =
  | { readonly kind: 'not_read' }
  /** Read on the pack, and it is the one that is recorded. */
  | { readonly kind: 'as_recorded' }
  | { readonly kind: 'other'; readonly expiry: Expiry }

/** The thing as the device knew it when it was looked at; it may be gone from the record since. */
export interface Was {
  readonly title: string
  readonly unit: string
  readonly kind: ItemKind
  readonly amount: Amount
  readonly expiry: Expiry
  /** Lent, or not found before. */
  readonly away: boolean
}

/** What was said of one lot in one pocket. */
export interface Look {
  readonly found: Amount
  readonly gone: Gone
  readonly date: DateLook
  /** Of those found, how many are in another condition than recorded. */
  readonly worse: { readonly condition: Condition; readonly amount: Amount } | null
  /** Of those found, how many turned out to be open. */
  readonly opened: Amount
  readonly proofs: readonly Proof[]
  readonly note: string
}

/** So many were found, and nothing else is said. */
export const plainLook = (found: Amount): Look => ({
  found,
  gone: 'unknown',
  date: { kind: 'not_read' },
  worse: null,
  opened: NOTHING,
  proofs: [],
  note: '',
})

export type EntryFact =
  /** Somebody has this pocket in front of them. */
  | { readonly kind: 'at_pocket'; readonly pocketId: PocketId }
  | {
      readonly kind: 'looked'
      readonly pocketId: PocketId
      readonly lotId: LotId
      readonly was: Was
      readonly look: Look
    }
  /** Something lay there that the record does not know of. */
  | {
      readonly kind: 'found'
      readonly pocketId: PocketId
      readonly item: { readonly id: ItemId } | { readonly name: string }
      readonly title: string
      readonly amount: Amount
      readonly expiry: Expiry
      readonly batch: string
    }
  /** Everything is back in it. */
  | { readonly kind: 'closed'; readonly pocketId: PocketId }

export interface Entry {
  readonly id: EntryId
  readonly roundId: RoundId
  /** ISO time when it was said, whenever it arrived. */
  readonly at: string
  readonly by: string
  /** Spent on it by the one who said it. */
  readonly seconds: number
  readonly fact: EntryFact
}

export type LookedEntry = Entry & { readonly fact: Extract<EntryFact, { kind: 'looked' }> }
export type FoundEntry = Entry & { readonly fact: Extract<EntryFact, { kind: 'found' }> }

export const isLooked = (entry: Entry): entry is LookedEntry => entry.fact.kind === 'looked'
export const isFound = (entry: Entry): entry is FoundEntry => entry.fact.kind === 'found'

/** By the time it was said; the id decides between two at once, the same everywhere. */
export const inTime = <E extends Pick<Entry, 'at' | 'id'>>(entries: readonly E[]): readonly E[] =>
  [...entries].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : 1))

export const thingKey = (lotId: LotId, pocketId: PocketId): string => `${lotId}/${pocketId}`
