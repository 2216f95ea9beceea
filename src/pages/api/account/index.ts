import { serveAccount } from '../../../api/accountDesk'
import { readAccount, rename } from '../../../app/accounts'
import { deleteAccount } from '../../../app/leaving'
import * as contract from '../../../contract/accountEndpoints'

export const GET = serveAccount(contract.readAccount, ({ desk }) => readAccount(desk))
export const PATCH = serveAccount(contract.renameAccount, async ({ desk, body }) => {
  await rename(desk, body.name)
  return {}
})
export const DELETE = serveAccount(contract.deleteAccount, ({ desk, body }) =>
  deleteAccount(desk, body.password),
)
