import { serveAccount } from '../../../api/accountDesk'
import { signOut } from '../../../app/accounts'
import * as contract from '../../../contract/accountEndpoints'

export const POST = serveAccount(contract.signOut, ({ desk }) => signOut(desk))
