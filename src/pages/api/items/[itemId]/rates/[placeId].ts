import { serve } from '../../../../../api/serve'
import * as app from '../../../../../app/rates'
import * as contract from '../../../../../contract/forecastEndpoints'

export const PUT = serve(contract.setRate, ({ world, caller, params, body, key }) =>
  app.setRate(world, caller, { key, ...params, ...body }),
)
