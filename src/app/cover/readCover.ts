/** Everything that cover is judged from, for the board, a member's sheet and the proposed lists. */
import type { z } from 'zod'
import type { readCover as readCoverEndpoint } from '../../contract/cover'
import { schoolsOf } from '../../core/cover/schools'
import { numbersToCall } from '../../core/household/emergencyNumbers'
import { labelSetOf } from '../../core/household/labelSet'
import { readCards } from '../../db/care/care'
import { readListDecisions } from '../../db/lists/lists'
import { readCourses, readMembers } from '../../db/members/members'
import { readPhotos } from '../../db/members/photos'
import { readStock } from '../../db/stock/stock'
import { signedCards } from '../care/signedCards'
import { type Caller, reading, type World } from '../frame/world'
import { judgedBy } from './readPantry'

export type CoverView = z.infer<(typeof readCoverEndpoint)['result']>

export const readCover = (world: World, caller: Caller): Promise<CoverView> =>
  reading(world, caller, async ({ trx, household, today }) => {
    const stock = await readStock(trx)
    const numbers = numbersToCall(household)
    return {
      today,
      household: household.name,
      units: household.units,
      country: household.country,
      labels: labelSetOf(household),
      signed: [...signedCards(await readCards(trx))],
      numbers: { emergency: numbers.emergency ?? '', poison: numbers.poison ?? '' },
      schools: schoolsOf(household.schools),
      members: await readMembers(trx, today),
      photos: await readPhotos(trx),
      courses: await readCourses(trx),
      decisions: await readListDecisions(trx),
      ...(await judgedBy({ trx, today }, stock)),
      pockets: stock.pockets.map(({ id, kitId, name, reachSeconds }) => ({
        id,
        kitId,
        name,
        reachSeconds,
      })),
      items: stock.items,
      lots: stock.lots.map(({ id, itemId, expiry, opened, condition, standing, forMember }) => ({
        id,
        itemId,
        expiry,
        opened,
        condition,
        standing,
        forMember,
      })),
      holdings: stock.holdings,
      pars: stock.pars,
    } as CoverView
  })
