/** What matters most today, as facts for one sentence. */
import type { PlainDate } from '../calendar/plainDate'
import { nextThere } from '../calendar/presence'
import type { Place } from '../household/places'
import { NOTHING } from '../quantity/amount'
import type { Errand } from './errands'
import { lineState, type Survey } from './survey'

export type Headline =
  | { readonly code: 'nothing_kept' }
  | {
      readonly code: 'essentials_bare'
      readonly count: number
      readonly place: Place
      readonly title: string
    }
  /** Things turn before anybody is back after the coming visit. */
  | {
      readonly code: 'turns_before_back'
      readonly count: number
      readonly place: Place
      readonly visit: PlainDate
    }
  | { readonly code: 'spent'; readonly count: number; readonly places: readonly Place[] }
  | { readonly code: 'turning'; readonly count: number; readonly places: readonly Place[] }
  | { readonly code: 'below_par'; readonly count: number; readonly places: readonly Place[] }
  | { readonly code: 'all_well'; readonly nextDay: PlainDate | null }

/**
 * The headline of the day: an essential that is not there comes first, then what turns where
 * nobody will be for a while, then what is spent, turning or short.
 */
export function headline(survey: Survey, todo: readonly Errand[]): Headline {
  if (survey.holdings.length === 0 && survey.lines.length === 0) return { code: 'nothing_kept' }
  const essentials = survey.lines.filter(
    (line) => line.item.essential && line.par > NOTHING && lineState(line) === 'bare',
  )
  const bare = survey.places.map((place) => ({
    place,
    lines: essentials.filter((line) => line.site.place.id === place.id),
  }))
  const worst = bare.reduce(
    (a, b) => (b.lines.length > a.lines.length ? b : a),
    bare[0] ?? { place: null, lines: [] },
  )
  const [missing] = worst.lines
  if (worst.place && missing)
    return {
      code: 'essentials_bare',
      count: worst.lines.length,
      place: worst.place,
      title: missing.item.name,
    }

  for (const place of survey.places) {
    if (place.presence.rhythm.kind !== 'visits') continue
    const there = nextThere(place.presence, survey.today)
    const count = todo.filter(
      ({ act, place: at }) => act === 'replace' && at.id === place.id,
    ).length
    if (there.kind === 'on' && count > 0)
      return { code: 'turns_before_back', count, place, visit: there.day }
  }
  const of = (act: Errand['act']) => {
    const those = todo.filter((errand) => errand.act === act)
    return { count: those.length, places: [...new Set(those.map(({ place }) => place))] }
  }
  const spent = of('throw_away')
  if (spent.count > 0) return { code: 'spent', ...spent }
  const turning = of('replace')
  if (turning.count > 0) return { code: 'turning', ...turning }
  const short = of('top_up')
  if (short.count > 0) return { code: 'below_par', ...short }
  const days = survey.holdings.flatMap(({ judged }) =>
    judged.state === 'sound' && judged.lastGood.kind === 'day' ? [judged.lastGood.day] : [],
  )
  return { code: 'all_well', nextDay: days.sort()[0] ?? null }
}
