/**
 * A whole household, given out and brought back. What a file says is believed only as far as it
 * holds together: the ledger is added up anew, and every screen is read once before it counts.
 */
import type { HouseholdFile } from '../../contract/householdFile'
import type { BroughtBack } from '../../core/household/broughtBack'
import { NegativeStockError, OverfullPocketError } from '../../core/stock/movement'
import { inHousehold, inSnapshot, isDatabaseTrouble, tableOf } from '../../db/frame/connect'
import {
  type FileRecords,
  isEmpty,
  LedgerDiffersError,
  lockHousehold,
  readPicture,
  readRecords,
  writeRecords,
} from '../../db/household/householdFile'
import { revisionCache } from '../frame/cache'
import { Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'

/** Every record of these kinds, as they were at one moment. */
export const readWhole = (
  { db }: World,
  caller: Caller,
  kinds: readonly string[],
): Promise<FileRecords> => inSnapshot(db, caller, (trx) => readRecords(trx, kinds))

export const readPictureOf = (
  { db }: World,
  caller: Caller,
  kind: string,
  id: string,
): Promise<Buffer> => inSnapshot(db, caller, (trx) => readPicture(trx, kind, id))

/**
 * Fills the caller's empty household from a file; all of it or nothing.
 * @param kinds in the order in which they can be written
 * @param picture the bytes of one that the records name
 * @param look reads what the screens read, and throws what they would throw
 * @throws {Refusal} `household_not_empty`; `file_does_not_hold`
 */
export async function bringBack(
  world: World,
  caller: Caller,
  kinds: readonly string[],
  records: HouseholdFile['records'],
  picture: (file: string) => Promise<Buffer>,
  look: (world: World, caller: Caller) => Promise<void>,
): Promise<BroughtBack> {
  try {
    await inHousehold(world.db, caller.householdId, async (trx) => {
      await lockHousehold(trx)
      if (!(await isEmpty(trx))) throw new Refusal({ code: 'household_not_empty' })
      await writeRecords(trx, caller.householdId, kinds, records, picture)
      await look({ ...world, db: trx, surveys: revisionCache() }, caller)
    })
  } catch (error) {
    if (error instanceof Refusal || isDatabaseTrouble(error)) throw error
    throw new Refusal({ code: 'file_does_not_hold', where: whereOf(error) })
  }
  const [household] = records.household
  return {
    household: household?.name ?? '',
    places: records.place.length,
    kits: records.kit.length,
    lots: records.lot.length,
    acts: records.act.length,
    pictures:
      records.member_photo.length +
      records.lot_paper.length +
      records.card_photo.length +
      records.care_photo.length,
  }
}

function whereOf(error: unknown): string {
  if (error instanceof LedgerDiffersError) return `the ledger of lot ${error.message}`
  if (error instanceof NegativeStockError) return 'a pocket that would hold less than nothing'
  if (error instanceof OverfullPocketError) return 'a pocket that would hold too much'
  const table = tableOf(error)
  if (table !== null) return `a record of “${table}”`
  return 'something that no screen could show'
}
