/** What a forecast is made from; it is worked out where it is looked at. */
import type { z } from 'zod'
import type * as forecast from '../../contract/values/forecast'
import { catalogue } from '../../core/catalogue/catalogue'
import { householdForecast } from '../../core/forecast/ofHousehold'
import { offersFor } from '../../core/restock/offers'
import { itemTitle } from '../../core/stock/item'
import { itemsOf } from '../../core/watch/survey'
import { readOffers } from '../../db/restock/plan'
import { type Caller, reading, surveyOf, type World } from '../frame/world'
import { ratesOf } from './rates'
import { ownMedicinesOf } from './readPlan'

export type ForecastView = z.infer<typeof forecast.forecastValue>

export const readForecast = (world: World, caller: Caller): Promise<ForecastView> =>
  reading(world, caller, async (at) => {
    const survey = await surveyOf(at)
    const items = itemsOf(survey.lines)
    const { offers } = offersFor(items, await readOffers(at.trx), catalogue())
    const put = householdForecast({
      survey,
      offers,
      rates: await ratesOf(at, survey),
      entries: catalogue(),
      ownMedicines: await ownMedicinesOf(at),
    })
    return {
      currency: at.household.currency,
      problem: put.problem,
      stops: survey.places.map(({ id, name, hue }) => ({ placeId: id, name, hue })),
      lines: put.lines.map(({ item, site }) => ({
        itemId: item.id,
        title: itemTitle(item),
        unit: item.unit,
        pocketId: site.pocket.id,
        pocket: site.pocket.name,
        kitId: site.kit.id,
        kit: site.kit.name,
      })),
      unpriced: put.unpriced.map(itemTitle),
    } as ForecastView
  })
