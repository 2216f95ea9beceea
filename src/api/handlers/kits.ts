/** Kits, their pockets and mats. */
import * as arrangeActs from '../../app/kits/arrangeActs'
import { readKit, readKits } from '../../app/kits/readKits'
import { readLayout } from '../../app/kits/readLayout'
import * as siteActs from '../../app/kits/siteActs'
import type * as contract from '../../contract/kits'
import type { HandlersOf } from '../handler'

export const kits: HandlersOf<typeof contract> = {
  ...siteActs,
  ...arrangeActs,
  readKits,
  readKit: (world, caller, { kitId }) => readKit(world, caller, kitId),
  readLayout: (world, caller, { kitId }) => readLayout(world, caller, kitId),
}
