/** Kits, their pockets and mats. */
import * as arrangeActs from '../../app/kits/arrangeActs'
import * as kitActs from '../../app/kits/kitActs'
import { readKit, readKits } from '../../app/kits/readKits'
import { readLayout } from '../../app/kits/readLayout'
import type * as contract from '../../contract/kits'
import type { HandlersOf } from '../handler'

export const kits: HandlersOf<typeof contract> = {
  ...kitActs,
  ...arrangeActs,
  readKits,
  readKit: (world, caller, { kitId }) => readKit(world, caller, kitId),
  readLayout: (world, caller, { kitId }) => readLayout(world, caller, kitId),
}
