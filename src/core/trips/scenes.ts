/** Who is where with which bags: each is judged like a place of its own. */
import { addDays, daysBetween, type PlainDate } from '../calendar/plainDate'
import { type Question, skillsAmong } from '../cover/asking'
import { leftOutKey } from '../cover/leftOut'
import type { CoverKit, CoverStock, Pantry } from '../cover/pantry'
import { expectedAt, questionAt } from '../cover/scene'
import { goesTo } from '../household/goesWith'
import type { KitRange } from '../household/kitUse'
import type { PlaceTrait } from '../household/places'
import type { KitId, MemberId, PlaceId } from '../ids'
import { daysOfMembers } from '../judgement/days'
import { firstDay, lastDay, type Stop, type Trip, type TripWishes, travellers } from './trip'

/** A part of the party at a stop, from one day to another. */
export interface Scene {
  readonly stop: Stop
  readonly from: PlainDate
  readonly to: PlainDate
  readonly members: readonly MemberId[]
  /** Bags that are there: their carriers are. */
  readonly bags: readonly KitId[]
  /** Kits that are there anyhow: the place's own. */
  readonly kits: readonly KitId[]
}

/** Nobody has said how far help is: this far. */
const FAR_MINUTES = 60

export const minutesToHelpAt = ({ minutesToHelp }: Pick<Stop, 'minutesToHelp'>): number =>
  minutesToHelp ?? FAR_MINUTES

/**
 * Food and drinking water for days are bought and carried by the crate; no first aid bag holds them,
 * and the screen says that they are not counted. An animal's carrier it travels in.
 */
export const NOT_FOR_A_BAG: readonly string[] = [
  'hold-out-water',
  'hold-out-water-animal',
  'hold-out-food',
  'hold-out-feed',
  'leave-carried',
]

/** Every part of the party, in the order of the stops. */
export const scenesOf = (
  trip: Pick<Trip, 'stops' | 'bags'>,
  stock: Pick<CoverStock, 'kits' | 'members' | 'places'>,
): readonly Scene[] => {
  const bags = new Set(trip.bags.map(({ kitId }) => kitId))
  return trip.stops.map((stop) => ({
    stop,
    from: stop.from,
    to: stop.to,
    members: stop.members,
    bags: trip.bags.flatMap(({ kitId, carrier }) =>
      stop.members.includes(carrier) ? [kitId] : [],
    ),
    kits: stock.kits.flatMap((kit) => (!bags.has(kit.id) && isAtStop(kit, stop) ? [kit.id] : [])),
  }))
}

/** The place's own kits, and what goes with those who are there wherever they go. */
export function isAtStop({ placeId, goesWith, isAway }: CoverKit, stop: Stop): boolean {
  if (isAway) return false
  if (!goesWith) return placeId === stop.placeId || placeId === stop.vehicleId
  if (!stop.members.includes(goesWith.memberId)) return false
  return stop.placeId === null ? goesWith.to.length === 0 : goesTo(goesWith, stop.placeId)
}

/** How far what one carries has to reach: by night it answers what a home would. */
export function reachOf({ from, to, travel }: Pick<Stop, 'from' | 'to' | 'travel'>): KitRange {
  if (daysBetween(from, to) > 0) return 'home'
  return travel === 'car' || travel === 'boat' ? 'vehicle' : 'bag'
}

/** What may happen at a stop: as was said, and what follows from the way there and the nights. */
export function traitsOf({ traits, from, to, travel, minutesToHelp }: Stop): readonly PlaceTrait[] {
  const all = new Set(traits)
  if (daysBetween(from, to) > 0) all.add('night')
  if (travel === 'car') all.add('vehicle')
  if (travel === 'bike') all.add('road')
  if (travel === 'boat') all.add('water')
  if (minutesToHelpAt({ minutesToHelp }) >= FAR_MINUTES) all.add('remote')
  return [...all]
}

/** The question that is asked of a scene on a day. @param kits all that are reckoned to be there */
export function questionOf(
  { stop, from, to, members, bags, kits }: Scene,
  stock: CoverStock,
  wishes: Pick<TripWishes, 'without'>,
  day: PlainDate,
  all: readonly KitId[] = [...bags, ...kits],
): Question {
  // Whoever is named goes along, whatever was said of how long a guest stays at home.
  const there = new Set(members.filter((id) => stock.members.some((one) => one.id === id)))
  return {
    date: day,
    place: { minutesToHelp: minutesToHelpAt(stop), traits: traitsOf(stop) },
    kits: new Set(all),
    members: there,
    skills: skillsAmong(stock.members, there, day),
    without: new Set(),
    days: daysBetween(from, to) + 1,
    expected: [{ range: reachOf(stop), whom: 'everybody' }],
    leftOut: new Set([...NOT_FOR_A_BAG, ...wishes.without].map((need) => leftOutKey(need, null))),
  }
}

/** Days on which a scene is judged: its first, and each on which somebody is seen otherwise. */
export const daysToJudge = (
  pantry: Pantry,
  { from, to }: Pick<Scene, 'from' | 'to'>,
): readonly PlainDate[] => [
  ...new Set([
    from,
    ...daysOfMembers(pantry, from, to)
      .filter((day): day is PlainDate => day !== null && day > from && day <= to)
      .sort(),
  ]),
]

/** Those who stay at a place while the others are away, and what they are asked for. */
export interface StayScene {
  readonly placeId: PlaceId
  readonly question: Question
}

/** Places that the bags are filled from and where somebody stays. Nobody left: nothing to keep. */
export function staysOf(
  trip: Pick<Trip, 'stops' | 'sources' | 'bags'>,
  stock: CoverStock,
): readonly StayScene[] {
  const going = new Set(travellers(trip))
  const day = firstDay(trip)
  const bags = new Set(trip.bags.map(({ kitId }) => kitId))
  const along = new Set(
    stock.kits.flatMap(({ id, goesWith }) =>
      goesWith && going.has(goesWith.memberId) ? [id] : [],
    ),
  )
  return stock.places.flatMap((place): readonly StayScene[] => {
    if (!trip.sources.includes(place.id)) return []
    const members = new Set([...expectedAt(place, stock, day)].filter((one) => !going.has(one)))
    if (members.size === 0) return []
    const usual = questionAt(stock, place, day)
    return [
      {
        placeId: place.id,
        question: {
          ...usual,
          kits: new Set([...usual.kits].filter((kit) => !bags.has(kit) && !along.has(kit))),
          members,
          skills: skillsAmong(stock.members, members, day),
        },
      },
    ]
  })
}

/** Through this day all that is taken must be good. */
export const goodThrough = (trip: Pick<Trip, 'stops' | 'wishes'>): PlainDate =>
  addDays(lastDay(trip), trip.wishes.marginDays)
