/** Acts on one lot: use, move, give away, throw away, count, change details. */
import type { ActKind } from '../../contract'
import type { LotId, PocketId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import {
  type Decision,
  decideAmend,
  decideCount,
  decideDiscard,
  decideGive,
  decideMove,
  decideUse,
  type Some,
} from '../../core/stock/decide'
import { soonerThan } from '../../core/stock/firstOut'
import type { LotDetails } from '../../core/stock/lot'
import type { LockedLot } from '../../db/frame/ledger'
import { itemOfLot } from '../../db/items/items'
import { lotsBeside } from '../../db/stock/stock'
import { type Acting, act, carryOut, lockSeen } from '../frame/act'
import { decidedThen } from '../frame/backdated'
import { mustHave } from '../frame/mustHave'
import { notFound } from '../frame/refusal'
import { titleIn } from '../frame/titleIn'
import type { Caller, World } from '../frame/world'
import { editItem, type ItemPatch } from '../household/householdActs'
import { carryCameTrue } from '../restock/wishes'
import { parting } from './parting'

export interface OnLot {
  readonly key: string
  readonly lotId: LotId
  readonly seenVersion: number
}

export interface Taking extends OnLot {
  readonly pocketId: PocketId
  readonly amount: Amount
}

/** One lot, seen and locked with the lot it was once part of; a decision about it, carried out. */
export async function onLot(
  world: World,
  caller: Caller,
  kind: ActKind,
  asked: OnLot,
  decide: (
    locked: LockedLot,
    acting: Acting,
    rest: LockedLot | null,
  ) => Promise<Decision> | Decision,
) {
  return act(world, caller, await aboutLot(world, caller, kind, asked), async (acting) => {
    const { locked, lot, rest } = await lockSeen(acting, asked.lotId, asked.seenVersion)
    await carryOut(acting, locked, await decide(lot, acting, rest))
    return {}
  })
}

/**
 * What is asked of a lot. Which version was on the screen is no part of it: an act whose answer
 * was lost is the same act when it is sent again later.
 */
const aboutLot = async (
  world: World,
  caller: Caller,
  kind: ActKind,
  { key, seenVersion: _, ...request }: OnLot,
) => ({
  key,
  kind,
  why: await titleIn(world, caller, (trx) => itemOfLot(trx, request.lotId)),
  request,
})

/**
 * The same for acts that say how much was taken or found: one that waited on a device is decided
 * on the lot as it was when it was done, whatever happened to it since.
 */
const onLotThen = async (
  world: World,
  caller: Caller,
  kind: ActKind,
  asked: OnLot & { readonly pocketId: PocketId },
  decide: (locked: LockedLot, acting: Acting) => Promise<Decision> | Decision,
) => {
  if (!caller.takenAgo) return onLot(world, caller, kind, asked, decide)
  return act(world, caller, await aboutLot(world, caller, kind, asked), async (acting) => {
    await decidedThen(acting, asked.lotId, asked.pocketId, (then) => decide(then, acting))
    return {}
  })
}

export const someOf = ({ pocketId, amount }: Taking): Some => ({ pocket: pocketId, amount })

/** The lot of the same item in that pocket that should have gone first, if there is one. */
async function passedOver(
  { trx, today }: Acting,
  { lot }: LockedLot,
  pocketId: PocketId,
): Promise<LotId | undefined> {
  const item = await itemOfLot(trx, lot.id)
  if (!item) throw notFound()
  const beside = await lotsBeside(trx, lot.itemId, pocketId)
  return soonerThan(lot, beside, item, today)?.id
}

/** Uses some up; where another lot should have gone first, the record names it. */
export const useLot = (world: World, caller: Caller, asked: Taking) =>
  onLotThen(world, caller, 'used', asked, async (locked, acting) =>
    decideUse(
      locked.lot,
      locked.stock,
      someOf(asked),
      await passedOver(acting, locked, asked.pocketId),
    ),
  )

export const discardLot = (world: World, caller: Caller, asked: Taking) =>
  onLotThen(world, caller, 'discarded', asked, ({ stock }) =>
    decideDiscard(stock, asked.pocketId, asked.amount),
  )

export const giveLot = (world: World, caller: Caller, asked: Taking & { readonly to: string }) =>
  onLotThen(world, caller, 'given', asked, ({ stock }) =>
    decideGive(stock, someOf(asked), asked.to),
  )

export const moveLot = (world: World, caller: Caller, asked: Taking & { readonly to: PocketId }) =>
  onLotThen(world, caller, 'moved', asked, async (locked, acting) => {
    await mustHave(acting.trx, 'pocket', asked.to)
    await carryCameTrue(acting, asked)
    return decideMove(
      locked.stock,
      someOf(asked),
      asked.to,
      await passedOver(acting, locked, asked.pocketId),
    )
  })

export const countLot = (
  world: World,
  caller: Caller,
  asked: OnLot & { readonly pocketId: PocketId; readonly found: Amount },
) =>
  onLotThen(world, caller, 'counted', asked, async ({ stock }, { trx }) => {
    await mustHave(trx, 'pocket', asked.pocketId)
    return decideCount(stock, asked.pocketId, asked.found)
  })

/** Changes details; of some of the lot only, where a part is named. */
/** All that was asked is done already. */
const NOTHING_MOVES: Decision = { kind: 'append', facts: [] }

export const amendLot = (
  world: World,
  caller: Caller,
  asked: OnLot & {
    readonly details: Partial<LotDetails>
    readonly part?: { readonly pocketId: PocketId; readonly amount: Amount } | undefined
    /** Details of its item, which the same form shows: both are changed, or neither. */
    readonly item?: (ItemPatch & { readonly seenVersion: number }) | undefined
  },
) =>
  onLot(world, caller, 'amended', asked, async (locked, acting) => {
    const { details, part, item } = asked
    if (item) {
      const { seenVersion, ...patch } = item
      await editItem(acting, locked.lot.itemId, patch, seenVersion, 'item')
      if (Object.keys(details).length === 0) return NOTHING_MOVES
    }
    if (details.forMember) await mustHave(acting.trx, 'member', details.forMember)
    return parting(acting, locked, 'split', (asLot) =>
      decideAmend(
        locked.lot,
        locked.stock,
        details,
        acting.today,
        part ? { pocket: part.pocketId, amount: part.amount, asLot } : null,
      ),
    )
  })
