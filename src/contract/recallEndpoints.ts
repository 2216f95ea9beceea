/** What crosses the wire about recalls, and its endpoints. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as v from './values'

const concerned = z.object({
  lotId: v.lotId,
  pocketId: v.pocketId,
  version: v.version,
  title: z.string(),
  unit: z.string(),
  amount: v.amount,
  batch: z.string(),
  pocket: z.string(),
  kitId: v.kitId,
  kit: z.string(),
  place: z.string(),
  hue: v.hue,
  how: z.enum(['recalled', 'look']).describe('Its batch is named, or nobody noted its batch'),
  isHeld: z.boolean(),
})

export const recallsValue = z.object({
  source: z.string(),
  /** Made up: it knows of no real recall. */
  isStandIn: z.boolean(),
  feed: z.enum(['read', 'silent', 'unreadable']),
  /** Bulletins that could not be read, by their ids. */
  unread: z.array(z.string()),
  bulletins: z.array(
    z.object({
      id: z.string(),
      title: z.string(),
      publishedOn: v.plainDate,
      product: z.string(),
      batches: z.array(z.string()),
      reason: z.string(),
      advice: z.string(),
      source: z.string(),
      takenOn: v.plainDate.nullable(),
      lots: z.array(concerned),
    }),
  ),
})

export const readRecalls = endpoint(
  'GET',
  '/api/recalls',
  'Bulletins of recalled batches, and the lots they are about',
  {},
  recallsValue,
)
const batches = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('one'), batch: v.shortText.min(1, 'Give the batch as printed') }),
  z.object({
    kind: z.literal('range'),
    from: v.shortText.min(1, 'Give the first batch'),
    to: v.shortText.min(1, 'Give the last batch'),
  }),
])
export const writeRecall = endpoint(
  'POST',
  '/api/recalls/own',
  'Write down a recall that was read elsewhere: what it is about is put on hold',
  {
    body: z.object({
      product: z.object({ name: v.givenName, strength: v.shortText.default('') }),
      batches: z.array(batches).min(1, 'Give at least one batch').max(100).readonly(),
      reason: v.shortText.min(1, 'Say what is wrong with it'),
      advice: v.longText.default(''),
      source: v.shortText.min(1, 'Say where you read it'),
      publishedOn: v.plainDate,
    }),
  },
  v.done.extend({ held: z.int(), look: z.int() }),
)
export const takeRecall = endpoint(
  'POST',
  '/api/recalls',
  'Take a bulletin in: what it recalls is put on hold everywhere',
  { body: z.object({ bulletinId: v.shortText.min(1, 'Name the bulletin') }) },
  v.done.extend({ held: z.int(), look: z.int().describe('Lots whose pack has to be looked at') }),
)
