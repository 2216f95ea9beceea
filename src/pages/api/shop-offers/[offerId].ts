import { serve } from '../../../api/serve'
import * as app from '../../../app/planActs'
import * as contract from '../../../contract/restockEndpoints'

export const DELETE = serve(contract.removeOffer, ({ world, caller, params, key }) =>
  app.removeOffer(world, caller, { key, ...params }),
)
