import { serve } from '../../../../api/serve'
import * as app from '../../../../app/partActs'
import * as contract from '../../../../contract/keepingEndpoints'

export const POST = serve(contract.lendLot, ({ world, caller, params, body, key }) =>
  app.lendLot(world, caller, { key, ...params, ...body }),
)
