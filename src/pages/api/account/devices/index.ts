import { serveAccount } from '../../../../api/accountDesk'
import { endOtherDevices } from '../../../../app/accounts'
import * as contract from '../../../../contract/accountEndpoints'

export const DELETE = serveAccount(contract.endOtherDevices, ({ desk }) => endOtherDevices(desk))
