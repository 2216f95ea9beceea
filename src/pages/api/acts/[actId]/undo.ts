import { serve } from '../../../../api/serve'
import * as app from '../../../../app/undoAct'
import * as contract from '../../../../contract/endpoints'

export const POST = serve(contract.undoAct, ({ world, caller, params, key }) =>
  app.undoAct(world, caller, { key, ...params }),
)
