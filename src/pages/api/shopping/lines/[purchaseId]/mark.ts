import { serve } from '../../../../../api/serve'
import * as app from '../../../../../app/shoppingActs'
import * as contract from '../../../../../contract/shoppingEndpoints'

export const POST = serve(contract.markPurchase, ({ world, caller, params, body, key }) =>
  app.markPurchase(world, caller, { key, ...params, ...body }),
)
