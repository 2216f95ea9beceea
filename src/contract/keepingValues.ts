/** The stock as a table, the record read back, past days and the review, as they cross the wire. */
import { z } from 'zod'
import { layoutProblem } from './kitValues'
import { plainDate, shortText } from './texts'
import * as v from './values'

const named = z.object({ id: v.memberId, name: z.string() })
const confirmed = z.object({ on: plainDate, by: z.string() }).nullable()

const at = {
  pocketId: v.pocketId,
  pocket: z.string(),
  kitId: v.kitId,
  kit: z.string(),
  placeId: v.placeId,
  place: z.string(),
}

export const GROUPINGS = ['none', 'item', 'place', 'patient', 'state'] as const
export const SORTINGS = ['title', 'end', 'where', 'sure', 'worth'] as const
/** What a view of the stock shows. */
export const stockFilter = z.object({
  words: shortText.default(''),
  place: v.placeId.nullable().default(null),
  states: z.array(z.enum(v.LOT_STATES)).max(v.LOT_STATES.length).default([]),
  kinds: z.array(v.itemKind).max(20).default([]),
  patient: v.memberId.nullable().default(null),
  group: z.enum(GROUPINGS).default('none'),
  sort: z.enum(SORTINGS).default('title'),
  down: z.boolean().default(false),
})

export const stockRow = z.object({
  lotId: v.lotId,
  itemId: v.itemId,
  title: z.string(),
  unit: z.string(),
  kind: v.itemKind,
  essential: z.boolean(),
  amount: v.amount,
  ...at,
  forMember: v.memberId.nullable(),
  judged: v.lotState,
  batch: z.string(),
  boughtAt: z.string(),
  receivedOn: plainDate,
  worthMinor: z.int().nullable(),
  /** How sure the count is, in per cent. */
  sure: z.int(),
  confirmed,
  version: v.version,
})
export const stockList = z.object({
  rows: z.array(stockRow),
  members: z.array(named),
  views: z.array(z.object({ id: z.uuid(), name: z.string(), filter: z.unknown() })),
})

export const recordEntry = v.historyEntry.extend({
  position: z.int(),
  at: z.string(),
  lotId: v.lotId,
  itemId: v.itemId,
  title: z.string(),
  unit: z.string(),
})
export const recordPage = z.object({
  entries: z.array(recordEntry),
  /** Where to go on; null at the beginning of the record. */
  before: z.int().nullable(),
  hands: z.array(z.string()),
  items: z.array(z.object({ id: v.itemId, title: z.string() })),
})

export const pastValue = z.object({
  day: plainDate,
  firstDay: plainDate.nullable(),
  places: z.array(z.object({ id: v.placeId, name: z.string(), hue: v.hue })),
  holdings: z.array(
    z.object({
      lotId: v.lotId,
      title: z.string(),
      unit: z.string(),
      amount: v.amount,
      judged: v.lotState,
      pocket: z.string(),
      kitId: v.kitId,
      kit: z.string(),
      placeId: v.placeId,
    }),
  ),
})

export const reviewReason = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('duplicate'), kits: z.int(), surplus: v.total }),
  z.object({ kind: z.literal('idle'), since: plainDate }),
  z.object({ kind: z.literal('verdict'), verdict: v.verdict }),
])
export const reviewLine = z.object({
  key: z.string(),
  reason: reviewReason,
  title: z.string(),
  unit: z.string(),
  kind: v.itemKind,
  items: z.array(z.object({ id: v.itemId, version: v.version })),
  amount: v.total,
  par: v.total,
  burden: z.object({
    grams: z.int(),
    volume: z.number(),
    minor: z.int(),
    unknown: z.int(),
  }),
  at: z.array(
    z.object({
      lotId: v.lotId,
      version: v.version,
      title: z.string(),
      ...at,
      amount: v.amount,
      par: v.amount,
      judged: v.lotState,
    }),
  ),
})
export const lookValue = z.object({
  ...at,
  next: v.nextThere,
  lots: z.int(),
  sure: z.int(),
  gain: z.number(),
  seconds: z.number(),
  oldest: confirmed,
})
export const reviewValue = z.object({
  kept: z.int(),
  lines: z.array(reviewLine),
  looks: z.array(lookValue),
})

const holding = z.object({ lotId: v.lotId, amount: v.amount, seenVersion: v.version })
export const layoutValue = z.object({
  problem: layoutProblem,
  lots: z.array(z.object({ key: z.string(), holdings: z.array(holding) })),
})

export const manyHolding = z.object({
  lotId: v.lotId,
  pocketId: v.pocketId,
  amount: v.someAmount,
  seenVersion: v.version,
})
export const manyDeed = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('move'), to: v.pocketId }),
  z.object({ kind: z.literal('discard') }),
  z.object({ kind: z.literal('confirm') }),
  z.object({ kind: z.literal('hold'), reason: shortText.min(1, 'Say what it waits for') }),
  z.object({ kind: z.literal('missing') }),
])
