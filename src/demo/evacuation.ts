/** What the demo household has said for leaving the house in a hurry; some of it nobody has said yet. */

import { changeEvacuation } from '../app/evacuation/evacuationActs'
import type { Caller, World } from '../app/frame/world'
import { readHousehold } from '../app/household/householdActs'
import { changePlace } from '../app/places/placeActs'
import type { Stocked } from './stocked'

export async function liveEvacuation(
  on: (daysAgo: number) => World,
  caller: Caller,
  { places }: Pick<Stocked, 'places'>,
): Promise<void> {
  const { household, places: known } = await readHousehold(on(20), caller)
  await changeEvacuation(on(20), caller, {
    key: `demo-evacuation-${caller.householdId}`,
    seenVersion: household.version,
    goTo: [
      {
        name: 'Grete and Ove',
        phone: '555-0163',
        address: '8 Orchard Rise, up the hill, past the chapel',
        takesAnimals: true,
      },
      {
        name: 'Valley school hall',
        phone: '555-0170',
        address: 'Where the council opens beds',
        takesAnimals: null,
      },
    ],
    tell: [
      { name: 'Grete', phone: '555-0163' },
      { name: 'Mr Halloran next door', phone: '555-0159' },
    ],
    papers: 'Blue folder, top shelf of the hall cupboard',
    leftHow: ['Gas off at the meter', 'Stove and iron off', 'Windows shut', 'Key to Mr Halloran'],
  })
  const carId = places.get('car')
  const car = known.find(({ id }) => id === carId)
  if (!car) return
  await changePlace(on(20), caller, {
    key: `demo-car-${caller.householdId}`,
    placeId: car.id,
    seenVersion: car.version,
    vehicle: { seats: 5, animals: 3, isAway: false },
  })
}
