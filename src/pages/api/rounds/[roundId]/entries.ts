import { serve } from '../../../../api/serve'
import * as acts from '../../../../app/roundActs'
import * as contract from '../../../../contract/roundEndpoints'

export const POST = serve(contract.sayEntry, ({ world, caller, params, body, key }) =>
  acts.sayEntry(world, caller, { key, ...params, ...body }),
)
