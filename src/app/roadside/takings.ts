/** Giving away at a roadside: it leaves the pocket, and somebody makes up for it later. */
import type { LotId, PocketId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import { decideGive } from '../../core/stock/decide'
import { lockLots } from '../../db/frame/ledger'
import { createRecord } from '../../db/frame/records'
import { itemOfLot } from '../../db/items/items'
import { type Acting, act, carryOut } from '../frame/act'
import { decidedThen } from '../frame/backdated'
import { notFound } from '../frame/refusal'
import { titleIn } from '../frame/titleIn'
import type { Caller, World } from '../frame/world'

export interface TakingAsked {
  readonly key: string
  readonly lotId: LotId
  readonly pocketId: PocketId
  /** Absent where the kit itself says how much one press takes. */
  readonly amount?: Amount
}

/** How it is told in the record. */
export interface TakenBy {
  /** To whom it went, in words. */
  readonly to: string
  /** By whoever opened the kit by the code on its lid. */
  readonly isByLid: boolean
}

/**
 * Notes that somebody took it, "thank you". The same press that arrives again is the same taking, also
 * where it took the last there was.
 * @param howMuch asked once, inside the act
 * @throws {Refusal} as for anything that is given away: not so many there, not there at all
 */
export const takeAtRoadside = async (
  world: World,
  caller: Caller,
  { key, ...request }: TakingAsked,
  { to, isByLid }: TakenBy,
  howMuch: (acting: Acting) => Promise<Amount>,
) => {
  const { lotId, pocketId } = request
  const why = await titleIn(world, caller, (trx) => itemOfLot(trx, lotId))
  return act(world, caller, { key, kind: 'taken_at_roadside', why, request }, async (acting) => {
    const item = await itemOfLot(acting.trx, lotId)
    if (!item) throw notFound()
    const amount = await howMuch(acting)
    const some = { pocket: pocketId, amount }
    // What waited on a device is decided on the stock as it was then.
    if (caller.takenAgo)
      await decidedThen(acting, lotId, pocketId, ({ stock }) => decideGive(stock, some, to))
    else {
      const locked = await lockLots(acting.trx, [lotId])
      const lot = locked.get(lotId)
      if (!lot) throw notFound()
      await carryOut(acting, locked, decideGive(lot.stock, some, to))
    }
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
