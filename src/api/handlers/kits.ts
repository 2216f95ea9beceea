/** Kits, their pockets and mats. */
import * as arrangeActs from '../../app/arrangeActs'
import { readKit, readKits } from '../../app/readKits'
import { readLayout } from '../../app/readLayout'
import * as siteActs from '../../app/siteActs'
import type * as contract from '../../contract/kits'
import type { HandlersOf } from '../handler'

export const kits: HandlersOf<typeof contract> = {
  ...siteActs,
  ...arrangeActs,
  readKits,
  readKit: (world, caller, { kitId }) => readKit(world, caller, kitId),
  readLayout: (world, caller, { kitId }) => readLayout(world, caller, kitId),
}
