/**
 * What the device keeps for itself: the key of who is signed in, and acts that wait to be sent.
 * Acts are sealed with that key; without it they are noise.
 */
import type { EntityTable } from 'dexie'
import type { Sealed } from './seal'

/** Who is signed in here. */
export interface Holder {
  readonly id: 'me'
  readonly userId: string
  /** Whose pages and answers are kept; absent where they were kept before there were several. */
  readonly householdId?: string
  readonly name: string
  readonly key: CryptoKey
  /** The state of the household that the kept pages show; "" before they are kept. */
  readonly state: string
  /** When they were fetched, by the device's clock. */
  readonly keptAt: number
}

export type WaitingState = 'waiting' | 'sent' | 'refused'

export interface WaitingRow {
  /** In the order in which it was done. */
  readonly seq?: number
  /** The idempotency key. */
  readonly key: string
  readonly userId: string
  readonly state: WaitingState
  /** By the device's clock, in milliseconds. */
  readonly takenAt: number
  readonly sealed: Sealed
}

/** The tables, as whoever reads and writes them sees them. */
export interface DeviceTables {
  readonly holder: EntityTable<Holder, 'id'>
  readonly waiting: EntityTable<WaitingRow, 'seq'>
}
