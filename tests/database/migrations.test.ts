/** Databases of every earlier version are brought up to date: the same in the end, and nothing of theirs is lost. */
import { randomUUID } from 'node:crypto'
import { Kysely, type Migration, Migrator, PostgresDialect, sql, type Transaction } from 'kysely'
import pg from 'pg'
import { beforeAll, describe, expect, it } from 'vitest'
import { MIGRATIONS, migrate, pendingMigrations } from '../../src/db/frame/migrate'
import { copyDatabase, emptyDatabase } from '../support/database'

const NAMES = Object.keys(MIGRATIONS)

/** An empty database at one of its earlier states; nothing at all for null. */
async function databaseAt(state: string | null): Promise<Kysely<unknown>> {
  const { ownerUrl } = await emptyDatabase()
  const pool = new pg.Pool({ connectionString: ownerUrl, max: 1 })
  const owner = new Kysely<unknown>({ dialect: new PostgresDialect({ pool }) })
  if (state === null) return owner
  const { error } = await new Migrator({
    db: owner,
    provider: { getMigrations: async (): Promise<Record<string, Migration>> => MIGRATIONS },
    migrationTableSchema: 'satchel_migrations',
  }).migrateTo(state)
  if (error) throw error
  return owner
}

/** As the household itself: security holds for the owner too. */
const asHousehold = <T>(
  owner: Kysely<unknown>,
  household: string,
  work: (trx: Transaction<unknown>) => Promise<T>,
): Promise<T> =>
  owner.transaction().execute(async (trx) => {
    await sql`select set_config('app.household', ${household}, true)`.execute(trx)
    return work(trx)
  })

const ids = (count: number): string[] => Array.from({ length: count }, () => randomUUID())

/** A household with one thing in one pocket, in the words of the first version that knew how. */
async function keepSomething(owner: Kysely<unknown>) {
  const [household = '', act, place, kit, pocket, item, lot, movement] = ids(8)
  await asHousehold(owner, household, async (trx) => {
    await sql`insert into household (id, name, time_zone, date_order, week_start, units)
      values (${household}, 'Old', 'Europe/Oslo', 'day-first', 'monday', 'metric')`.execute(trx)
    await sql`insert into act (id, household_id, idempotency_key, request_hash, kind, who, at, on_day)
      values (${act}, ${household}, 'old-key-1', '', 'received', 'Ilse', now(), '2024-05-06')`.execute(
      trx,
    )
    await sql`insert into place (id, household_id, name, hue, rhythm, position)
      values (${place}, ${household}, 'House', 'fern', '{"kind":"always"}', 1)`.execute(trx)
    await sql`insert into kit (id, household_id, place_id, name)
      values (${kit}, ${household}, ${place}, 'Box')`.execute(trx)
    await sql`insert into pocket (id, household_id, kit_id, name, sort, cell_column, cell_row, cell_columns, cell_rows)
      values (${pocket}, ${household}, ${kit}, 'Tray', 'inside', 1, 1, 4, 1)`.execute(trx)
    await sql`insert into item (id, household_id, name, kind, opened_clock, pack_size, pack_price_minor, shop)
      values (${item}, ${household}, 'Gauze', 'sterile', '{"kind":"unset"}', 10000, 300, 'Corner pharmacy')`.execute(
      trx,
    )
    const { rows: dated } = await sql`select 1 from information_schema.columns
      where table_name = 'lot' and column_name = 'received_on'`.execute(trx)
    const [column, day] =
      dated.length > 0 ? [sql`, received_on`, sql`, '2024-05-06'`] : [sql``, sql``]
    await sql`insert into lot (id, household_id, item_id, expiry, condition, standing, batch, created_by_act${column})
      values (${lot}, ${household}, ${item}, '2027-03', 'sound', '{"kind":"ready"}', 'L55', ${act}${day})`.execute(
      trx,
    )
    await sql`insert into movement (id, household_id, act_id, lot_id, kind, to_pocket_id, amount, fact)
      values (${movement}, ${household}, ${act}, ${lot}, 'received', ${pocket}, 6000, '{}')`.execute(
      trx,
    )
    await sql`insert into balance (household_id, lot_id, pocket_id, amount)
      values (${household}, ${lot}, ${pocket}, 6000)`.execute(trx)
  })
  return { household, pocket, item, lot, act }
}

/** Everything that makes a database what it is, but for what lies in it. */
async function shapeOf(owner: Kysely<unknown>): Promise<readonly string[]> {
  const of = async (query: string) =>
    (await sql.raw<{ line: string }>(query).execute(owner)).rows.map(({ line }) => line)
  const ours = "'public'::regnamespace"
  return [
    ...(await of(
      `select concat_ws(' ', 'column', table_name, column_name, data_type, is_nullable, column_default, generation_expression) as line
         from information_schema.columns where table_schema = 'public'`,
    )),
    ...(await of(
      `select concat_ws(' ', 'constraint', conrelid::regclass, conname, pg_get_constraintdef(oid)) as line
         from pg_constraint where connamespace = ${ours} and conrelid <> 0`,
    )),
    ...(await of(
      `select 'index ' || indexdef as line from pg_indexes where schemaname = 'public'`,
    )),
    ...(await of(
      `select concat_ws(' ', 'policy', tablename, policyname, cmd, qual, with_check) as line
         from pg_policies where schemaname = 'public'`,
    )),
    ...(await of(
      `select concat_ws(' ', 'security', relname, relrowsecurity, relforcerowsecurity) as line
         from pg_class where relnamespace = ${ours} and relkind = 'r'`,
    )),
    ...(await of(
      `select 'trigger ' || pg_get_triggerdef(oid) as line from pg_trigger where not tgisinternal`,
    )),
    ...(await of(
      `select concat_ws(' ', 'grant', table_name, grantee, privilege_type) as line
         from information_schema.role_table_grants where table_schema = 'public'`,
    )),
    ...(await of(
      `select 'function ' || pg_get_functiondef(p.oid) as line from pg_proc p
        where p.pronamespace = ${ours} and p.prokind = 'f'
          and not exists (select 1 from pg_depend d where d.objid = p.oid and d.deptype = 'e')`,
    )),
  ].sort()
}

