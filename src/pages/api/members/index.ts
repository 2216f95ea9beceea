import { serve } from '../../../api/serve'
import * as app from '../../../app/memberActs'
import * as contract from '../../../contract/endpoints'

export const POST = serve(contract.addMember, ({ world, caller, body, key }) =>
  app.addMember(world, caller, { key, ...body }),
)
