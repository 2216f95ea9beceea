import { serve } from '../../../../../api/serve'
import * as app from '../../../../../app/shoppingActs'
import * as contract from '../../../../../contract/shoppingEndpoints'

export const POST = serve(contract.putAway, ({ world, caller, params, body, key }) =>
  app.putAway(world, caller, { key, ...params, ...body }),
)
