/**
 * Backups: the whole database in one file (pg_dump, custom format), which is restored into a
 * scratch database and compared before it counts as one.
 *
 * backup FILE · restore FILE · daily FOLDER
 */
import { execFile } from 'node:child_process'
import { mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { promisify } from 'node:util'
import pg from 'pg'

const run = promisify(execFile)

/** The copy is not what was copied: it is thrown away, and the backup is none. */
export class BackupDiffersError extends Error {
  override readonly name = 'BackupDiffersError'
}

export interface Server {
  /** Of the administrator, into any database. */
  readonly adminUrl: string
  /** The database that is kept. */
  readonly database: string
  /** Where pg_dump and pg_restore are. */
  readonly bin: string
}

const at = (adminUrl: string, database: string): string => {
  const url = new URL(adminUrl)
  url.pathname = `/${database}`
  return url.href
}

async function on<T>(url: string, work: (client: pg.Client) => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    return await work(client)
  } finally {
    await client.end()
  }
}

/** The password is handed over by the environment: other users see a command's words. */
async function tool({ adminUrl, bin }: Server, name: string, words: readonly string[]) {
  const { hostname, port, username, password } = new URL(adminUrl)
  await run(
    join(bin, name),
    ['--host', hostname, '--port', port, '--username', username, ...words],
    {
      env: { ...process.env, PGPASSWORD: decodeURIComponent(password) },
      maxBuffer: 64 * 1024 * 1024,
    },
  )
}

/** How many rows every table has, by its name. */
async function counts(client: pg.Client): Promise<ReadonlyMap<string, number>> {
  const { rows } = await client.query<{ name: string }>(
    `select format('%I.%I', schemaname, tablename) as name from pg_tables
     where schemaname not in ('pg_catalog', 'information_schema') order by 1`,
  )
  const all = new Map<string, number>()
  for (const { name } of rows) {
    const { rows: counted } = await client.query<{ n: string }>(`select count(*) as n from ${name}`)
    all.set(name, Number(counted[0]?.n))
  }
  return all
}

/** Pockets in which the ledger adds up to something else than is recorded to lie there. */
export async function unbalanced(client: pg.Client): Promise<number> {
  const { rows } = await client.query<{ n: number }>(`
    with moved as (
      select lot_id, to_pocket_id as pocket_id, amount from movement where to_pocket_id is not null
      union all
      select lot_id, from_pocket_id, -amount from movement where from_pocket_id is not null
    ), folded as (
      select lot_id, pocket_id, sum(amount) as amount from moved group by 1, 2
    )
    select count(*)::int as n from folded full join balance using (lot_id, pocket_id)
    where coalesce(folded.amount, 0) <> coalesce(balance.amount, 0)`)
  return rows[0]?.n ?? 0
}

export interface Kept {
  readonly tables: number
  readonly rows: number
  readonly bytes: number
}

/**
 * Writes a backup, restores it into a scratch database and compares the two.
 * @throws {BackupDiffersError} and then there is no file
 */
export async function backUp(server: Server, file: string): Promise<Kept> {
  const part = `${file}.part`
  try {
    return await on(at(server.adminUrl, server.database), async (client) => {
      // What is copied and what it is compared with are one moment, whatever is written meanwhile.
      await client.query('begin isolation level repeatable read read only')
      const { rows } = await client.query<{ id: string }>('select pg_export_snapshot() as id')
      await tool(server, 'pg_dump', [
        '--format=custom',
        `--snapshot=${rows[0]?.id}`,
        `--file=${part}`,
        server.database,
      ])
      const kept = await counts(client)
      await client.query('rollback')
      const scratch = await restoreAside(server, part)
      try {
        await mustBeSame(at(server.adminUrl, scratch), kept)
      } finally {
        await drop(server, scratch)
      }
      renameSync(part, file)
      return {
        tables: kept.size,
        rows: [...kept.values()].reduce((sum, n) => sum + n, 0),
        bytes: statSync(file).size,
      }
    })
  } finally {
    rmSync(part, { force: true })
  }
}

