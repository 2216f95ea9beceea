import { serve } from '../../../api/serve'
import * as app from '../../../app/errandActs'
import * as contract from '../../../contract/endpoints'

export const POST = serve(contract.putOffErrand, ({ world, caller, body, key }) =>
  app.putOffErrand(world, caller, { key, errandKey: body.key }),
)
