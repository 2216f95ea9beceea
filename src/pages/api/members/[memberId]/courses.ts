import { serve } from '../../../../api/serve'
import * as app from '../../../../app/courseActs'
import * as contract from '../../../../contract/endpoints'

export const POST = serve(contract.addCourse, ({ world, caller, params, body, key }) =>
  app.addCourse(world, caller, { key, ...params, ...body }),
)
