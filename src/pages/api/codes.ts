import { serve } from '../../api/serve'
import * as reads from '../../app/codeActs'
import * as contract from '../../contract/roundEndpoints'

export const GET = serve(contract.readCodes, ({ world, caller }) => reads.readCodes(world, caller))
