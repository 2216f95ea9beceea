/** What an act is about, in the name of its thing, for the list of acts. */
import { type Item, itemTitle } from '../../core/stock/item'
import { inHousehold, type Trx } from '../../db/frame/connect'
import type { Caller, World } from './world'

/** Empty where there is no such thing; the act itself says so then. */
export const titleIn = (
  world: World,
  caller: Caller,
  find: (trx: Trx) => Promise<Item | undefined>,
): Promise<string> =>
  inHousehold(world.db, caller, async (trx) => {
    const item = await find(trx)
    return item ? itemTitle(item) : ''
  })
