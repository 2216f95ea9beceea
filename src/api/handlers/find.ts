/** Finding anything. */
import * as app from '../../app/find/find'
import type * as contract from '../../contract/find'
import type { HandlersOf } from '../handler'

export const find: HandlersOf<typeof contract> = {
  find: (world, caller, { q }) => app.find(world, caller, q),
}
