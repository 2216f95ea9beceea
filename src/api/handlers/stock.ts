/** Lots: what is put in, used, moved, counted, and the list of all. */
import * as lotActs from '../../app/lotActs'
import * as manyActs from '../../app/manyActs'
import * as paperActs from '../../app/paperActs'
import * as partActs from '../../app/partActs'
import { readLot } from '../../app/readKits'
import { keepReviewed, readReview } from '../../app/readReview'
import { readStockList } from '../../app/readStockList'
import { receiveLot } from '../../app/receiveLot'
import { setPar } from '../../app/setPar'
import * as viewActs from '../../app/viewActs'
import type * as contract from '../../contract/stock'
import type { HandlersOf } from '../handler'
import { pictureFile, pictureOf } from '../picture'

export const stock: HandlersOf<typeof contract> = {
  ...lotActs,
  ...partActs,
  ...manyActs,
  ...viewActs,
  receiveLot,
  setPar,
  readStockList,
  readReview,
  keepReviewed,
  readLot: (world, caller, { lotId }) => readLot(world, caller, lotId),
  amendLot: (world, caller, { key, lotId, seenVersion, part, item, ...details }) =>
    lotActs.amendLot(world, caller, { key, lotId, seenVersion, part, item, details }),
  keepPaper: async (world, caller, { photo, ...asked }) =>
    paperActs.keepPaper(world, caller, { ...asked, photo: await pictureOf(photo) }),
  lotPaper: async (world, caller, { lotId }) =>
    pictureFile('directions', await paperActs.readPaper(world, caller, lotId)),
}
