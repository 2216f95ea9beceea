/** Errands of going out: the bags are packed before, emptied after, and what was taken along comes back. */
import { addDays } from '../calendar/plainDate'
import type { Place } from '../household/places'
import { firstDay, lastDay, type Trip, travellers } from '../trips/trip'
import { anErrand, type Errand } from './errand'
import type { Survey } from './survey'

/** A trip that is not over, and how far its packing is. */
export interface TripToDo {
  readonly trip: Pick<Trip, 'id' | 'name' | 'stops' | 'bags' | 'sources'>
  /** Lines of its list that wait, and that lie in a bag. */
  readonly toPack: number
  readonly packed: number
}

/** So long before somebody leaves the bags are packed. */
const PACK_DAYS = 7

/** @param trips those that are not over */
export const ofTrips = (survey: Survey, trips: readonly TripToDo[]): readonly Errand[] => [
  ...trips.flatMap((one) => packing(survey, one)),
  ...takenAlong(survey, trips),
]

function packing(
  { today, places }: Pick<Survey, 'today' | 'places'>,
  { trip, toPack, packed }: TripToDo,
): readonly Errand[] {
  const place = startsAt(places, trip)
  if (!place || trip.stops.length === 0) return []
  const [from, to] = [firstDay(trip), lastDay(trip)]
  const about = { place, title: trip.name }
  if (to < today && packed > 0)
    return [
      anErrand({
        ...about,
        key: `unpack:${trip.id}`,
        act: 'unpack',
        reason: { code: 'trip_over', tripId: trip.id, to, packed },
      }),
    ]
  const hasNoList = toPack + packed === 0 && trip.bags.some(({ filled }) => filled)
  const isSoon = today <= from && from <= addDays(today, PACK_DAYS)
  return isSoon && (toPack > 0 || hasNoList)
    ? [
        anErrand({
          ...about,
          key: `pack:${trip.id}`,
          act: 'pack',
          due: from,
          reason: { code: 'trip_soon', tripId: trip.id, from, toPack },
        }),
      ]
    : []
}

const startsAt = (
  places: readonly Place[],
  { sources }: Pick<Trip, 'sources'>,
): Place | undefined => places.find(({ id }) => sources.includes(id)) ?? places[0]

/** Taken along on an earlier day by somebody who is on no trip today. */
function takenAlong(
  { today, kits, places }: Pick<Survey, 'today' | 'kits' | 'places'>,
  trips: readonly TripToDo[],
): readonly Errand[] {
  const away = new Set(
    trips
      .filter(({ trip }) => trip.stops.length > 0)
      .filter(({ trip }) => firstDay(trip) <= today && today <= lastDay(trip))
      .flatMap(({ trip }) => travellers(trip)),
  )
  return kits.flatMap((kit) => {
    const { goesWith } = kit
    const place = places.find(({ id }) => id === kit.placeId)
    if (!goesWith?.since || goesWith.since >= today || !place || away.has(goesWith.memberId))
      return []
    return [
      anErrand({
        key: `bring_back:${kit.id}`,
        act: 'bring_back',
        title: kit.name,
        kit,
        place,
        memberId: goesWith.memberId,
        reason: { code: 'taken_along', since: goesWith.since },
      }),
    ]
  })
}
