/** Codes on packs: reading which item each stands for, and learning it. */
import type { z } from 'zod'
import type * as items from '../../contract/values/items'
import type { ItemId } from '../../core/ids'
import { itemTitle } from '../../core/stock/item'
import { createRecord, removeRecord } from '../../db/frame/records'
import { codeOnPack, readCodes as codesOf } from '../../db/items/codes'
import { itemNow, readItems } from '../../db/items/items'
import { type Acting, act } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { Refusal } from '../frame/refusal'
import { type Caller, reading, type World } from '../frame/world'

export const readCodes = (
  world: World,
  caller: Caller,
): Promise<{ codes: z.input<typeof items.itemCode>[] }> =>
  reading(world, caller, async ({ trx }) => {
    const titles = new Map((await readItems(trx)).map((item) => [item.id, itemTitle(item)]))
    return {
      // What is no longer kept has no pack to be told from.
      codes: (await codesOf(trx)).flatMap(({ gtin, itemId }) => {
        const title = titles.get(itemId)
        return title === undefined ? [] : [{ gtin, itemId, title }]
      }),
    }
  })

/** Says which item a code stands for; it stood for another before, perhaps. */
export const teachCode = (
  world: World,
  caller: Caller,
  { key, itemId, gtin }: { readonly key: string; readonly itemId: ItemId; readonly gtin: string },
) =>
  act(world, caller, { key, kind: 'code_taught', request: { itemId, gtin } }, async (acting) => {
    await mustHave(acting.trx, 'item', itemId)
    await teach(acting, itemId, gtin, await codeOnPack(acting.trx, gtin))
    return {}
  })

/**
 * Learns a code in passing, from a pack that is taken for an item.
 * @throws {Refusal} `pack_of_other` where it stands for something else
 */
export async function learnCode(acting: Acting, itemId: ItemId, gtin: string): Promise<void> {
  const known = await codeOnPack(acting.trx, gtin)
  const stands = known && (await itemNow(acting.trx, known.item_id as ItemId))
  if (stands && stands.id !== itemId)
    throw new Refusal({ code: 'pack_of_other', title: itemTitle(stands) })
  await teach(acting, itemId, gtin, known)
}

async function teach(
  acting: Acting,
  itemId: ItemId,
  gtin: string,
  known: Awaited<ReturnType<typeof codeOnPack>>,
): Promise<void> {
  if (known?.item_id === itemId) return
  if (known) await removeRecord(acting, 'item_code', known.id)
  await createRecord(acting, 'item_code', { item_id: itemId, gtin })
}
