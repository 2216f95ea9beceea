/** The restocking plan, the shopping list, shops, forecasts and recalls. */
import * as orderActs from '../../app/orderActs'
import * as planActs from '../../app/planActs'
import * as rates from '../../app/rates'
import { readForecast } from '../../app/readForecast'
import { readPlan } from '../../app/readPlan'
import { readShopping } from '../../app/readShopping'
import * as recalls from '../../app/recalls'
import * as shoppingActs from '../../app/shoppingActs'
import type * as contract from '../../contract/restock'
import type { HandlersOf } from '../handler'

export const restock: HandlersOf<typeof contract> = {
  ...planActs,
  ...rates,
  ...shoppingActs,
  ...orderActs,
  ...recalls,
  readPlan,
  readForecast,
  readShopping,
  addWish: (world, caller, { key, ...wish }) => planActs.addWish(world, caller, { key, wish }),
}
