/** Acts on one lot: use, open, move, throw away, count, change details. */
import { randomUUID } from 'node:crypto'
import type { PlainDate } from '../core/calendar/plainDate'
import type { ItemId, LotId, PocketId } from '../core/ids'
import type { Amount } from '../core/quantity/amount'
import {
  type Decision,
  decideAmend,
  decideCount,
  decideDiscard,
  decideMove,
  decideOpen,
  decideUse,
} from '../core/stock/decide'
import { itemTitle } from '../core/stock/item'
import type { LotDetails } from '../core/stock/lot'
import { inHousehold, type Trx } from '../db/connect'
import { createLots, type LockedLot } from '../db/ledger'
import { itemOfLot } from '../db/stock'
import { type Acting, act, carryOut, lockSeen } from './act'
import { notFound } from './refusal'
import type { Caller, World } from './world'

interface OnLot {
  readonly key: string
  readonly lotId: LotId
  readonly seenVersion: number
}

interface Taking extends OnLot {
  readonly pocketId: PocketId
  readonly amount: Amount
}

/** One lot, seen and locked, a decision about it, carried out. */
async function onLot(
  world: World,
  caller: Caller,
  kind: string,
  { key, ...request }: OnLot,
  decide: (locked: LockedLot, acting: Acting) => Promise<Decision> | Decision,
) {
  const why = await titleOf(world, caller, request.lotId)
  return act(world, caller, { key, kind, why, request }, async (acting) => {
    const locked = await lockSeen(acting, request.lotId, request.seenVersion)
    await carryOut(acting, new Map([[request.lotId, locked]]), await decide(locked, acting))
    return {}
  })
}

const titleOf = (world: World, caller: Caller, lotId: LotId): Promise<string> =>
  inHousehold(world.db, caller.householdId, async (trx) => {
    const item = await itemOfLot(trx, lotId)
    return item ? itemTitle(item) : ''
  })

export const useLot = (world: World, caller: Caller, asked: Taking) =>
  onLot(world, caller, 'used', asked, ({ stock }) => decideUse(stock, asked.pocketId, asked.amount))

export const discardLot = (world: World, caller: Caller, asked: Taking) =>
  onLot(world, caller, 'discarded', asked, ({ stock }) =>
    decideDiscard(stock, asked.pocketId, asked.amount),
  )

export const moveLot = (world: World, caller: Caller, asked: Taking & { readonly to: PocketId }) =>
  onLot(world, caller, 'moved', asked, async ({ stock }, { trx }) => {
    await mustHavePocket(trx, asked.to)
    return decideMove(stock, asked.pocketId, asked.to, asked.amount)
  })

export const countLot = (
  world: World,
  caller: Caller,
  asked: OnLot & { readonly pocketId: PocketId; readonly found: Amount },
) =>
  onLot(world, caller, 'counted', asked, async ({ stock }, { trx }) => {
    await mustHavePocket(trx, asked.pocketId)
    return decideCount(stock, asked.pocketId, asked.found)
  })

export const openLot = (world: World, caller: Caller, asked: Taking & { readonly on: PlainDate }) =>
  onLot(world, caller, 'opened', asked, async ({ lot, stock }, acting) => {
    const part = randomUUID() as LotId
    const decision = decideOpen(
      lot,
      stock,
      { pocket: asked.pocketId, amount: asked.amount, on: asked.on },
      acting.today,
      part,
    )
    if (decision.kind === 'append' && decision.facts.some(({ lotId }) => lotId === part))
      await createLots(acting, [{ ...lot, id: part, itemId: lot.itemId as ItemId }])
    return decision
  })

export const amendLot = (
  world: World,
  caller: Caller,
  asked: OnLot & { readonly details: Partial<LotDetails> },
) =>
  onLot(world, caller, 'amended', asked, ({ lot }, { today }) =>
    decideAmend(lot, asked.details, today),
  )

/** @throws {Refusal} not_found for a pocket that is removed or another household's */
export async function mustHavePocket(trx: Trx, pocketId: PocketId): Promise<void> {
  const pocket = await trx
    .selectFrom('pocket')
    .select('id')
    .where('id', '=', pocketId)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
  if (!pocket) throw notFound()
}
