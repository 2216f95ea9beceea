/** Backups that are compared before they count, and upgrades from every earlier shape, with data. */
import { randomUUID } from 'node:crypto'
import {
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  statSync,
  utimesSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Kysely, Migrator, PostgresDialect, sql } from 'kysely'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import {
  BackupDiffersError,
  backUp,
  daily,
  restore,
  type Server,
  unbalanced,
} from '../../scripts/backup'
import type { Caller } from '../../src/app/frame/world'
import { readKit } from '../../src/app/kits/readKits'
import type { HouseholdId, KitId } from '../../src/core/ids'
import { createDb, createPool } from '../../src/db/frame/connect'
import { MIGRATIONS, migrate, pendingMigrations } from '../../src/db/frame/migrate'
import { application } from '../support/application'
import { emptyDatabase } from '../support/database'
import { stocked } from '../support/stocked'

const app = application()
const folder = mkdtempSync(join(tmpdir(), 'satchel-backup-'))
let stock: Awaited<ReturnType<typeof stocked>>
let server: Server
const adminUrl = process.env.ADMIN_DATABASE_URL ?? ''
const databaseOf = (url: string) => new URL(url).pathname.slice(1)
const on = async <T>(database: string, work: (client: pg.Client) => Promise<T>): Promise<T> => {
  const url = new URL(adminUrl)
  url.pathname = `/${database}`
  const client = new pg.Client({ connectionString: url.href })
  await client.connect()
  return work(client).finally(() => client.end())
}
beforeAll(async () => {
  stock = await stocked(app.world, app.keeper)
  server = { adminUrl, database: databaseOf(app.database.appUrl), bin: process.env.PG_BIN ?? '' }
})
const others = () =>
  on('postgres', async (admin) => {
    const { rows } = await admin.query<{ datname: string }>(
      `select datname from pg_database where datname like $1`,
      [`${server.database}\\_%`],
    )
    return rows.map(({ datname }) => datname)
  })
afterAll(async () => {
  for (const name of await others())
    await on('postgres', (admin) => admin.query(`drop database ${name} with (force)`))
})
const namesOf = (database: string) =>
  on(database, async (client) => {
    const { rows } = await client.query<{ name: string }>('select name from kit order by name')
    return rows.map(({ name }) => name)
  })

describe('a backup', () => {
  const file = join(folder, 'one.dump')
  it('is one file, compared with what it was made of, and leaves nothing else behind', async () => {
    const kept = await backUp(server, file)
    expect(kept.rows).toBeGreaterThan(20)
    expect([existsSync(file), existsSync(`${file}.part`)]).toEqual([true, false])
    expect(await others()).toEqual([])
  })
  it('is restored in the place of what is there, which stays beside it', async () => {
    await on(server.database, (client) =>
      client.query(`update kit set name = 'Changed since' where id = $1`, [stock.kitId]),
    )
    const former = await restore(server, file)
    expect([await namesOf(server.database), await namesOf(former)]).toEqual([
      ['Pantry roll'],
      ['Changed since'],
    ])
  })
  it('that is cut short is refused, and nothing is changed', async () => {
    const cut = join(folder, 'cut.dump')
    writeFileSync(cut, readFileSync(file).subarray(0, 20_000))
    const before = await others()
    await expect(restore(server, cut)).rejects.toThrow()
    expect([await namesOf(server.database), await others()]).toEqual([['Pantry roll'], before])
  })
  it('of a ledger that does not add up is none, and is not restored either', async () => {
    await on(server.database, async (client) => {
      await client.query('update balance set amount = amount + 1000')
      expect(await unbalanced(client)).toBeGreaterThan(0)
    })
    const wrong = join(folder, 'wrong.dump')
    await expect(backUp(server, wrong)).rejects.toThrow(BackupDiffersError)
    expect([existsSync(wrong), existsSync(`${wrong}.part`)]).toEqual([false, false])
    await on(server.database, (client) => client.query('update balance set amount = amount - 1000'))
  })
  it('is made once a day; the last seven are kept', async () => {
    const days = join(folder, 'days')
    expect(await daily(server, days)).not.toBeNull()
    expect(statSync(days).mode & 0o777).toBe(0o700)
    expect(await daily(server, days)).toBeNull()
    const [first = ''] = readdirSync(days)
    const yesterday = new Date(Date.now() - 25 * 3_600_000)
    utimesSync(join(days, first), yesterday, yesterday)
    for (let day = 1; day <= 7; day++) {
      const name = join(days, `daily-2020-01-0${day}T0000.dump`)
      writeFileSync(name, '')
      utimesSync(name, yesterday, yesterday)
    }
    writeFileSync(join(days, 'by-hand.dump'), '')
    expect(await daily(server, days)).not.toBeNull()
    const left = readdirSync(days)
    expect(left.filter((name) => name.startsWith('daily-'))).toHaveLength(7)
    expect(left).toContain('by-hand.dump')
    expect(left).not.toContain('daily-2020-01-01T0000.dump')
  })
})

