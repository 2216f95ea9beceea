import { serve } from '../../../../api/serve'
import * as arrangeActs from '../../../../app/arrangeActs'
import * as readLayout from '../../../../app/readLayout'
import * as keepingEndpoints from '../../../../contract/keepingEndpoints'

export const GET = serve(keepingEndpoints.readLayout, ({ world, caller, params }) =>
  readLayout.readLayout(world, caller, params.kitId),
)
export const POST = serve(keepingEndpoints.carryOutLayout, ({ world, caller, params, body, key }) =>
  arrangeActs.carryOutLayout(world, caller, { key, ...params, ...body }),
)
