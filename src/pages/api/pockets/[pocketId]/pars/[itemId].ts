import { serve } from '../../../../../api/serve'
import * as app from '../../../../../app/setPar'
import * as contract from '../../../../../contract/endpoints'

export const PUT = serve(contract.setPar, ({ world, caller, params, body, key }) =>
  app.setPar(world, caller, { key, ...params, ...body }),
)
