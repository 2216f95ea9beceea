import { serve } from '../../../../../api/serve'
import * as acts from '../../../../../app/codeActs'
import * as contract from '../../../../../contract/roundEndpoints'

export const PUT = serve(contract.teachCode, ({ world, caller, params, key }) =>
  acts.teachCode(world, caller, { key, ...params }),
)
