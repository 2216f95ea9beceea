/** Codes on lids: of each only its hash is kept. */
import { createHash } from 'node:crypto'
import { sql } from 'kysely'
import type { HouseholdId, KitId, LidCodeId } from '../../core/ids'
import type { LidShows } from '../../core/roadside/lid'
import type { Db, Trx } from '../frame/connect'

export interface LidCode {
  readonly id: LidCodeId
  readonly kitId: KitId
  readonly shows: LidShows
  readonly mayTake: boolean
}

/** Whoever takes something by a code, in the record. */
export const atLid = (id: LidCodeId): string => `lid:${id}`

const hashOf = (code: string): string =>
  createHash('sha256').update(`lid ${code}`).digest('base64url')

export async function addLidCode(
  trx: Trx,
  made: LidCode & {
    readonly householdId: HouseholdId
    readonly code: string
    readonly madeBy: string
    readonly at: Date
  },
): Promise<void> {
  await trx
    .insertInto('lid_code')
    .values({
      id: made.id,
      household_id: made.householdId,
      kit_id: made.kitId,
      code_hash: hashOf(made.code),
      shows: made.shows,
      may_take: made.mayTake,
      made_by: made.madeBy,
      made_at: made.at,
    })
    .execute()
}

const openCodes = (trx: Trx) =>
  trx
    .selectFrom('lid_code')
    .select(['id', 'kit_id', 'shows', 'may_take'])
    .where('ended_at', 'is', null)

type Row = Awaited<ReturnType<ReturnType<typeof openCodes>['executeTakeFirstOrThrow']>>

const toLidCode = (row: Row): LidCode => ({
  id: row.id as LidCodeId,
  kitId: row.kit_id as KitId,
  shows: row.shows as LidShows,
  mayTake: row.may_take,
})

/** The code that is on a kit's lid now; null without one. */
export async function lidCodeOf(trx: Trx, kitId: KitId): Promise<LidCode | null> {
  const row = await openCodes(trx).where('kit_id', '=', kitId).executeTakeFirst()
  return row ? toLidCode(row) : null
}

/** Null for a code that has ended, or that nobody made. */
export async function lidCodeBy(trx: Trx, code: string): Promise<LidCode | null> {
  const row = await openCodes(trx).where('code_hash', '=', hashOf(code)).executeTakeFirst()
  return row ? toLidCode(row) : null
}

/** Which household a code belongs to, ended ones too; null for one that nobody made. */
export async function householdOfLid(db: Db, code: string): Promise<HouseholdId | null> {
  const { rows } = await sql<{ id: string | null }>`
    select household_of_lid(${hashOf(code)}) as id`.execute(db)
  return (rows[0]?.id as HouseholdId | null | undefined) ?? null
}

export async function changeLidCode(
  trx: Trx,
  id: LidCodeId,
  { shows, mayTake }: Pick<LidCode, 'shows' | 'mayTake'>,
): Promise<void> {
  await trx.updateTable('lid_code').set({ shows, may_take: mayTake }).where('id', '=', id).execute()
}

/** @returns whether there was one */
export async function endLidCode(trx: Trx, kitId: KitId, at: Date): Promise<boolean> {
  const { numUpdatedRows } = await trx
    .updateTable('lid_code')
    .set({ ended_at: at })
    .where('kit_id', '=', kitId)
    .where('ended_at', 'is', null)
    .executeTakeFirst()
  return numUpdatedRows > 0n
}
