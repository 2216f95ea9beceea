/** What a forecast is computed from, and rates of use. */
import { z } from 'zod'
import * as wire from '../primitives'
import * as places from './places'

const index = z.int().min(0)

const units = z.number().min(0)

const season = z.array(z.number()).length(12).describe('January first; 1 is as usual')

export const forecastProblem = z.object({
  today: wire.plainDate,
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
  stops: z.array(z.object({ placeId: wire.placeId, name: z.string(), hue: places.hue })),
  lines: z.array(
    z.object({
      itemId: wire.itemId,
      title: z.string(),
      unit: z.string(),
      pocketId: wire.pocketId,
      pocket: z.string(),
      kitId: wire.kitId,
      kit: z.string(),
    }),
  ),
  /** Without a price, and so not in the sums. */
  unpriced: z.array(z.string()),
})

export const ratesValue = z.object({
  rates: z.array(
    z.object({
      itemId: wire.itemId,
      placeId: wire.placeId,
      title: z.string(),
      unit: z.string(),
      place: z.string(),
      hue: places.hue,
      perYear: units,
      low: units,
      high: units,
      from: z.enum(['usual', 'record', 'hand']),
      times: z.int().describe('Times it was used in the days on record'),
      days: z.int(),
      season,
      byHand: wire.amount.nullable(),
    }),
  ),
})
