import { serve } from '../../../../api/serve'
import * as app from '../../../../app/memberActs'
import * as contract from '../../../../contract/endpoints'

export const POST = serve(contract.weigh, ({ world, caller, params, body, key }) =>
  app.weigh(world, caller, { key, ...params, ...body }),
)
