/** The one judgement of the household, kept with the survey until something changes. */
import { lookahead, nextCheckDay } from '../../core/calendar/presence'
import { judgeAgain } from '../../core/judgement/again'
import type { Judged } from '../../core/judgement/judgement'
import { judge } from '../../core/judgement/judgement'
import type { Survey } from '../../core/watch/survey'
import { Latest, onceAwaitedFor } from '../frame/cache'
import { type Reading, surveyOf, type Today } from '../frame/world'
import { pantryOf } from './readPantry'

const judgedOf = onceAwaitedFor<Survey, Judged>()

/** What was judged last for each household: after an act only what it touched is judged again. */
const judgedLast = new Latest<Judged>()

export async function judgedStockOf(at: Reading): Promise<Judged> {
  const survey = await surveyOf(at)
  return judgedOf(survey, async () => {
    const judged = await judgedWith(at, survey)
    if (at.seesAll) judgedLast.set(at.household.id, judged)
    return judged
  })
}

/** The same of a survey that is made inside an act. */
export async function judgedWith(at: Today, survey: Survey): Promise<Judged> {
  const pantry = await pantryOf(at, survey.stock)
  const ahead = lookahead(at.household.lookaheadDays)
  const until = new Map(
    survey.places.map(({ id, presence }) => [id, nextCheckDay(presence, at.today, ahead)]),
  )
  // Whatever was judged before, the difference decides what is judged again.
  const before = judgedLast.get(at.household.id)
  const judgement = before
    ? judgeAgain(before, pantry, at.today, until)
    : judge(pantry, at.today, until)
  return { pantry, judgement }
}
