/** The household itself. */

import type { Household } from '../../core/household/household'
import type { Trx } from '../frame/connect'
import { toHousehold } from '../frame/rows'

export async function readHousehold(trx: Trx): Promise<Household> {
  return toHousehold(await trx.selectFrom('household').selectAll().executeTakeFirstOrThrow())
}

/** Counts the household's acts; the same number means the same record. */
export async function readRevision(trx: Trx): Promise<number> {
  const row = await trx.selectFrom('household').select('revision').executeTakeFirstOrThrow()
  return row.revision
}
