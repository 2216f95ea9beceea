import { serve } from '../../../../api/serve'
import * as app from '../../../../app/shoppingActs'
import * as contract from '../../../../contract/shoppingEndpoints'

export const POST = serve(contract.addPurchase, ({ world, caller, body, key }) =>
  app.addPurchase(world, caller, { key, ...body }),
)
