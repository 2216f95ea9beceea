import { serve } from '../../../../api/serve'
import * as readKits from '../../../../app/readKits'
import * as siteActs from '../../../../app/siteActs'
import * as contract from '../../../../contract/endpoints'

export const GET = serve(contract.readKit, ({ world, caller, params }) =>
  readKits.readKit(world, caller, params.kitId),
)
export const PATCH = serve(contract.changeKit, ({ world, caller, params, body, key }) =>
  siteActs.changeKit(world, caller, { key, ...params, ...body }),
)
