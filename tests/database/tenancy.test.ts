/** One household never sees, changes or points at another's, whatever the queries say. */

import { sql } from 'kysely'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { inHousehold } from '../../src/db/frame/connect'
import { HOUSEHOLD_TABLES } from '../../src/db/frame/migrations/0001-household-record'
import { MEMBER_TABLES } from '../../src/db/frame/migrations/0003-members-and-cover'
import { KEEPING_TABLES } from '../../src/db/frame/migrations/0004-kits-as-kept'
import { ROUND_TABLES } from '../../src/db/frame/migrations/0005-rounds'
import { CARE_TABLES } from '../../src/db/frame/migrations/0006-care'
import { RESTOCK_TABLES } from '../../src/db/frame/migrations/0007-restock'
import { SHOPPING_TABLES } from '../../src/db/frame/migrations/0008-shopping'
import { LABEL_TABLES } from '../../src/db/frame/migrations/0010-labels'
import { TRIP_TABLES } from '../../src/db/frame/migrations/0017-trips'
import { EXPOSURE_TABLES } from '../../src/db/frame/migrations/0022-exposure'
import { application } from '../support/application'
import { stocked } from '../support/stocked'

const app = application()
let owner: pg.Client
let kept: Awaited<ReturnType<typeof stocked>>

beforeAll(async () => {
  owner = new pg.Client({ connectionString: app.database.ownerUrl })
  await owner.connect()
  kept = await stocked(app.world, app.keeper)
})
afterAll(() => owner.end())

const KEPT_TABLES = [
  // The marks of the old list were moved to the new one.
  ...HOUSEHOLD_TABLES.filter((table) => table !== 'shopping_mark'),
  ...MEMBER_TABLES,
  ...KEEPING_TABLES,
  ...ROUND_TABLES,
  ...CARE_TABLES,
  ...LABEL_TABLES,
  ...RESTOCK_TABLES,
  ...SHOPPING_TABLES,
  ...TRIP_TABLES,
  ...EXPOSURE_TABLES,
] as const
const EVERY_TABLE = [
  ...KEPT_TABLES,
  'household_user',
  'household_deletion',
  'invitation',
  'evening',
  'lid_code',
  'label_print',
  'paper_print',
  'roadside_taking',
] as const

describe('row-level security', () => {
  it('is on and forced for every table that carries a household', async () => {
    const { rows } = await owner.query(
      `select c.relname as name, c.relrowsecurity as enabled, c.relforcerowsecurity as forced,
              pg_get_userbyid(c.relowner) as owner,
              (select count(*)::int from pg_policy p where p.polrelid = c.oid) as policies
         from pg_class c join pg_attribute a on a.attrelid = c.oid and a.attname = 'household_id'
        where c.relkind in ('r', 'p', 'v', 'm') and c.relnamespace = 'public'::regnamespace`,
    )
    expect(rows.map(({ name }) => name).sort()).toEqual([...EVERY_TABLE].sort())
    for (const { enabled, forced, owner: role, policies } of rows) {
      expect([enabled, forced, role]).toEqual([true, true, 'satchel_owner'])
      expect(policies).toBeGreaterThan(0)
    }
  })
  it('binds the application’s role, which owns nothing and may not pass it', async () => {
    const { rows } = await owner.query(
      `select rolsuper, rolbypassrls, rolcreaterole, rolcreatedb from pg_roles where rolname = 'satchel_app'`,
    )
    expect(rows).toEqual([
      { rolsuper: false, rolbypassrls: false, rolcreaterole: false, rolcreatedb: false },
    ])
    const owned = await owner.query(
      `select relname from pg_class where pg_get_userbyid(relowner) = 'satchel_app'`,
    )
    expect(owned.rows).toEqual([])
  })
  it.each(KEPT_TABLES)('%s shows a household its own rows only', async (table) => {
    const count = (of: typeof app.keeper) =>
      inHousehold(app.world.db, of.householdId, async (trx) => {
        const result = await sql<{ mine: number; others: number }>`
          select count(*) filter (where household_id = ${of.householdId})::int as mine,
                 count(*) filter (where household_id <> ${of.householdId})::int as others
            from ${sql.table(table)}`.execute(trx)
        return result.rows[0]
      })
    expect((await count(app.keeper))?.others).toBe(0)
    expect((await count(app.stranger))?.others).toBe(0)
  })
  it('shows nothing to a connection that names no household', async () => {
    for (const table of EVERY_TABLE) {
      const { rows } = await sql<{
        n: number
      }>`select count(*)::int as n from ${sql.table(table)}`.execute(app.world.db)
      expect([table, rows[0]?.n]).toEqual([table, 0])
    }
  })
  it('refuses a row of another household, and a reference into one', async () => {
    const intoOther = inHousehold(app.world.db, app.stranger.householdId, (trx) =>
      sql`insert into member (id, household_id, name, species) values (gen_random_uuid(), ${app.keeper.householdId}, 'Spy', 'person')`.execute(
        trx,
      ),
    )
    await expect(intoOther).rejects.toMatchObject({ code: '42501' })
    const pointing = inHousehold(app.world.db, app.stranger.householdId, (trx) =>
      sql`insert into visit (id, household_id, place_id, starts_on, ends_on) values (gen_random_uuid(), ${app.stranger.householdId}, ${kept.placeId}, '2027-01-01', '2027-01-02')`.execute(
        trx,
      ),
    )
    await expect(pointing).rejects.toMatchObject({ code: '23503' })
  })
  it('keeps interleaved transactions apart', async () => {
    const seen = await Promise.all(
      Array.from({ length: 200 }, (_, n) => {
        const { householdId } = n % 2 === 0 ? app.keeper : app.stranger
        return inHousehold(app.world.db, householdId, async (trx) => {
          const { rows } = await sql<{ id: string }>`select id from household`.execute(trx)
          return rows.length === 1 && rows[0]?.id === householdId
        })
      }),
    )
    expect(seen.every(Boolean)).toBe(true)
  })
})

describe('the record', () => {
  it.each(['act', 'act_result', 'record_change', 'movement'])(
    '%s is append-only, for its owner too',
    async (table) => {
      for (const statement of [
        `update ${table} set household_id = household_id`,
        `delete from ${table}`,
      ]) {
        await expect(owner.query(statement)).rejects.toMatchObject({ code: '23001' })
        const asApp = inHousehold(app.world.db, app.keeper.householdId, (trx) =>
          sql.raw(statement).execute(trx),
        )
        await expect(asApp).rejects.toMatchObject({ code: '42501' })
      }
      await expect(owner.query(`truncate ${table} cascade`)).rejects.toMatchObject({
        code: expect.stringMatching(/23001/),
      })
    },
  )
  it('cannot hold less than nothing, nor a visit that ends before it starts', async () => {
    const wrong = [
      sql`insert into balance (household_id, lot_id, pocket_id, amount) values (${app.keeper.householdId}, ${kept.lotId}, ${kept.tray}, -1)`,
      sql`insert into visit (id, household_id, place_id, starts_on, ends_on) values (gen_random_uuid(), ${app.keeper.householdId}, ${kept.placeId}, '2027-01-02', '2027-01-01')`,
      sql`insert into par (id, household_id, item_id, pocket_id, amount) values (gen_random_uuid(), ${app.keeper.householdId}, ${kept.itemId}, ${kept.tray}, 0)`,
    ]
    for (const statement of wrong)
      await expect(
        inHousehold(app.world.db, app.keeper.householdId, (trx) => statement.execute(trx)),
      ).rejects.toMatchObject({ code: '23514' })
  })
})
