import { serve } from '../../../api/serve'
import * as app from '../../../app/orderActs'
import * as contract from '../../../contract/shoppingEndpoints'

export const POST = serve(contract.askShop, ({ world, caller, body, key }) =>
  app.askShop(world, caller, { key, ...body }),
)
