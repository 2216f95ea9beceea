import { serve } from '../../../api/serve'
import * as readStockList from '../../../app/readStockList'
import * as keepingEndpoints from '../../../contract/keepingEndpoints'

export const GET = serve(keepingEndpoints.readStockList, ({ world, caller }) =>
  readStockList.readStockList(world, caller),
)
