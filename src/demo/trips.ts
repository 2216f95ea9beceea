/** A week at a lake that the demo household has planned: one flies, and the party splits for two days. */
import type { Caller, World } from '../app/frame/world'
import { createTrip } from '../app/trips/tripActs'
import { addDays, type PlainDate } from '../core/calendar/plainDate'
import type { KitId, MemberId, StopId } from '../core/ids'
import { NO_WISHES, type Stop, type Stowage } from '../core/trips/trip'
import type { Stocked } from './stocked'

/** So many days ahead they leave. */
const AHEAD = 14

export async function liveTrips(
  on: (daysAgo: number) => World,
  caller: Caller,
  {
    members,
    kits,
    places,
    today,
    newId,
  }: Stocked & { readonly today: PlainDate; readonly newId: () => string },
): Promise<void> {
  const who = (...names: readonly string[]): readonly MemberId[] =>
    names.flatMap((name) => members.get(name) ?? [])
  const day = (after: number): PlainDate => addDays(today, AHEAD + after)
  const stop = (about: Pick<Stop, 'name' | 'from' | 'to' | 'members'> & Partial<Stop>): Stop => ({
    id: newId() as StopId,
    placeId: null,
    travel: 'car',
    minutesToHelp: 40,
    minutesToVet: 50,
    signal: 'patchy',
    traits: ['tap', 'water', 'cold'],
    country: '',
    note: '',
    ...about,
  })
  const [ilse, tove] = who('Ilse', 'Tove')
  const [house, car] = [places.get('house'), places.get('car')]
  const [hip, boot] = [kits.get('pannier'), kits.get('boot')]
  if (!ilse || !tove || !house || !car || !hip || !boot) return
  const bag = (kitId: KitId, carrier: MemberId, stowage: Stowage = 'with_us') => ({
    kitId,
    carrier,
    stowage,
    filled: true,
  })
  await createTrip(on(1), caller, {
    key: `demo-trip-${caller.householdId}`,
    name: 'Lake week',
    stops: [
      stop({
        name: 'Flight to the lake',
        from: day(0),
        to: day(0),
        members: who('Tove'),
        travel: 'plane',
        minutesToHelp: 60,
        minutesToVet: null,
        traits: [],
      }),
      stop({
        name: 'Lake house',
        from: day(0),
        to: day(3),
        members: who('Ilse', 'Tove', 'Arlo', 'Ned', 'Runa', 'Bracken'),
      }),
      stop({
        name: 'Hut on the far shore',
        from: day(3),
        to: day(5),
        members: who('Tove', 'Arlo', 'Bracken'),
        travel: 'foot',
        minutesToHelp: 180,
        minutesToVet: null,
        traits: ['water', 'cold', 'blades'],
      }),
      stop({
        name: 'Lake house meanwhile',
        from: day(3),
        to: day(5),
        members: who('Ilse', 'Ned', 'Runa'),
      }),
      stop({
        name: 'Last days at the lake',
        from: day(5),
        to: day(7),
        members: who('Ilse', 'Tove', 'Arlo', 'Ned', 'Runa', 'Bracken'),
      }),
    ],
    // Tove’s pouch flies with her: what a cabin forbids does not go into it.
    bags: [bag(boot, ilse), bag(hip, tove, 'cabin')],
    sources: [house, car],
    wishes: NO_WISHES,
    cabinRules: 'eu',
  })
}
