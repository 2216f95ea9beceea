import { serveAccount } from '../../../../api/accountDesk'
import { endDevice } from '../../../../app/accounts'
import * as contract from '../../../../contract/accountEndpoints'

export const DELETE = serveAccount(contract.endDevice, async ({ desk, params }) => {
  await endDevice(desk, params.deviceId)
  return {}
})
