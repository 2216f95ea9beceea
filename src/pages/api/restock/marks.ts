import { serve } from '../../../api/serve'
import * as app from '../../../app/readRestock'
import * as contract from '../../../contract/endpoints'

export const POST = serve(contract.markShopping, ({ world, caller, body, key }) =>
  app.markShopping(world, caller, { key, ...body }),
)
