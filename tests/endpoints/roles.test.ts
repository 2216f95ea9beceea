/** Every endpoint as every role, ended role and stranger: nothing beyond the table of rights. */
import { randomUUID } from 'node:crypto'
import { sql } from 'kysely'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Caller } from '../../src/app/frame/world'
import { receiveLot } from '../../src/app/stock/receiveLot'
import { allAsked, allEndpoints, isFile } from '../../src/contract'
import { arrivesLate, isAct } from '../../src/contract/endpoint'
import { catalogue } from '../../src/core/catalogue/catalogue'
import { isPlain } from '../../src/core/people/plain'
import { may, RIGHTS, ROLES, type Role, rightsOf } from '../../src/core/people/role'
import { units } from '../../src/core/quantity/amount'
import { inHousehold } from '../../src/db/frame/connect'
import { addPerson } from '../../src/db/people/memberships'
import { application, newKey, pathOf, send } from '../support/application'
import { bodiesFor, type Planted, planted } from '../support/planted'

const app = application()
let owner: pg.Client
let all: Planted
let bodies: Readonly<Record<string, unknown>>
const people = new Map<Role, Caller>()
const as = (role: Role): Caller => {
  const caller = people.get(role)
  if (!caller) throw new Error(`Nobody is ${role}`)
  return caller
}

async function somebody(role: Role, name: string = role): Promise<Caller> {
  const { householdId } = app.keeper
  const userId = randomUUID()
  await inHousehold(app.world.db, householdId, (trx) =>
    addPerson(trx, { householdId, userId, name, role, since: new Date() }),
  )
  return { householdId, userId, name, role }
}

const tweezers = (caller: Caller) =>
  receiveLot(app.world, caller, {
    key: newKey(),
    pocketId: all.stock.lid,
    item: { new: { name: 'Tweezers', strength: '', unit: 'piece', purpose: '', forWhom: '' } },
    amount: units(2),
    par: units(2),
    expiry: { kind: 'none' },
    openedOn: null,
    batch: '',
    boughtAt: '',
    unitPriceMinor: null,
    note: '',
  })

beforeAll(async () => {
  owner = new pg.Client({ connectionString: adminUrl() })
  await owner.connect()
  all = await planted(app.world, app.keeper)
  const { itemId } = await tweezers(app.keeper)
  await owner.query(
    `update item set catalogue_id = 'tweezers-fine', kind = 'instrument' where id = $1`,
    [itemId],
  )
  bodies = bodiesFor(all)
  for (const role of ROLES) people.set(role, await somebody(role))
})
afterAll(() => owner.end())

/** Past row security, to see what is really there. */
function adminUrl(): string {
  const url = new URL(process.env.ADMIN_DATABASE_URL ?? '')
  url.pathname = new URL(app.database.appUrl).pathname
  return url.href
}

const revision = async (): Promise<number> => {
  const { rows } = await owner.query('select revision from household where id = $1', [
    app.keeper.householdId,
  ])
  return rows[0].revision
}
const asked = allAsked.filter(([, { door }]) => door === 'household')
const ask = (
  caller: Caller,
  [name, endpoint]: (typeof allAsked)[number],
  headers: Readonly<Record<string, string>> = {},
) =>
  send(endpoint.method, pathOf(endpoint, { ...all.ids, day: '2026-11-20' }), {
    caller,
    ...(endpoint.method !== 'GET' && { body: bodies[name] ?? {} }),
    headers,
  })

describe('the rights of the code are those of the database', () => {
  const pairs = async (query: string): Promise<string[]> =>
    (await owner.query({ text: query, rowMode: 'array' })).rows.map((row) => row.join(' ')).sort()

  it('for every role', async () => {
    const told = ROLES.flatMap((role) => rightsOf(role).map((right) => `${role} ${right}`))
    expect(await pairs(`select role, "right" from role_right where role <> 'house'`)).toEqual(
      told.sort(),
    )
    expect(await pairs(`select "right" from role_right where role = 'house'`)).toEqual(
      [...RIGHTS, 'house'].sort(),
    )
  })
  it('for every kind of act', async () => {
    const told = allEndpoints.flatMap(([, { records, right }]) =>
      records.map((kind) => `${kind} ${right}`),
    )
    const own = ['demo_loaded own', 'joined house', 'household_left house']
    expect(await pairs('select kind, "right" from act_right')).toEqual(
      [...new Set([...told, ...own])].sort(),
    )
  })
  it('for every table of a household', async () => {
    const { rows } = await owner.query(
      `select c.relname as name from pg_class c
         join pg_attribute a on a.attrelid = c.oid and a.attname = 'household_id'
        where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace`,
    )
    expect(await pairs('select name from table_right')).toEqual(rows.map(({ name }) => name).sort())
  })
  it('for every entry of the catalogue that is no medicine', async () => {
    expect(await pairs('select id from plain_entry')).toEqual(
      [...catalogue().values()]
        .filter(isPlain)
        .map(({ id }) => id)
        .sort(),
    )
  })
})

