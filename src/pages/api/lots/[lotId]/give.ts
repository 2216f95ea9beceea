import { serve } from '../../../../api/serve'
import * as app from '../../../../app/lotActs'
import * as contract from '../../../../contract/keepingEndpoints'

export const POST = serve(contract.giveLot, ({ world, caller, params, body, key }) =>
  app.giveLot(world, caller, { key, ...params, ...body }),
)
