import { serve } from '../../../../api/serve'
import * as app from '../../../../app/lotActs'
import * as contract from '../../../../contract/endpoints'

export const POST = serve(contract.moveLot, ({ world, caller, params, body, key }) =>
  app.moveLot(world, caller, { key, ...params, ...body }),
)
