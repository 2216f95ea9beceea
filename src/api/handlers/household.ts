/** The household and its calendar addresses. */
import * as feedActs from '../../app/household/feedActs'
import * as householdActs from '../../app/household/householdActs'
import type * as contract from '../../contract/household'
import type { HandlersOf } from '../handler'
import { runtime } from '../runtime'

export const household: HandlersOf<typeof contract> = {
  ...householdActs,
  ...feedActs,
  readFeeds: (world, caller) => feedActs.readFeeds(world, caller, runtime().secret),
}
