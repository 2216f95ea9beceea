import { serveAccount } from '../../../api/accountDesk'
import { deleteHousehold, keepHousehold } from '../../../app/leaving'
import * as contract from '../../../contract/accountEndpoints'

export const POST = serveAccount(contract.deleteHousehold, async ({ desk, body }) => {
  await deleteHousehold(desk, body.password)
  return {}
})
export const DELETE = serveAccount(contract.keepHousehold, async ({ desk }) => {
  await keepHousehold(desk)
  return {}
})
