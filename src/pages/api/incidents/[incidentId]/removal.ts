import { serve } from '../../../../api/serve'
import * as acts from '../../../../app/careActs'
import * as contract from '../../../../contract/careEndpoints'

export const POST = serve(contract.removeIncident, ({ world, caller, params, body, key }) =>
  acts.removeIncident(world, caller, { key, ...params, ...body }),
)
