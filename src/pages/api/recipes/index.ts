import { serve } from '../../../api/serve'
import * as acts from '../../../app/cardActs'
import * as contract from '../../../contract/careEndpoints'

export const POST = serve(contract.addRecipe, ({ world, caller, body, key }) =>
  acts.addRecipe(world, caller, { key, ...body }),
)
