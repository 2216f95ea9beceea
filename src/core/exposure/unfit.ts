/** What does not belong at a place in its hottest or coldest three months, by the model. */
import { addMonths, daysBetween, plainDate } from '../calendar/plainDate'
import type { Place } from '../household/places'
import type { ItemId } from '../ids'
import { itemTitle } from '../stock/item'
import type { Survey } from '../watch/survey'
import type { Weather } from './ahead'
import { FROST, HEAT } from './limits'
import type { MonthMet } from './model'
import { harshModelOf, isOpenAir, type PlaceYear } from './placeModel'
import { daysAhead, spellOf } from './spell'
import type { Keeping } from './storage'

const MONTHS = 12

export interface Unfit {
  readonly place: Place
  readonly code: Weather
  /** Days with frost or above 30 °C, of so many. */
  readonly days: number
  readonly of: number
  /** Counted in the last year by a logger of the place; else by the model. */
  readonly isMeasured: boolean
  /** The first and the last month, 1 to 12. */
  readonly months: readonly [from: number, to: number]
  readonly things: readonly {
    readonly itemId: ItemId
    readonly kitId: string
    readonly title: string
  }[]
}

/** Where somebody has told the year; no fridge, and nothing that is carried about. */
export function unfitThings(
  { places, holdings, today }: Pick<Survey, 'places' | 'holdings' | 'today'>,
  years: readonly PlaceYear[],
  keepingOf: (itemId: ItemId) => Keeping | undefined,
): readonly Unfit[] {
  return places.flatMap((place) => {
    const model = harshModelOf(place, years)
    if (!model) return []
    const { year } = model
    const here = holdings.filter(
      ({ site, judged }) =>
        site.place.id === place.id && isOpenAir(site) && judged.state !== 'spent',
    )
    return (['heat', 'frost'] as const).flatMap((code): Unfit[] => {
      const middle = code === 'heat' ? year.hottestMonth : year.coldestMonth
      const from = monthFrom(middle - 1)
      const first = plainDate(`${today.slice(0, 4)}-${String(from).padStart(2, '0')}-01`)
      const of = daysBetween(first, addMonths(first, 3))
      const season = daysAhead(model, first, of)
      const isSo = (day: number): boolean =>
        code === 'heat' ? (season.high[day] ?? 0) > HEAT : (season.low[day] ?? 1) <= FROST
      const counted = [middle - 1, middle, middle + 1].map(
        (month) => model.measured?.[monthFrom(month) - 1] ?? null,
      )
      const met = counted.filter((one): one is MonthMet => one !== null)
      const isMeasured = met.length === counted.length
      const sum = (each: (one: MonthMet) => number): number =>
        met.reduce((so, one) => so + each(one), 0)
      const days = isMeasured
        ? sum((one) => (code === 'heat' ? one.hot : one.frost))
        : Array.from({ length: of }, (_, day) => day).filter(isSo).length
      const letter = code.charAt(0)
      const harmed = new Map<string, Unfit['things'][number]>()
      if (days > 0)
        for (const { item, site } of here) {
          const keeping = keepingOf(item.id)
          // The first frost of a cold summer night is no matter of its heat.
          const only = keeping && {
            ...keeping,
            ...(code === 'heat' ? { frostHarms: false } : { storage: null }),
          }
          const spell = only ? spellOf(season, only) : null
          if (spell?.by.startsWith(letter))
            harmed.set(`${item.id}/${site.kit.id}`, {
              itemId: item.id,
              kitId: site.kit.id,
              title: itemTitle(item),
            })
        }
      return harmed.size === 0
        ? []
        : [
            {
              place,
              code,
              days,
              of: isMeasured ? sum((one) => one.days) : of,
              isMeasured,
              months: [from, monthFrom(middle + 1)],
              things: [...harmed.values()],
            },
          ]
    })
  })
}

/** 1 to 12, around the turn of the year. */
const monthFrom = (month: number): number => ((month - 1 + MONTHS) % MONTHS) + 1
