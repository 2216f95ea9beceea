import { serve } from '../../api/serve'
import * as app from '../../app/find'
import * as contract from '../../contract/endpoints'

export const GET = serve(contract.find, ({ world, caller, query }) =>
  app.find(world, caller, query.q),
)
