import { serveAccount } from '../../../api/accountDesk'
import { signUp } from '../../../app/accounts'
import * as contract from '../../../contract/accountEndpoints'

export const POST = serveAccount(contract.signUp, ({ desk, body }) => signUp(desk, body))
