import { serveAccount } from '../../../../api/accountDesk'
import { offerPasskey } from '../../../../app/passkeys'
import * as contract from '../../../../contract/accountEndpoints'

export const POST = serveAccount(contract.offerPasskey, async ({ desk, body }) => ({
  ...(await offerPasskey(desk, body.password)),
}))
