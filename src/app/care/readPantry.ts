/** The household's stock laid out on the server, as the screens lay it out from what they are sent. */
import { catalogue } from '../../core/catalogue/catalogue'
import { itemFacts } from '../../core/catalogue/itemFacts'
import { type Pantry, pantry } from '../../core/cover/pantry'
import { schoolsOf } from '../../core/cover/schools'
import { labelSetOf } from '../../core/household/labelSet'
import { readCards } from '../../db/care/care'
import { readCourses, readMembers } from '../../db/members/members'
import { readStock } from '../../db/stock/stock'
import type { Acting } from '../frame/act'
import { signedCards } from './signedCards'

/** Reads what "may this lot go into this patient now" is judged from. */
export async function readPantry({
  trx,
  today,
  household,
}: Pick<Acting, 'trx' | 'today' | 'household'>): Promise<Pantry> {
  const stock = await readStock(trx)
  return pantry({
    members: await readMembers(trx, today),
    courses: await readCourses(trx),
    places: stock.places.map((place) => ({
      ...place,
      isStore: place.presence.rhythm.kind === 'always',
    })),
    kits: stock.kits,
    pockets: stock.pockets,
    items: stock.items.map((item) => ({
      item,
      facts: itemFacts(
        item,
        item.catalogueId === null ? null : (catalogue().get(item.catalogueId) ?? null),
        item.own,
      ),
    })),
    lots: stock.lots,
    holdings: stock.holdings,
    schools: schoolsOf(household.schools),
    labels: labelSetOf(household),
    signed: signedCards(await readCards(trx)),
  })
}
