import { serveAccount } from '../../../../api/accountDesk'
import { endPasskey } from '../../../../app/passkeys'
import * as contract from '../../../../contract/accountEndpoints'

export const DELETE = serveAccount(contract.endPasskey, async ({ desk, params }) => {
  await endPasskey(desk, params.passkeyId)
  return {}
})
