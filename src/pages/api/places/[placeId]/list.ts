import { serve } from '../../../../api/serve'
import * as app from '../../../../app/listActs'
import * as contract from '../../../../contract/endpoints'

export const POST = serve(contract.decideLines, ({ world, caller, params, body, key }) =>
  app.decideLines(world, caller, { key, ...params, ...body }),
)
