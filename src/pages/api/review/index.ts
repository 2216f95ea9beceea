import { serve } from '../../../api/serve'
import * as readReview from '../../../app/readReview'
import * as keepingEndpoints from '../../../contract/keepingEndpoints'

export const GET = serve(keepingEndpoints.readReview, ({ world, caller }) =>
  readReview.readReview(world, caller),
)
