import { serve } from '../../../../api/serve'
import * as app from '../../../../app/memberActs'
import * as contract from '../../../../contract/endpoints'

export const PATCH = serve(contract.changeMember, ({ world, caller, params, body, key }) =>
  app.changeMember(world, caller, { key, ...params, ...body }),
)
export const DELETE = serve(contract.removeMember, ({ world, caller, params, key }) =>
  app.removeMember(world, caller, { key, ...params }),
)
