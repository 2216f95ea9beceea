/** Who rides where: seats for people, room for carriers and dogs, a driver in each vehicle. */
import type { MemberId, PlaceId } from '../ids'
import type { VehicleFacts } from './evacuation'
import type { Creature, EvacuationParty, Goer } from './party'

export interface Vehicle {
  readonly id: PlaceId
  readonly name: string
  /** Null when nobody has said anything of it. */
  readonly facts: VehicleFacts | null
}

export interface Ride {
  readonly vehicle: Vehicle
  readonly driver: MemberId
  /** The driver first. */
  readonly people: readonly MemberId[]
  readonly animals: readonly MemberId[]
}

export interface Rides {
  readonly rides: readonly Ride[]
  readonly unseated: readonly MemberId[]
  /** Animals for which there is no room. */
  readonly left: readonly MemberId[]
}

/** Of unknown seats only the driver's is counted, of unknown room none. */
const seatsOf = ({ facts }: Vehicle): number => Math.max(1, facts?.seats ?? 1)
const roomOf = ({ facts }: Vehicle): number => facts?.animals ?? 0

/** What takes room: who shares a carrier takes none of their own. Horses go by their own ways. */
export const takesRoom = ({ out, sharesWith }: Creature): boolean =>
  out !== 'halter' && sharesWith === null

/** As many people as can be, then as many animals, in as few vehicles; every choice of drivers is tried. */
export function ridesFor(party: EvacuationParty, vehicles: readonly Vehicle[]): Rides {
  const usable = vehicles.filter(({ facts }) => facts?.isAway !== true).slice(0, MOST_VEHICLES)
  const drivers = party.people.filter(({ drives }) => drives)
  let best = filled(party, [])
  for (const driven of drivenBy(usable, drivers)) {
    const one = filled(party, driven)
    if (isBetter(one, best)) best = one
  }
  return best
}

const MOST_VEHICLES = 4

type Driven = readonly { readonly vehicle: Vehicle; readonly driver: Goer }[]

/** Every way to put different drivers into some of the vehicles. */
function drivenBy(vehicles: readonly Vehicle[], drivers: readonly Goer[]): readonly Driven[] {
  const [vehicle, ...others] = vehicles
  if (!vehicle) return [[]]
  return [
    ...drivenBy(others, drivers),
    ...drivers.flatMap((driver) =>
      drivenBy(
        others,
        drivers.filter((one) => one !== driver),
      ).map((driven) => [{ vehicle, driver }, ...driven]),
    ),
  ]
}

function isBetter(a: Rides, b: Rides): boolean {
  const ranks = (of: Rides) => [of.unseated.length, of.left.length, of.rides.length]
  const before = ranks(b)
  const differs = ranks(a).findIndex((rank, at) => rank !== before[at])
  return differs >= 0 && (ranks(a)[differs] ?? 0) < (before[differs] ?? 0)
}

function filled({ people, animals }: EvacuationParty, driven: Driven): Rides {
  const driving = new Set(driven.map(({ driver }) => driver.id))
  // Who needs most help is seated first, then children: an adult waits for the second way.
  const waiting = people
    .filter(({ id }) => !driving.has(id))
    .sort(
      (a, b) =>
        Number(b.help !== 'none') - Number(a.help !== 'none') ||
        Number(a.hasHands) - Number(b.hasHands),
    )
    .map(({ id }) => id)
  const kept = animals.filter(takesRoom).map(({ id }) => id)
  const withThem = (id: MemberId): readonly MemberId[] => [
    id,
    ...animals.flatMap((one) => (one.sharesWith === id ? [one.id] : [])),
  ]
  const rides = driven.map(
    ({ vehicle, driver }): Ride => ({
      vehicle,
      driver: driver.id,
      people: [driver.id, ...waiting.splice(0, seatsOf(vehicle) - 1)],
      animals: kept.splice(0, roomOf(vehicle)).flatMap(withThem),
    }),
  )
  return { rides, unseated: waiting, left: kept.flatMap(withThem) }
}

/** On foot: hands that are there, and hands that are needed for children, leads and carriers. */
export function handsOnFoot({ people, animals }: EvacuationParty): {
  readonly have: number
  readonly need: number
} {
  return {
    have: people.filter(({ hasHands }) => hasHands).length * 2,
    need:
      people.filter(({ help }) => help !== 'none').length +
      animals.filter(({ sharesWith }) => sharesWith === null).length,
  }
}
