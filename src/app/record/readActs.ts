/** What was done lately, for looking back and for undoing. */
import { recentActs } from '../../db/frame/acts'
import { type Caller, reading, type World } from '../frame/world'

const MOST = 50

export const readActs = (world: World, caller: Caller) =>
  reading(world, caller, async ({ trx }) => ({ acts: [...(await recentActs(trx, MOST))] }))
