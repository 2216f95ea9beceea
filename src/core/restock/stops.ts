/** Where a plan stops: places, and kits that leave theirs for a while. */
import { daysBetween, type PlainDate } from '../calendar/plainDate'
import type { Kit, Place } from '../household/places'
import type { KitId } from '../ids'
import type { Survey } from '../watch/survey'

/** From the first to the last of these days. */
export interface KitAway {
  readonly kitId: KitId
  readonly from: PlainDate
  readonly to: PlainDate
}

/** A place, or a kit of one that has visits of its own; the days on which it is gone, counted from today. */
export interface StopSite {
  readonly place: Place
  readonly kit: Kit | null
  readonly gone: readonly { readonly from: number; readonly to: number }[]
}

/** Every place, then every kit that is on a trip before `until`, with the days on which it is gone. */
export function stopsOf(
  { today, places, kits }: Pick<Survey, 'today' | 'places' | 'kits'>,
  away: readonly KitAway[],
  until: PlainDate,
): readonly StopSite[] {
  const days = (day: PlainDate): number => daysBetween(today, day)
  return [
    ...places.map((place) => ({ place, kit: null, gone: [] })),
    ...kits.flatMap((kit) => {
      const place = places.find(({ id }) => id === kit.placeId)
      const gone = away
        .filter(({ kitId, from, to }) => kitId === kit.id && to >= today && from < until)
        .map(({ from, to }) => ({ from: days(from), to: days(to) }))
      return place && gone.length > 0 ? [{ place, kit, gone }] : []
    }),
  ]
}