async function mustBeSame(url: string, kept: ReadonlyMap<string, number>): Promise<void> {
  await on(url, async (copy) => {
    const copied = await counts(copy)
    for (const [name, n] of kept)
      if (copied.get(name) !== n)
        throw new BackupDiffersError(`${name} has ${copied.get(name) ?? 'no'} rows, not ${n}`)
    const wrong = await unbalanced(copy)
    if (wrong > 0) throw new BackupDiffersError(`The ledger does not add up in ${wrong} pockets`)
  })
}

/** @returns the name of a new database with what is in the file */
async function restoreAside(server: Server, file: string): Promise<string> {
  const scratch = `${server.database}_restored_${Date.now()}`
  await on(server.adminUrl, (admin) =>
    admin.query(`create database ${pg.escapeIdentifier(scratch)}`),
  )
  try {
    await tool(server, 'pg_restore', ['--exit-on-error', `--dbname=${scratch}`, file])
    return scratch
  } catch (error) {
    await drop(server, scratch)
    throw error
  }
}

const drop = ({ adminUrl }: Server, name: string) =>
  on(adminUrl, (admin) =>
    admin.query(`drop database if exists ${pg.escapeIdentifier(name)} with (force)`),
  )

/**
 * Puts a backup in the place of what is there. Both are kept until the new one stands: what was
 * there stays beside it under another name.
 * @returns that name
 * @throws {BackupDiffersError} when the file does not hold a ledger that adds up; nothing is changed
 */
export async function restore(server: Server, file: string): Promise<string> {
  const scratch = await restoreAside(server, file)
  const wrong = await on(at(server.adminUrl, scratch), unbalanced).catch(async (error) => {
    await drop(server, scratch)
    throw error
  })
  if (wrong > 0) {
    await drop(server, scratch)
    throw new BackupDiffersError(`The ledger in ${file} does not add up in ${wrong} pockets`)
  }
  const former = `${server.database}_before_${Date.now()}`
  const [now, old, next] = [server.database, former, scratch].map((name) =>
    pg.escapeIdentifier(name),
  )
  await on(server.adminUrl, async (admin) => {
    await admin.query(
      'select pg_terminate_backend(pid) from pg_stat_activity where datname = any($1) and pid <> pg_backend_pid()',
      [[server.database, scratch]],
    )
    await admin.query(`alter database ${now} rename to ${old}`)
    await admin.query(`alter database ${next} rename to ${now}`)
    await admin.query(`revoke connect, temporary on database ${now} from public`)
  })
  return former
}

const DAY_MILLISECONDS = 86_400_000
const KEPT_DAYS = 7
const DAILY = /^daily-.*\.dump$/

/** Makes today's backup unless there is one, and lets go of those before the last seven. */
export async function daily(server: Server, folder: string): Promise<Kept | null> {
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  const made = () =>
    readdirSync(folder)
      .filter((name) => DAILY.test(name))
      .sort()
  const last = made().at(-1)
  if (last && Date.now() - statSync(join(folder, last)).mtimeMs < DAY_MILLISECONDS) return null
  const stamp = new Date().toISOString().slice(0, 16).replace(':', '')
  const kept = await backUp(server, join(folder, `daily-${stamp}.dump`))
  for (const name of made().slice(0, -KEPT_DAYS)) rmSync(join(folder, name))
  return kept
}

async function main([what, where = '']: readonly string[]): Promise<void> {
  const { ADMIN_DATABASE_URL = '', SATCHEL_DATABASE = 'satchel', PG_BIN = '' } = process.env
  const server = { adminUrl: ADMIN_DATABASE_URL, database: SATCHEL_DATABASE, bin: PG_BIN }
  process.umask(0o077)
  if (what === 'restore') {
    const former = await restore(server, where)
    console.log(`Restored. What was there before is kept as the database ${former}.`)
    return
  }
  const kept = what === 'daily' ? await daily(server, where) : await backUp(server, where)
  if (kept)
    console.log(
      `Backed up: ${kept.rows} rows of ${kept.tables} tables, ${Math.ceil(kept.bytes / 1024)} kB, restored and compared.`,
    )
}

if (process.argv[1]?.endsWith('backup.ts'))
  await main(process.argv.slice(2)).catch((error: Error) => {
    // The tools say plainly what is wrong; a stack would hide it.
    console.error(String((error as { stderr?: string }).stderr || error.message))
    process.exit(1)
  })
