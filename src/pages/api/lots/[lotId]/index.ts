import { serve } from '../../../../api/serve'
import * as lotActs from '../../../../app/lotActs'
import * as readKits from '../../../../app/readKits'
import * as contract from '../../../../contract/endpoints'

export const GET = serve(contract.readLot, ({ world, caller, params }) =>
  readKits.readLot(world, caller, params.lotId),
)
export const PATCH = serve(
  contract.amendLot,
  ({ world, caller, params, body: { seenVersion, part, item, ...details }, key }) =>
    lotActs.amendLot(world, caller, { key, ...params, seenVersion, details, part, item }),
)
