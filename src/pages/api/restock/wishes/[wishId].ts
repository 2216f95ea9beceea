import { serve } from '../../../../api/serve'
import * as app from '../../../../app/planActs'
import * as contract from '../../../../contract/restockEndpoints'

export const DELETE = serve(contract.removeWish, ({ world, caller, params, key }) =>
  app.removeWish(world, caller, { key, ...params }),
)
