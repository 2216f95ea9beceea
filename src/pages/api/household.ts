import { serve } from '../../api/serve'
import * as app from '../../app/householdActs'
import * as contract from '../../contract/endpoints'

export const GET = serve(contract.readHousehold, ({ world, caller }) =>
  app.readHousehold(world, caller),
)
export const PATCH = serve(contract.changeHousehold, ({ world, caller, body, key }) =>
  app.changeHousehold(world, caller, { key, ...body }),
)
