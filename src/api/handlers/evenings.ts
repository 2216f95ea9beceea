/** Evenings: planned by the household, sat by whoever has the code. */
import * as eveningActs from '../../app/evenings/eveningActs'
import * as sitting from '../../app/evenings/sitting'
import type * as contract from '../../contract/evenings'
import * as words from '../../words'
import type { HandlersOf } from '../handler'
import { runtime } from '../runtime'
import { takenAgoOf } from '../takenAgo'

export const sittingWords: sitting.InWords = {
  toAsk: words.evenings.known,
  emergency: words.evenings.emergency,
  poison: words.evenings.poison,
}

export const evenings: HandlersOf<typeof contract> = {
  readEvenings: (world, caller) => eveningActs.readEvenings(world, caller, runtime().secret),
  proposeEvening: (world, caller, asked) =>
    eveningActs.proposeEvening(world, caller, asked, words.evenings.known),
  giveEvening: (world, caller, asked) =>
    eveningActs.giveEvening(world, caller, asked as eveningActs.Giving, runtime().secret),
  endEvening: eveningActs.endEvening,
  readHandBack: (world, caller, asked) =>
    eveningActs.readHandBack(world, caller, asked, runtime().secret),
  readEvening: (desk, { code }) => sitting.readEvening(runtime().world, desk, code, sittingWords),
  noteEvening: (desk, { code, ...noting }) =>
    sitting.noteEvening(
      runtime().world,
      desk,
      code,
      noting as sitting.Noting,
      takenAgoOf(desk.headers),
    ),
}
