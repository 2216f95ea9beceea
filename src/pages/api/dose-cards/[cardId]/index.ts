import { serve } from '../../../../api/serve'
import * as acts from '../../../../app/cardActs'
import * as contract from '../../../../contract/careEndpoints'

export const PUT = serve(
  contract.changeCard,
  ({ world, caller, params, body: { memberIds, seenVersion, ...body }, key }) =>
    acts.changeCard(world, caller, { key, ...params, memberIds, seenVersion, body }),
)
export const DELETE = serve(contract.removeCard, ({ world, caller, params, key }) =>
  acts.removeCard(world, caller, { key, ...params }),
)
