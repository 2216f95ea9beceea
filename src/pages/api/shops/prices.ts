import { serve } from '../../../api/serve'
import * as app from '../../../app/orderActs'
import * as contract from '../../../contract/shoppingEndpoints'

export const POST = serve(contract.takePrices, ({ world, caller, body, key }) =>
  app.takePrices(world, caller, { key, ...body }),
)
