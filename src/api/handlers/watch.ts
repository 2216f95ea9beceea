/** What every place needs, and when. */
import * as errandActs from '../../app/watch/errandActs'
import { readWatch } from '../../app/watch/readWatch'
import type * as contract from '../../contract/watch'
import type { HandlersOf } from '../handler'

export const watch: HandlersOf<typeof contract> = {
  ...errandActs,
  readWatch: (world, caller, { place }) => readWatch(world, caller, place),
}
