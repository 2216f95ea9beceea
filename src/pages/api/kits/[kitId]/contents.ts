import { serve } from '../../../../api/serve'
import * as reads from '../../../../app/readRounds'
import * as contract from '../../../../contract/roundEndpoints'

export const GET = serve(contract.readContents, ({ world, caller, params }) =>
  reads.readContents(world, caller, params.kitId),
)
