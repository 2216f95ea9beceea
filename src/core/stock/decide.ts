/**
 * What an act on a lot amounts to: the facts to append, or why it is refused. Nothing is
 * changed here and nobody is asked for the time.
 */
import type { PlainDate } from '../calendar/plainDate'
import type { LotId, PocketId } from '../ids'
import { type Amount, NOTHING, sum } from '../quantity/amount'
import { type Lot, type LotDetails, sameDetail } from './lot'
import type { Fact, LotStock } from './movement'

export type StockRefusal =
  | { readonly code: 'not_enough'; readonly there: Amount; readonly asked: Amount }
  | { readonly code: 'nothing_asked' }
  | { readonly code: 'same_pocket' }
  | { readonly code: 'already_opened'; readonly on: PlainDate }
  | { readonly code: 'opened_in_future'; readonly today: PlainDate }
  | { readonly code: 'nothing_changed' }

export interface LotFact {
  readonly lotId: LotId
  readonly fact: Fact
}

export type Decision =
  | { readonly kind: 'append'; readonly facts: readonly LotFact[] }
  | { readonly kind: 'refuse'; readonly refusal: StockRefusal }

const append = (...facts: LotFact[]): Decision => ({ kind: 'append', facts })
const refuse = (refusal: StockRefusal): Decision => ({ kind: 'refuse', refusal })

/** Whether so much can be taken out of the pocket; null when it can. */
function cannotTake(stock: LotStock, pocket: PocketId, asked: Amount): Decision | null {
  if (asked === NOTHING) return refuse({ code: 'nothing_asked' })
  const there = stock.held.get(pocket) ?? NOTHING
  return asked > there ? refuse({ code: 'not_enough', there, asked }) : null
}

export const decideReceive = (stock: LotStock, to: PocketId, amount: Amount): Decision =>
  amount === NOTHING
    ? refuse({ code: 'nothing_asked' })
    : append({ lotId: stock.lotId, fact: { kind: 'received', to, amount } })

export const decideUse = (stock: LotStock, from: PocketId, amount: Amount): Decision =>
  cannotTake(stock, from, amount) ??
  append({ lotId: stock.lotId, fact: { kind: 'used', from, amount } })

export const decideDiscard = (stock: LotStock, from: PocketId, amount: Amount): Decision =>
  cannotTake(stock, from, amount) ??
  append({ lotId: stock.lotId, fact: { kind: 'discarded', from, amount } })

export function decideMove(
  stock: LotStock,
  from: PocketId,
  to: PocketId,
  amount: Amount,
): Decision {
  if (from === to) return refuse({ code: 'same_pocket' })
  return (
    cannotTake(stock, from, amount) ??
    append({ lotId: stock.lotId, fact: { kind: 'moved', from, to, amount } })
  )
}

/** A count is a statement about the pocket, so the same number again is recorded too: it confirms. */
export const decideCount = (stock: LotStock, pocket: PocketId, found: Amount): Decision =>
  append({
    lotId: stock.lotId,
    fact: { kind: 'counted', pocket, was: stock.held.get(pocket) ?? NOTHING, found },
  })

/**
 * Opens some of a lot. When only part of it is opened that part goes on as a lot of its own,
 * because from now on it runs on another clock than the rest.
 * @param asLot the id the opened part takes if it has to part from the rest
 */
export function decideOpen(
  lot: Lot,
  stock: LotStock,
  asked: { readonly pocket: PocketId; readonly amount: Amount; readonly on: PlainDate },
  today: PlainDate,
  asLot: LotId,
): Decision {
  if (lot.opened.kind === 'opened') return refuse({ code: 'already_opened', on: lot.opened.on })
  if (asked.on > today) return refuse({ code: 'opened_in_future', today })
  const refused = cannotTake(stock, asked.pocket, asked.amount)
  if (refused) return refused
  const opening: Fact = {
    kind: 'amended',
    changes: { from: { opened: lot.opened }, to: { opened: { kind: 'opened', on: asked.on } } },
  }
  if (asked.amount === sum([...stock.held.values()]))
    return append({ lotId: lot.id, fact: opening })
  const { pocket, amount } = asked
  return append(
    { lotId: lot.id, fact: { kind: 'split_off', from: pocket, amount, into: asLot } },
    { lotId: asLot, fact: { kind: 'split_from', to: pocket, amount, outOf: lot.id } },
    { lotId: asLot, fact: opening },
  )
}

/** Changes details, keeping the former values; only what differs is recorded. */
export function decideAmend(lot: Lot, wanted: Partial<LotDetails>, today: PlainDate): Decision {
  const opened = wanted.opened
  if (opened?.kind === 'opened' && opened.on > today)
    return refuse({ code: 'opened_in_future', today })
  const keys = (Object.keys(wanted) as (keyof LotDetails)[]).filter(
    (key) => wanted[key] !== undefined && !sameDetail(wanted[key], lot[key]),
  )
  if (keys.length === 0) return refuse({ code: 'nothing_changed' })
  const pick = (source: Partial<LotDetails>): Partial<LotDetails> =>
    Object.fromEntries(keys.map((key) => [key, source[key]]))
  return append({
    lotId: lot.id,
    fact: { kind: 'amended', changes: { from: pick(lot), to: pick(wanted) } },
  })
}
