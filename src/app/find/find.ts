/** Where is it? Whatever a household has, by its words: a question first, then what is called so. */
import { exactly, type Finding, nearly, sought } from '../../core/finding/sought'
import type { Member } from '../../core/household/member'
import type { Survey } from '../../core/watch/survey'
import { readCards } from '../../db/care/care'
import { findReasons } from '../../db/record/history'
import { judgedStockOf } from '../cover/judgementOf'
import { onceFor } from '../frame/cache'
import { type Caller, reading, surveyOf, type World } from '../frame/world'
import { answersTo } from './answers'
import {
  type Candidate,
  candidatesIn,
  type Found,
  ofActs,
  ofHistories,
  ofRules,
} from './candidates'

const MOST = 30
const MOST_REASONS = 4
const MOST_HISTORIES = 3
/** Whoever types one of these asks what became of a thing. */
const OF_HISTORY = new Set(sought('history record used moved threw thrown away counted gave lent'))

export const find = (world: World, caller: Caller, words: string): Promise<{ found: Found[] }> =>
  reading(world, caller, async (at) => {
    const { pantry } = await judgedStockOf(at)
    const survey = await surveyOf(at)
    const { members } = pantry.stock
    const rules = ofRules(await readCards(at.trx), members)
    const typed = sought(words)
    const told = typed.length === 0 ? [] : await findReasons(at.trx, typed, MOST_REASONS)
    const asked = (among: Finding): readonly Found[] => [
      ...answersTo(pantry, words, at.today, among),
      ...historiesIn(survey, typed, among),
      ...findIn(survey, members, words, among),
      ...among(words, rules).map(({ found }) => found),
      ...ofActs(told),
    ]
    // Whoever asks for a sling means no sting: slips only where nothing has the name.
    const found = asked(exactly)
    return { found: (found.length > 0 ? found : asked(nearly)).slice(0, MOST) }
  })

/** "history gauze", "who used the syrup": what became of it. */
function historiesIn(survey: Survey, typed: readonly string[], among: Finding): readonly Found[] {
  const rest = typed.filter((word) => !OF_HISTORY.has(word))
  if (rest.length === 0 || rest.length === typed.length) return []
  return among(rest.join(' '), ofHistories(survey))
    .slice(0, MOST_HISTORIES)
    .map(({ found }) => found)
}

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
