/** A household in memory that goes out: shelves at home, bags of a size, stops in a test's own words. */
import { addDays } from '../../src/core/calendar/plainDate'
import { type CoverStock, type Pantry, pantry } from '../../src/core/cover/pantry'
import type { KitId, MemberId, PlaceId, PocketId, StopId, TripId } from '../../src/core/ids'
import type { BagRoom } from '../../src/core/trips/room'
import { type Bag, NO_WISHES, type Stop, type Trip } from '../../src/core/trips/trip'
import { aStock, DAY, type Scene } from './cover'
import { idOf } from './ids'

export const HOME = idOf<PlaceId>(1, 1)
export const bagId = (n: number): KitId => idOf<KitId>(2, 50 + n)
export const bagPocket = (n: number): PocketId => idOf<PocketId>(3, 50 + n)

export interface Gone {
  readonly scene: Scene
  /** Each bag's room: litres and grams; null where nobody has said. */
  readonly bags: readonly {
    readonly litres: number | null
    readonly grams: number | null
    readonly carrier: MemberId
    /** Of the bag itself; nobody has weighed it where it is absent. */
    readonly own?: number
    readonly more?: Partial<Bag>
  }[]
  readonly stops: readonly (Partial<Stop> & { readonly members: readonly MemberId[] })[]
  readonly trip?: Partial<Trip>
}

export interface GoneOut {
  readonly stock: CoverStock
  readonly laid: Pantry
  readonly trip: Trip
  readonly rooms: ReadonlyMap<KitId, BagRoom>
}

/** The stock of `aStock` with empty bags at home, and a trip. */
export function goneOut({ scene, bags, stops, trip }: Gone): GoneOut {
  const plain = aStock(scene)
  const stock: CoverStock = {
    ...plain,
    kits: [
      ...plain.kits,
      ...bags.map((_, n) => ({
        id: bagId(n),
        placeId: HOME,
        name: `Bag ${n}`,
        range: 'bag' as const,
        whom: 'everybody' as const,
        minutesAway: null,
      })),
    ],
    pockets: [
      ...plain.pockets,
      ...bags.map((_, n) => ({
        id: bagPocket(n),
        kitId: bagId(n),
        name: `Inside ${n}`,
        reachSeconds: 5,
      })),
    ],
  }
  const edge = (litres: number): number => Math.cbrt(litres * 1_000_000)
  return {
    stock,
    laid: pantry(stock),
    rooms: new Map(
      bags.map(({ litres, grams, own }, n) => [
        bagId(n),
        {
          kitId: bagId(n),
          name: `Bag ${n}`,
          pockets: [
            {
              id: bagPocket(n),
              name: `Inside ${n}`,
              inner: litres === null ? null : [edge(litres), edge(litres), edge(litres)],
            },
          ],
          carryGrams: grams,
          ownGrams: own ?? null,
        },
      ]),
    ),
    trip: {
      id: idOf<TripId>(20, 1),
      name: 'Lake week',
      sources: [HOME],
      wishes: NO_WISHES,
      cabinRules: 'eu',
      version: 1,
      ...trip,
      bags: bags.map(({ carrier, more }, n) => ({
        kitId: bagId(n),
        carrier,
        stowage: 'with_us',
        filled: true,
        ...more,
      })),
      stops: stops.map((stop, n) => ({
        id: idOf<StopId>(21, n + 1),
        name: `Stop ${n}`,
        placeId: null,
        from: addDays(DAY, 7),
        to: addDays(DAY, 9),
        travel: 'train',
        minutesToHelp: 30,
        minutesToVet: null,
        signal: null,
        traits: ['tap'],
        country: '',
        note: '',
        ...stop,
      })),
    },
  }
}
