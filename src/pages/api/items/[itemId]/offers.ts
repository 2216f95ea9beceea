import { serve } from '../../../../api/serve'
import * as app from '../../../../app/planActs'
import * as contract from '../../../../contract/restockEndpoints'

export const PUT = serve(contract.setOffer, ({ world, caller, params, body, key }) =>
  app.setOffer(world, caller, { key, ...params, ...body }),
)
