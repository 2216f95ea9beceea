import { serve } from '../../../../api/serve'
import * as viewActs from '../../../../app/viewActs'
import * as keepingEndpoints from '../../../../contract/keepingEndpoints'

export const DELETE = serve(keepingEndpoints.removeView, ({ world, caller, params, key }) =>
  viewActs.removeView(world, caller, { key, ...params }),
)
