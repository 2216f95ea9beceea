/** Where is it? Whatever a household has, by its words: a question first, then what is called so. */
import { exactly, type Finding, nearly } from '../../core/finding/sought'
import type { Member } from '../../core/household/member'
import type { Survey } from '../../core/watch/survey'
import { judgedStockOf } from '../cover/judgementOf'
import { onceFor } from '../frame/cache'
import { type Caller, reading, surveyOf, type World } from '../frame/world'
import { answersTo } from './answers'
import { type Candidate, candidatesIn, type Found } from './candidates'

const MOST = 30

export const find = (world: World, caller: Caller, words: string): Promise<{ found: Found[] }> =>
  reading(world, caller, async (at) => {
    const { pantry } = await judgedStockOf(at)
    const survey = await surveyOf(at)
    const asked = (among: Finding): readonly Found[] => [
      ...answersTo(pantry, words, at.today, among),
      ...findIn(survey, pantry.stock.members, words, among),
    ]
    // Whoever asks for a sling means no sting: slips only where nothing has the name.
    const found = asked(exactly)
    return { found: (found.length > 0 ? found : asked(nearly)).slice(0, MOST) }
  })

/** The same stock is looked through with every letter that is typed. */
const laidOut = onceFor((_survey: Survey) => new Map<readonly Member[], readonly Candidate[]>())

/** Every word must occur somewhere in what is found; what is called so comes first. */
export function findIn(
  survey: Survey,
  members: readonly Member[],
  words: string,
  among: Finding,
): Found[] {
  const known = laidOut(survey)
  const all = known.get(members) ?? candidatesIn(survey, members)
  known.set(members, all)
  return among(words, all)
    .slice(0, MOST)
    .map(({ found }) => found)
}
