/** Wishes about the plan that have come true: they end with what was wished for. */
import { sameShop } from '../../core/restock/offers'
import { removeRecord } from '../../db/frame/records'
import { type KeptWish, readWishes } from '../../db/restock/plan'
import type { Acting } from '../frame/act'

async function endWishes(acting: Acting, isTrue: (wish: KeptWish) => boolean): Promise<void> {
  for (const wish of await readWishes(acting.trx))
    if (isTrue(wish)) await removeRecord(acting, 'restock_wish', wish.id)
}

/** It was carried from one pocket to another. */
export const carryCameTrue = (
  acting: Acting,
  {
    lotId,
    pocketId,
    to,
  }: { readonly lotId: string; readonly pocketId: string; readonly to: string },
): Promise<void> =>
  endWishes(
    acting,
    (wish) =>
      wish.kind === 'carry' && wish.lotId === lotId && wish.pocketId === pocketId && wish.to === to,
  )

/** It was bought there. */
export const buyCameTrue = (
  acting: Acting,
  { itemId, shop }: { readonly itemId: string; readonly shop: string },
): Promise<void> =>
  endWishes(
    acting,
    (wish) => wish.kind === 'buy' && wish.itemId === itemId && sameShop(wish.shop, shop),
  )
