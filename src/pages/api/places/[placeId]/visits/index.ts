import { serve } from '../../../../../api/serve'
import * as app from '../../../../../app/siteActs'
import * as contract from '../../../../../contract/endpoints'

export const POST = serve(contract.addVisit, ({ world, caller, params, body, key }) =>
  app.addVisit(world, caller, { key, ...params, ...body }),
)
