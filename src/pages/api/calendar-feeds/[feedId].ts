import { serve } from '../../../api/serve'
import * as acts from '../../../app/feedActs'
import * as contract from '../../../contract/roundEndpoints'

export const DELETE = serve(contract.removeFeed, ({ world, caller, params, key }) =>
  acts.removeFeed(world, caller, { key, ...params }),
)
