import { serve } from '../../../api/serve'
import * as app from '../../../app/siteActs'
import * as contract from '../../../contract/endpoints'

export const DELETE = serve(contract.removeVisit, ({ world, caller, params, key }) =>
  app.removeVisit(world, caller, { key, ...params }),
)
