import { serve } from '../../../api/serve'
import * as manyActs from '../../../app/manyActs'
import * as keepingEndpoints from '../../../contract/keepingEndpoints'

export const POST = serve(keepingEndpoints.actOnMany, ({ world, caller, body, key }) =>
  manyActs.actOnMany(world, caller, { key, ...body }),
)
