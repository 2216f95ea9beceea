import { serve } from '../../../../api/serve'
import * as app from '../../../../app/householdActs'
import * as contract from '../../../../contract/endpoints'

export const PATCH = serve(contract.changeItem, ({ world, caller, params, body, key }) =>
  app.changeItem(world, caller, { key, ...params, ...body }),
)
