import { serve } from '../../../../api/serve'
import * as arrangeActs from '../../../../app/arrangeActs'
import * as keepingEndpoints from '../../../../contract/keepingEndpoints'

export const PUT = serve(keepingEndpoints.arrangeMat, ({ world, caller, params, body, key }) =>
  arrangeActs.arrangeMat(world, caller, { key, ...params, ...body }),
)
