/** From judged stock to what the screens are sent. */
import type { z } from 'zod'
import type * as places from '../../contract/values/places'
import type * as watch from '../../contract/values/watch'
import { byDay, type PlainDate } from '../../core/calendar/plainDate'
import { nextThere } from '../../core/calendar/presence'
import type { Begun } from '../../core/household/beginning'
import type { Household } from '../../core/household/household'
import type { Kit, Place } from '../../core/household/places'
import type { Judgement, PlaceJudgement } from '../../core/judgement/judgement'
import { missingIn } from '../../core/judgement/readiness'
import type { Role } from '../../core/people/role'
import type { Purchase } from '../../core/shopping/purchase'
import { bagsAwayOn, firstDay, lastDay, type Trip, travellers } from '../../core/trips/trip'
import { type Errand, gravityOf, type SpareAt } from '../../core/watch/errand'
import { errands } from '../../core/watch/errands'
import type { Site, Survey } from '../../core/watch/survey'
import type { Deletion } from '../../db/account/leaving'
import { onceFor } from '../frame/cache'
import type { InspectedStock } from '../rounds/inspection'

export type StrapPlace = z.infer<typeof places.strapPlace>
export type ErrandView = z.infer<typeof watch.errandValue>

const knownErrands = onceFor((_looks: InspectedStock) => new Map<number, readonly Errand[]>())

/** Every errand, found once for what was looked at. @param recalled lots that a bulletin recalls */
export function errandsOf(looks: InspectedStock, recalled = 0): readonly Errand[] {
  const known = knownErrands(looks)
  const found = known.get(recalled) ?? errands({ ...looks, recalled })
  known.set(recalled, found)
  return found
}

/** Errands that are open now, as against put off or on the shopping list already. */
export interface OpenErrands {
  readonly open: readonly Errand[]
  /** Put off, each until a day. */
  readonly putOff: readonly { readonly errand: Errand; readonly until: PlainDate }[]
  readonly listed: number
}

export function openErrands(
  looks: InspectedStock,
  deferred: ReadonlyMap<string, PlainDate>,
  purchases: readonly Pick<Purchase, 'itemId' | 'goesTo' | 'state'>[],
  recalled: number,
): OpenErrands {
  const marked = new Set(
    purchases.flatMap(({ itemId, goesTo, state }) =>
      state.kind === 'not_there' ? [] : goesTo.map(({ pocketId }) => `${itemId}:${pocketId}`),
    ),
  )
  const onList = (errand: Errand): boolean =>
    (errand.act === 'replace' || errand.act === 'top_up' || errand.act === 'refill') &&
    marked.has(`${errand.item?.id}:${errand.pocketId}`)
  const open: Errand[] = []
  const putOff: OpenErrands['putOff'][number][] = []
  let listed = 0
  for (const errand of errandsOf(looks, recalled)) {
    const until = deferred.get(errand.key)
    if (onList(errand)) listed++
    else if (until) putOff.push({ errand, until })
    else open.push(errand)
  }
  return { open, putOff, listed }
}

/** A household, and who looks at it. */
type HouseholdFor = Household & { readonly role: Role | null }

export function strapOf(
  survey: Survey,
  judgement: Judgement | null,
  { name, role, dateOrder, weekStart, currency, units, timeZone }: HouseholdFor,
  deletion: Deletion | null,
  beginning: Begun | null,
  trips: readonly TripOfStrap[] = [],
): z.infer<typeof places.strap> {
  return {
    today: survey.today,
    household: name,
    role: role ?? 'viewer',
    habits: { dateOrder, weekStart, currency, units, timeZone },
    beginning: beginning?.next ? { done: beginning.done, next: beginning.next } : null,
    deletion: deletion && { askedBy: deletion.askedBy, dueAt: deletion.dueAt.toISOString() },
    places: survey.places.map((place) => strapPlace(survey, place, judgement?.of.get(place.id))),
    trips: tripsAhead(trips, survey.today),
  }
}

type TripOfStrap = Pick<Trip, 'id' | 'name' | 'stops' | 'bags'>

