import { serve } from '../../../api/serve'
import * as app from '../../../app/readActs'
import * as contract from '../../../contract/endpoints'

export const GET = serve(contract.readActs, ({ world, caller }) => app.readActs(world, caller))
