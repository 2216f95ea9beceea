import { serve } from '../../../../api/serve'
import * as app from '../../../../app/partActs'
import * as contract from '../../../../contract/endpoints'

export const POST = serve(contract.openLot, ({ world, caller, params, body, key }) =>
  app.openLot(world, caller, { key, ...params, ...body }),
)
