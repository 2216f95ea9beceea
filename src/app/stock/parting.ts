/** Part of a lot that goes on as a lot of its own. */
import { randomUUID } from 'node:crypto'
import type { LotId } from '../../core/ids'
import type { Decision } from '../../core/stock/decide'
import type { PartWay } from '../../core/stock/lot'
import { createLots, type LockedLot } from '../../db/frame/ledger'
import type { Acting } from '../frame/act'

/** Makes the lot that a part goes on as, where the decision parts one off under that id. */
export async function parting(
  acting: Acting,
  { lot }: LockedLot,
  way: PartWay,
  decide: (asLot: LotId) => Decision,
): Promise<Decision> {
  const part = randomUUID() as LotId
  const decision = decide(part)
  if (decision.kind === 'append' && decision.facts.some(({ lotId }) => lotId === part))
    await createLots(acting, [{ ...lot, id: part, origin: { lotId: lot.id, way } }])
  return decision
}
