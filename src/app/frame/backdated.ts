/** Acts on a lot that may be heard of late: decided on the stock as it was when they were done. */
import type { LotId, PocketId } from '../../core/ids'
import type { LotFact } from '../../core/stock/decide'
import { amendedLater, arriveLate, stockBefore } from '../../core/stock/late'
import type { LotDetails } from '../../core/stock/lot'
import type { LotStock } from '../../core/stock/movement'
import { type LockedLot, lockLots } from '../../db/frame/ledger'
import { movementsAfter, type Outcome } from '../../db/rounds/rounds'
import { type Acting, append } from './act'
import { notFound } from './refusal'

export interface AsOfThen {
  readonly lot: LockedLot['lot']
  readonly stock: LotStock
  /** Details that somebody changed later. */
  readonly settled: ReadonlySet<keyof LotDetails>
}

/**
 * Locks a lot, has something decided on it as it was at the time of the act, and fits the facts
 * into what is recorded now.
 */
export async function appendAsOfThen(
  acting: Acting,
  lotId: LotId,
  pocketId: PocketId,
  decide: (then: AsOfThen) => Promise<readonly LotFact[]> | readonly LotFact[],
): Promise<Outcome> {
  const locked = await lockLots(acting.trx, [lotId])
  const now = locked.get(lotId)
  if (!now) throw notFound()
  const later = await movementsAfter(acting.trx, lotId, acting.at)
  const decided = await decide({
    lot: now.lot,
    stock: stockBefore(now.stock, later),
    settled: amendedLater(later),
  })
  const { facts, overtaken, contradicted } = arriveLate(now.stock, later, decided)
  await append(acting, locked, facts)
  const by = overtaken.get(pocketId)
  if (by) return { kind: 'overtaken', by: by.who, at: by.at }
  return { kind: contradicted.has(pocketId) ? 'contradicted' : 'stood' }
}
