/** How much of each thing is used up where: learned from the record, or as the keeper says. */
import type { z } from 'zod'
import type * as forecast from '../../contract/values/forecast'
import { addDays } from '../../core/calendar/plainDate'
import type { ItemId, PlaceId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import { itemTitle } from '../../core/stock/item'
import { LOOK_BACK_DAYS, learnedRates } from '../../core/usage/learned'
import type { Survey } from '../../core/watch/survey'
import { createRecord, editRecord, removeRecord } from '../../db/frame/records'
import { readRatesByHand, readUseRecords } from '../../db/restock/plan'
import { act, mustEdit } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { notFound } from '../frame/refusal'
import { type Caller, type Reading, reading, surveyOf, type World } from '../frame/world'

export type RatesView = z.infer<typeof forecast.ratesValue>

const linesWithPar = (survey: Survey) => survey.lines.filter(({ par }) => par > 0)

/** Rates of everything that belongs somewhere. */
export async function ratesOf({ trx, today }: Pick<Reading, 'trx' | 'today'>, survey: Survey) {
  return learnedRates(
    linesWithPar(survey).map(({ item, site, par }) => ({ item, par, placeId: site.place.id })),
    await readUseRecords(trx, addDays(today, -LOOK_BACK_DAYS)),
    await readRatesByHand(trx),
    today,
  )
}

export const readRates = (world: World, caller: Caller): Promise<RatesView> =>
  reading(world, caller, async (at) => {
    const survey = await surveyOf(at)
    const rates = await ratesOf(at, survey)
    const hand = await readRatesByHand(at.trx)
    const items = new Map(survey.lines.map(({ item }) => [item.id, item]))
    const places = new Map(survey.places.map((place) => [place.id, place]))
    return {
      rates: rates
        .flatMap(({ itemId, placeId, rate, season }) => {
          const item = items.get(itemId)
          const place = places.get(placeId)
          if (!item || !place) return []
          const { perYear, low, high, from, times, days } = rate
          return [
            {
              itemId,
              placeId,
              title: itemTitle(item),
              unit: item.unit,
              place: place.name,
              hue: place.hue,
              perYear,
              low,
              high,
              from,
              times,
              days,
              season: [...season],
              byHand:
                hand.find((one) => one.itemId === itemId && one.placeId === placeId)?.perYear ??
                null,
            },
          ]
        })
        .sort((a, b) => b.perYear - a.perYear || a.title.localeCompare(b.title, 'en')),
    } as RatesView
  })

interface AtPlace {
  readonly key: string
  readonly itemId: ItemId
  readonly placeId: PlaceId
}

/** The keeper knows better; null leaves it to the record again. */
export const setRate = (
  world: World,
  caller: Caller,
  { key, ...set }: AtPlace & { readonly perYear: Amount | null },
) =>
  act(world, caller, { key, kind: 'rate_set', request: set }, async (acting) => {
    const { itemId, placeId, perYear } = set
    await mustHave(acting.trx, 'item', itemId)
    await mustHave(acting.trx, 'place', placeId)
    const known = (await readRatesByHand(acting.trx)).find(
      (one) => one.itemId === itemId && one.placeId === placeId,
    )
    if (perYear === null) {
      if (!known || !(await removeRecord(acting, 'use_rate', known.id))) throw notFound()
    } else if (known)
      mustEdit(await editRecord(acting, 'use_rate', known.id, { per_year: perYear }, null))
    else
      await createRecord(acting, 'use_rate', {
        item_id: itemId,
        place_id: placeId,
        per_year: perYear,
      })
    return {}
  })
