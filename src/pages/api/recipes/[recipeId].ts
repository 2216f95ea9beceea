import { serve } from '../../../api/serve'
import * as acts from '../../../app/cardActs'
import * as contract from '../../../contract/careEndpoints'

export const DELETE = serve(contract.removeRecipe, ({ world, caller, params, key }) =>
  acts.removeRecipe(world, caller, { key, ...params }),
)
