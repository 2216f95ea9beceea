/** Accounts beside what the sign-in library does itself: tries, sessions, codes to get in again. */
import { sql } from 'kysely'
import { type Db, isTaken } from '../frame/connect'

/** A bucket of tries may hold so many within so long. */
export interface TryLimit {
  readonly bucket: string
  readonly most: number
  readonly minutes: number
}

/**
 * Counts a try in each bucket; the database does it, so that several servers count together.
 * @returns minutes until another try is heard, or null when this one is
 */
export async function countTry(db: Db, limits: readonly TryLimit[]): Promise<number | null> {
  return db.transaction().execute(async (trx) => {
    await sql`delete from auth.sign_in_try where at < now() - interval '1 day'`.execute(trx)
    for (const { bucket, most, minutes } of limits) {
      // Two tries at once are counted one after the other.
      await sql`select pg_advisory_xact_lock(hashtextextended(${bucket}, 0))`.execute(trx)
      const { rows } = await sql<{ n: number; left: number | null }>`
        select count(*)::int as n,
               ceil(extract(epoch from min(at) + ${minutes} * interval '1 minute' - now()) / 60)::int as left
        from auth.sign_in_try
        where bucket = ${bucket} and at > now() - ${minutes} * interval '1 minute'`.execute(trx)
      const [row] = rows
      if (row && row.n >= most) return Math.max(1, row.left ?? minutes)
    }
    if (limits.length > 0)
      await trx
        .insertInto('auth.sign_in_try')
        .values(limits.map(({ bucket }) => ({ bucket })))
        .execute()
    return null
  })
}

/** A right try clears what was counted against it. */
export async function forgetTries(db: Db, buckets: readonly string[]): Promise<void> {
  await db
    .deleteFrom('auth.sign_in_try')
    .where('bucket', 'in', [...buckets])
    .execute()
}

export interface SessionRow {
  readonly id: string
  readonly userAgent: string
  readonly since: Date
  readonly lastUsed: Date
}

/** Where somebody is signed in, the latest first. */
export async function sessionsOf(db: Db, userId: string): Promise<readonly SessionRow[]> {
  const rows = await db
    .selectFrom('auth.session')
    .select(['id', 'userAgent', 'createdAt', 'updatedAt'])
    .where('userId', '=', userId)
    .where('expiresAt', '>', sql<Date>`now()`)
    .orderBy('updatedAt', 'desc')
    .execute()
  return rows.map(({ id, userAgent, createdAt, updatedAt }) => ({
    id,
    userAgent: userAgent ?? '',
    since: createdAt,
    lastUsed: updatedAt,
  }))
}

/** Ends one session of somebody's. @returns whether there was one */
export async function endSession(db: Db, userId: string, sessionId: string): Promise<boolean> {
  const { numDeletedRows } = await db
    .deleteFrom('auth.session')
    .where('userId', '=', userId)
    .where('id', '=', sessionId)
    .executeTakeFirst()
  return numDeletedRows > 0n
}

/** Ends all sessions of somebody's but the one that is kept, if any. */
export async function endSessions(db: Db, userId: string, but: string | null): Promise<number> {
  const { numDeletedRows } = await db
    .deleteFrom('auth.session')
    .where('userId', '=', userId)
    .$if(but !== null, (all) => all.where('id', '!=', but ?? ''))
    .executeTakeFirst()
  return Number(numDeletedRows)
}

export const accountByEmail = (db: Db, email: string) =>
  db
    .selectFrom('auth.user')
    .select(['id', 'name', 'email'])
    .where('email', '=', email.toLowerCase())
    .executeTakeFirst()

/** Where letters to somebody go. */
export const emailOf = async (db: Db, userId: string): Promise<string | null> =>
  (await db.selectFrom('auth.user').select('email').where('id', '=', userId).executeTakeFirst())
    ?.email ?? null

export const renameAccount = (db: Db, userId: string, name: string) =>
  db.updateTable('auth.user').set({ name }).where('id', '=', userId).execute()

/** @returns false when another account has the address */
export async function setEmail(db: Db, userId: string, email: string): Promise<boolean> {
  try {
    await db
      .updateTable('auth.user')
      .set({ email: email.toLowerCase(), emailVerified: false })
      .where('id', '=', userId)
      .execute()
    return true
  } catch (error) {
    if (isTaken(error)) return false
    throw error
  }
}

/** New codes; those before them open nothing any more. */
export const setRecoveryCodes = (db: Db, userId: string, hashes: readonly string[]) =>
  db.transaction().execute(async (trx) => {
    await trx.deleteFrom('auth.recovery_code').where('user_id', '=', userId).execute()
    await trx
      .insertInto('auth.recovery_code')
      .values(hashes.map((hash) => ({ user_id: userId, hash })))
      .execute()
  })

/** Uses a code up. @returns whether it was there and unused */
export async function takeRecoveryCode(db: Db, userId: string, hash: string): Promise<boolean> {
  const { numUpdatedRows } = await db
    .updateTable('auth.recovery_code')
    .set({ used_at: sql<Date>`now()` })
    .where('user_id', '=', userId)
    .where('hash', '=', hash)
    .where('used_at', 'is', null)
    .executeTakeFirst()
  return numUpdatedRows > 0n
}

export async function recoveryCodesLeft(db: Db, userId: string): Promise<number> {
  const { left } = await db
    .selectFrom('auth.recovery_code')
    .select(({ fn }) => fn.countAll<number>().as('left'))
    .where('user_id', '=', userId)
    .where('used_at', 'is', null)
    .executeTakeFirstOrThrow()
  return Number(left)
}

/** Takes an account away, with everything one gets in by. */
export const deleteAccount = (db: Db, userId: string) =>
  db.transaction().execute(async (trx) => {
    await trx.deleteFrom('auth.recovery_code').where('user_id', '=', userId).execute()
    await trx.deleteFrom('auth.passkey').where('user_id', '=', userId).execute()
    await trx.deleteFrom('auth.session').where('userId', '=', userId).execute()
    await sql`delete from auth.account where "userId" = ${userId}`.execute(trx)
    await trx.deleteFrom('auth.user').where('id', '=', userId).execute()
  })
