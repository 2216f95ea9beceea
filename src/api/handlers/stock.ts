/** Lots: what is put in, used, moved, counted, and the list of all. */
import { readLot } from '../../app/kits/readKits'
import * as lotActs from '../../app/stock/lotActs'
import * as manyActs from '../../app/stock/manyActs'
import * as paperActs from '../../app/stock/paperActs'
import * as partActs from '../../app/stock/partActs'
import { keepReviewed, readReview } from '../../app/stock/readReview'
import { readStockList } from '../../app/stock/readStockList'
import { receiveLot } from '../../app/stock/receiveLot'
import { setPar } from '../../app/stock/setPar'
import * as viewActs from '../../app/stock/viewActs'
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
