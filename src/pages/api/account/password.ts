import { serveAccount } from '../../../api/accountDesk'
import { changePassword } from '../../../app/accounts'
import * as contract from '../../../contract/accountEndpoints'
import { words } from '../../../words'

export const PUT = serveAccount(contract.changePassword, ({ desk, body }) =>
  changePassword(desk, body, words.letters.passwordChanged),
)
