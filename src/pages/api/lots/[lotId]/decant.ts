import { serve } from '../../../../api/serve'
import * as app from '../../../../app/partActs'
import * as contract from '../../../../contract/keepingEndpoints'

export const POST = serve(contract.decantLot, ({ world, caller, params, body, key }) =>
  app.decantLot(world, caller, { key, ...params, ...body }),
)
