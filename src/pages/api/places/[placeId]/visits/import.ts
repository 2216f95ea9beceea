import { serve } from '../../../../../api/serve'
import * as calendarActs from '../../../../../app/calendarActs'
import * as keepingEndpoints from '../../../../../contract/keepingEndpoints'

export const POST = serve(keepingEndpoints.importVisits, ({ world, caller, params, body, key }) =>
  calendarActs.importVisits(world, caller, { key, ...params, ...body }),
)
