/** What the Account screen shows. */
import type { z } from 'zod'
import type { readAccount } from '../../contract/account'

export type AccountView = z.infer<(typeof readAccount)['result']>
