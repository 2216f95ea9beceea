import { serve } from '../../../api/serve'
import * as app from '../../../app/courseActs'
import * as contract from '../../../contract/endpoints'

export const PATCH = serve(contract.changeCourse, ({ world, caller, params, body, key }) =>
  app.changeCourse(world, caller, { key, ...params, ...body }),
)
export const DELETE = serve(contract.removeCourse, ({ world, caller, params, key }) =>
  app.removeCourse(world, caller, { key, ...params }),
)
