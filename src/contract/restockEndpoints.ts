/** Endpoints of planning over all places: the problem, what is asked of it, offers and wishes. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as r from './restockValues'
import * as v from './values'

export const readPlan = endpoint(
  'GET',
  '/api/restock/plan',
  'Everything that a restocking plan is made from',
  {},
  r.planValue,
)
export const setPlan = endpoint(
  'PUT',
  '/api/restock/plan',
  'Say how far to look ahead, what may be spent, and how much comfort is worth',
  { body: r.restockSettings },
  v.done,
)
export const addWish = endpoint(
  'POST',
  '/api/restock/wishes',
  'Pin, change or forbid a line of the plan',
  { body: r.wish },
  v.done.extend({ wishId: v.wishId }),
)
export const removeWish = endpoint(
  'DELETE',
  '/api/restock/wishes/{wishId}',
  'Leave a line of the plan to the plan again',
  { params: z.object({ wishId: v.wishId }) },
  v.done,
)
export const setOffer = endpoint(
  'PUT',
  '/api/items/{itemId}/offers',
  'Say what a shop charges for a pack of an item',
  {
    params: z.object({ itemId: v.itemId }),
    body: r.offerFields.extend({ shop: v.shortText.describe('Empty for any shop') }),
  },
  v.done,
)
export const removeOffer = endpoint(
  'DELETE',
  '/api/shop-offers/{offerId}',
  'A shop no longer has an item',
  { params: z.object({ offerId: v.shopOfferId }) },
  v.done,
)
