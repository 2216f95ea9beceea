/** Endpoints of heat and frost: what loggers told, and what it did to things. */
import { z } from 'zod'
import { endpoint, file, LIST_BYTES } from './endpoint'
import * as wire from './primitives'
import * as exposure from './values/exposure'

export const readExposure = endpoint(
  'GET',
  '/api/exposure',
  'How warm it was, what that did to the things, and what is to come',
  {
    query: z.object({
      place: wire.placeId.optional(),
      kit: wire.kitId.optional(),
      pocket: wire.pocketId.optional(),
    }),
  },
  exposure.exposureView,
)

export const readLotExposure = endpoint(
  'GET',
  '/api/exposure/lots/{lotId}',
  'What one lot met on its way through the house, day by day',
  {
    params: z.object({ lotId: wire.lotId }),
    query: z.object({ pocket: wire.pocketId.optional() }),
  },
  exposure.lotExposure,
)

export const lotExposureFile = file(
  '/api/exposure/lots/{lotId}/exposure.json',
  'The same to keep or to hand on, as JSON',
  {
    params: z.object({ lotId: wire.lotId }),
    query: z.object({ pocket: wire.pocketId.optional() }),
  },
  'application/json; charset=utf-8',
)

export const addReadings = endpoint(
  'POST',
  '/api/exposure/readings',
  'Bring in what a logger told; what has met too much is put on hold',
  {
    right: 'use',
    records: ['readings_added'],
    mostBytes: LIST_BYTES,
    body: z.object({ spot: exposure.spot, name: wire.givenName, readings: exposure.readings }),
  },
  wire.done.extend({ added: z.int(), differing: z.int(), held: z.int() }),
)

export const typeReadings = endpoint(
  'POST',
  '/api/exposure/typed',
  'Note the lowest and the highest that a thermometer has kept',
  {
    right: 'use',
    records: ['readings_typed'],
    body: z
      .object({
        spot: exposure.spot,
        from: wire.plainDate,
        to: wire.plainDate,
        lowest: exposure.hundredths,
        highest: exposure.hundredths,
      })
      .refine(({ from, to }) => from <= to, 'The last day is not before the first')
      .refine(({ lowest, highest }) => lowest <= highest, 'The lowest is not above the highest'),
  },
  wire.done.extend({ held: z.int() }),
)

export const fetchReadings = endpoint(
  'POST',
  '/api/exposure/simulated',
  'Fetch what the simulated loggers of a place have told since the last time',
  { right: 'use', records: ['readings_fetched'], body: z.object({ placeId: wire.placeId }) },
  wire.done.extend({ added: z.int(), held: z.int() }),
)

export const readingsFile = file(
  '/api/exposure/logs/{logId}/readings.csv',
  'Readings as they are kept: time in UTC and degrees Celsius, a line each',
  { params: z.object({ logId: wire.temperatureLogId }) },
  'text/csv; charset=utf-8',
)

export const removeReadings = endpoint(
  'DELETE',
  '/api/exposure/logs/{logId}',
  'Take away readings that were brought in by mistake',
  { records: ['readings_removed'], params: z.object({ logId: wire.temperatureLogId }) },
  wire.done,
)

export const tellYear = endpoint(
  'PUT',
  '/api/exposure/years/{placeId}',
  'Say how cold and how hot the year is at a place',
  { records: ['year_told'], params: z.object({ placeId: wire.placeId }), body: exposure.year },
  wire.done,
)
