/** Rounds. */
import * as reads from '../../app/rounds/readRounds'
import * as roundActs from '../../app/rounds/roundActs'
import type * as contract from '../../contract/rounds'
import type { HandlersOf } from '../handler'

export const rounds: HandlersOf<typeof contract> = {
  ...roundActs,
  readRounds: reads.readRounds,
  readContents: (world, caller, { kitId }) => reads.readContents(world, caller, kitId),
  readRound: (world, caller, { roundId }) => reads.readRound(world, caller, roundId),
}
