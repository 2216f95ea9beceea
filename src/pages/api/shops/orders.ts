import { serve } from '../../../api/serve'
import * as app from '../../../app/orderActs'
import * as contract from '../../../contract/shoppingEndpoints'

export const POST = serve(contract.orderListed, ({ world, caller, body, key }) =>
  app.orderListed(world, caller, { key, ...body }),
)
