import { serveAccount } from '../../../api/accountDesk'
import { makeRecoveryCodes } from '../../../app/accounts'
import * as contract from '../../../contract/accountEndpoints'

export const POST = serveAccount(contract.makeRecoveryCodes, ({ desk, body }) =>
  makeRecoveryCodes(desk, body.password),
)
