import { serve } from '../../../api/serve'
import * as app from '../../../app/bringIn'
import * as contract from '../../../contract/endpoints'

export const GET = serve(contract.readKnown, ({ world, caller }) => app.readKnown(world, caller))
