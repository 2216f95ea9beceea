/** What the Household screen shows. */
import type { z } from 'zod'
import type { readHousehold } from '../../contract/household'
import type { readActs } from '../../contract/record'

export type HouseholdView = z.infer<(typeof readHousehold)['result']>

export type ActsView = z.infer<(typeof readActs)['result']>
