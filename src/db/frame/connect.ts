/** The connection to the database and the transaction in which one household is all there is. */
import { Kysely, PostgresDialect, sql, type Transaction } from 'kysely'
import pg from 'pg'
import type { HouseholdId } from '../../core/ids'
import type { Tables } from './tables'

export type Db = Kysely<Tables>
export type Trx = Transaction<Tables>

const { builtins } = pg.types

/** Days stay text and whole numbers stay numbers; JavaScript's Date would move days between zones. */
const types: pg.CustomTypesConfig = {
  getTypeParser: ((oid: number, format?: 'text') => {
    if (oid === builtins.DATE) return (value: string) => value
    if (oid === builtins.INT8) return readWholeNumber
    return pg.types.getTypeParser(oid, format)
  }) as typeof pg.types.getTypeParser,
}

function readWholeNumber(text: string): number {
  const value = Number(text)
  if (!Number.isSafeInteger(value)) throw new RangeError(`${text} does not fit a safe integer`)
  return value
}

export class MissingDatabaseUrlError extends Error {
  override readonly name = 'MissingDatabaseUrlError'
}

/** A pool for the address. @throws {MissingDatabaseUrlError} when it is empty (pg would guess one) */
export function createPool(url: string | undefined, most = 10): pg.Pool {
  if (!url) throw new MissingDatabaseUrlError('Set DATABASE_URL, or start with ./satchel start')
  const pool = new pg.Pool({
    connectionString: url,
    max: most,
    types,
    connectionTimeoutMillis: 10_000,
  })
  // A server that goes away ends idle connections; the next request connects anew.
  pool.on('error', () => {})
  // One in the middle of a transaction has no query to fail: without this it would end the process.
  pool.on('connect', (client) => client.on('error', () => {}))
  return pool
}

export const createDb = (pool: pg.Pool): Db =>
  new Kysely<Tables>({ dialect: new PostgresDialect({ pool }) })

/** Who works in which household: an account with its role there. */
export interface Seat {
  readonly householdId: HouseholdId
  readonly userId: string
  /** The role has ended, and what was done before is still heard of. */
  readonly late?: boolean
  /** Somebody whom the house lets act for a while, within what it asks of them. */
  readonly byHouse?: boolean
}

/** Whoever asks does not belong to the household, or does so no longer. */
export class NotInHouseholdError extends Error {
  override readonly name = 'NotInHouseholdError'
}

/**
 * Runs work in a transaction that sees one household only, and of that what the role of whoever asks may
 * see. Row-level security compares every row with the settings made here.
 * @param of a seat, or a household alone for the house's own work
 * @throws {NotInHouseholdError}
 */
export async function inHousehold<T>(
  db: Db,
  of: Seat | HouseholdId,
  work: (trx: Trx) => Promise<T>,
): Promise<T> {
  return db.transaction().execute((trx) => within(trx, of, work))
}

/**
 * The same for reading alone: every statement sees the record as it was at the first. Within a
 * transaction that goes on already, it reads what that one has written.
 */
export async function inSnapshot<T>(
  db: Db,
  of: Seat | HouseholdId,
  read: (trx: Trx) => Promise<T>,
): Promise<T> {
  if (db.isTransaction) return within(db as Trx, of, read)
  return db
    .transaction()
    .setIsolationLevel('repeatable read')
    .setAccessMode('read only')
    .execute((trx) => within(trx, of, read))
}

/** No account has the house's own rights. */
const seatedAs = (of: Seat | HouseholdId) =>
  typeof of === 'string'
    ? { householdId: of, userId: null, late: false }
    : {
        householdId: of.householdId,
        userId: of.byHouse ? null : of.userId,
        late: of.late ?? false,
      }

async function within<T>(
  trx: Trx,
  of: Seat | HouseholdId,
  work: (trx: Trx) => Promise<T>,
): Promise<T> {
  const { householdId, userId, late } = seatedAs(of)
  const { rows } = await sql<{ role: string }>`
    select enter_household(${householdId}, ${userId}) as role`.execute(trx)
  const role = rows[0]?.role
  if (role === 'stranger' || (role === 'ended' && !late)) throw new NotInHouseholdError(householdId)
  return work(trx)
}

/** Whether an error is the database refusing by this constraint or index. */
export const isViolation = (error: unknown, constraint: string): boolean =>
  error instanceof pg.DatabaseError && error.constraint === constraint

/** Whether another row stands where this one would; which unique rule it was does not matter. */
export const isTaken = (error: unknown): boolean =>
  error instanceof pg.DatabaseError && error.code === '23505'

/** The table whose row the database refused; null for every other error. */
export const tableOf = (error: unknown): string | null =>
  error instanceof pg.DatabaseError ? (error.table ?? '') : null

/** The database is away, full or at odds with itself (classes of SQLSTATE): no data is to blame. */
const TROUBLE = /^(?:08|25|40|53|54|55|57|58|XX)/
export const isDatabaseTrouble = (error: unknown): boolean =>
  error instanceof pg.DatabaseError
    ? TROUBLE.test(error.code ?? '')
    : error instanceof Error && 'code' in error

/** Whether the database answers; throws what the driver throws when not. */
export async function ping(db: Db): Promise<void> {
  await sql`select 1`.execute(db)
}
