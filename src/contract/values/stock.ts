/** Lots as they are answered: their state, the stock list, the review. */
import { z } from 'zod'
import { STORAGE_CLASS_IDS } from '../../core/catalogue/storageClass'
import { PART_WAYS } from '../../core/stock/lot'
import * as wire from '../primitives'
import * as items from './items'
import * as places from './places'

const named = z.object({ id: wire.memberId, name: z.string() })

const confirmed = z.object({ on: wire.plainDate, by: z.string() }).nullable()

const at = {
  pocketId: wire.pocketId,
  pocket: z.string(),
  kitId: wire.kitId,
  kit: z.string(),
  placeId: wire.placeId,
  place: z.string(),
}

export const GROUPINGS = ['none', 'item', 'place', 'patient', 'state', 'storage'] as const

/** By its class; or what frost spoils, or what nobody has said anything of. */
export const KEPT_WAYS = [...STORAGE_CLASS_IDS, 'frost', 'unknown'] as const

export const SORTINGS = ['title', 'end', 'where', 'sure', 'worth'] as const

/** What a view of the stock shows. */
export const stockFilter = z.object({
  words: wire.shortText.default(''),
  place: wire.placeId.nullable().default(null),
  states: z.array(z.enum(wire.LOT_STATES)).max(wire.LOT_STATES.length).default([]),
  kinds: z.array(wire.itemKind).max(20).default([]),
  patient: wire.memberId.nullable().default(null),
  storage: z.enum(KEPT_WAYS).nullable().default(null),
  group: z.enum(GROUPINGS).default('none'),
  sort: z.enum(SORTINGS).default('title'),
  down: z.boolean().default(false),
})

export const clock = z.enum(['printed', 'opened'])

const lastGood = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('day'), day: wire.plainDate, clock }),
  z.object({ kind: z.literal('over') }),
  z.object({ kind: z.literal('open_ended'), why: z.enum(['none_printed', 'not_recorded']) }),
])

export const spentWhy = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('date'), day: wire.plainDate, clock }),
  z.object({ kind: z.literal('opened') }),
  z.object({ kind: z.literal('condition'), condition: wire.condition }),
])

export const heldBecause = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('said'), reason: z.string() }),
  z.object({ kind: z.literal('left_over'), prescriber: z.string() }),
  z.object({ kind: z.literal('not_judged') }),
  z.object({ kind: z.literal('opened_no_period'), on: wire.plainDate }),
])

export const lotState = z.discriminatedUnion('state', [
  z.object({ state: z.literal('sound'), lastGood }),
  z.object({ state: z.literal('turning'), day: wire.plainDate, clock }),
  z.object({ state: z.literal('spent'), why: spentWhy }),
  z.object({ state: z.literal('held'), because: heldBecause, lastGood }),
  z.object({ state: z.literal('lent'), to: z.string(), since: wire.plainDate, lastGood }),
  z.object({ state: z.literal('unclean'), since: wire.plainDate, lastGood }),
  z.object({ state: z.literal('missing'), since: wire.plainDate, lastGood }),
])

export const stockRow = z.object({
  lotId: wire.lotId,
  itemId: wire.itemId,
  title: z.string(),
  unit: z.string(),
  kind: wire.itemKind,
  essential: z.boolean(),
  amount: wire.amount,
  ...at,
  forMember: wire.memberId.nullable(),
  judged: lotState,
  batch: z.string(),
  boughtAt: z.string(),
  receivedOn: wire.plainDate,
  worthMinor: z.int().nullable(),
  /** How sure the count is, in per cent. */
  sure: z.int(),
  confirmed,
  keeping: items.keeping,
  version: wire.version,
})

export const stockList = z.object({
  rows: z.array(stockRow),
  members: z.array(named),
  views: z.array(z.object({ id: z.uuid(), name: z.string(), filter: z.unknown() })),
})

export const reviewReason = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('duplicate'), kits: z.int(), surplus: wire.total }),
  z.object({ kind: z.literal('idle'), since: wire.plainDate }),
  z.object({ kind: z.literal('verdict'), verdict: items.verdict }),
])

export const reviewLine = z.object({
  key: z.string(),
  reason: reviewReason,
  title: z.string(),
  unit: z.string(),
  kind: wire.itemKind,
  items: z.array(z.object({ id: wire.itemId, version: wire.version })),
  amount: wire.total,
  par: wire.total,
  burden: z.object({
    grams: z.int(),
    volume: z.number(),
    minor: z.int(),
    unknown: z.int(),
  }),
  at: z.array(
    z.object({
      lotId: wire.lotId,
      version: wire.version,
      title: z.string(),
      ...at,
      amount: wire.amount,
      par: wire.amount,
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
  lotId: wire.lotId,
  pocketId: wire.pocketId,
  amount: wire.someAmount,
  seenVersion: wire.version,
})

export const manyDeed = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('move'), to: wire.pocketId }),
  z.object({ kind: z.literal('discard') }),
  z.object({ kind: z.literal('confirm') }),
  z.object({ kind: z.literal('hold'), reason: wire.shortText.min(1, 'Say what it waits for') }),
  z.object({ kind: z.literal('missing') }),
])

export const lotValue = z.object({
  id: wire.lotId,
  itemId: wire.itemId,
  expiry: wire.expiry,
  opened: wire.opened,
  condition: wire.condition,
  standing: wire.standing,
  batch: z.string(),
  boughtAt: z.string(),
  unitPriceMinor: wire.minor.nullable(),
  note: z.string(),
  directions: z.string(),
  forMember: wire.memberId.nullable(),
  receivedOn: wire.plainDate,
  origin: z.object({ lotId: wire.lotId, way: z.enum(PART_WAYS) }).nullable(),
  claimedOn: wire.plainDate.nullable(),
  version: wire.version,
})
