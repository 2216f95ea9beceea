import { serveAccount } from '../../../api/accountDesk'
import { askForLetter } from '../../../app/accounts'
import * as contract from '../../../contract/accountEndpoints'

export const POST = serveAccount(contract.askForLetter, async ({ desk, body }) => {
  await askForLetter(desk, body.email)
  return {}
})
