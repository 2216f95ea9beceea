import { serveAccount } from '../../../api/accountDesk'
import { changeEmail } from '../../../app/accounts'
import * as contract from '../../../contract/accountEndpoints'
import { words } from '../../../words'

export const PUT = serveAccount(contract.changeEmail, async ({ desk, body }) => {
  await changeEmail(desk, body, words.letters.emailChanged)
  return {}
})
