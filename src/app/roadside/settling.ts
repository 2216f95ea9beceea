/** What was given away at a roadside is made up for: it is on the list, or some of it was put there again. */
import type { ItemId, PocketId } from '../../core/ids'
import { removeRecord } from '../../db/frame/records'
import { openTakings } from '../../db/roadside/takings'
import type { Acting } from '../frame/act'

export async function settleTakings(
  acting: Acting,
  itemId: ItemId,
  pocketIds: readonly PocketId[],
): Promise<void> {
  for (const taking of await openTakings(acting.trx))
    if (taking.itemId === itemId && pocketIds.includes(taking.pocketId))
      await removeRecord(acting, 'roadside_taking', taking.id)
}
