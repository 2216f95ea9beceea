/** Forecasts and rates of use: what crosses the wire, and the endpoints. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as v from './values'

const index = z.int().min(0)
const units = z.number().min(0)
const season = z.array(z.number()).length(12).describe('January first; 1 is as usual')

export const forecastProblem = z.object({
  today: v.plainDate,
  months: z.int(),
  stops: z.array(z.array(z.int())).describe('Of each place, days on which somebody can act there'),
  things: z.array(
    z.object({
      freshDays: z.int().nullable(),
      pack: z.object({ units: z.number().positive(), priceMinor: z.number() }).nullable(),
    }),
  ),
  lines: z.array(
    z.object({
      thing: index,
      stop: index,
      par: units,
      mustBe: z.boolean(),
      perYear: units,
      each: units,
      shape: z.number().nullable(),
      season,
    }),
  ),
  shelves: z.array(
    z.object({
      thing: index,
      stop: index,
      line: index.nullable(),
      amount: units,
      lastDay: z.int().nullable(),
    }),
  ),
})

export const forecastValue = z.object({
  currency: z.string(),
  problem: forecastProblem,
  stops: z.array(z.object({ placeId: v.placeId, name: z.string(), hue: v.hue })),
  lines: z.array(
    z.object({
      itemId: v.itemId,
      title: z.string(),
      unit: z.string(),
      pocketId: v.pocketId,
      pocket: z.string(),
      kitId: v.kitId,
      kit: z.string(),
    }),
  ),
  /** Without a price, and so not in the sums. */
  unpriced: z.array(z.string()),
})

export const ratesValue = z.object({
  rates: z.array(
    z.object({
      itemId: v.itemId,
      placeId: v.placeId,
      title: z.string(),
      unit: z.string(),
      place: z.string(),
      hue: v.hue,
      perYear: units,
      low: units,
      high: units,
      from: z.enum(['usual', 'record', 'hand']),
      times: z.int().describe('Times it was used in the days on record'),
      days: z.int(),
      season,
      byHand: v.amount.nullable(),
    }),
  ),
})

export const readForecast = endpoint(
  'GET',
  '/api/restock/forecast',
  'Everything that a forecast is made from',
  {},
  forecastValue,
)
export const readRates = endpoint(
  'GET',
  '/api/restock/rates',
  'How much of each thing is used up at each place',
  {},
  ratesValue,
)
export const setRate = endpoint(
  'PUT',
  '/api/items/{itemId}/rates/{placeId}',
  'Say how much of it is used up there in a year; null leaves it to the record',
  {
    params: z.object({ itemId: v.itemId, placeId: v.placeId }),
    body: z.object({ perYear: v.amount.nullable().describe('Thousandths of a unit') }),
  },
  v.done,
)
