import { runtime } from '../../api/runtime'
import { serve } from '../../api/serve'
import * as reads from '../../app/readDevice'
import * as contract from '../../contract/roundEndpoints'

export const GET = serve(contract.readDevice, ({ world, caller }) =>
  reads.readDevice(world, caller, runtime().secret),
)
