/** Acts that part some off a lot and bring it back: open, use and clean, lend, decant. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { PocketId } from '../../core/ids'
import type { OpenedPeriod } from '../../core/shelf-life/openedRules'
import {
  decideClean,
  decideDecant,
  decideLend,
  decideOpen,
  decideReuse,
  decideTakeBack,
} from '../../core/stock/decide'
import { editRecord } from '../../db/frame/records'
import { itemOfLot } from '../../db/items/items'
import { mustEdit } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { notFound } from '../frame/refusal'
import type { Caller, World } from '../frame/world'
import { type OnLot, onLot, someOf, type Taking } from './lotActs'
import { parting } from './parting'

export const openLot = (
  world: World,
  caller: Caller,
  asked: Taking & {
    readonly on: PlainDate
    /** As the label says; it holds for the item from now on. */
    readonly keeps?: { readonly period: OpenedPeriod; readonly source: string } | undefined
  },
) =>
  onLot(world, caller, 'opened', asked, async (locked, acting) => {
    if (asked.keeps)
      mustEdit(
        await editRecord(
          acting,
          'item',
          locked.lot.itemId,
          { opened_clock: JSON.stringify({ kind: 'own', ...asked.keeps }) },
          null,
        ),
      )
    return parting(acting, locked, 'opened', (asLot) =>
      decideOpen(locked.lot, locked.stock, { ...someOf(asked), on: asked.on }, acting.today, asLot),
    )
  })

/** Uses an instrument that comes back to the kit once it is clean. */
export const reuseLot = (world: World, caller: Caller, asked: Taking) =>
  onLot(world, caller, 'reused', asked, (locked, acting) =>
    parting(acting, locked, 'unclean', (asLot) =>
      decideReuse(locked.lot, locked.stock, someOf(asked), acting.today, asLot),
    ),
  )

export const cleanLot = (
  world: World,
  caller: Caller,
  asked: OnLot & { readonly pocketId: PocketId },
) =>
  onLot(world, caller, 'cleaned', asked, ({ lot, stock }, _, rest) =>
    decideClean(lot, stock, asked.pocketId, rest),
  )

export const lendLot = (world: World, caller: Caller, asked: Taking & { readonly to: string }) =>
  onLot(world, caller, 'lent', asked, (locked, acting) =>
    parting(acting, locked, 'lent', (asLot) =>
      decideLend(locked.lot, locked.stock, { ...someOf(asked), to: asked.to }, acting.today, asLot),
    ),
  )

/** What was lent is back; what is short of it was used up there. */
export const takeBackLot = (world: World, caller: Caller, asked: Taking) =>
  onLot(world, caller, 'taken_back', asked, ({ lot, stock }, _, rest) =>
    decideTakeBack(lot, stock, someOf(asked), rest),
  )

export const decantLot = (
  world: World,
  caller: Caller,
  asked: Taking & { readonly to: PocketId; readonly directions: string },
) =>
  onLot(world, caller, 'decanted', asked, async (locked, acting) => {
    await mustHave(acting.trx, 'pocket', asked.to)
    const item = await itemOfLot(acting.trx, asked.lotId)
    if (!item) throw notFound()
    return parting(acting, locked, 'decanted', (asLot) =>
      decideDecant(
        locked.lot,
        item.kind,
        locked.stock,
        { ...someOf(asked), to: asked.to, directions: asked.directions },
        acting.today,
        asLot,
      ),
    )
  })
