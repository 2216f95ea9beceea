/**
 * On the way: where something happens on a trip is a place like any other, and what lies there is
 * what the party carries.
 */
import type { PlainDate } from '../calendar/plainDate'
import type { CoverPlace, CoverStock } from '../cover/pantry'
import type { KitId, MemberId, PlaceId, StopId } from '../ids'
import { isAtStop, minutesToHelpAt, traitsOf } from './scenes'
import type { Stop, Trip } from './trip'

/** A stop with the bags that are there. */
export interface StopWithBags {
  readonly trip: string
  readonly stop: Stop
  readonly bags: readonly KitId[]
}

/** With whom to call there; "" where nobody knows. */
export interface StopNow extends StopWithBags {
  readonly numbers: { readonly emergency: string; readonly poison: string }
}

export const isOn = ({ from, to }: Pick<Stop, 'from' | 'to'>, day: PlainDate): boolean =>
  from <= day && day <= to

/** Every stop of trips on a day: both of them where somebody goes on from one to the other. */
export const stopsOn = (
  trips: readonly Pick<Trip, 'name' | 'stops' | 'bags'>[],
  day: PlainDate,
): readonly StopWithBags[] =>
  trips.flatMap((trip) =>
    trip.stops.filter((stop) => isOn(stop, day)).map((stop) => withItsBags(trip, stop)),
  )

/** A stop and what those carry who are there. */
export const withItsBags = (
  { name, bags }: Pick<Trip, 'name' | 'bags'>,
  stop: Stop,
): StopWithBags => ({
  trip: name,
  stop,
  bags: bags.flatMap(({ kitId, carrier }) => (stop.members.includes(carrier) ? [kitId] : [])),
})

/** Under this a stop goes among the places of a stock that was laid out with it. */
export const asPlace = (id: StopId): PlaceId => id as string as PlaceId

/**
 * The stock as whoever is at a stop finds it: the stop is one of the places, and what was carried
 * there lies there. Everything else stays where it is.
 */
export function withStop<Stock extends CoverStock>(
  stock: Stock,
  { stop, bags }: Pick<StopWithBags, 'stop' | 'bags'>,
): Stock {
  const here = asPlace(stop.id)
  const carried = new Set(bags)
  const place: CoverPlace = {
    id: here,
    name: stop.name,
    hue: 'lagoon',
    minutesToHelp: minutesToHelpAt(stop),
    traits: traitsOf(stop),
    usuallyThere: stop.members,
    isStore: false,
  }
  return {
    ...stock,
    places: [...stock.places.filter(({ id }) => id !== here), place],
    kits: stock.kits.map((kit) => {
      if (carried.has(kit.id)) return { ...kit, placeId: here, goesWith: null, isAway: false }
      if (!isAtStop(kit, stop)) return kit
      return {
        ...kit,
        placeId: here,
        // It is here, wherever else it may go.
        ...(kit.goesWith && { goesWith: { ...kit.goesWith, to: [] } }),
      }
    }),
  }
}

/** The stock as it lies on a day: what parties carry lies where they are. */
export const withStops = <Stock extends CoverStock>(
  stock: Stock,
  stops: readonly Pick<StopWithBags, 'stop' | 'bags'>[],
  day: PlainDate,
): Stock => stops.filter(({ stop }) => isOn(stop, day)).reduce(withStop, stock)

/**
 * Where somebody is on a day: the stop they went on to last; null for who is on no trip. A guest is
 * where everybody is, where everybody is at one stop.
 */
export function stopOf(
  stops: readonly StopWithBags[],
  memberId: MemberId | null,
  members: readonly MemberId[],
): StopWithBags | null {
  const whom = memberId === null ? members : [memberId]
  const theirs = stops.filter(
    ({ stop }) => whom.length > 0 && whom.every((id) => stop.members.includes(id)),
  )
  return theirs.reduce<StopWithBags | null>(
    (last, one) => (last === null || one.stop.from >= last.stop.from ? one : last),
    null,
  )
}