describe.each(ROLES)('%s', (role) => {
  it('is refused every endpoint that the role has no right to, and changes nothing by it', async () => {
    const before = await revision()
    for (const one of asked) {
      if (may(role, one[1].right)) continue
      const answer = await ask(as(role), one)
      expect([one[0], answer.status, (await answer.json()).code]).toEqual([
        one[0],
        403,
        'not_allowed',
      ])
    }
    for (const [method, right] of [
      ['GET', 'settings'],
      ['POST', 'own'],
    ] as const)
      if (!may(role, right))
        expect((await send(method, '/api/everything.zip', { caller: as(role) })).status).toBe(403)
    expect(await revision()).toBe(before)
  })
  it('sees of every table what the role may see, whatever is asked of it', async () => {
    const { rows } = await owner.query('select name, sees, writes from table_right')
    for (const { name, sees, writes } of rows) {
      const count = async (of: Caller) =>
        inHousehold(app.world.db, of, async (trx) => {
          const { rows: found } = await sql<{ n: number }>`
            select count(*)::int as n from ${sql.table(name)}`.execute(trx)
          return found[0]?.n ?? 0
        })
      if (!may(role, sees)) expect([name, await count(as(role))]).toEqual([name, 0])
      else if (may(role, 'look'))
        expect([name, await count(as(role))]).toEqual([name, await count(app.keeper)])
      if (may(role, writes) || APPEND_ONLY.includes(name)) continue
      const changed = inHousehold(app.world.db, as(role), (trx) =>
        sql`update ${sql.table(name)} set household_id = household_id`.execute(trx),
      ).then(
        ({ numAffectedRows }) => Number(numAffectedRows),
        () => 0,
      )
      expect([name, await changed]).toEqual([name, 0])
    }
  })
  it('writes no act of another role’s kind, even where the application would', async () => {
    const { rows } = await owner.query('select kind, "right" from act_right')
    for (const { kind, right } of rows) {
      const write = inHousehold(app.world.db, as(role), (trx) =>
        trx
          .insertInto('act')
          .values({
            id: randomUUID(),
            household_id: as(role).householdId,
            idempotency_key: newKey(),
            request_hash: '',
            kind,
            who: role,
            at: new Date(),
            on_day: '2026-11-26',
            why: '',
            undoes: null,
            received_at: null,
            by_user: as(role).userId,
            after_role: false,
          })
          .execute()
          .then(() => Promise.reject(new Error('written'))),
      )
      await expect(write).rejects.toMatchObject(
        may(role, right) ? { message: 'written' } : { code: '42501' },
      )
    }
  })
})
const APPEND_ONLY = ['act', 'act_result', 'record_change', 'movement']

describe('a helper', () => {
  it('does what the role is for: the database refuses none of it', async () => {
    const failed: unknown[] = []
    for (const one of asked) {
      // Nobody undoes what others did; of that below.
      if (!may('helper', one[1].right) || one[0] === 'undoAct') continue
      const answer = await ask(as('helper'), one)
      if (answer.status >= 500 || answer.status === 403) failed.push([one[0], answer.status])
    }
    expect(failed).toEqual([])
  })
  it('takes back what they did themselves, and nothing that others did', async () => {
    const own = await tweezers(as('helper'))
    const others = await tweezers(app.keeper)
    const undo = async (caller: Caller, actId: string) =>
      (await send('POST', `/api/acts/${actId}/undo`, { caller, body: {} })).json()
    expect(await undo(as('helper'), others.actId)).toMatchObject({ code: 'not_yours' })
    expect(await undo(as('helper'), own.actId)).toHaveProperty('actId')
    expect(await undo(app.keeper, others.actId)).toHaveProperty('actId')
    const { acts } = await (await send('GET', '/api/acts', { caller: as('helper') })).json()
    const offered = acts.filter((one: { canBeUndone: boolean }) => one.canBeUndone)
    expect(new Set(offered.map((one: { who: string }) => one.who))).toEqual(new Set(['helper']))
  })
})

