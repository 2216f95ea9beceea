import { serve } from '../../../../api/serve'
import * as siteActs from '../../../../app/siteActs'
import * as endpoints from '../../../../contract/endpoints'
import * as keepingEndpoints from '../../../../contract/keepingEndpoints'

export const PATCH = serve(endpoints.changePocket, ({ world, caller, params, body, key }) =>
  siteActs.changePocket(world, caller, { key, ...params, ...body }),
)
export const DELETE = serve(keepingEndpoints.removePocket, ({ world, caller, params, key }) =>
  siteActs.removePocket(world, caller, { key, ...params }),
)
