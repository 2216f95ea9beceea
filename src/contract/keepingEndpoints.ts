/** Endpoints of kits as they are kept: parts of lots, mats, the stock, the record, the review. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as k from './keepingValues'
import * as kit from './kitValues'
import { typed } from './texts'
import * as v from './values'

const ofLot = z.object({ lotId: v.lotId })
const ofKit = z.object({ kitId: v.kitId })
const seen = { seenVersion: v.version.describe('The version of the record that was on the screen') }
const taking = { pocketId: v.pocketId, amount: v.someAmount, ...seen }
const whom = v.shortText.min(1, 'Say who')

export const giveLot = endpoint(
  'POST',
  '/api/lots/{lotId}/give',
  'Give some away for good',
  { params: ofLot, body: z.object({ ...taking, to: whom }) },
  v.done,
)
export const lendLot = endpoint(
  'POST',
  '/api/lots/{lotId}/lend',
  'Lend some: it keeps its place and does not count until it is back',
  { params: ofLot, body: z.object({ ...taking, to: whom }) },
  v.done,
)
export const takeBackLot = endpoint(
  'POST',
  '/api/lots/{lotId}/take-back',
  'Note what came back; the rest was used up where it was',
  { params: ofLot, body: z.object({ pocketId: v.pocketId, amount: v.amount, ...seen }) },
  v.done,
)
export const reuseLot = endpoint(
  'POST',
  '/api/lots/{lotId}/reuse',
  'Use an instrument that comes back: it has to be cleaned before it counts again',
  { params: ofLot, body: z.object(taking) },
  v.done,
)
export const cleanLot = endpoint(
  'POST',
  '/api/lots/{lotId}/clean',
  'Note that an instrument has been cleaned',
  { params: ofLot, body: z.object({ pocketId: v.pocketId, ...seen }) },
  v.done,
)
export const decantLot = endpoint(
  'POST',
  '/api/lots/{lotId}/decant',
  'Fill some into another container; a medicine takes its directions along',
  {
    params: ofLot,
    body: z.object({ ...taking, to: v.pocketId, directions: v.longText.default('') }),
  },
  v.done,
)
export const keepPaper = endpoint(
  'PUT',
  '/api/lots/{lotId}/paper',
  'Keep a photo of the carton or label with a lot; null takes it away',
  { params: ofLot, body: z.object({ photo: v.photo.nullable() }) },
  v.done,
)
export const actOnMany = endpoint(
  'POST',
  '/api/stock/acts',
  'Do the same to many lots at once, all or none',
  { body: z.object({ deed: k.manyDeed, holdings: z.array(k.manyHolding).min(1).max(500) }) },
  v.done.extend({ done: z.int() }),
)

export const readStockList = endpoint(
  'GET',
  '/api/stock',
  'Every lot wherever it lies',
  {},
  k.stockList,
)
export const saveView = endpoint(
  'POST',
  '/api/stock/views',
  'Give a view of the stock a name',
  { body: z.object({ name: v.givenName, filter: k.stockFilter }) },
  v.done.extend({ viewId: z.uuid() }),
)
export const removeView = endpoint(
  'DELETE',
  '/api/stock/views/{viewId}',
  'Take a named view away',
  { params: z.object({ viewId: z.uuid() }) },
  v.done,
)

export const readRecord = endpoint(
  'GET',
  '/api/record',
  'What moved: of a lot, an item, a kit, a place or by a hand; newest first',
  {
    query: z.object({
      lot: v.lotId.optional(),
      item: v.itemId.optional(),
      kit: v.kitId.optional(),
      place: v.placeId.optional(),
      who: typed(120).optional(),
      before: z.coerce.number().int().min(0).optional(),
    }),
  },
  k.recordPage,
)
export const readPast = endpoint(
  'GET',
  '/api/past/{day}',
  'What lay where by the end of a past day',
  { params: z.object({ day: v.plainDate }) },
  k.pastValue,
)
export const readReview = endpoint(
  'GET',
  '/api/review',
  'What is carried without need, and where to look next',
  {},
  k.reviewValue,
)
export const keepReviewed = endpoint(
  'POST',
  '/api/review/keep',
  'Decide to keep what the review asks about; it asks again after a year',
  { body: z.object({ key: typed(120).min(8).startsWith('review:') }) },
  v.done.extend({ until: v.plainDate }),
)

export const readLayout = endpoint(
  'GET',
  '/api/kits/{kitId}/layout',
  'A kit as the layout engine takes it',
  { params: ofKit },
  k.layoutValue,
)
export const carryOutLayout = endpoint(
  'POST',
  '/api/kits/{kitId}/layout',
  'Move things within a kit as a computed layout says',
  {
    params: ofKit,
    body: z.object({
      steps: z
        .array(
          z.object({
            lotId: v.lotId,
            from: v.pocketId,
            to: v.pocketId,
            amount: v.someAmount,
            ...seen,
          }),
        )
        .min(1)
        .max(500),
    }),
  },
  v.done.extend({ moved: z.int() }),
)
export const arrangeMat = endpoint(
  'PUT',
  '/api/kits/{kitId}/mat',
  'Lay the pockets of a kit out on its mat',
  {
    params: ofKit,
    body: z.object({
      cells: z
        .array(z.object({ pocketId: v.pocketId, cell: kit.cell, ...seen }))
        .min(1)
        .max(kit.MOST_POCKETS),
    }),
  },
  v.done,
)
export const removePocket = endpoint(
  'DELETE',
  '/api/pockets/{pocketId}',
  'Take an empty pocket away',
  { params: z.object({ pocketId: v.pocketId }) },
  v.done,
)

export const importVisits = endpoint(
  'POST',
  '/api/places/{placeId}/visits/import',
  'Add visits read from a calendar; those read before are brought up to date',
  {
    params: z.object({ placeId: v.placeId }),
    body: z.object({
      visits: z
        .array(
          z
            .object({
              uid: typed(500).min(1),
              startsOn: v.plainDate,
              endsOn: v.plainDate,
              label: v.shortText,
            })
            .refine(
              ({ startsOn, endsOn }) => startsOn <= endsOn,
              'A visit ends on or after the day it starts',
            ),
        )
        .min(1, 'Choose a visit')
        .max(200),
    }),
  },
  v.done.extend({ added: z.int(), changed: z.int(), already: z.int() }),
)
