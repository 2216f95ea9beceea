import { serve } from '../../../api/serve'
import * as app from '../../../app/memberActs'
import * as contract from '../../../contract/endpoints'

export const DELETE = serve(contract.removeWeighing, ({ world, caller, params, key }) =>
  app.removeWeighing(world, caller, { key, ...params }),
)
