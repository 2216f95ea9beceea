/** Endpoints of shopping: the list, what is bought and put away, orders. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as s from './shoppingValues'
import * as v from './values'

const onPurchase = z.object({ purchaseId: v.purchaseId })
const atShop = z.object({ shop: v.shortText.min(1, 'Name the shop') })
const packs = z.int().describe('Packs')

export const readShopping = endpoint(
  'GET',
  '/api/shopping',
  'What is on the list, in the bag, and on its way',
  {},
  s.shoppingValue,
)
export const makeList = endpoint(
  'PUT',
  '/api/shopping',
  'Put what a plan buys on the list, in place of what an earlier one did',
  { body: z.object({ lines: z.array(s.purchaseFields).max(500) }) },
  v.done.extend({ lines: z.int() }),
)
export const addPurchase = endpoint(
  'POST',
  '/api/shopping/lines',
  'Put a line on the list by hand',
  { body: s.purchaseFields },
  v.done.extend({ purchaseId: v.purchaseId }),
)
export const changePurchase = endpoint(
  'PATCH',
  '/api/shopping/lines/{purchaseId}',
  'Buy more or fewer packs, or in another shop',
  {
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
  { params: onPurchase },
  v.done,
)
export const markPurchase = endpoint(
  'POST',
  '/api/shopping/lines/{purchaseId}/mark',
  'It is in the bag, the shop had none, or it is to be bought again',
  {
    params: onPurchase,
    body: z.object({ state: z.enum(['listed', 'in_bag', 'not_there']) }),
  },
  v.done,
)
export const putAway = endpoint(
  'POST',
  '/api/shopping/lines/{purchaseId}/put-away',
  'Put what was bought into its pockets, with its date and batch',
  { params: onPurchase, body: s.putAwayFields },
  v.done.extend({ lotId: v.lotId, left: v.total }),
)
export const takePrices = endpoint(
  'POST',
  '/api/shops/prices',
  'Take over the price list of a shop that takes orders',
  { body: atShop },
  v.done.extend({ priced: z.int(), without: z.int() }),
)
export const orderListed = endpoint(
  'POST',
  '/api/shops/orders',
  'Order all lines of the list that are for a shop',
  { body: atShop },
  // No act to take back: what the shop has taken on is changed there.
  z.object({ reference: z.string(), comes: packs, back_ordered: packs, refused: packs }),
)
export const askShop = endpoint(
  'POST',
  '/api/shops/deliveries',
  'Ask a shop how everything stands that it was to have brought by now',
  { body: atShop },
  v.done.extend({ here: packs, later: packs, cancelled: packs }),
)
