/** The append-only record of one lot: what moved, and what that does to the stock. */
import { assertNever } from '../brand'
import type { LotId, MovementId, PocketId } from '../ids'
import { type Amount, amount, MOST, NOTHING } from '../quantity/amount'
import type { LotDetails, PartWay } from './lot'

/** A change of details: only the named ones, each with its former and its new value. */
export interface Amendment {
  readonly from: Partial<LotDetails>
  readonly to: Partial<LotDetails>
}

export type Fact =
  | { readonly kind: 'received'; readonly to: PocketId; readonly amount: Amount }
  | {
      readonly kind: 'used'
      readonly from: PocketId
      readonly amount: Amount
      /** Another lot lay beside it and should have gone first. */
      readonly insteadOf?: LotId | undefined
    }
  | { readonly kind: 'discarded'; readonly from: PocketId; readonly amount: Amount }
  /** Left the household for somebody who needs it. */
  | {
      readonly kind: 'given'
      readonly from: PocketId
      readonly amount: Amount
      readonly to: string
    }
  | {
      readonly kind: 'moved'
      readonly from: PocketId
      readonly to: PocketId
      readonly amount: Amount
      readonly insteadOf?: LotId | undefined
    }
  /** Somebody counted: `was` had been recorded. */
  | {
      readonly kind: 'counted'
      readonly pocket: PocketId
      readonly was: Amount
      readonly found: Amount
    }
  /** What is there by a later count, after an earlier statement arrived late. */
  | {
      readonly kind: 'restated'
      readonly pocket: PocketId
      readonly was: Amount
      readonly found: Amount
    }
  /** Part of the lot went on under a lot of its own (one bottle of four opened). */
  | {
      readonly kind: 'split_off'
      readonly from: PocketId
      readonly amount: Amount
      readonly into: LotId
      /** Absent in old records: opened. */
      readonly way?: PartWay
    }
  | {
      readonly kind: 'split_from'
      readonly to: PocketId
      readonly amount: Amount
      readonly outOf: LotId
      readonly way?: PartWay
    }
  | { readonly kind: 'amended'; readonly changes: Amendment }
  /** A counter-movement. */
  | { readonly kind: 'undone'; readonly undoes: MovementId; readonly of: ReversibleFact }

/** Everything a counter-movement can take back, itself included once more. */
export type ReversibleFact = Exclude<Fact, { kind: 'undone' }>

export interface Movement {
  readonly id: MovementId
  readonly lotId: LotId
  readonly fact: Fact
}

/** What lies where of one lot. */
export interface LotStock {
  readonly lotId: LotId
  readonly version: number
  readonly held: ReadonlyMap<PocketId, Amount>
}

export const emptyStock = (lotId: LotId): LotStock => ({ lotId, version: 0, held: new Map() })

export interface PocketChange {
  readonly pocket: PocketId
  /** Thousandths, signed. */
  readonly by: number
}

/** What a fact does to the pockets: the one place where movements become arithmetic. */
export function effectOf(fact: Fact): readonly PocketChange[] {
  switch (fact.kind) {
    case 'received':
    case 'split_from':
      return [{ pocket: fact.to, by: fact.amount }]
    case 'used':
    case 'discarded':
    case 'given':
    case 'split_off':
      return [{ pocket: fact.from, by: -fact.amount }]
    case 'moved':
      return [
        { pocket: fact.from, by: -fact.amount },
        { pocket: fact.to, by: fact.amount },
      ]
    case 'counted':
    case 'restated':
      return [{ pocket: fact.pocket, by: fact.found - fact.was }]
    case 'amended':
      return []
    case 'undone':
      return effectOf(fact.of).map(({ pocket, by }) => ({ pocket, by: -by || 0 }))
    default:
      return assertNever(fact)
  }
}

/** A pocket would hold less than nothing. */
export class NegativeStockError extends Error {
  override readonly name = 'NegativeStockError'
  constructor(
    readonly pocket: PocketId,
    readonly there: Amount,
  ) {
    super('A pocket cannot hold less than nothing')
  }
}

/** A pocket would hold more of one lot than can be recorded. */
export class OverfullPocketError extends Error {
  override readonly name = 'OverfullPocketError'
  constructor(
    readonly pocket: PocketId,
    readonly there: Amount,
  ) {
    super('A pocket cannot hold so much of one lot')
  }
}

/**
 * The stock after one more movement.
 * @throws {NegativeStockError} when a pocket would fall below nothing
 * @throws {OverfullPocketError} when a pocket would hold more than {@link MOST}
 */
export function evolve(stock: LotStock, fact: Fact): LotStock {
  const held = new Map(stock.held)
  for (const { pocket, by } of effectOf(fact)) {
    const there = held.get(pocket) ?? NOTHING
    if (there + by < 0) throw new NegativeStockError(pocket, there)
    if (there + by > MOST) throw new OverfullPocketError(pocket, there)
    const next = amount(there + by)
    if (next === NOTHING) held.delete(pocket)
    else held.set(pocket, next)
  }
  return { lotId: stock.lotId, version: stock.version + 1, held }
}

/** Stock on hand as the sum over a lot's whole record, oldest first. */
export function fold(lotId: LotId, facts: readonly Fact[]): LotStock {
  return facts.reduce(evolve, emptyStock(lotId))
}

/** The counter-movement of a movement. Taking back an undoing restores what it had undone. */
export function reverse(movement: Movement): Fact {
  const { fact } = movement
  if (fact.kind !== 'undone') return { kind: 'undone', undoes: movement.id, of: fact }
  return { kind: 'undone', undoes: movement.id, of: mirrored(fact.of) }
}

/** The fact whose undoing has the effect of the fact itself. */
function mirrored(fact: ReversibleFact): ReversibleFact {
  switch (fact.kind) {
    case 'received':
    case 'split_from':
      return { kind: 'discarded', from: fact.to, amount: fact.amount }
    case 'used':
    case 'discarded':
    case 'given':
    case 'split_off':
      return { kind: 'received', to: fact.from, amount: fact.amount }
    case 'moved':
      return { ...fact, from: fact.to, to: fact.from }
    case 'counted':
    case 'restated':
      return { ...fact, was: fact.found, found: fact.was }
    case 'amended':
      return { kind: 'amended', changes: { from: fact.changes.to, to: fact.changes.from } }
    default:
      return assertNever(fact)
  }
}

/** The details that a fact sets, if any. */
export function detailsSetBy(fact: Fact): Partial<LotDetails> {
  if (fact.kind === 'amended') return fact.changes.to
  if (fact.kind === 'undone' && fact.of.kind === 'amended') return fact.of.changes.from
  return {}
}

/** The details as they were before a fact set them. */
export function detailsBefore(fact: Fact): Partial<LotDetails> {
  if (fact.kind === 'amended') return fact.changes.from
  if (fact.kind === 'undone' && fact.of.kind === 'amended') return fact.of.changes.to
  return {}
}
