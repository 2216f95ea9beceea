import { serve } from '../../../api/serve'
import * as app from '../../../app/readRestock'
import * as contract from '../../../contract/endpoints'

export const GET = serve(contract.readRestock, ({ world, caller }) =>
  app.readRestock(world, caller),
)
