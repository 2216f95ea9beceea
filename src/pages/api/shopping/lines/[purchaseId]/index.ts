import { serve } from '../../../../../api/serve'
import * as app from '../../../../../app/shoppingActs'
import * as contract from '../../../../../contract/shoppingEndpoints'

export const PATCH = serve(contract.changePurchase, ({ world, caller, params, body, key }) =>
  app.changePurchase(world, caller, { key, ...params, ...body }),
)
export const DELETE = serve(contract.removePurchase, ({ world, caller, params, key }) =>
  app.removePurchase(world, caller, { key, ...params }),
)
