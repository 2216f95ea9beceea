import { serveAccount } from '../../../../api/accountDesk'
import { keepPasskey } from '../../../../app/passkeys'
import * as contract from '../../../../contract/accountEndpoints'
import { words } from '../../../../words'

export const POST = serveAccount(contract.keepPasskey, async ({ desk, body }) => {
  await keepPasskey(desk, body, words.letters.passkeyMade)
  return {}
})
