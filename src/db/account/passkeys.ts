/** Passkeys of accounts, and the questions that devices have been asked. */
import { sql } from 'kysely'
import type { Db } from '../frame/connect'

export interface PasskeyRow {
  readonly id: string
  readonly userId: string
  readonly publicKey: Uint8Array<ArrayBuffer>
  readonly counter: number
  readonly transports: readonly string[]
  readonly name: string
  readonly madeAt: Date
  readonly lastUsedAt: Date | null
}

/** Those of an account, the oldest first. */
export async function passkeysOf(db: Db, userId: string): Promise<readonly PasskeyRow[]> {
  const rows = await passkeys(db).where('user_id', '=', userId).orderBy('made_at').execute()
  return rows.map(toPasskey)
}

export async function passkeyById(db: Db, id: string): Promise<PasskeyRow | null> {
  const row = await passkeys(db).where('id', '=', id).executeTakeFirst()
  return row ? toPasskey(row) : null
}

const passkeys = (db: Db) => db.selectFrom('auth.passkey').selectAll()
type Row = Awaited<ReturnType<ReturnType<typeof passkeys>['executeTakeFirstOrThrow']>>

const toPasskey = (row: Row): PasskeyRow => ({
  id: row.id,
  userId: row.user_id,
  publicKey: new Uint8Array(row.public_key),
  counter: row.counter,
  transports: row.transports,
  name: row.name,
  madeAt: row.made_at,
  lastUsedAt: row.last_used_at,
})

export const addPasskey = (
  db: Db,
  { id, userId, publicKey, counter, transports, name }: Omit<PasskeyRow, 'madeAt' | 'lastUsedAt'>,
) =>
  db
    .insertInto('auth.passkey')
    .values({
      id,
      user_id: userId,
      public_key: Buffer.from(publicKey),
      counter,
      transports: [...transports],
      name,
    })
    .execute()

export const notePasskeyUse = (db: Db, id: string, counter: number) =>
  db
    .updateTable('auth.passkey')
    .set({ counter, last_used_at: sql<Date>`now()` })
    .where('id', '=', id)
    .execute()

/** Takes all of an account's away. */
export const removePasskeys = (db: Db, userId: string) =>
  db.deleteFrom('auth.passkey').where('user_id', '=', userId).execute()

/** @returns whether there was one */
export async function removePasskey(db: Db, userId: string, id: string): Promise<boolean> {
  const { numDeletedRows } = await db
    .deleteFrom('auth.passkey')
    .where('user_id', '=', userId)
    .where('id', '=', id)
    .executeTakeFirst()
  return numDeletedRows > 0n
}

/** A question is open for so long. */
const OPEN = sql`interval '5 minutes'`

/** Notes what a device is asked. @param userId whose passkey is to be made; null for signing in */
export async function askPasskey(db: Db, challenge: string, userId: string | null): Promise<void> {
  await db
    .deleteFrom('auth.passkey_question')
    .where('asked_at', '<', sql<Date>`now() - ${OPEN}`)
    .execute()
  await db.insertInto('auth.passkey_question').values({ challenge, user_id: userId }).execute()
}

/** A question is answered once. @returns whether it was asked, of that account, and is still open */
export async function takeQuestion(
  db: Db,
  challenge: string,
  userId: string | null,
): Promise<boolean> {
  const { numDeletedRows } = await db
    .deleteFrom('auth.passkey_question')
    .where('challenge', '=', challenge)
    .where('user_id', userId === null ? 'is' : '=', userId)
    .where('asked_at', '>=', sql<Date>`now() - ${OPEN}`)
    .executeTakeFirst()
  return numDeletedRows > 0n
}
