/** How many of an item belong in a pocket. */
import type { ItemId, PocketId } from '../../core/ids'
import { type Amount, NOTHING } from '../../core/quantity/amount'
import { createRecord, editRecord, removeRecord } from '../../db/frame/records'
import { parAt } from '../../db/stock/stock'
import { type Acting, act, mustEdit } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import type { Caller, World } from '../frame/world'

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
    await mustHave(acting.trx, 'pocket', request.pocketId)
    await mustHave(acting.trx, 'item', request.itemId)
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
  const known = await parAt(acting.trx, itemId, pocketId)
  if (known && amount === NOTHING) await removeRecord(acting, 'par', known.id)
  else if (known) mustEdit(await editRecord(acting, 'par', known.id, { amount }, null))
  else if (amount !== NOTHING)
    await createRecord(acting, 'par', { item_id: itemId, pocket_id: pocketId, amount })
}
