import { serve } from '../../../api/serve'
import * as app from '../../../app/catalogueActs'
import * as contract from '../../../contract/endpoints'

export const POST = serve(contract.matchItems, ({ world, caller, body, key }) =>
  app.matchItems(world, caller, { key, ...body }),
)
