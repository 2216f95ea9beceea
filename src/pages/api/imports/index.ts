import { serve } from '../../../api/serve'
import * as app from '../../../app/bringIn'
import * as contract from '../../../contract/endpoints'

export const POST = serve(contract.bringIn, ({ world, caller, body, key }) =>
  app.bringIn(world, caller, { key, ...body }),
)
