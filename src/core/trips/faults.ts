/** What makes a trip impossible, and what has to be asked before it can be relied on. */
import { addDays, daysBetween, earlier, later, type PlainDate } from '../calendar/plainDate'
import type { KitId, MemberId, StopId, TripId } from '../ids'
import { awayDays, firstDay, lastDay, MOST_TRIP_DAYS, type Trip, travellers } from './trip'

/** A trip with one of these is not kept. */
export type TripFault =
  | { readonly code: 'no_stop' }
  | { readonly code: 'ends_before'; readonly stop: StopId }
  | { readonly code: 'nobody_there'; readonly stop: StopId }
  | { readonly code: 'too_long'; readonly days: number }
  | {
      readonly code: 'in_two_stops'
      readonly member: MemberId
      readonly stops: readonly [StopId, StopId]
    }
  | {
      readonly code: 'in_two_trips'
      readonly member: MemberId
      readonly trip: TripId
      readonly name: string
      readonly on: PlainDate
    }
  | { readonly code: 'carrier_stays'; readonly kit: KitId; readonly member: MemberId }
  | { readonly code: 'bag_twice'; readonly kit: KitId }

/**
 * What does not hold together in a trip; none when it can be kept. Two stops may share the day on
 * which somebody moves from one to the other, and no more.
 * @param others trips that are planned or under way
 */
export function tripFaults(
  trip: Pick<Trip, 'id' | 'stops' | 'bags'>,
  others: readonly Pick<Trip, 'id' | 'name' | 'stops'>[],
): readonly TripFault[] {
  const { stops, bags } = trip
  if (stops.length === 0) return [{ code: 'no_stop' }]
  const faults: TripFault[] = []
  for (const { id, from, to, members } of stops) {
    if (to < from) faults.push({ code: 'ends_before', stop: id })
    if (members.length === 0) faults.push({ code: 'nobody_there', stop: id })
  }
  if (faults.length > 0) return faults
  const days = daysBetween(firstDay(trip), lastDay(trip)) + 1
  if (days > MOST_TRIP_DAYS) faults.push({ code: 'too_long', days })
  for (const member of travellers(trip)) {
    const clash = inTwoStops(trip, member)
    if (clash) faults.push({ code: 'in_two_stops', member, stops: clash })
    faults.push(...inOtherTrips(trip, member, others))
  }
  const going = new Set(travellers(trip))
  const seen = new Set<KitId>()
  for (const { kitId, carrier } of bags) {
    if (!going.has(carrier)) faults.push({ code: 'carrier_stays', kit: kitId, member: carrier })
    if (seen.has(kitId)) faults.push({ code: 'bag_twice', kit: kitId })
    seen.add(kitId)
  }
  return faults
}

function inTwoStops(
  { stops }: Pick<Trip, 'stops'>,
  member: MemberId,
): readonly [StopId, StopId] | null {
  const own = stops
    .filter(({ members }) => members.includes(member))
    .sort((a, b) => (a.from < b.from ? -1 : a.from > b.from ? 1 : a.to < b.to ? -1 : 1))
  for (const [at, stop] of own.entries()) {
    const next = own[at + 1]
    if (next && next.from < stop.to) return [stop.id, next.id]
    // Two whole stops on one and the same day are no move from one to the other.
    if (next && next.from === stop.from && next.to === stop.to) return [stop.id, next.id]
  }
  return null
}

function inOtherTrips(
  trip: Pick<Trip, 'id' | 'stops'>,
  member: MemberId,
  others: readonly Pick<Trip, 'id' | 'name' | 'stops'>[],
): readonly TripFault[] {
  return others.flatMap((other): readonly TripFault[] => {
    if (other.id === trip.id) return []
    const on = other.stops
      .filter(({ members }) => members.includes(member))
      .flatMap((theirs) =>
        trip.stops.flatMap((ours) => {
          const from = later(ours.from, theirs.from)
          const to = earlier(ours.to, theirs.to)
          // One may come back from one trip and leave for the next on the same day.
          return ours.members.includes(member) && from < to ? [from] : []
        }),
      )
      .sort()[0]
    return on === undefined
      ? []
      : [{ code: 'in_two_trips', member, trip: other.id, name: other.name, on }]
  })
}

/** What is not said and is therefore taken at its worst. */
export type TripQuestion =
  /** Nobody has said how far help is: it is taken to be far. */
  | { readonly code: 'how_far'; readonly stop: StopId }
  /** A traveller is nowhere on these days, between two stops. */
  | {
      readonly code: 'where_on'
      readonly member: MemberId
      readonly from: PlainDate
      readonly to: PlainDate
    }
  /** Somebody who was to be there was removed from the household: they are not reckoned with. */
  | { readonly code: 'who_is_gone'; readonly stop: StopId }
  /** A stop with nothing to carry anything in. */
  | { readonly code: 'no_bag'; readonly stop: StopId }

/** @param known everybody of the household */
export function tripQuestions(
  trip: Pick<Trip, 'stops' | 'bags'>,
  known: ReadonlySet<MemberId>,
): readonly TripQuestion[] {
  const questions: TripQuestion[] = []
  const carriers = new Set(trip.bags.map(({ carrier }) => carrier))
  for (const { id, placeId, minutesToHelp, members } of trip.stops) {
    if (members.some((member) => !known.has(member)))
      questions.push({ code: 'who_is_gone', stop: id })
    if (minutesToHelp === null) questions.push({ code: 'how_far', stop: id })
    if (placeId === null && !members.some((member) => carriers.has(member)))
      questions.push({ code: 'no_bag', stop: id })
  }
  for (const member of travellers(trip))
    if (known.has(member)) questions.push(...gapsOf(trip, member))
  return questions
}

function gapsOf(trip: Pick<Trip, 'stops'>, member: MemberId): readonly TripQuestion[] {
  const away = awayDays(trip, member)
  if (!away) return []
  const gaps: TripQuestion[] = []
  let open: PlainDate | null = null
  for (let day = away.from; day <= away.to; day = addDays(day, 1)) {
    const isSomewhere = trip.stops.some(
      ({ members, from, to }) => members.includes(member) && from <= day && day <= to,
    )
    if (!isSomewhere) open ??= day
    else if (open !== null) {
      gaps.push({ code: 'where_on', member, from: open, to: addDays(day, -1) })
      open = null
    }
  }
  return gaps
}
