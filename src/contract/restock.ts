/** Endpoints of the restocking plan, the shopping list, shops, forecasts and recalls. */

import { z } from 'zod'
import { endpoint } from './endpoint'
import * as v from './primitives'
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
    params: z.object({ itemId: v.itemId, placeId: v.placeId }),
    body: z.object({ perYear: v.amount.nullable().describe('Thousandths of a unit') }),
  },
  v.done,
)

export const readRecalls = endpoint(
  'GET',
  '/api/recalls',
  'Bulletins of recalled batches, and the lots they are about',
  {},
  restock.recallsValue,
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
    records: ['recall_written'],
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
  {
    records: ['recall_taken'],
    body: z.object({ bulletinId: v.shortText.min(1, 'Name the bulletin') }),
  },
  v.done.extend({ held: z.int(), look: z.int().describe('Lots whose pack has to be looked at') }),
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
  v.done,
)

export const addWish = endpoint(
  'POST',
  '/api/restock/wishes',
  'Pin, change or forbid a line of the plan',
  { records: ['wish_added'], body: restock.wish },
  v.done.extend({ wishId: v.wishId }),
)

export const removeWish = endpoint(
  'DELETE',
  '/api/restock/wishes/{wishId}',
  'Leave a line of the plan to the plan again',
  { records: ['wish_removed'], params: z.object({ wishId: v.wishId }) },
  v.done,
)

export const setOffer = endpoint(
  'PUT',
  '/api/items/{itemId}/offers',
  'Say what a shop charges for a pack of an item',
  {
    records: ['offer_set'],
    params: z.object({ itemId: v.itemId }),
    body: restock.offerFields.extend({ shop: v.shortText.describe('Empty for any shop') }),
  },
  v.done,
)

export const removeOffer = endpoint(
  'DELETE',
  '/api/shop-offers/{offerId}',
  'A shop no longer has an item',
  { records: ['offer_removed'], params: z.object({ offerId: v.shopOfferId }) },
  v.done,
)

const onPurchase = z.object({ purchaseId: v.purchaseId })

const atShop = z.object({ shop: v.shortText.min(1, 'Name the shop') })

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
  v.done.extend({ lines: z.int() }),
)

export const addPurchase = endpoint(
  'POST',
  '/api/shopping/lines',
  'Put a line on the list by hand',
  { records: ['purchase_added'], body: shopping.purchaseFields },
  v.done.extend({ purchaseId: v.purchaseId }),
)

export const changePurchase = endpoint(
  'PATCH',
  '/api/shopping/lines/{purchaseId}',
  'Buy more or fewer packs, or in another shop',
  {
    records: ['purchase_changed'],
    params: onPurchase,
    body: z.object({
      packs: z.int().min(1, 'Buy at least one pack').max(1000).optional(),
      shop: v.shortText.optional(),
    }),
  },
  v.done,
)

export const removePurchase = endpoint(
  'DELETE',
  '/api/shopping/lines/{purchaseId}',
  'Take a line off the list',
  { records: ['purchase_removed'], params: onPurchase },
  v.done,
)

export const markPurchase = endpoint(
  'POST',
  '/api/shopping/lines/{purchaseId}/mark',
  'It is in the bag, the shop had none, or it is to be bought again',
  {
    records: ['purchase_listed', 'purchase_in_bag', 'purchase_not_there'],
    params: onPurchase,
    body: z.object({ state: z.enum(['listed', 'in_bag', 'not_there']) }),
  },
  v.done,
)

export const putAway = endpoint(
  'POST',
  '/api/shopping/lines/{purchaseId}/put-away',
  'Put what was bought into its pockets, with its date and batch',
  { records: ['put_away'], params: onPurchase, body: shopping.putAwayFields },
  v.done.extend({ lotId: v.lotId, left: v.total }),
)

export const takePrices = endpoint(
  'POST',
  '/api/shops/prices',
  'Take over the price list of a shop that takes orders',
  { records: ['prices_taken'], body: atShop },
  v.done.extend({ priced: z.int(), without: z.int() }),
)

export const orderListed = endpoint(
  'POST',
  '/api/shops/orders',
  'Order all lines of the list that are for a shop',
  { records: ['ordered'], body: atShop },
  // No act to take back: what the shop has taken on is changed there.
  z.object({ reference: z.string(), comes: packs, back_ordered: packs, refused: packs }),
)

export const askShop = endpoint(
  'POST',
  '/api/shops/deliveries',
  'Ask a shop how everything stands that it was to have brought by now',
  { records: ['shop_asked'], body: atShop },
  v.done.extend({ here: packs, later: packs, cancelled: packs }),
)
