import { serve } from '../../../../api/serve'
import * as app from '../../../../app/siteActs'
import * as contract from '../../../../contract/endpoints'

export const POST = serve(contract.checkKit, ({ world, caller, params, key }) =>
  app.checkKit(world, caller, { key, ...params }),
)
