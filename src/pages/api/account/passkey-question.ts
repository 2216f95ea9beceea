import { serveAccount } from '../../../api/accountDesk'
import { askForPasskey } from '../../../app/passkeys'
import * as contract from '../../../contract/accountEndpoints'

export const POST = serveAccount(contract.askForPasskey, async ({ desk }) => ({
  ...(await askForPasskey(desk)),
}))
