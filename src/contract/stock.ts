/** Endpoints of lots: what is put in, used, moved, counted, and the list of all. */
import { z } from 'zod'
import { endpoint, file } from './endpoint'
import * as wire from './primitives'
import * as items from './values/items'
import * as places from './values/places'
import * as record from './values/record'
import * as stock from './values/stock'

export const receiveLot = endpoint(
  'POST',
  '/api/pockets/{pocketId}/lots',
  'Receive a lot into a pocket, of a known or a new item',
  {
    right: 'use',
    records: ['received'],
    params: wire.ofPocket,
    body: z.object({
      item: z.union([z.object({ id: wire.itemId }), z.object({ new: items.newItem })]),
      amount: wire.someAmount,
      par: wire.someAmount
        .nullable()
        .default(null)
        .describe('How many belong here from now on; null leaves it'),
      expiry: wire.expiry,
      openedOn: wire.plainDate.nullable().default(null),
      batch: wire.shortText.default(''),
      boughtAt: wire.shortText.default(''),
      unitPriceMinor: wire.minor.nullable().default(null),
      note: wire.longText.default(''),
      directions: wire.longText.default(''),
      forMember: wire.memberId.nullable().default(null),
    }),
  },
  wire.done.extend({ lotId: wire.lotId, itemId: wire.itemId }),
)

export const setPar = endpoint(
  'PUT',
  '/api/pockets/{pocketId}/pars/{itemId}',
  'Set how many of an item belong in a pocket; 0 for none',
  {
    records: ['par_set'],
    params: z.object({ pocketId: wire.pocketId, itemId: wire.itemId }),
    body: z.object({ amount: wire.amount }),
  },
  wire.done,
)

export const readLot = endpoint(
  'GET',
  '/api/lots/{lotId}',
  'A lot, where it lies and what became of it',
  { right: 'find', params: wire.ofLot },
  z.object({
    lot: stock.lotValue,
    item: items.itemValue,
    /** A photo of the directions is kept with it or with the lot it came from. */
    hasPaper: z.boolean(),
    holdings: z.array(
      z.object({ pocket: places.pocketRef, amount: wire.amount, judged: stock.lotState }),
    ),
    history: z.array(record.historyEntry),
    /** How many there were after each movement, oldest first. */
    totals: z.array(z.object({ day: wire.plainDate, total: wire.total })),
  }),
)

export const useLot = endpoint(
  'POST',
  '/api/lots/{lotId}/use',
  'Use some',
  {
    right: 'use',
    records: ['used'],
    offline: 'adds_up',
    params: wire.ofLot,
    body: z.object(wire.taking),
  },
  wire.done,
)

export const openLot = endpoint(
  'POST',
  '/api/lots/{lotId}/open',
  'Open some: what is opened runs on its own clock',
  {
    right: 'use',
    records: ['opened'],
    params: wire.ofLot,
    body: z.object({
      ...wire.taking,
      on: wire.plainDate,
      keeps: z
        .object({
          period: wire.openedPeriod,
          source: wire.shortText.min(1, 'Say where it stands: the label, the prescriber'),
        })
        .optional()
        .describe(
          'How long it keeps once opened, as its label says; from now on for all of the item',
        ),
    }),
  },
  wire.done,
)

export const moveLot = endpoint(
  'POST',
  '/api/lots/{lotId}/move',
  'Move some to another pocket',
  {
    right: 'use',
    records: ['moved'],
    offline: 'adds_up',
    params: wire.ofLot,
    body: z.object({ ...wire.taking, to: wire.pocketId }),
  },
  wire.done,
)

export const discardLot = endpoint(
  'POST',
  '/api/lots/{lotId}/discard',
  'Throw some away safely',
  {
    right: 'use',
    records: ['discarded'],
    offline: 'adds_up',
    params: wire.ofLot,
    body: z.object(wire.taking),
  },
  wire.done,
)

export const countLot = endpoint(
  'POST',
  '/api/lots/{lotId}/count',
  'Correct or confirm the count',
  {
    right: 'count',
    records: ['counted'],
    offline: 'adds_up',
    params: wire.ofLot,
    body: z.object({ pocketId: wire.pocketId, found: wire.amount, ...wire.seen }),
  },
  wire.done,
)

