import { serve } from '../../../../api/serve'
import * as app from '../../../../app/receiveLot'
import * as contract from '../../../../contract/endpoints'

export const POST = serve(contract.receiveLot, ({ world, caller, params, body, key }) =>
  app.receiveLot(world, caller, { key, ...params, ...body }),
)
