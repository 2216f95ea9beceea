/** Endpoints of the restocking plan, the shopping list, shops, forecasts and recalls. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as wire from './primitives'
import * as forecast from './values/forecast'
import * as restock from './values/restock'
import * as shopping from './values/shopping'

export const readForecast = endpoint(
  'GET',
  '/api/restock/forecast',
  'Everything that a forecast is made from',
  {},
  forecast.forecastValue,
)

export const readRates = endpoint(
  'GET',
  '/api/restock/rates',
  'How much of each thing is used up at each place',
  {},
  forecast.ratesValue,
)

export const setRate = endpoint(
  'PUT',
  '/api/items/{itemId}/rates/{placeId}',
  'Say how much of it is used up there in a year; null leaves it to the record',
  {
    records: ['rate_set'],
    params: z.object({ itemId: wire.itemId, placeId: wire.placeId }),
    body: z.object({ perYear: wire.amount.nullable().describe('Thousandths of a unit') }),
  },
  wire.done,
)

export const readRecalls = endpoint(
  'GET',
  '/api/recalls',
  'Bulletins of recalled batches, and the lots they are about',
  {},
  restock.recallsValue,
)

const batches = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('one'), batch: wire.shortText.min(1, 'Give the batch as printed') }),
  z.object({
    kind: z.literal('range'),
    from: wire.shortText.min(1, 'Give the first batch'),
    to: wire.shortText.min(1, 'Give the last batch'),
  }),
])

export const writeRecall = endpoint(
  'POST',
  '/api/recalls/own',
  'Write down a recall that was read elsewhere: what it is about is put on hold',
  {
    records: ['recall_written'],
    body: z.object({
      product: z.object({ name: wire.givenName, strength: wire.shortText.default('') }),
      batches: z.array(batches).min(1, 'Give at least one batch').max(100).readonly(),
      reason: wire.shortText.min(1, 'Say what is wrong with it'),
      advice: wire.longText.default(''),
      source: wire.shortText.min(1, 'Say where you read it'),
      publishedOn: wire.plainDate,
    }),
  },
  wire.done.extend({ held: z.int(), look: z.int() }),
)

export const takeRecall = endpoint(
  'POST',
  '/api/recalls',
  'Take a bulletin in: what it recalls is put on hold everywhere',
  {
    records: ['recall_taken'],
    body: z.object({ bulletinId: wire.shortText.min(1, 'Name the bulletin') }),
  },
  wire.done.extend({
    held: z.int(),
    look: z.int().describe('Lots whose pack has to be looked at'),
  }),
)

export const readPlan = endpoint(
  'GET',
  '/api/restock/plan',
  'Everything that a restocking plan is made from',
  {},
  restock.planValue,
)

export const setPlan = endpoint(
  'PUT',
  '/api/restock/plan',
  'Say how far to look ahead, what may be spent, and how much comfort is worth',
  { records: ['plan_set'], body: restock.restockSettings },
  wire.done,
)

export const addWish = endpoint(
  'POST',
  '/api/restock/wishes',
  'Pin, change or forbid a line of the plan',
  { records: ['wish_added'], body: restock.wish },
  wire.done.extend({ wishId: wire.wishId }),
)

export const removeWish = endpoint(
  'DELETE',
  '/api/restock/wishes/{wishId}',
  'Leave a line of the plan to the plan again',
  { records: ['wish_removed'], params: z.object({ wishId: wire.wishId }) },
  wire.done,
)

export const setOffer = endpoint(
  'PUT',
  '/api/items/{itemId}/offers',
  'Say what a shop charges for a pack of an item',
  {
    records: ['offer_set'],
    params: z.object({ itemId: wire.itemId }),
    body: restock.offerFields.extend({ shop: wire.shortText.describe('Empty for any shop') }),
  },
  wire.done,
)

export const removeOffer = endpoint(
  'DELETE',
  '/api/shop-offers/{offerId}',
  'A shop no longer has an item',
  { records: ['offer_removed'], params: z.object({ offerId: wire.shopOfferId }) },
  wire.done,
)

const onPurchase = z.object({ purchaseId: wire.purchaseId })

const atShop = z.object({ shop: wire.shortText.min(1, 'Name the shop') })

const packs = z.int().describe('Packs')

export const readShopping = endpoint(
  'GET',
  '/api/shopping',
  'What is on the list, in the bag, and on its way',
  {},
  shopping.shoppingValue,
)

export const makeList = endpoint(
  'PUT',
  '/api/shopping',
  'Put what a plan buys on the list, in place of what an earlier one did',
  { records: ['list_made'], body: z.object({ lines: z.array(shopping.purchaseFields).max(500) }) },
  wire.done.extend({ lines: z.int() }),
)

export const addPurchase = endpoint(
  'POST',
  '/api/shopping/lines',
  'Put a line on the list by hand',
  { right: 'use', records: ['purchase_added'], body: shopping.purchaseFields },
  wire.done.extend({ purchaseId: wire.purchaseId }),
)

export const changePurchase = endpoint(
  'PATCH',
  '/api/shopping/lines/{purchaseId}',
  'Buy more or fewer packs, or in another shop',
  {
    right: 'use',
    records: ['purchase_changed'],
    params: onPurchase,
    body: z.object({
      packs: z.int().min(1, 'Buy at least one pack').max(1000).optional(),
      shop: wire.shortText.optional(),
    }),
  },
  wire.done,
)

export const removePurchase = endpoint(
  'DELETE',
  '/api/shopping/lines/{purchaseId}',
  'Take a line off the list',
  { right: 'use', records: ['purchase_removed'], params: onPurchase },
  wire.done,
)

export const markPurchase = endpoint(
  'POST',
  '/api/shopping/lines/{purchaseId}/mark',
  'It is in the bag, the shop had none, or it is to be bought again',
  {
    right: 'use',
    records: ['purchase_listed', 'purchase_in_bag', 'purchase_not_there'],
    params: onPurchase,
    body: z.object({ state: z.enum(['listed', 'in_bag', 'not_there']) }),
  },
  wire.done,
)

export const putAway = endpoint(
  'POST',
  '/api/shopping/lines/{purchaseId}/put-away',
  'Put what was bought into its pockets, with its date and batch',
  { right: 'use', records: ['put_away'], params: onPurchase, body: shopping.putAwayFields },
  wire.done.extend({ lotId: wire.lotId, left: wire.total }),
)

export const takePrices = endpoint(
  'POST',
  '/api/shops/prices',
  'Take over the price list of a shop that takes orders',
  { records: ['prices_taken'], body: atShop },
  wire.done.extend({ priced: z.int(), without: z.int() }),
)

export const orderListed = endpoint(
  'POST',
  '/api/shops/orders',
  'Order all lines of the list that are for a shop',
  { records: ['ordered'], stays: true, body: atShop },
  // No act to take back: what the shop has taken on is changed there.
  z.object({ reference: z.string(), comes: packs, back_ordered: packs, refused: packs }),
)

export const askShop = endpoint(
  'POST',
  '/api/shops/deliveries',
  'Ask a shop how everything stands that it was to have brought by now',
  { records: ['shop_asked'], body: atShop },
  wire.done.extend({ here: packs, later: packs, cancelled: packs }),
)
