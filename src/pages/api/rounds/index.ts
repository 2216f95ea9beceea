import { serve } from '../../../api/serve'
import * as reads from '../../../app/readRounds'
import * as acts from '../../../app/roundActs'
import * as contract from '../../../contract/roundEndpoints'

export const GET = serve(contract.readRounds, ({ world, caller }) =>
  reads.readRounds(world, caller),
)
export const POST = serve(contract.startRound, ({ world, caller, body, key }) =>
  acts.startRound(world, caller, { key, ...body }),
)
