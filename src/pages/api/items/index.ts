import { serve } from '../../../api/serve'
import * as app from '../../../app/householdActs'
import * as contract from '../../../contract/endpoints'

export const GET = serve(contract.readItems, ({ world, caller }) => app.readItems(world, caller))
