/** Lots as they are answered: their state, the stock list, the review. */
import { z } from 'zod'
import { PART_WAYS } from '../../core/stock/lot'
import * as v from '../primitives'
import * as items from './items'
import * as places from './places'

const named = z.object({ id: v.memberId, name: z.string() })

const confirmed = z.object({ on: v.plainDate, by: z.string() }).nullable()

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
  words: v.shortText.default(''),
  place: v.placeId.nullable().default(null),
  states: z.array(z.enum(v.LOT_STATES)).max(v.LOT_STATES.length).default([]),
  kinds: z.array(v.itemKind).max(20).default([]),
  patient: v.memberId.nullable().default(null),
  group: z.enum(GROUPINGS).default('none'),
  sort: z.enum(SORTINGS).default('title'),
  down: z.boolean().default(false),
})

export const clock = z.enum(['printed', 'opened'])

const lastGood = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('day'), day: v.plainDate, clock }),
  z.object({ kind: z.literal('over') }),
  z.object({ kind: z.literal('open_ended'), why: z.enum(['none_printed', 'not_recorded']) }),
])

export const spentWhy = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('date'), day: v.plainDate, clock }),
  z.object({ kind: z.literal('opened') }),
  z.object({ kind: z.literal('condition'), condition: v.condition }),
])

export const heldBecause = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('said'), reason: z.string() }),
  z.object({ kind: z.literal('left_over'), prescriber: z.string() }),
  z.object({ kind: z.literal('not_judged') }),
  z.object({ kind: z.literal('opened_no_period'), on: v.plainDate }),
])

export const lotState = z.discriminatedUnion('state', [
  z.object({ state: z.literal('sound'), lastGood }),
  z.object({ state: z.literal('turning'), day: v.plainDate, clock }),
  z.object({ state: z.literal('spent'), why: spentWhy }),
  z.object({ state: z.literal('held'), because: heldBecause, lastGood }),
  z.object({ state: z.literal('lent'), to: z.string(), since: v.plainDate, lastGood }),
  z.object({ state: z.literal('unclean'), since: v.plainDate, lastGood }),
  z.object({ state: z.literal('missing'), since: v.plainDate, lastGood }),
])

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
  judged: lotState,
  batch: z.string(),
  boughtAt: z.string(),
  receivedOn: v.plainDate,
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

export const reviewReason = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('duplicate'), kits: z.int(), surplus: v.total }),
  z.object({ kind: z.literal('idle'), since: v.plainDate }),
  z.object({ kind: z.literal('verdict'), verdict: items.verdict }),
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
      judged: lotState,
    }),
  ),
})

export const lookValue = z.object({
  ...at,
  next: places.nextThere,
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
  z.object({ kind: z.literal('hold'), reason: v.shortText.min(1, 'Say what it waits for') }),
  z.object({ kind: z.literal('missing') }),
])

export const lotValue = z.object({
  id: v.lotId,
  itemId: v.itemId,
  expiry: v.expiry,
  opened: v.opened,
  condition: v.condition,
  standing: v.standing,
  batch: z.string(),
  boughtAt: z.string(),
  unitPriceMinor: v.minor.nullable(),
  note: z.string(),
  directions: z.string(),
  forMember: v.memberId.nullable(),
  receivedOn: v.plainDate,
  origin: z.object({ lotId: v.lotId, way: z.enum(PART_WAYS) }).nullable(),
  claimedOn: v.plainDate.nullable(),
  version: v.version,
})
