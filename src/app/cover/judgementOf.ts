/** The one judgement of the household, kept with the survey until something changes. */
import { lookahead, nextCheckDay } from '../../core/calendar/presence'
import { judge } from '../../core/judgement/judgement'
import type { Judged } from '../../core/watch/ofCover'
import type { Survey } from '../../core/watch/survey'
import { type Reading, surveyOf, type Today } from '../frame/world'
import { pantryOf } from './readPantry'

const judgedOf = new WeakMap<Survey, Promise<Judged>>()

export async function judgedStockOf(at: Reading): Promise<Judged> {
  const survey = await surveyOf(at)
  const known = judgedOf.get(survey)
  if (known) return known
  const made = judgedWith(at, survey)
  judgedOf.set(survey, made)
  made.catch(() => judgedOf.delete(survey))
  return made
}

/** The same of a survey that is made inside an act. */
export async function judgedWith(at: Today, survey: Survey): Promise<Judged> {
  const pantry = await pantryOf(at, survey.stock)
  const ahead = lookahead(at.household.lookaheadDays)
  const until = new Map(
    survey.places.map(({ id, presence }) => [id, nextCheckDay(presence, at.today, ahead)]),
  )
  return { pantry, judgement: judge(pantry, at.today, until) }
}
