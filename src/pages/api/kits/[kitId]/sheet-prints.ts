import { serve } from '../../../../api/serve'
import * as acts from '../../../../app/sheetActs'
import * as contract from '../../../../contract/roundEndpoints'

export const POST = serve(contract.notePrinted, ({ world, caller, params, key }) =>
  acts.notePrinted(world, caller, { key, ...params }),
)
