import { serve } from '../../../api/serve'
import * as planActs from '../../../app/planActs'
import * as readPlan from '../../../app/readPlan'
import * as contract from '../../../contract/restockEndpoints'

export const GET = serve(contract.readPlan, ({ world, caller }) => readPlan.readPlan(world, caller))
export const PUT = serve(contract.setPlan, ({ world, caller, body, key }) =>
  planActs.setPlan(world, caller, { key, ...body }),
)
