/** What does not belong at a place in its hottest or coldest three months, by the model. */
import { addDays, daysBetween, type PlainDate, plainDate } from '../calendar/plainDate'
import type { Place } from '../household/places'
import type { ItemId } from '../ids'
import { itemTitle } from '../stock/item'
import type { Survey } from '../watch/survey'
import type { Weather } from './ahead'
import type { PlaceYear } from './harmsAhead'
import { FROST } from './limits'
import { daysAhead, spellOf } from './spell'
import type { Keeping } from './storage'

/** Above this a summer is counted: no class but "no limit" allows it for long. */
const HEAT = 3000
const MONTHS = 12

export interface Unfit {
  readonly place: Place
  readonly code: Weather
  /** Days with frost or above 30 °C, of so many. */
  readonly days: number
  readonly of: number
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
    const { climate } = place
    const year = years.find(({ placeId }) => placeId === place.id)
    if (!year || !climate || climate === 'heated') return []
    const here = holdings.filter(
      ({ site, judged }) =>
        site.place.id === place.id &&
        site.pocket.sort !== 'elsewhere' &&
        site.kit.goesWith === null &&
        judged.state !== 'spent',
    )
    return (['heat', 'frost'] as const).flatMap((code): Unfit[] => {
      const middle = code === 'heat' ? year.hottestMonth : year.coldestMonth
      const from = monthFrom(middle - 1)
      const first = plainDate(`${today.slice(0, 4)}-${String(from).padStart(2, '0')}-01`)
      const of = daysBetween(first, firstOfMonthAfter(first, 3))
      const season = daysAhead({ climate, year }, first, of)
      const isSo = (day: number): boolean =>
        code === 'heat' ? (season.high[day] ?? 0) > HEAT : (season.low[day] ?? 1) <= FROST
      const days = Array.from({ length: of }, (_, day) => day).filter(isSo).length
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
              of,
              months: [from, monthFrom(middle + 1)],
              things: [...harmed.values()],
            },
          ]
    })
  })
}

/** 1 to 12, around the turn of the year. */
const monthFrom = (month: number): number => ((month - 1 + MONTHS) % MONTHS) + 1

function firstOfMonthAfter(first: PlainDate, months: number): PlainDate {
  let day = first
  for (let n = 0; n < months; n++) {
    day = addDays(day, 27)
    do day = addDays(day, 1)
    while (!day.endsWith('-01'))
  }
  return day
}
