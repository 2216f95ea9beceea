/** Who belongs to a household, with which role, and since or until when. */
import { sql } from 'kysely'
import type { HouseholdId, PersonId } from '../../core/ids'
import type { Role } from '../../core/people/role'
import type { Db, Trx } from '../frame/connect'

export interface Membership {
  readonly householdId: HouseholdId
  readonly household: string
  readonly role: Role
  readonly ended: boolean
}

/** Every household that an account belongs to or did, the first joined first. */
export async function householdsOf(db: Db, userId: string): Promise<readonly Membership[]> {
  const { rows } = await sql<{
    household_id: string
    household: string
    role: string
    ended: boolean
  }>`select * from households_of(${userId})`.execute(db)
  return rows.map((row) => ({
    householdId: row.household_id as HouseholdId,
    household: row.household,
    role: row.role as Role,
    ended: row.ended,
  }))
}

export interface Person {
  readonly id: PersonId
  readonly userId: string
  readonly name: string
  readonly role: Role
  readonly since: Date
}

/** Whoever belongs to the household now, the first joined first. */
export async function peopleOf(trx: Trx): Promise<readonly Person[]> {
  const rows = await trx
    .selectFrom('household_user')
    .select(['id', 'user_id', 'name', 'role', 'since'])
    .where('ended_at', 'is', null)
    .orderBy('since')
    .orderBy('id')
    .execute()
  return rows.map((row) => ({
    id: row.id as PersonId,
    userId: row.user_id,
    name: row.name,
    role: row.role as Role,
    since: row.since,
  }))
}

/** Brings somebody in; whoever was there before comes back with the new role. */
export const addPerson = (
  trx: Trx,
  person: {
    readonly householdId: HouseholdId
    readonly userId: string
    readonly name: string
    readonly role: Role
    /** Now, where nobody says otherwise. */
    readonly since?: Date
  },
) =>
  trx
    .insertInto('household_user')
    .values({
      household_id: person.householdId,
      user_id: person.userId,
      name: person.name,
      role: person.role,
      ...(person.since && { since: person.since }),
    })
    .onConflict((conflict) =>
      conflict.columns(['household_id', 'user_id']).doUpdateSet({
        name: person.name,
        role: person.role,
        since: person.since ?? sql<Date>`now()`,
        ended_at: null,
      }),
    )
    .execute()

export const setRole = (trx: Trx, id: PersonId, role: Role) =>
  trx.updateTable('household_user').set({ role }).where('id', '=', id).execute()

/** From now on; what they had counted before still arrives. */
export const endRole = (trx: Trx, id: PersonId, at: Date) =>
  trx.updateTable('household_user').set({ ended_at: at }).where('id', '=', id).execute()

/** When somebody's role ended; null while it goes on, or where they never belonged to it. */
export async function endOf(trx: Trx, userId: string): Promise<Date | null> {
  const row = await trx
    .selectFrom('household_user')
    .select('ended_at')
    .where('user_id', '=', userId)
    .executeTakeFirst()
  return row?.ended_at ?? null
}

/** Two windows of one new account begin at the same moment: one of them waits. */
export async function lockAccount(trx: Trx, userId: string): Promise<void> {
  await sql`select pg_advisory_xact_lock(hashtextextended(${`account ${userId}`}, 0))`.execute(trx)
}

/** Roles are given and ended one after the other, so that not every keeper goes because another stays. */
export async function lockPeople(trx: Trx): Promise<void> {
  // Not `for update`: an act that has begun beside this one holds on to the household’s key.
  await sql`select 1 from household for no key update`.execute(trx)
}
