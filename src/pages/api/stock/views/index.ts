import { serve } from '../../../../api/serve'
import * as viewActs from '../../../../app/viewActs'
import * as keepingEndpoints from '../../../../contract/keepingEndpoints'

export const POST = serve(keepingEndpoints.saveView, ({ world, caller, body, key }) =>
  viewActs.saveView(world, caller, { key, ...body }),
)
