import { serve } from '../../../../api/serve'
import * as app from '../../../../app/planActs'
import * as contract from '../../../../contract/restockEndpoints'

export const POST = serve(contract.addWish, ({ world, caller, body, key }) =>
  app.addWish(world, caller, { key, wish: body }),
)
