/** Where is it? Whatever a household has, by its words: a question first, then what is called so. */
import { exactly, type Finding, nearly, sought } from '../../core/finding/sought'
import type { Survey } from '../../core/watch/survey'
import { readCards } from '../../db/care/care'
import { recentActs } from '../../db/frame/acts'
import { judgedStockOf } from '../cover/judgementOf'
import { onceAwaitedFor } from '../frame/cache'
import { type Caller, type Reading, reading, surveyOf, type World } from '../frame/world'
import { LATELY } from '../record/readActs'
import { answersTo } from './answers'
import { actsAmong, type Candidate, candidatesIn, type Found, historiesIn } from './candidates'

const MOST = 30
const MOST_ACTS = 4
const MOST_HISTORIES = 3
/** Whoever types one of these asks what became of a thing. */
const OF_HISTORY = new Set(sought('history record used moved threw thrown away counted gave lent'))

/** What may be looked for in a household as it is. */
interface LaidOut {
  readonly things: readonly Candidate[]
  readonly histories: readonly Candidate[]
  readonly acts: readonly Candidate[]
}

/** Kept with the survey: the same revision is looked through with every letter that is typed. */
const laidOutOf = onceAwaitedFor<Survey, LaidOut>()

async function layOut(at: Reading): Promise<LaidOut> {
  const survey = await surveyOf(at)
  return laidOutOf(survey, async () => {
    const { pantry } = await judgedStockOf(at)
    return {
      things: candidatesIn(survey, pantry.stock.members, await readCards(at.trx)),
      histories: historiesIn(survey),
      acts: actsAmong(await recentActs(at.trx, LATELY)),
    }
  })
}

export const find = (world: World, caller: Caller, words: string): Promise<{ found: Found[] }> =>
  reading(world, caller, async (at) => {
    if (!at.seesAll) return { found: await thingsAmong(at, words) }
    const { pantry } = await judgedStockOf(at)
    const { things, histories, acts } = await layOut(at)
    const asked = (among: Finding): readonly Found[] => [
      ...answersTo(pantry, words, at.today, among),
      ...foundIn(among(pastOf(words), histories), MOST_HISTORIES),
      ...foundIn(among(words, things), MOST),
      ...foundIn(among(words, acts), MOST_ACTS),
    ]
    // Whoever asks for a sling means no sting: slips only where nothing has the name.
    const found = asked(exactly)
    return { found: (found.length > 0 ? found : asked(nearly)).slice(0, MOST) }
  })

/** For whoever may find things and look no further: where they are. */
async function thingsAmong(at: Reading, words: string): Promise<Found[]> {
  const things = candidatesIn(await surveyOf(at), [], []).filter(({ found }) =>
    FINDABLE.has(found.kind),
  )
  const found = exactly(words, things)
  return foundIn(found.length > 0 ? found : nearly(words, things), MOST).slice()
}

const FINDABLE: ReadonlySet<Found['kind']> = new Set(['lot', 'bare', 'kit', 'place', 'pocket'])

const foundIn = (among: readonly Candidate[], most: number): readonly Found[] =>
  among.slice(0, most).map(({ found }) => found)

/** "history gauze", "who used the syrup": of what it is asked; "" where nobody asks for that. */
function pastOf(words: string): string {
  const typed = sought(words)
  const rest = typed.filter((word) => !OF_HISTORY.has(word))
  return rest.length === typed.length ? '' : rest.join(' ')
}
