import { serve } from '../../../api/serve'
import * as readWatch from '../../../app/readWatch'
import * as siteActs from '../../../app/siteActs'
import * as contract from '../../../contract/endpoints'

export const GET = serve(contract.readStrap, ({ world, caller }) =>
  readWatch.readStrap(world, caller),
)
export const POST = serve(contract.createPlace, ({ world, caller, body, key }) =>
  siteActs.createPlace(world, caller, { key, ...body }),
)
