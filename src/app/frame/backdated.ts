/** Acts on a lot that may be heard of late: decided on the stock as it was when they were done. */
import type { LotId, PocketId } from '../../core/ids'
import type { Decision, LotFact } from '../../core/stock/decide'
import { amendedLater, arriveLate, stockBefore } from '../../core/stock/late'
import type { LotDetails } from '../../core/stock/lot'
import type { LotStock } from '../../core/stock/movement'
import { type LockedLot, lockLots } from '../../db/frame/ledger'
import { movementsAfter, type Outcome } from '../../db/rounds/rounds'
import { type Acting, append } from './act'
import { notFound, Refusal } from './refusal'

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

/**
 * The same for what is decided as it is on the spot.
 * @throws {Refusal} what the decision refuses
 */
export const decidedThen = (
  acting: Acting,
  lotId: LotId,
  pocketId: PocketId,
  decide: (then: Pick<AsOfThen, 'lot' | 'stock'>) => Promise<Decision> | Decision,
): Promise<Outcome> =>
  appendAsOfThen(acting, lotId, pocketId, async ({ lot, stock }) => {
    const decision = await decide({ lot, stock })
    if (decision.kind === 'refuse') throw new Refusal(decision.refusal)
    return decision.facts
  })
