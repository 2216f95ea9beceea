/** How many of an item belong in a pocket. */
import type { ItemId, PocketId } from '../../core/ids'
import { type Amount, NOTHING } from '../../core/quantity/amount'
import { createRecord, editRecord, removeRecord } from '../../db/frame/records'
import { type Acting, act, mustEdit } from '../frame/act'
import { notFound } from '../frame/refusal'
import type { Caller, World } from '../frame/world'
import { mustHavePocket } from './lotActs'

export const setPar = (
  world: World,
  caller: Caller,
  {
    key,
    ...request
  }: {
    readonly key: string
    readonly itemId: ItemId
    readonly pocketId: PocketId
    readonly amount: Amount
  },
) =>
  act(world, caller, { key, kind: 'par_set', request }, async (acting) => {
    await mustHavePocket(acting.trx, request.pocketId)
    const item = await acting.trx
      .selectFrom('item')
      .select('id')
      .where('id', '=', request.itemId)
      .where('removed_by_act', 'is', null)
      .executeTakeFirst()
    if (!item) throw notFound()
    await writePar(acting, request.itemId, request.pocketId, request.amount)
    return {}
  })

/** Sets, changes or (with nothing) takes away a par. */
export async function writePar(
  acting: Acting,
  itemId: ItemId,
  pocketId: PocketId,
  amount: Amount,
): Promise<void> {
  const known = await acting.trx
    .selectFrom('par')
    .select('id')
    .where('item_id', '=', itemId)
    .where('pocket_id', '=', pocketId)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
  if (known && amount === NOTHING) await removeRecord(acting, 'par', known.id)
  else if (known) mustEdit(await editRecord(acting, 'par', known.id, { amount }, null))
  else if (amount !== NOTHING)
    await createRecord(acting, 'par', { item_id: itemId, pocket_id: pocketId, amount })
}
