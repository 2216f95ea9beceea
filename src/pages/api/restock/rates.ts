import { serve } from '../../../api/serve'
import * as app from '../../../app/rates'
import * as contract from '../../../contract/forecastEndpoints'

export const GET = serve(contract.readRates, ({ world, caller }) => app.readRates(world, caller))
