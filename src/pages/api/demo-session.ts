import { serveAccount } from '../../api/accountDesk'
import { runtime } from '../../api/runtime'
import { openDemo } from '../../app/accounts'
import { Refusal } from '../../app/refusal'
import * as contract from '../../contract/accountEndpoints'

export const POST = serveAccount(contract.openDemo, async ({ desk }) => {
  const { demoPassword } = runtime()
  if (!demoPassword) throw new Refusal({ code: 'no_demo' })
  return openDemo(desk, demoPassword)
})