describe('an upgrade', () => {
  const versions = Object.keys(MIGRATIONS)
  const open = async () => {
    const database = await emptyDatabase()
    const pool = new pg.Pool({ connectionString: database.ownerUrl })
    return { ...database, owner: new Kysely<unknown>({ dialect: new PostgresDialect({ pool }) }) }
  }
  const upTo = async (owner: Kysely<unknown>, name: string) => {
    const migrator = new Migrator({
      db: owner,
      provider: { getMigrations: async () => MIGRATIONS },
      migrationTableSchema: 'satchel_migrations',
    })
    const { error } = await migrator.migrateTo(name)
    expect(error).toBeUndefined()
  }

  /** A household as the first version knew it: a lot of three in one pocket of one kit. */
  async function fill(owner: Kysely<unknown>) {
    const [household, act, place, kit, pocket, item, lot] = Array.from({ length: 7 }, () =>
      randomUUID(),
    )
    await owner.transaction().execute(async (trx) => {
      await sql`select set_config('app.household', ${household}, true)`.execute(trx)
      for (const statement of [
        sql`insert into household (id, name, time_zone, date_order, week_start, units)
            values (${household}, 'Old', 'Europe/Oslo', 'day-first', 'monday', 'metric')`,
        sql`insert into household_user (household_id, user_id, name) values (${household}, 'x', 'Ilse')`,
        sql`insert into act (id, household_id, idempotency_key, request_hash, kind, who, at, on_day)
            values (${act}, ${household}, 'old-key-1', '', 'received', 'Ilse', now(), '2024-05-06')`,
        sql`insert into place (id, household_id, name, hue, rhythm, position)
            values (${place}, ${household}, 'House', 'fern', '{"kind":"always"}', 1)`,
        sql`insert into kit (id, household_id, place_id, name) values (${kit}, ${household}, ${place}, 'Box')`,
        sql`insert into pocket (id, household_id, kit_id, name, sort, cell_column, cell_row, cell_columns, cell_rows)
            values (${pocket}, ${household}, ${kit}, 'Tray', 'inside', 1, 1, 4, 1)`,
        sql`insert into item (id, household_id, name, kind, opened_clock)
            values (${item}, ${household}, 'Gauze', 'sterile', '{"kind":"unset"}')`,
        sql`insert into lot (id, household_id, item_id, expiry, condition, standing, created_by_act, version)
            values (${lot}, ${household}, ${item}, '2030-01', 'sound', '{"kind":"ready"}', ${act}, 1)`,
        sql`insert into movement (id, household_id, act_id, lot_id, kind, to_pocket_id, amount, fact)
            values (${randomUUID()}, ${household}, ${act}, ${lot}, 'received', ${pocket}, 3000,
                    ${JSON.stringify({ kind: 'received', to: pocket, amount: 3000 })})`,
        sql`insert into balance (household_id, lot_id, pocket_id, amount) values (${household}, ${lot}, ${pocket}, 3000)`,
      ])
        await statement.execute(trx)
    })
    return { household: household as HouseholdId, kit: kit as KitId }
  }

  it.each(versions.slice(0, -1))(
    'from %s keeps what is there, and it is read as ever',
    async (from) => {
      const { owner, ownerUrl } = await open()
      await upTo(owner, '0001-household-record')
      const { household, kit } = await fill(owner)
      await upTo(owner, from)
      expect(await pendingMigrations(owner)).toEqual(versions.slice(versions.indexOf(from) + 1))
      await migrate(owner)
      expect(await pendingMigrations(owner)).toEqual([])
      await owner.destroy()
      const db = createDb(createPool(ownerUrl, 2))
      const caller: Caller = { userId: 'x', name: 'Ilse', householdId: household, role: 'keeper' }
      const { pockets } = await readKit({ ...app.world, db }, caller, kit)
      expect(
        pockets.map(({ name, lines }) => [name, lines.map(({ item, good }) => [item.name, good])]),
      ).toEqual([['Tray', [['Gauze', 3000]]]])
      await db.destroy()
    },
  )
  it('that fails is taken back whole: the database is as it was', async () => {
    const { owner } = await open()
    await upTo(owner, '0001-household-record')
    await fill(owner)
    await upTo(owner, '0009-claims')
    const shape = async () =>
      (
        await sql<{ name: string }>`
          select table_schema || '.' || table_name || '.' || column_name as name
          from information_schema.columns
          where table_schema in ('public', 'auth') order by 1`.execute(owner)
      ).rows
    const before = await shape()
    const migrator = new Migrator({
      db: owner,
      provider: {
        getMigrations: async () => ({
          ...MIGRATIONS,
          '9999-broken': { up: (db) => sql`select no_such_thing`.execute(db).then(() => {}) },
        }),
      },
      migrationTableSchema: 'satchel_migrations',
    })
    const { error } = await migrator.migrateToLatest()
    expect(error).toBeDefined()
    expect(await shape()).toEqual(before)
    const names = Object.keys(MIGRATIONS)
    expect(await pendingMigrations(owner)).toEqual(names.slice(names.indexOf('0009-claims') + 1))
    await owner.destroy()
  })
  it('of a database that is new is none', async () => {
    const { owner } = await open()
    expect(await pendingMigrations(owner)).toEqual([])
    await owner.destroy()
  })
})
