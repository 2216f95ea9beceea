/** The restocking problem, its plan and settings, and recalls. */
import { z } from 'zod'
import { WEATHERS } from '../../core/exposure/ahead'
import { STAYS } from '../../core/restock/problem'
import { LOOK_AHEADS } from '../../core/restock/settings'
import * as wire from '../primitives'
import * as places from './places'
import * as watch from './watch'

const concerned = z.object({
  lotId: wire.lotId,
  pocketId: wire.pocketId,
  version: wire.version,
  title: z.string(),
  unit: z.string(),
  amount: wire.amount,
  batch: z.string(),
  pocket: z.string(),
  kitId: wire.kitId,
  kit: z.string(),
  place: z.string(),
  hue: places.hue,
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
      publishedOn: wire.plainDate,
      product: z.string(),
      batches: z.array(z.string()),
      reason: z.string(),
      advice: z.string(),
      source: z.string(),
      takenOn: wire.plainDate.nullable(),
      lots: z.array(concerned),
    }),
  ),
})

const index = z.int().min(0)

const days = z.int()

const units = z.number().min(0)

const tier = z.enum(['life', 'urgent', 'comfort'])

export const wish = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('carry'),
    lotId: wire.lotId,
    pocketId: wire.pocketId,
    to: wire.pocketId,
    amount: units.min(0.001).max(100_000).describe('In units'),
  }),
  z.object({
    kind: z.literal('no_carry'),
    lotId: wire.lotId,
    pocketId: wire.pocketId,
    to: wire.pocketId,
  }),
  z.object({
    kind: z.literal('buy'),
    itemId: wire.itemId,
    shop: wire.shortText,
    packs: z.int().min(1).max(1000),
  }),
  z.object({ kind: z.literal('no_buy'), itemId: wire.itemId }),
])

export const restockSettings = z.object({
  days: z.union(LOOK_AHEADS.map((each) => z.literal(each))),
  budgetMinor: wire.minor.nullable(),
  comfortMinor: z.int().min(1).max(10_000),
})

export const offerFields = z.object({
  packSize: wire.someAmount.describe('Thousandths of a unit in a pack'),
  priceMinor: wire.minor.nullable(),
  leadDays: z.int().min(0).max(366),
})

export const restockProblem = z.object({
  today: wire.plainDate,
  days,
  budgetMinor: wire.minor.nullable(),
  comfortMinor: z.number(),
  stops: z.array(z.object({ chances: z.array(z.object({ day: days, leaves: days })) })),
  things: z.array(
    z.object({
      freshDays: days.nullable(),
      wornDays: days,
      standIns: z.array(index),
    }),
  ),
  lines: z.array(
    z.object({
      key: z.string(),
      thing: index,
      stop: index,
      par: units,
      room: units.nullable(),
      tier,
      uses: z.array(z.object({ day: days, amount: units })),
    }),
  ),
  shelves: z.array(
    z.object({
      key: z.string(),
      thing: index,
      stop: index,
      line: index.nullable(),
      amount: units,
      lastDay: days.nullable(),
      here: z.object({ last: days, on: days, by: z.enum(['date', ...WEATHERS]) }).nullable(),
      stays: z.enum(STAYS).nullable(),
    }),
  ),
  shops: z.array(z.string()),
  offers: z.array(
    z.object({
      thing: index,
      shop: index,
      units,
      priceMinor: z.number(),
      leadDays: days,
    }),
  ),
  spells: z.array(z.object({ until: z.array(days.nullable()), by: z.string() })),
  spoils: z.array(z.object({ thing: index, line: index, spell: index })),
  wishes: z.array(
    z.union([
      z.object({ kind: z.literal('carry'), shelf: index, line: index, amount: units }),
      z.object({ kind: z.literal('no_carry'), shelf: index, line: index }),
      z.object({ kind: z.literal('buy'), offer: index, packs: z.int() }),
      z.object({ kind: z.literal('no_buy'), thing: index }),
    ]),
  ),
})

const fault = z.discriminatedUnion('code', [
  z.object({ code: z.literal('no_price'), item: z.string() }),
  z.object({ code: z.literal('guide_price'), item: z.string() }),
  z.object({ code: z.literal('not_there'), item: z.string(), shop: z.string() }),
  z.object({ code: z.literal('pack_of_nothing'), item: z.string(), shop: z.string() }),
  z.object({ code: z.literal('no_next_visit'), place: z.string() }),
  z.object({
    code: z.literal('no_room'),
    item: z.string(),
    pocket: z.string(),
    par: units,
    room: units,
  }),
])

/** The problem with the names of its positions, and what is asked of the plan. */
export const planValue = z.object({
  currency: z.string(),
  settings: restockSettings,
  problem: restockProblem,
  faults: z.array(fault),
  /** What the board lacks and no target asks for. */
  gaps: z.array(watch.errandValue),
  stops: z.array(
    z.object({
      placeId: wire.placeId,
      name: z.string(),
      hue: places.hue,
      /** Of one that is on a trip meanwhile, which has visits of its own; "" for the place itself. */
      kit: z.string().default(''),
    }),
  ),
  things: z.array(z.object({ itemId: wire.itemId, title: z.string(), unit: z.string() })),
  lines: z.array(
    z.object({ pocketId: wire.pocketId, pocket: z.string(), kitId: wire.kitId, kit: z.string() }),
  ),
  shelves: z.array(
    z.object({
      lotId: wire.lotId,
      pocketId: wire.pocketId,
      pocket: z.string(),
      kitId: wire.kitId,
      kit: z.string(),
      version: wire.version,
    }),
  ),
  wishes: z.array(z.object({ id: wire.wishId, wish })),
  /** Offers by which comes what is bought, ordered or put on the list by hand already. */
  coming: z.array(
    z.object({
      offer: index,
      purchaseId: wire.purchaseId,
      state: z.enum(['listed', 'in_bag', 'ordered', 'arrived']),
    }),
  ),
  offers: z.array(
    offerFields.extend({
      /** Null for what stands on the item itself. */
      offerId: wire.shopOfferId.nullable(),
      itemId: wire.itemId,
      shop: z.string(),
    }),
  ),
})
