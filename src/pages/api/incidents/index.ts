import { serve } from '../../../api/serve'
import * as acts from '../../../app/careActs'
import * as contract from '../../../contract/careEndpoints'

export const POST = serve(contract.startIncident, ({ world, caller, body, key }) =>
  acts.startIncident(world, caller, { key, ...body }),
)
