/**
 * Which of the household's bags come along: those that, with what lies in them and what has to go in,
 * are lightest in all and leave no part of the party short. Exact, by the same program as the packing.
 */
import { type CoverStock, pantry } from '../cover/pantry'
import type { KitId, MemberId } from '../ids'
import type { Solver } from '../solving/program'
import { layOutTrip } from './layOut'
import { type LoadoutLimits, packBags } from './loadout'
import type { BagRoom } from './room'
import { type Bag, MOST_BAGS, type Trip, travellers } from './trip'

export interface BagsChosen {
  /** All that come along: those that come as they are first. */
  readonly bags: readonly Bag[]
  /** Problems that even all of them together leave some part unprepared for, because there is no room. */
  readonly leftBehind: number
}

/**
 * People who are together at every stop: whatever one of them carries, all of them have. Animals carry
 * what is put on them by hand.
 */
export function partiesOf(
  trip: Pick<Trip, 'stops'>,
  { members }: Pick<CoverStock, 'members'>,
): readonly (readonly MemberId[])[] {
  const going = new Set(travellers(trip))
  const people = members.filter(({ id, species }) => species === 'person' && going.has(id))
  const parties = new Map<string, MemberId[]>()
  // Whoever helps carries before a child does.
  for (const { id: one } of [...people].sort((a, b) => Number(b.helper) - Number(a.helper))) {
    const where = trip.stops.map((stop) => stop.members.includes(one)).join()
    parties.set(where, [...(parties.get(where) ?? []), one])
  }
  return [...parties.values()]
}

/**
 * Chooses the bags of a trip anew; those that come as they are stay, and whoever carries one goes on
 * carrying it where that is as good.
 * @param mostBags to be filled; null: as many as it takes
 * @throws {UnsolvedError} where the solver has no answer in the time that it has
 */
export function chooseBags(
  stock: CoverStock,
  trip: Trip,
  rooms: ReadonlyMap<KitId, BagRoom>,
  solver: Solver,
  limits: LoadoutLimits,
  mostBags: number | null = null,
): BagsChosen {
  const parties = partiesOf(trip, stock)
  const asItIs = trip.bags.filter(({ filled }) => !filled)
  const kits = bagsToChooseFrom(stock, trip, rooms)
  const stowage = trip.stops.some(({ travel }) => travel === 'plane') ? 'hold' : 'with_us'
  const copies = kits.flatMap((kitId) => {
    const before = trip.bags.find((bag) => bag.kitId === kitId)
    return parties.flatMap((party): readonly Bag[] => {
      const carrier = before && party.includes(before.carrier) ? before.carrier : party[0]
      return carrier ? [{ kitId, carrier, stowage: before?.stowage ?? stowage, filled: true }] : []
    })
  })
  const { problem } = layOutTrip(pantry(stock), { ...trip, bags: [...asItIs, ...copies] }, rooms, {
    optional: new Set(kits),
    mostBags: Math.min(mostBags ?? MOST_BAGS, MOST_BAGS - asItIs.length),
  })
  const { chosen, leftBehind } = packBags(problem, solver, limits)
  const taken = chosen.flatMap((at) => copies[at - asItIs.length] ?? [])
  return {
    bags: [...asItIs, ...carriedBy(taken, trip, parties)],
    leftBehind: leftBehind.filter(({ isFirstChoice }) => !isFirstChoice).length,
  }
}

/** What is kept where the trip is packed from, can be carried, and nobody wears anyhow. */
const bagsToChooseFrom = (
  { kits }: Pick<CoverStock, 'kits'>,
  { bags, sources }: Pick<Trip, 'bags' | 'sources'>,
  rooms: ReadonlyMap<KitId, BagRoom>,
): readonly KitId[] =>
  kits.flatMap(({ id, placeId, goesWith, isAway }) => {
    const now = bags.find(({ kitId }) => kitId === id)
    if (now) return now.filled && rooms.has(id) ? [id] : []
    return rooms.has(id) && sources.includes(placeId) && !goesWith && !isAway ? [id] : []
  })

/** Nobody of a party carries a second bag while another carries none. */
function carriedBy(
  taken: readonly Bag[],
  trip: Pick<Trip, 'bags'>,
  parties: readonly (readonly MemberId[])[],
): readonly Bag[] {
  const carries = new Map<MemberId, number>()
  const count = (of: MemberId): number => carries.get(of) ?? 0
  const settled = new Set(
    taken.filter(({ kitId, carrier }) =>
      trip.bags.some((bag) => bag.kitId === kitId && bag.carrier === carrier),
    ),
  )
  for (const { carrier } of settled) carries.set(carrier, count(carrier) + 1)
  return taken.map((bag) => {
    if (settled.has(bag)) return bag
    const party = parties.find((one) => one.includes(bag.carrier)) ?? [bag.carrier]
    const carrier = party.reduce((least, one) => (count(one) < count(least) ? one : least))
    carries.set(carrier, count(carrier) + 1)
    return { ...bag, carrier }
  })
}
