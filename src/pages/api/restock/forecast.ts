import { serve } from '../../../api/serve'
import * as app from '../../../app/readForecast'
import * as contract from '../../../contract/forecastEndpoints'

export const GET = serve(contract.readForecast, ({ world, caller }) =>
  app.readForecast(world, caller),
)
