/** Households that are to be deleted, and people who leave one. */
import { sql } from 'kysely'
import type { HouseholdId } from '../../core/ids'
import type { Db, Trx } from '../frame/connect'

/** So long a household can still be kept; the database says when it is over. */
export interface Deletion {
  readonly askedBy: string
  readonly dueAt: Date
  /** The account that goes with it. */
  readonly accountId: string | null
}

export async function deletionOf(trx: Trx): Promise<Deletion | null> {
  const row = await trx
    .selectFrom('household_deletion')
    .select(['asked_by', 'due_at', 'account_id'])
    .executeTakeFirst()
  return row ? { askedBy: row.asked_by, dueAt: row.due_at, accountId: row.account_id } : null
}

/**
 * Asks for it. A later asking keeps the day of the first, unless an account joins: then the week
 * begins anew.
 * @param accountId goes with it, or null
 */
export async function askForDeletion(
  trx: Trx,
  householdId: HouseholdId,
  askedBy: string,
  accountId: string | null,
): Promise<void> {
  const known = await deletionOf(trx)
  if (known && (known.accountId !== null || accountId === null)) return
  await withdrawDeletion(trx)
  await trx
    .insertInto('household_deletion')
    .values({ household_id: householdId, asked_by: askedBy, account_id: accountId })
    .execute()
}

/** @returns whether there was something to take back */
export async function withdrawDeletion(trx: Trx): Promise<boolean> {
  const { numDeletedRows } = await trx.deleteFrom('household_deletion').executeTakeFirst()
  return numDeletedRows > 0n
}

/** How many people belong to the household. */
export async function countPeople(trx: Trx, householdId: HouseholdId): Promise<number> {
  const { people } = await trx
    .selectFrom('household_user')
    .select(({ fn }) => fn.countAll<number>().as('people'))
    .where('household_id', '=', householdId)
    .where('ended_at', 'is', null)
    .executeTakeFirstOrThrow()
  return Number(people)
}

export const leaveHousehold = (trx: Trx, householdId: HouseholdId, userId: string) =>
  trx
    .deleteFrom('household_user')
    .where('household_id', '=', householdId)
    .where('user_id', '=', userId)
    .execute()

/** Deletes every household whose week is over, with the account that asked for it. @returns how many */
export async function deleteDueHouseholds(db: Db): Promise<number> {
  const { rows } = await sql<{ deleted: number }>`
    select delete_due_households() as deleted`.execute(db)
  return rows[0]?.deleted ?? 0
}
