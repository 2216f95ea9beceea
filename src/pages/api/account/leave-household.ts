import { serveAccount } from '../../../api/accountDesk'
import { leaveHousehold } from '../../../app/leaving'
import * as contract from '../../../contract/accountEndpoints'

export const POST = serveAccount(contract.leaveHousehold, async ({ desk, body }) => {
  await leaveHousehold(desk, body.password)
  return {}
})
