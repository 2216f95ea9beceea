import { serve } from '../../api/serve'
import * as app from '../../app/readCover'
import * as contract from '../../contract/endpoints'

export const GET = serve(contract.readCover, ({ world, caller }) => app.readCover(world, caller))
