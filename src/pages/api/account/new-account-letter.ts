import { serveAccount } from '../../../api/accountDesk'
import { askForAccount } from '../../../app/accounts'
import * as contract from '../../../contract/accountEndpoints'
import { words } from '../../../words'

export const POST = serveAccount(contract.askForAccount, async ({ desk, body }) => {
  await askForAccount(desk, body.email, words.letters)
  return {}
})
