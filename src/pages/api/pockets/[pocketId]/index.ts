import { serve } from '../../../../api/serve'
import * as app from '../../../../app/siteActs'
import * as contract from '../../../../contract/endpoints'

export const PATCH = serve(contract.changePocket, ({ world, caller, params, body, key }) =>
  app.changePocket(world, caller, { key, ...params, ...body }),
)
