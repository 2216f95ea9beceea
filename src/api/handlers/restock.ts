/** The restocking plan, the shopping list, shops, forecasts and recalls. */
import * as orderActs from '../../app/restock/orderActs'
import * as planActs from '../../app/restock/planActs'
import * as rates from '../../app/restock/rates'
import { readForecast } from '../../app/restock/readForecast'
import { readPlan } from '../../app/restock/readPlan'
import { readShopping } from '../../app/restock/readShopping'
import * as recalls from '../../app/restock/recalls'
import * as shoppingActs from '../../app/restock/shoppingActs'
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