let wanted: readonly string[]
beforeAll(async () => {
  const { ownerUrl } = await copyDatabase()
  const pool = new pg.Pool({ connectionString: ownerUrl, max: 1 })
  const owner = new Kysely<unknown>({ dialect: new PostgresDialect({ pool }) })
  wanted = await shapeOf(owner)
  await owner.destroy()
})

describe.each(NAMES)('from %s', (state) => {
  it('what is missing is applied in order, and the database is as a new one', async () => {
    const owner = await databaseAt(state)
    const missing = NAMES.slice(NAMES.indexOf(state) + 1)
    expect(await pendingMigrations(owner)).toEqual(missing)
    expect(await migrate(owner)).toEqual(missing)
    expect(await pendingMigrations(owner)).toEqual([])
    expect(await migrate(owner)).toEqual([])
    expect(await shapeOf(owner)).toEqual(wanted)
    await owner.destroy()
  })

  it('what lies in it stays: counted, dated, priced, and seen by its household alone', async () => {
    const owner = await databaseAt(state)
    const kept = await keepSomething(owner)
    await migrate(owner)
    const read = () =>
      sql`select household.name as household, item.name, item.shop, item.pack_size::int as pack,
                 item.pack_price_minor as price, lot.expiry, lot.batch, lot.version,
                 balance.amount::int as amount, movement.amount::int as moved, act.who
            from household
            join item using (household_id) join lot on lot.item_id = item.id
            join balance on balance.lot_id = lot.id
            join movement on movement.lot_id = lot.id join act on act.id = movement.act_id`
    const seen = await asHousehold(owner, kept.household, (trx) => read().execute(trx))
    expect(seen.rows).toEqual([
      {
        household: 'Old',
        name: 'Gauze',
        shop: 'Corner pharmacy',
        pack: 10_000,
        price: 300,
        expiry: '2027-03',
        batch: 'L55',
        version: 0,
        amount: 6000,
        moved: 6000,
        who: 'Ilse',
      },
    ])
    // Security is forced again after whatever looked at every household at once.
    expect((await read().execute(owner)).rows).toEqual([])
    expect((await asHousehold(owner, randomUUID(), (trx) => read().execute(trx))).rows).toEqual([])
    // What was once written down is still rewritten by nobody.
    await expect(
      asHousehold(owner, kept.household, (trx) => sql`update movement set amount = 1`.execute(trx)),
    ).rejects.toThrow('append-only')
    await owner.destroy()
  })
})

describe('a database in which nothing was made yet', () => {
  it('lacks nothing that anybody would lose, and becomes the newest', async () => {
    const owner = await databaseAt(null)
    expect(await pendingMigrations(owner)).toEqual([])
    expect(await migrate(owner)).toEqual(NAMES)
    expect(await shapeOf(owner)).toEqual(wanted)
    await owner.destroy()
  })
})

describe('lots of a version that did not know when they came', () => {
  it('know the day of the act that brought them', async () => {
    const owner = await databaseAt('0003-members-and-cover')
    const { household } = await keepSomething(owner)
    await migrate(owner)
    const { rows } = await asHousehold(owner, household, (trx) =>
      sql`select received_on::text as day from lot`.execute(trx),
    )
    expect(rows).toEqual([{ day: '2024-05-06' }])
    await owner.destroy()
  })
})

describe('the shopping list of a version that marked things', () => {
  it('keeps what was on it and what was in the bag', async () => {
    const owner = await databaseAt('0007-restock')
    const { household, pocket, item, act } = await keepSomething(owner)
    const [loose] = ids(1)
    await asHousehold(owner, household, async (trx) => {
      await sql`insert into item (id, household_id, name, kind, opened_clock)
        values (${loose}, ${household}, 'Scissors', 'instrument', '{"kind":"unset"}')`.execute(trx)
      await sql`insert into shopping_mark (id, household_id, item_id, pocket_id, state, created_by_act)
        values (${randomUUID()}, ${household}, ${item}, ${pocket}, 'bought', ${act}),
               (${randomUUID()}, ${household}, ${loose}, ${pocket}, 'listed', ${act})`.execute(trx)
    })
    await migrate(owner)
    const { rows } = await asHousehold(owner, household, (trx) =>
      sql`select item_id, shop, packs, pack_size::int, price_minor, state, source,
                 goes_to->0->>'pocketId' as pocket
            from purchase order by state`.execute(trx),
    )
    expect(rows).toEqual([
      {
        item_id: item,
        shop: 'Corner pharmacy',
        packs: 1,
        pack_size: 10_000,
        price_minor: 300,
        state: 'in_bag',
        source: 'hand',
        pocket,
      },
      {
        item_id: loose,
        shop: '',
        packs: 1,
        pack_size: 1000,
        price_minor: null,
        state: 'listed',
        source: 'hand',
        pocket,
      },
    ])
    expect((await sql`select 1 from purchase`.execute(owner)).rows).toEqual([])
    await owner.destroy()
  })
})
