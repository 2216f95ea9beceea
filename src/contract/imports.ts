/** Endpoints of bringing lists in. */
import { z } from 'zod'
import { FIELDS } from '../core/interchange/headings'
import { endpoint, file, LIST_BYTES } from './endpoint'
import * as wire from './primitives'

const listLine = z.object({
  line: z.int().min(0),
  cells: z.partialRecord(z.enum(FIELDS), wire.typed(4000)),
})

const site = z.object({ place: wire.givenName, kit: wire.givenName, pocket: wire.givenName })

export const readKnown = endpoint(
  'GET',
  '/api/imports/known',
  'What a list is compared with',
  {},
  z.object({
    items: z.array(
      z.object({ id: wire.itemId, name: z.string(), strength: z.string(), unit: z.string() }),
    ),
    pockets: z.array(
      z.object({ id: wire.pocketId, place: z.string(), kit: z.string(), pocket: z.string() }),
    ),
    lots: z.array(
      z.object({
        itemId: wire.itemId,
        pocketId: wire.pocketId,
        amount: wire.amount,
        expiry: z.string(),
        openedOn: z.string().nullable(),
        batch: z.string(),
      }),
    ),
    pars: z.array(z.object({ itemId: wire.itemId, pocketId: wire.pocketId, amount: wire.amount })),
  }),
)

export const bringIn = endpoint(
  'POST',
  '/api/imports',
  'Bring a list in, whole or not at all',
  {
    records: ['brought_in'],
    mostBytes: LIST_BYTES,
    body: z.object({
      name: wire.shortText.default(''),
      fallback: site,
      claimedOn: wire.plainDate
        .nullable()
        .optional()
        .describe(
          'The day on which the list was true; null where all of it has just been counted; left out, it is a claim of today',
        ),
      lines: z.array(listLine).min(1, 'There is no line to bring in').max(20_000),
    }),
  },
  wire.done.extend({
    lots: z.int(),
    already: z.int(),
    skipped: z.int(),
    items: z.int(),
    held: z.int(),
    made: z.object({
      places: z.array(z.string()).readonly(),
      kits: z.array(z.string()).readonly(),
      pockets: z.array(z.string()).readonly(),
    }),
  }),
)

export const exportList = file(
  '/api/export.csv',
  'Everything that is there, as a list that can be brought in',
  {},
  'text/csv; charset=utf-8',
)
export const listTemplate = file(
  '/api/template.csv',
  'An empty list with the headings that are understood',
  {},
  'text/csv; charset=utf-8',
)
