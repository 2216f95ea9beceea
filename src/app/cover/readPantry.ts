/** The household's stock laid out on the server, as the screens lay it out from what they are sent. */
import type { PlainDate } from '../../core/calendar/plainDate'
import { knownItem } from '../../core/cover/knownItem'
import { leftOutOf } from '../../core/cover/leftOut'
import { type CoverStock, type Pantry, pantry } from '../../core/cover/pantry'
import { schoolsOf } from '../../core/cover/schools'
import { labelSetOf } from '../../core/household/labelSet'
import { bagsAwayOn, daysElsewhere, type Trip } from '../../core/trips/trip'
import type { HouseholdStock } from '../../core/watch/survey'
import { readCards } from '../../db/care/care'
import { readListDecisions } from '../../db/lists/lists'
import { readCourses, readMembers } from '../../db/members/members'
import { readStock } from '../../db/stock/stock'
import { openTrips } from '../../db/trips/trips'
import { signedCards } from '../care/signedCards'
import type { Today } from '../frame/world'

/** Reads what "may this lot go into this patient now" is judged from. */
export const readPantry = async (at: Today): Promise<Pantry> =>
  pantryOf(at, await readStock(at.trx))

/** What is judged by: whatever else becomes known of a place or a kit, nothing is judged again for it. */
export const judgedBy = async (
  { trx, today }: Pick<Today, 'trx' | 'today'>,
  stock: Pick<HouseholdStock, 'places' | 'kits'>,
): Promise<Pick<CoverStock, 'places' | 'kits'>> => {
  return judgedByWith(stock, await openTrips(trx), today)
}

const judgedByWith = (
  { places, kits }: Pick<HouseholdStock, 'places' | 'kits'>,
  trips: readonly Trip[],
  today: PlainDate,
): Pick<CoverStock, 'places' | 'kits'> => ({
  places: places.map(({ id, name, hue, minutesToHelp, traits, usuallyThere, presence }) => ({
    id,
    name,
    hue,
    minutesToHelp,
    traits,
    usuallyThere,
    isStore: presence.rhythm.kind === 'always',
    ...(trips.length > 0 && { elsewhere: daysElsewhere(trips, id) }),
  })),
  kits: kits.map(({ id, placeId, name, range, whom, minutesAway, goesWith }) => ({
    id,
    placeId,
    name,
    range,
    whom,
    minutesAway,
    goesWith,
    ...(bagsAwayOn(trips, today).has(id) && { isAway: true }),
  })),
})

/** The same where the stock has been read already. */
export async function pantryOf(at: Today, stock: HouseholdStock): Promise<Pantry> {
  const { trx, today, household } = at
  return pantry({
    members: await readMembers(trx, today),
    courses: stock.courses ?? (await readCourses(trx)),
    ...(await judgedBy(at, stock)),
    pockets: stock.pockets,
    items: stock.items.map(knownItem),
    lots: stock.lots,
    holdings: stock.holdings,
    schools: schoolsOf(household.schools),
    labels: labelSetOf(household),
    signed: signedCards(await readCards(trx)),
    leftOut: leftOutOf(await readListDecisions(trx)),
  })
}
