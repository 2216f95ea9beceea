import { serve } from '../../../../api/serve'
import * as reads from '../../../../app/readRounds'
import * as acts from '../../../../app/roundActs'
import * as contract from '../../../../contract/roundEndpoints'

export const GET = serve(contract.readRound, ({ world, caller, params }) =>
  reads.readRound(world, caller, params.roundId),
)
export const DELETE = serve(contract.leaveRound, ({ world, caller, params, key }) =>
  acts.leaveRound(world, caller, { key, ...params }),
)
