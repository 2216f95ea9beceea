/** The record read back: by lot, item, kit, place or hand, and as it stood on any past day. */
import type { z } from 'zod'
import type * as record from '../../contract/values/record'
import type { PlainDate } from '../../core/calendar/plainDate'
import { lookahead } from '../../core/calendar/presence'
import { itemTitle } from '../../core/stock/item'
import { survey } from '../../core/watch/survey'
import type { Trx } from '../../db/frame/connect'
import { readItems } from '../../db/items/items'
import { type HistoryFilter, readFirstDay, readHands, readMovements } from '../../db/record/history'
import { readStockOn } from '../../db/record/past'
import { Refusal } from '../frame/refusal'
import { type Caller, reading, surveyOf, type World } from '../frame/world'
import { historyView, pocketRefs } from '../kits/readKits'

const PAGE = 60

export const readRecord = (
  world: World,
  caller: Caller,
  filter: HistoryFilter,
): Promise<z.infer<typeof record.recordPage>> =>
  reading(world, caller, async (at) => {
    const refs = new Map(pocketRefs(await surveyOf(at)).map((ref) => [ref.id, ref]))
    const movements = await readMovements(at.trx, filter, PAGE + 1)
    const shown = movements.slice(0, PAGE)
    return {
      entries: shown.map((entry) => ({
        ...historyView({ ...entry, why: '' }, refs),
        position: entry.position,
        at: entry.at,
        lotId: entry.lotId,
        itemId: entry.itemId,
        title: entry.title,
        unit: entry.unit,
      })),
      before: movements.length > PAGE ? (shown.at(-1)?.position ?? null) : null,
      // The choices come with the first page; later ones only go on.
      ...(filter.before === undefined ? await choicesOf(at.trx) : { hands: [], items: [] }),
    }
  })

const choicesOf = async (trx: Trx) => ({
  hands: [...(await readHands(trx))],
  items: (await readItems(trx)).map((item) => ({ id: item.id, title: itemTitle(item) })),
})

/** @throws {Refusal} `day_to_come` */
export const readPast = (
  world: World,
  caller: Caller,
  day: PlainDate,
): Promise<z.infer<typeof record.pastValue>> =>
  reading(world, caller, async ({ trx, household, today }) => {
    if (day > today) throw new Refusal({ code: 'day_to_come', today })
    const then = survey(await readStockOn(trx, day), day, lookahead(household.lookaheadDays))
    return {
      day,
      firstDay: await readFirstDay(trx),
      places: then.places.map(({ id, name, hue }) => ({ id, name, hue })),
      holdings: then.holdings.map(({ lot, item, site, amount, judged }) => ({
        lotId: lot.id,
        title: itemTitle(item),
        unit: item.unit,
        amount,
        judged,
        pocket: site.pocket.name,
        kitId: site.kit.id,
        kit: site.kit.name,
        placeId: site.place.id,
      })),
    }
  })
