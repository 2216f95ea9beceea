import { serve } from '../../../../api/serve'
import * as acts from '../../../../app/roundActs'
import * as contract from '../../../../contract/roundEndpoints'

export const POST = serve(contract.finishRound, ({ world, caller, params, body, key }) =>
  acts.finishRound(world, caller, { key, ...params, ...body }),
)
