import { serve } from '../../../api/serve'
import * as readKits from '../../../app/readKits'
import * as siteActs from '../../../app/siteActs'
import * as contract from '../../../contract/endpoints'

export const GET = serve(contract.readKits, ({ world, caller }) => readKits.readKits(world, caller))
export const POST = serve(contract.createKit, ({ world, caller, body, key }) =>
  siteActs.createKit(world, caller, { key, ...body }),
)
