import { serve } from '../../../api/serve'
import { readShopping } from '../../../app/readShopping'
import * as app from '../../../app/shoppingActs'
import * as contract from '../../../contract/shoppingEndpoints'

export const GET = serve(contract.readShopping, ({ world, caller }) => readShopping(world, caller))
export const PUT = serve(contract.makeList, ({ world, caller, body, key }) =>
  app.makeList(world, caller, { key, ...body }),
)
