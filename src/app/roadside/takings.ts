/** Giving away at a roadside: it leaves the pocket, and somebody makes up for it later. */
import type { LotId, PocketId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import { type Decision, decideGive } from '../../core/stock/decide'
import { lockLots } from '../../db/frame/ledger'
import { createRecord } from '../../db/frame/records'
import { itemOfLot } from '../../db/items/items'
import { type Acting, act, carryOut } from '../frame/act'
import { appendAsOfThen } from '../frame/backdated'
import { notFound, Refusal } from '../frame/refusal'
import { titleIn } from '../frame/titleIn'
import type { Caller, World } from '../frame/world'

export interface TakingAsked {
  readonly key: string
  readonly lotId: LotId
  readonly pocketId: PocketId
  readonly amount: Amount
}

/** How it is told in the record, and by whom it was taken. */
export interface TakenBy {
  /** To whom it went, in words. */
  readonly to: string
  readonly isByLid: boolean
}

/**
 * Notes that a professional took it, "thank you".
 * @throws {Refusal} as for anything that is given away: not so many there, not there at all
 */
export const takeAtRoadside = async (
  world: World,
  caller: Caller,
  { key, ...request }: TakingAsked,
  { to, isByLid }: TakenBy,
) => {
  const { lotId, pocketId, amount } = request
  const why = await titleIn(world, caller, (trx) => itemOfLot(trx, lotId))
  return act(world, caller, { key, kind: 'taken_at_roadside', why, request }, async (acting) => {
    const item = await itemOfLot(acting.trx, lotId)
    if (!item) throw notFound()
    await giveAway(acting, { lotId, pocketId, amount }, to, caller.takenAgo !== undefined)
    await createRecord(acting, 'roadside_taking', {
      item_id: item.id,
      pocket_id: pocketId,
      amount,
      on_day: acting.today,
      by_lid: isByLid,
    })
    return {}
  })
}

/** What waited on a device is decided on the stock as it was then. */
async function giveAway(
  acting: Acting,
  { lotId, pocketId, amount }: Omit<TakingAsked, 'key'>,
  to: string,
  isLate: boolean,
): Promise<void> {
  const some = { pocket: pocketId, amount }
  if (isLate) {
    await appendAsOfThen(acting, lotId, pocketId, ({ stock }) =>
      factsOf(decideGive(stock, some, to)),
    )
    return
  }
  const locked = await lockLots(acting.trx, [lotId])
  const lot = locked.get(lotId)
  if (!lot) throw notFound()
  await carryOut(acting, locked, decideGive(lot.stock, some, to))
}

function factsOf(decision: Decision) {
  if (decision.kind === 'refuse') throw new Refusal(decision.refusal)
  return decision.facts
}
