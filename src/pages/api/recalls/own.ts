import { serve } from '../../../api/serve'
import * as app from '../../../app/recalls'
import * as contract from '../../../contract/recallEndpoints'

export const POST = serve(contract.writeRecall, ({ world, caller, body, key }) =>
  app.writeRecall(world, caller, { key, ...body }),
)
