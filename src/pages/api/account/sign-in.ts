import { serveAccount } from '../../../api/accountDesk'
import { signIn } from '../../../app/accounts'
import * as contract from '../../../contract/accountEndpoints'

export const POST = serveAccount(contract.signIn, ({ desk, body }) => signIn(desk, body))
