/** The restock list and its ticks. */
import type { z } from 'zod'
import type * as v from '../contract/values'
import { nextThere } from '../core/calendar/presence'
import type { ItemId, PocketId } from '../core/ids'
import { restockList } from '../core/restock/list'
import { shortfalls } from '../core/restock/shortfall'
import { createRecord, removeRecord } from '../db/records'
import { readShoppingMarks } from '../db/stock'
import { type Acting, act } from './act'
import { mustHavePocket } from './lotActs'
import { notFound } from './refusal'
import { type Caller, reading, surveyOf, type World } from './world'

export type RestockView = z.infer<typeof v.restockValue>

export const readRestock = (world: World, caller: Caller): Promise<RestockView> =>
  reading(world, caller, async (at) => {
    const survey = await surveyOf(at)
    const marks = new Map(
      (await readShoppingMarks(at.trx)).map(({ itemId, pocketId, state }) => [
        `${itemId}:${pocketId}`,
        state,
      ]),
    )
    const shops = restockList(shortfalls(survey))
    return {
      currency: at.household.currency,
      shops: shops.map(({ shop, costMinor, unpriced, places }) => ({
        shop,
        costMinor,
        unpriced,
        places: places.map(({ place, lines }) => ({
          placeId: place.id,
          name: place.name,
          hue: place.hue,
          next: nextThere(place.presence, survey.today),
          lines: lines.map(
            ({ shortfall: { line, missing, turning }, units, packs, costMinor: cost }) => ({
              item: line.item,
              pocketId: line.site.pocket.id,
              pocket: line.site.pocket.name,
              kitId: line.site.kit.id,
              kit: line.site.kit.name,
              units,
              missing,
              turning,
              good: line.good,
              par: line.par,
              packs,
              costMinor: cost,
              mark: marks.get(`${line.item.id}:${line.site.pocket.id}`) ?? 'none',
            }),
          ),
        })),
      })),
    }
  })

export interface Mark {
  readonly key: string
  readonly itemId: ItemId
  readonly pocketId: PocketId
  readonly state: 'none' | 'listed' | 'bought'
}

export const markShopping = (world: World, caller: Caller, { key, ...mark }: Mark) =>
  act(world, caller, { key, kind: `shopping_${mark.state}`, request: mark }, async (acting) => {
    await mustHavePocket(acting.trx, mark.pocketId)
    const item = await acting.trx
      .selectFrom('item')
      .select('id')
      .where('id', '=', mark.itemId)
      .executeTakeFirst()
    if (!item) throw notFound()
    await writeMark(acting, mark.itemId, mark.pocketId, mark.state)
    return {}
  })

/** Leaves one mark, or none. */
export async function writeMark(
  acting: Acting,
  itemId: ItemId,
  pocketId: PocketId,
  state: Mark['state'],
): Promise<void> {
  for (const mark of await readShoppingMarks(acting.trx))
    if (mark.itemId === itemId && mark.pocketId === pocketId)
      await removeRecord(acting, 'shopping_mark', mark.id)
  if (state !== 'none')
    await createRecord(acting, 'shopping_mark', { item_id: itemId, pocket_id: pocketId, state })
}
