import { serve } from '../../../api/serve'
import * as readReview from '../../../app/readReview'
import * as keepingEndpoints from '../../../contract/keepingEndpoints'

export const POST = serve(keepingEndpoints.keepReviewed, ({ world, caller, body, key }) =>
  readReview.keepReviewed(world, caller, { key, reviewKey: body.key }),
)
