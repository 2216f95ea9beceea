import { serveAccount } from '../../../api/accountDesk'
import { openAccount } from '../../../app/accounts'
import * as contract from '../../../contract/accountEndpoints'

export const POST = serveAccount(contract.openAccount, ({ desk, body }) => openAccount(desk, body))
