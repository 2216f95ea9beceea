/**
 * Going out: who is where on which days, what they carry, and in which bags. A trip is what was
 * agreed; what lies in a bag is the record's.
 */
import { addDays, earlier, later, type PlainDate } from '../calendar/plainDate'
import type { DaysElsewhere } from '../cover/pantry'
import type { PlaceTrait, Signal } from '../household/places'
import type { ItemId, KitId, MemberId, PlaceId, StopId, TripId } from '../ids'
import type { CabinRulesId } from './cabin'

/** How one gets there. */
export const TRAVELS = ['foot', 'bike', 'car', 'train', 'boat', 'plane'] as const
export type Travel = (typeof TRAVELS)[number]

/** Where a part of the party is, from one day to another, both included. */
export interface Stop {
  readonly id: StopId
  readonly name: string
  /** A place of the household, whose kits are there; null: elsewhere. */
  readonly placeId: PlaceId | null
  readonly from: PlainDate
  readonly to: PlainDate
  readonly members: readonly MemberId[]
  readonly travel: Travel
  /** A vehicle of the household that stays with them; its kits are there. */
  readonly vehicleId?: PlaceId | null | undefined
  /** Minutes to a clinic and to a vet; null when nobody has said: then help is taken to be far. */
  readonly minutesToHelp: number | null
  readonly minutesToVet: number | null
  readonly signal: Signal | null
  readonly traits: readonly PlaceTrait[]
  /** ISO 3166 code, for the numbers to call; "" where it is the household's own. */
  readonly country: string
  readonly note: string
}

/** Of a stop of which nobody has told anything but who, where and when: it is asked, and taken at its worst. */
export const UNSAID: Pick<
  Stop,
  'minutesToHelp' | 'minutesToVet' | 'signal' | 'traits' | 'country' | 'note'
> = {
  minutesToHelp: null,
  minutesToVet: null,
  signal: null,
  traits: [],
  country: '',
  note: '',
}

/** How a bag travels. */
export const STOWAGES = ['with_us', 'cabin', 'hold'] as const
export type Stowage = (typeof STOWAGES)[number]

/** A kit of the household that comes along. */
export interface Bag {
  readonly kitId: KitId
  /** Where they are, it is. */
  readonly carrier: MemberId
  readonly stowage: Stowage
  /** False: it comes as it is, and nothing is put in. */
  readonly filled: boolean
}

/** What the keeper asks for beside what the party needs. */
export interface TripWishes {
  /** Comes along whatever it is good for. */
  readonly keep: readonly ItemId[]
  /** Stays at home. */
  readonly leave: readonly ItemId[]
  /** Needs that are not prepared for, by their ids. */
  readonly without: readonly string[]
  /** All bags together, filled; null: as much as they carry. */
  readonly mostGrams: number | null
  /** Days that everything must be good beyond the last one. */
  readonly marginDays: number
  /** Those who stay may lack what goes along. */
  readonly bareHome: boolean
}

export interface Trip {
  readonly id: TripId
  readonly name: string
  readonly stops: readonly Stop[]
  readonly bags: readonly Bag[]
  /** Places whose stock the bags are filled from. */
  readonly sources: readonly PlaceId[]
  readonly wishes: TripWishes
  readonly cabinRules: CabinRulesId
  readonly version: number
}

export const NO_WISHES: TripWishes = {
  keep: [],
  leave: [],
  without: [],
  mostGrams: null,
  marginDays: 2,
  bareHome: false,
}

/** What one of them missed, and what was carried for nothing as they see it. */
export interface TripSaid {
  readonly memberId: MemberId
  readonly missed: string
  readonly cursed: string
}

/** What has become of a line of the list to pack. */
export const LINE_STATES = ['to_pack', 'packed', 'not_there', 'back'] as const
export type LineState = (typeof LINE_STATES)[number]

/** Longer than this nobody travels with one packing. */
export const MOST_TRIP_DAYS = 400
export const MOST_STOPS = 30
export const MOST_BAGS = 12

export const firstDay = ({ stops }: Pick<Trip, 'stops'>): PlainDate =>
  stops.map(({ from }) => from).reduce(earlier)

export const lastDay = ({ stops }: Pick<Trip, 'stops'>): PlainDate =>
  stops.map(({ to }) => to).reduce(later)

/** Bags that are on their way or at a stop on a day. */
export const bagsAwayOn = (
  trips: readonly Pick<Trip, 'stops' | 'bags'>[],
  day: PlainDate,
): ReadonlySet<KitId> =>
  new Set(
    trips.flatMap((trip) =>
      firstDay(trip) <= day && day <= lastDay(trip) ? trip.bags.map(({ kitId }) => kitId) : [],
    ),
  )

/** Bags that another trip has on some day of this one. */
export const bagsElsewhere = (
  trip: Pick<Trip, 'stops'>,
  others: readonly Pick<Trip, 'stops' | 'bags'>[],
): ReadonlySet<KitId> =>
  new Set(
    others.flatMap((other) =>
      trip.stops.length > 0 &&
      other.stops.length > 0 &&
      firstDay(other) <= lastDay(trip) &&
      firstDay(trip) <= lastDay(other)
        ? other.bags.map(({ kitId }) => kitId)
        : [],
    ),
  )

/**
 * Whole days on which somebody is not at a place because they are on a trip that leads elsewhere: not
 * the day on which they leave, nor the one on which they come back.
 */
export const daysElsewhere = (
  trips: readonly Pick<Trip, 'stops'>[],
  placeId: PlaceId,
): readonly DaysElsewhere[] =>
  trips.flatMap((trip) =>
    travellers(trip).flatMap((memberId): readonly DaysElsewhere[] => {
      const own = trip.stops.filter(({ members }) => members.includes(memberId))
      if (own.some((stop) => stop.placeId === placeId)) return []
      const from = addDays(firstDay({ stops: own }), 1)
      const to = addDays(lastDay({ stops: own }), -1)
      return from <= to ? [{ memberId, from, to }] : []
    }),
  )

/** Everybody who goes, in the order of the stops. */
export const travellers = ({ stops }: Pick<Trip, 'stops'>): readonly MemberId[] => [
  ...new Set(stops.flatMap(({ members }) => members)),
]

/** From when to when somebody is away; null for who does not go. */
export function awayDays(
  { stops }: Pick<Trip, 'stops'>,
  memberId: MemberId,
): { readonly from: PlainDate; readonly to: PlainDate } | null {
  const own = stops.filter(({ members }) => members.includes(memberId))
  return own.length === 0 ? null : { from: firstDay({ stops: own }), to: lastDay({ stops: own }) }
}