export const amendLot = endpoint(
  'PATCH',
  '/api/lots/{lotId}',
  'Change the details of a lot',
  {
    right: 'use',
    records: ['amended'],
    params: wire.ofLot,
    body: z.object({
      ...wire.seen,
      expiry: wire.expiry.optional(),
      opened: wire.opened.optional(),
      condition: wire.condition.optional(),
      standing: wire.standing.optional(),
      batch: wire.shortText.optional(),
      boughtAt: wire.shortText.optional(),
      unitPriceMinor: wire.minor.nullable().optional(),
      note: wire.longText.optional(),
      directions: wire.longText.optional(),
      forMember: wire.memberId.nullable().optional(),
      part: z
        .object({ pocketId: wire.pocketId, amount: wire.someAmount })
        .optional()
        .describe('When it is true only of some; they go on as a lot of their own'),
      item: items.itemPatch.optional().describe('Details of its item that change with it'),
    }),
  },
  wire.done,
)

const whom = wire.shortText.min(1, 'Say who')

export const giveLot = endpoint(
  'POST',
  '/api/lots/{lotId}/give',
  'Give some away for good',
  {
    right: 'use',
    records: ['given'],
    offline: 'adds_up',
    params: wire.ofLot,
    body: z.object({ ...wire.taking, to: whom }),
  },
  wire.done,
)

export const lendLot = endpoint(
  'POST',
  '/api/lots/{lotId}/lend',
  'Lend some: it keeps its place and does not count until it is back',
  {
    right: 'use',
    records: ['lent'],
    params: wire.ofLot,
    body: z.object({ ...wire.taking, to: whom }),
  },
  wire.done,
)

export const takeBackLot = endpoint(
  'POST',
  '/api/lots/{lotId}/take-back',
  'Note what came back; the rest was used up where it was',
  {
    right: 'use',
    records: ['taken_back'],
    params: wire.ofLot,
    body: z.object({ pocketId: wire.pocketId, amount: wire.amount, ...wire.seen }),
  },
  wire.done,
)

export const reuseLot = endpoint(
  'POST',
  '/api/lots/{lotId}/reuse',
  'Use an instrument that comes back: it has to be cleaned before it counts again',
  { right: 'use', records: ['reused'], params: wire.ofLot, body: z.object(wire.taking) },
  wire.done,
)

export const cleanLot = endpoint(
  'POST',
  '/api/lots/{lotId}/clean',
  'Note that an instrument has been cleaned',
  {
    right: 'use',
    records: ['cleaned'],
    params: wire.ofLot,
    body: z.object({ pocketId: wire.pocketId, ...wire.seen }),
  },
  wire.done,
)

export const decantLot = endpoint(
  'POST',
  '/api/lots/{lotId}/decant',
  'Fill some into another container; a medicine takes its directions along',
  {
    right: 'use',
    records: ['decanted'],
    params: wire.ofLot,
    body: z.object({ ...wire.taking, to: wire.pocketId, directions: wire.longText.default('') }),
  },
  wire.done,
)

export const keepPaper = endpoint(
  'PUT',
  '/api/lots/{lotId}/paper',
  'Keep a photo of the carton or label with a lot; null takes it away',
  {
    right: 'use',
    records: ['directions_kept'],
    params: wire.ofLot,
    body: z.object({ photo: wire.photo.nullable() }),
  },
  wire.done,
)

export const actOnMany = endpoint(
  'POST',
  '/api/stock/acts',
  'Do the same to many lots at once, all or none',
  {
    right: 'use',
    records: ['many_moved', 'many_discarded', 'many_counted', 'many_held', 'many_missing'],
    body: z.object({ deed: stock.manyDeed, holdings: z.array(stock.manyHolding).min(1).max(500) }),
  },
  wire.done.extend({ done: z.int() }),
)

export const readStockList = endpoint(
  'GET',
  '/api/stock',
  'Every lot wherever it lies',
  {},
  stock.stockList,
)

export const saveView = endpoint(
  'POST',
  '/api/stock/views',
  'Give a view of the stock a name',
  { records: ['view_saved'], body: z.object({ name: wire.givenName, filter: stock.stockFilter }) },
  wire.done.extend({ viewId: z.uuid() }),
)

export const removeView = endpoint(
  'DELETE',
  '/api/stock/views/{viewId}',
  'Take a named view away',
  { records: ['view_removed'], params: z.object({ viewId: z.uuid() }) },
  wire.done,
)

export const readReview = endpoint(
  'GET',
  '/api/review',
  'What is carried without need, and where to look next',
  {},
  stock.reviewValue,
)

export const keepReviewed = endpoint(
  'POST',
  '/api/review/keep',
  'Decide to keep what the review asks about; it asks again after a year',
  {
    right: 'use',
    records: ['review_kept'],
    body: z.object({ reviewKey: wire.typed(120).min(8).startsWith('review:') }),
  },
  wire.done.extend({ until: wire.plainDate }),
)

export const lotPaper = file(
  '/api/lots/{lotId}/paper',
  'The photo of the carton or label that is kept with a lot',
  { params: wire.ofLot },
  'image/*',
)
