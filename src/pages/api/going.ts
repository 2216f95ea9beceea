import { serve } from '../../api/serve'
import * as app from '../../app/readCare'
import * as contract from '../../contract/careEndpoints'

export const GET = serve(contract.readGoing, ({ world, caller }) => app.readGoing(world, caller))
