/** The shopping list and what it puts away. */
import { z } from 'zod'
import { AISLES } from '../../core/shopping/aisles'
import * as wire from '../primitives'
import * as items from './items'
import * as places from './places'
import * as watch from './watch'

export const target = z.object({ pocketId: wire.pocketId, amount: wire.someAmount })

export const purchaseFields = z.object({
  itemId: wire.itemId,
  shop: wire.shortText.describe('Empty where any shop will do'),
  packs: z.int().min(1, 'Buy at least one pack').max(1000),
  packSize: wire.someAmount,
  priceMinor: wire.minor.nullable().describe('For a pack'),
  wantedBy: wire.plainDate.nullable(),
  goesTo: z.array(target).max(60),
})

const purchaseState = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('listed') }),
  z.object({ kind: z.literal('in_bag') }),
  z.object({ kind: z.literal('not_there'), on: wire.plainDate, until: wire.plainDate }),
  z.object({
    kind: z.literal('ordered'),
    orderId: wire.shopOrderId,
    dueOn: wire.plainDate,
    backOrdered: z.boolean(),
  }),
  z.object({ kind: z.literal('arrived'), orderId: wire.shopOrderId }),
])

/** A pocket by name, with so much for it. */
const namedTarget = z.object({
  pocketId: wire.pocketId,
  amount: wire.amount,
  pocket: z.string(),
  kitId: wire.kitId,
  kit: z.string(),
  placeId: wire.placeId,
  place: z.string(),
  hue: places.hue,
})

export const purchaseValue = z.object({
  id: wire.purchaseId,
  item: items.itemValue,
  shop: z.string(),
  packs: z.int(),
  packSize: wire.amount,
  priceMinor: wire.minor.nullable(),
  wantedBy: wire.plainDate.nullable(),
  source: z.enum(['plan', 'hand']),
  state: purchaseState,
  aisle: z.enum(AISLES as [string, ...string[]]),
  /** What to ask for, in words. */
  spec: z.string(),
  /** What may be bought in its place, best first. */
  instead: z.array(z.object({ title: z.string(), spec: z.string(), kept: z.boolean() })),
  goesTo: z.array(namedTarget),
  /** Where all of it may be put. */
  proposed: z.array(namedTarget),
})

export const shoppingValue = z.object({
  currency: z.string(),
  lines: z.array(purchaseValue),
  orders: z.array(
    z.object({
      id: wire.shopOrderId,
      shop: z.string(),
      reference: z.string(),
      orderedOn: wire.plainDate,
    }),
  ),
  /** Shops that take orders. */
  takeOrders: z.array(
    z.object({
      name: z.string(),
      isStandIn: z.boolean(),
      deliversOn: z.array(z.int().min(1).max(7)),
    }),
  ),
  /** What the board lacks and no target asks for. */
  gaps: z.array(watch.errandValue),
  /** Shops that are known, to choose from. */
  shops: z.array(z.string()),
})

export const putAwayFields = z.object({
  puts: z.array(target).min(1, 'Say where it goes').max(60),
  expiry: wire.expiry,
  batch: wire.shortText.default(''),
  priceMinor: wire.minor.nullable().describe('Paid for a pack'),
  note: wire.longText.default(''),
  gtin: wire.gtin.nullable().default(null).describe('Read from the pack'),
  isAll: z.boolean().describe('What is not put now is not kept'),
})