/** The next first. */
const tripsAhead = (
  trips: readonly TripOfStrap[],
  today: PlainDate,
): z.infer<typeof places.strap>['trips'] =>
  trips
    .filter(({ stops }) => stops.some(({ to }) => to >= today))
    .map((trip) => ({
      id: trip.id,
      name: trip.name,
      from: firstDay(trip),
      to: lastDay(trip),
      about: [
        ...travellers(trip),
        ...trip.bags.map(({ kitId }) => kitId),
        ...trip.stops.flatMap(({ placeId, vehicleId }) => [placeId ?? [], vehicleId ?? []].flat()),
      ],
    }))
    .sort((a, b) => byDay(a.from, b.from))

const readyFor = ({ today }: PlaceJudgement): StrapPlace['ready'] =>
  today.of === 0
    ? null
    : {
        ready: today.ready,
        of: today.of,
        missing: missingIn(today).map(({ id, name, tier }) => ({
          id,
          name,
          isLife: tier === 'life',
        })),
      }

const strapPlace = (
  survey: Survey,
  place: Place,
  judged: PlaceJudgement | undefined,
): StrapPlace => ({
  id: place.id,
  name: place.name,
  hue: place.hue,
  next: nextThere(place.presence, survey.today),
  ready: judged ? readyFor(judged) : null,
})

export const errandView = (
  { survey, judged, trips }: Pick<InspectedStock, 'survey' | 'judged' | 'trips'>,
  errand: Errand,
): ErrandView => {
  const { members } = judged.pantry.stock
  const nameOf = (memberId: string) => members.find(({ id }) => id === memberId)?.name ?? ''
  return {
    key: errand.key,
    act: errand.act,
    gravity: gravityOf(errand, survey.today),
    placeId: errand.place.id,
    kitId: errand.kit?.id ?? null,
    kit: errand.kit?.name ?? '',
    kitIs: errand.kit && kitIs(errand.kit, trips, survey.today, nameOf),
    pocket: errand.pocketId === null ? '' : (survey.sites.get(errand.pocketId)?.pocket.name ?? ''),
    memberId: errand.memberId,
    member: errand.memberId === null ? '' : nameOf(errand.memberId),
    title: errand.title,
    unit: errand.item?.unit ?? '',
    itemKind: errand.item?.kind ?? null,
    lotId: errand.lotId,
    amount: errand.amount,
    reason: reasonView(errand, nameOf),
    brings: errand.brings.map(({ problemId, name, tier, members: whom, from }) => ({
      problemId,
      name,
      tier,
      members: whom.map(nameOf),
      from,
    })),
    due: errand.due,
    essential: errand.essential,
  }
}

/** Where a kit is that is not at its place; null where it is. */
function kitIs(
  { id, goesWith }: Kit,
  trips: InspectedStock['trips'],
  today: PlainDate,
  nameOf: (memberId: string) => string,
): ErrandView['kitIs'] {
  const on = trips.find(({ trip }) => bagsAwayOn([trip], today).has(id))
  if (on) return { code: 'on_trip', trip: on.trip.name, until: lastDay(on.trip) }
  return goesWith && { code: 'with', member: nameOf(goesWith.memberId) }
}

function reasonView(
  { reason }: Errand,
  nameOf: (memberId: string) => string,
): ErrandView['reason'] {
  switch (reason.code) {
    case 'turns':
    case 'below_par':
      return { ...reason, spare: spareView(reason.spare) }
    case 'gap':
      return {
        ...reason,
        members: reason.members.map(nameOf),
        ready: reason.ready.map(({ name }) => name),
        also: [...reason.also],
        from: reason.from?.name ?? null,
      }
    case 'not_asked':
      return { ...reason, topics: [...reason.topics] }
    default:
      return reason
  }
}

const spareView = (spare: SpareAt | null) =>
  spare && { place: spare.place.name, amount: spare.amount }

/** The way from a pocket up to its place, by name. */
export const siteRef = ({ pocket, kit, place }: Site) => ({
  pocketId: pocket.id,
  pocket: pocket.name,
  kitId: kit.id,
  kit: kit.name,
  placeId: place.id,
  place: place.name,
})
