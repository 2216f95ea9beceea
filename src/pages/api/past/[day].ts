import { serve } from '../../../api/serve'
import * as readRecord from '../../../app/readRecord'
import * as keepingEndpoints from '../../../contract/keepingEndpoints'

export const GET = serve(keepingEndpoints.readPast, ({ world, caller, params }) =>
  readRecord.readPast(world, caller, params.day),
)
