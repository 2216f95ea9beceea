import { serve } from '../../api/serve'
import * as app from '../../app/readWatch'
import * as contract from '../../contract/endpoints'

export const GET = serve(contract.readWatch, ({ world, caller, query }) =>
  app.readWatch(world, caller, query.place),
)
