/** What was done, and taking it back. */
import { readActs } from '../../app/record/readActs'
import { readPast, readRecord } from '../../app/record/readRecord'
import { undoAct } from '../../app/record/undoAct'
import type * as contract from '../../contract/record'
import type { HandlersOf } from '../handler'

export const record: HandlersOf<typeof contract> = {
  readActs,
  undoAct,
  readRecord: (world, caller, { lot, item, kit, place, who, before }) =>
    readRecord(world, caller, {
      lotId: lot,
      itemId: item,
      kitId: kit,
      placeId: place,
      who,
      before,
    }),
  readPast: (world, caller, { day }) => readPast(world, caller, day),
}
