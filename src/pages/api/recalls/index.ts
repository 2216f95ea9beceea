import { serve } from '../../../api/serve'
import * as app from '../../../app/recalls'
import * as contract from '../../../contract/recallEndpoints'

export const GET = serve(contract.readRecalls, ({ world, caller }) =>
  app.readRecalls(world, caller),
)
export const POST = serve(contract.takeRecall, ({ world, caller, body, key }) =>
  app.takeRecall(world, caller, { key, ...body }),
)
