import { serveAccount } from '../../../api/accountDesk'
import { enterByPasskey } from '../../../app/passkeys'
import * as contract from '../../../contract/accountEndpoints'

export const POST = serveAccount(contract.enterByPasskey, ({ desk, body }) =>
  enterByPasskey(desk, body),
)
