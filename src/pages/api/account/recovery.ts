import { serveAccount } from '../../../api/accountDesk'
import { recover } from '../../../app/accounts'
import * as contract from '../../../contract/accountEndpoints'

export const POST = serveAccount(contract.recover, ({ desk, body: { email, code, password } }) =>
  recover(desk, { email, code, next: password }),
)
