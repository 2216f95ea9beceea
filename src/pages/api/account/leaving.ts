import { serveAccount } from '../../../api/accountDesk'
import { readLeaving } from '../../../app/leaving'
import * as contract from '../../../contract/accountEndpoints'

export const GET = serveAccount(contract.readLeaving, ({ desk }) => readLeaving(desk))
