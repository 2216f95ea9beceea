import { runtime } from '../../../api/runtime'
import { serve } from '../../../api/serve'
import * as acts from '../../../app/feedActs'
import * as contract from '../../../contract/roundEndpoints'

export const GET = serve(contract.readFeeds, ({ world, caller }) =>
  acts.readFeeds(world, caller, runtime().secret),
)
export const POST = serve(contract.addFeed, ({ world, caller, body, key }) =>
  acts.addFeed(world, caller, { key, ...body }),
)
