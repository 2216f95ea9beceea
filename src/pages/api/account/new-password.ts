import { serveAccount } from '../../../api/accountDesk'
import { answerLetter } from '../../../app/accounts'
import * as contract from '../../../contract/accountEndpoints'

export const POST = serveAccount(contract.answerLetter, async ({ desk, body }) => {
  await answerLetter(desk, { token: body.token, next: body.password })
  return {}
})
