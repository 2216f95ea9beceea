import { serve } from '../../../../api/serve'
import * as app from '../../../../app/siteActs'
import * as contract from '../../../../contract/endpoints'

export const PATCH = serve(contract.changePlace, ({ world, caller, params, body, key }) =>
  app.changePlace(world, caller, { key, ...params, ...body }),
)