describe('a child who helps', () => {
  /** What is written nowhere but where a child does not look. */
  const PRIVATE =
    /Eye drops|Dry eyes|Corner pharmacy|\bNed\b|Hay fever|Dr Aske|One drop|Cetirizine|Salt water|A weekend|25100|25_100|a picture/i

  it('finds plain things, and nothing anywhere of medicines or of anybody’s health', async () => {
    const texts: string[] = []
    for (const one of asked) {
      if (one[1].method !== 'GET' || !may('child_helper', one[1].right)) continue
      const address = one[0] === 'find' ? '/api/find?q=e' : pathOf(one[1], all.ids)
      const text = await (await send('GET', address, { caller: as('child_helper') })).text()
      expect([one[0], PRIVATE.exec(text)?.[0]]).toEqual([one[0], undefined])
      for (const name of ['itemId', 'lotId', 'memberId', 'courseId', 'weighingId', 'cardId'])
        if (one[0] !== 'readLot')
          expect([one[0], name, text.includes(all.ids[name] ?? '-')]).toEqual([one[0], name, false])
      texts.push(text)
    }
    expect(texts.join()).toContain('Tweezers')
    for (const q of ['eye', 'drops', 'ned', 'hay', 'cetirizine', 'drops history'])
      expect(
        await (
          await send('GET', `/api/find?q=${encodeURIComponent(q)}`, { caller: as('child_helper') })
        ).json(),
      ).toEqual({ found: [] })
  })
  it('counts a plain thing, and cannot count a medicine', async () => {
    const kit = await (
      await send('GET', `/api/kits/${all.stock.kitId}`, { caller: as('child_helper') })
    ).json()
    const tag = kit.pockets
      .flatMap((pocket: { lines: { tags: unknown[] }[] }) => pocket.lines)
      .flatMap((line: { tags: { lot: { id: string; version: number } }[] }) => line.tags)[0]
    const count = async (lotId: string, seenVersion: number) =>
      (
        await send('POST', `/api/lots/${lotId}/count`, {
          caller: as('child_helper'),
          body: { pocketId: all.stock.lid, found: 1000, seenVersion },
        })
      ).json()
    expect(await count(tag.lot.id, tag.lot.version)).toHaveProperty('actId')
    expect(await count(all.stock.lotId, 1)).toMatchObject({ code: 'not_found' })
  })
  it('sees a thing only where it is known to be no medicine', async () => {
    const seen = async () =>
      inHousehold(app.world.db, as('child_helper'), async (trx) =>
        (await trx.selectFrom('item').select('name').execute()).map(({ name }) => name),
      )
    const { rows } = await owner.query(`select id from item where name = 'Tweezers' limit 1`)
    const { id } = rows[0]
    const set = (what: string) => owner.query(`update item set ${what} where id = $1`, [id])
    const usual = `catalogue_id = 'tweezers-fine', kind = 'instrument', own_facts = '{}'`
    for (const what of [
      'catalogue_id = null',
      `catalogue_id = 'ibuprofen-200'`,
      `kind = 'medicine'`,
      `kind = 'sharp'`,
      `own_facts = '{"contains": ["lidocaine"]}'`,
    ]) {
      await set(what)
      expect([what, (await seen()).length]).toEqual([what, 0])
      await set(usual)
      expect(await seen()).toContain('Tweezers')
    }
  })
})

describe('whoever is no longer in the household, or never was', () => {
  it('is refused everything', async () => {
    const gone = await somebody('helper', 'Gone')
    await inHousehold(app.world.db, app.keeper.householdId, (trx) =>
      trx
        .updateTable('household_user')
        .set({ ended_at: new Date(app.world.now().getTime() - 3_600_000) })
        .where('user_id', '=', gone.userId)
        .execute(),
    )
    const never = { ...gone, userId: randomUUID() }
    const before = await revision()
    for (const caller of [gone, never, { ...gone, late: true }])
      for (const one of asked) {
        // An empty list to fill in and a page of frames are nobody's.
        if (['listTemplate', 'labelTestPdf'].includes(one[0])) continue
        const answer = await ask(caller, one)
        const { code } = await answer.json()
        // What cannot be read is refused before anybody is looked up.
        if (code === 'invalid') continue
        expect([one[0], answer.status]).toEqual([one[0], 403])
        expect(['not_allowed', 'not_in_household', 'role_ended']).toContain(code)
      }
    expect(await revision()).toBe(before)
  })
  it('still brings in what was counted before, marked, for two weeks, and nothing else', async () => {
    const { lotId, itemId } = await tweezers(app.keeper)
    expect(itemId).not.toBe('')
    const helper = await somebody('helper', 'Odd')
    const endedAt = (days: number) =>
      owner.query('update household_user set ended_at = $2 where user_id = $1', [
        helper.userId,
        new Date(app.world.now().getTime() - days * 86_400_000),
      ])
    const count = async (hoursAgo: number, found: number) =>
      (
        await send('POST', `/api/lots/${lotId}/count`, {
          caller: { ...helper, late: true },
          body: { pocketId: all.stock.lid, found, seenVersion: 1 },
          headers: { 'taken-milliseconds-ago': String(hoursAgo * 3_600_000) },
        })
      ).json()
    await endedAt(1)
    expect(await count(0, 3000)).toMatchObject({ code: 'role_ended' })
    expect(await count(23, 3000)).toMatchObject({ code: 'role_ended' })
    const { actId } = await count(25, 3000)
    const { rows } = await owner.query('select who, after_role from act where id = $1', [actId])
    expect(rows).toEqual([{ who: 'Odd', after_role: true }])
    await endedAt(15)
    expect(await count(24 * 16, 1000)).toMatchObject({ code: 'role_ended' })
    await endedAt(1)
    for (const one of allEndpoints) {
      if (!isAct(one[1]) || arrivesLate(one[1]) || one[1].door !== 'household') continue
      const answer = await ask({ ...helper, late: true }, one, {
        'taken-milliseconds-ago': String(90_000_000),
      })
      expect([one[0], (await answer.json()).code]).toEqual([one[0], 'role_ended'])
    }
    expect(
      allAsked.filter(([, one]) => !isFile(one) && arrivesLate(one)).map(([name]) => name),
    ).toEqual(['startRound', 'sayEntry', 'countLot'])
  })
})
