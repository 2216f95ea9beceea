/** The shopping list and what it puts away. */
import { z } from 'zod'
import { AISLES } from '../../core/shopping/aisles'
import * as v from '../primitives'
import * as items from './items'
import * as places from './places'

export const target = z.object({ pocketId: v.pocketId, amount: v.someAmount })

export const purchaseFields = z.object({
  itemId: v.itemId,
  shop: v.shortText.describe('Empty where any shop will do'),
  packs: z.int().min(1, 'Buy at least one pack').max(1000),
  packSize: v.someAmount,
  priceMinor: v.minor.nullable().describe('For a pack'),
  wantedBy: v.plainDate.nullable(),
  goesTo: z.array(target).max(60),
})

const purchaseState = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('listed') }),
  z.object({ kind: z.literal('in_bag') }),
  z.object({ kind: z.literal('not_there'), on: v.plainDate, until: v.plainDate }),
  z.object({
    kind: z.literal('ordered'),
    orderId: v.shopOrderId,
    dueOn: v.plainDate,
    backOrdered: z.boolean(),
  }),
  z.object({ kind: z.literal('arrived'), orderId: v.shopOrderId }),
])

/** A pocket by name, with so much for it. */
const namedTarget = z.object({
  pocketId: v.pocketId,
  amount: v.amount,
  pocket: z.string(),
  kitId: v.kitId,
  kit: z.string(),
  placeId: v.placeId,
  place: z.string(),
  hue: places.hue,
})

export const purchaseValue = z.object({
  id: v.purchaseId,
  item: items.itemValue,
  shop: z.string(),
  packs: z.int(),
  packSize: v.amount,
  priceMinor: v.minor.nullable(),
  wantedBy: v.plainDate.nullable(),
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
      id: v.shopOrderId,
      shop: z.string(),
      reference: z.string(),
      orderedOn: v.plainDate,
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
  /** Shops that are known, to choose from. */
  shops: z.array(z.string()),
})

export const putAwayFields = z.object({
  puts: z.array(target).min(1, 'Say where it goes').max(60),
  expiry: v.expiry,
  batch: v.shortText.default(''),
  priceMinor: v.minor.nullable().describe('Paid for a pack'),
  note: v.longText.default(''),
  gtin: v.gtin.nullable().default(null).describe('Read from the pack'),
  isAll: z.boolean().describe('What is not put now is not kept'),
})
