/** What has met more heat or frost than it may goes on hold. */
import { holdReason } from '../../core/exposure/reason'
import type { LotId } from '../../core/ids'
import { decideAmend } from '../../core/stock/decide'
import { lockLots } from '../../db/frame/ledger'
import { type Acting, append } from '../frame/act'
import { surveyNow } from '../frame/world'
import { decideInTurn } from '../stock/decideInTurn'
import { parting } from '../stock/parting'
import { judgeExposures } from './exposureOf'

/**
 * Puts on hold whatever has met more than it may, and lies there ready. What waits for something else
 * already, is lent or missing stays as it is.
 * @returns how many parts of lots
 */
export async function holdHarmed(acting: Acting): Promise<number> {
  const { stock } = await surveyNow(acting)
  const { judged } = await judgeExposures(acting.trx, stock, acting.at.getTime() / 60_000)
  const ready = new Set<LotId>(
    stock.lots.flatMap(({ id, standing, condition }) =>
      (standing.kind === 'ready' || standing.kind === 'unclean') && condition === 'sound'
        ? [id]
        : [],
    ),
  )
  const amounts = new Map(
    stock.holdings.map((one) => [`${one.lotId}/${one.pocketId}`, one.amount] as const),
  )
  const steps = judged.flatMap(({ lotId, pocketId, verdict }) => {
    const amount = amounts.get(`${lotId}/${pocketId}`)
    return verdict.kind === 'beyond' && ready.has(lotId) && amount !== undefined
      ? [{ lotId, pocket: pocketId, amount, reason: holdReason(verdict.harms) }]
      : []
  })
  if (steps.length === 0) return 0
  const locked = await lockLots(acting.trx, [...new Set(steps.map(({ lotId }) => lotId))])
  const { facts, done } = await decideInTurn(locked, steps, (lot, { pocket, amount, reason }) =>
    parting(acting, lot, 'split', (asLot) =>
      decideAmend(
        lot.lot,
        lot.stock,
        { standing: { kind: 'held', reason, exposure: true } },
        acting.today,
        { pocket, amount, asLot },
      ),
    ),
  )
  await append(acting, locked, facts)
  return done
}
