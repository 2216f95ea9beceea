/** A household saved whole and brought back elsewhere; files that lie; households that go for good. */
import { randomUUID } from 'node:crypto'
import type { Readable } from 'node:stream'
import { buffer } from 'node:stream/consumers'
import fc from 'fast-check'
import pg from 'pg'
import { beforeAll, describe, expect, it } from 'vitest'
import { fromBufferPromise } from 'yauzl'
import yazl from 'yazl'
import { act } from '../../src/app/frame/act'
import type { Caller } from '../../src/app/frame/world'
import {
  householdFile,
  householdFileSchema,
  PICTURE_RECORDS,
  RECORD_NAMES,
  RECORDS,
} from '../../src/contract/householdFile'
import type { PlainDate } from '../../src/core/calendar/plainDate'
import { inHousehold } from '../../src/db/frame/connect'
import { createRecord } from '../../src/db/frame/records'
import { ACTED_TABLES } from '../../src/db/frame/tables'
import { fillDemo } from '../../src/demo/loadDemo'
import { aHousehold, application, newKey, send, TODAY } from '../support/application'
import { A_PHOTO } from '../support/photo'
import { cared, minded, stocked } from '../support/stocked'

const app = application()
const PATH = '/api/everything.zip'
type Rows = Record<string, Record<string, unknown>[]>
type Files = Map<string, Buffer>

async function save(caller: Caller): Promise<Files> {
  const answer = await send('GET', PATH, { caller })
  expect(answer.status).toBe(200)
  const files: Files = new Map()
  const archive = await fromBufferPromise(Buffer.from(await answer.arrayBuffer()), {
    lazyEntries: true,
  })
  for await (const entry of archive.eachEntry())
    files.set(entry.fileName, await buffer(await archive.openReadStreamPromise(entry)))
  return files
}

async function packed(files: Files): Promise<Uint8Array<ArrayBuffer>> {
  const archive = new yazl.ZipFile()
  for (const [path, bytes] of files) archive.addBuffer(bytes, path)
  archive.end()
  return new Uint8Array(await buffer(archive.outputStream as Readable))
}

async function bringBack(caller: Caller, files: Files | Uint8Array<ArrayBuffer>) {
  const answer = await send('POST', PATH, {
    caller,
    raw: files instanceof Map ? await packed(files) : files,
    headers: { 'content-type': 'application/zip' },
  })
  return { status: answer.status, ...(await answer.json()) }
}

const fileIn = (files: Files) => JSON.parse(String(files.get('household.json')))
const rowsIn = (files: Files): Rows => fileIn(files).records

/** The same with ids told by the order in which they first come: "1", "2". */
function anonymous(told: unknown): unknown {
  const known = new Map<string, string>()
  return JSON.parse(
    JSON.stringify(told).replace(/[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/g, (id) => {
      const number = known.get(id) ?? String(known.size + 1)
      known.set(id, number)
      return number
    }),
  )
}

/** One record at least of every kind, beyond what the demo household has. */
async function ofEveryKind(caller: Caller): Promise<void> {
  const now = () => new Date(`${TODAY}T12:00:00Z`)
  await fillDemo(app.world.db, caller, TODAY as PlainDate, now)
  const put = async (method: string, path: string, body: object) => {
    const answer = await send(method, path, { caller, body, key: newKey() })
    expect([path, answer.status]).toEqual([path, 200])
    return answer.json()
  }
  const { kits } = await (await send('GET', '/api/kits', { caller })).json()
  const { members } = await (await send('GET', '/api/household', { caller })).json()
  const { rows } = await (await send('GET', '/api/stock', { caller })).json()
  await put('PUT', `/api/members/${members[0].id}/photo`, { photo: A_PHOTO })
  await put('PUT', `/api/lots/${rows[0].lotId}/paper`, { photo: A_PHOTO })
  await put('POST', `/api/kits/${kits[0].id}/sheet-prints`, {})
  await put('POST', '/api/calendar-feeds', { name: 'Phone' })
  const named = await put('PATCH', `/api/kits/${kits[0].id}`, {
    name: 'Renamed',
    seenVersion: kits[0].version ?? 1,
  })
  await put('POST', `/api/acts/${named.actId}/undo`, {})
  const missing = Object.entries(rowsIn(await save(caller))).flatMap(([kind, of]) =>
    of.length === 0 ? [kind] : [],
  )
  const [item, lot, kit, pocket, place, member] = [
    rows[0].itemId,
    rows[0].lotId,
    kits[0].id,
    rows[0].pocketId,
    rows[0].placeId,
    members[0].id,
  ]
  const png = Buffer.from(A_PHOTO.split(',')[1] ?? '', 'base64')
  await act(
    app.world,
    caller,
    { key: newKey(), kind: 'demo_loaded', request: null },
    async (acting) => {
      const make = async (kind: string, values: object) => {
        if (missing.includes(kind)) await createRecord(acting, kind as 'par', values as never)
      }
      const first = async (table: 'care_entry' | 'dose_card' | 'shop_order' | 'trip') =>
        (await acting.trx.selectFrom(table).select('id').executeTakeFirst())?.id ?? null
      await make('trip_line', {
        trip_id: await first('trip'),
        lot_id: lot,
        from_pocket_id: pocket,
        into_pocket_id: pocket,
        amount: 1000,
        state: 'to_pack',
      })
      await make('paper_print', {
        paper_key: `wallet:${member}`,
        on_day: TODAY,
        fingerprint: 'f',
        hangs: 'Purse',
      })
      await make('label_print', {
        kit_id: kit,
        label_key: `kit:${kit}`,
        on_day: TODAY,
        fingerprint: 'f',
      })
      await make('roadside_taking', {
        item_id: item,
        pocket_id: pocket,
        amount: 1000,
        on_day: TODAY,
        by_lid: false,
      })
      await make('item_code', { item_id: item, gtin: '00000000000017' })
      await make('shop_offer', {
        item_id: item,
        shop: 'Corner',
        pack_size: 10_000,
        price_minor: 450,
        lead_days: 2,
      })
      await make('use_rate', { item_id: item, place_id: place, per_year: 4000 })
      await make('restock_wish', {
        kind: 'buy',
        item_id: item,
        lot_id: null,
        from_pocket_id: null,
        to_pocket_id: null,
        shop: 'Corner',
        amount: 2,
      })
      await make('shop_order', { shop: 'Corner', reference: 'A 1', ordered_on: TODAY })
      await make('purchase', {
        item_id: item,
        shop: 'Corner',
        packs: 1,
        pack_size: 10_000,
        price_minor: null,
        wanted_by: null,
        goes_to: JSON.stringify([{ pocketId: pocket, amount: 10_000 }]),
        source: 'hand',
        state: 'arrived',
        on_day: null,
        order_id: await first('shop_order'),
        back_ordered: false,
      })
      await make('recall_notice', {
        bulletin_id: 'b-1',
        taken_on: TODAY,
        bulletin: JSON.stringify({
          id: 'b-1',
          title: 'A batch',
          publishedOn: TODAY,
          product: { catalogueId: null, name: 'Gauze', strength: '' },
          batches: [{ kind: 'one', batch: 'X1' }],
          reason: 'Torn',
          advice: 'Throw it away',
          source: 'Made up',
        }),
      })
      await make('errand_deferral', {
        errand_key: `count:${lot}:${pocket}`,
        until_day: '2026-12-24',
      })
      await make('list_decision', {
        place_id: place,
        line_key: `item:${item}`,
        decision: 'overruled',
        note: 'No',
      })
      await make('stock_view', {
        name: 'Mine',
        filter: JSON.stringify({
          words: 'a',
          place,
          states: [],
          kinds: [],
          patient: member,
          group: 'none',
          sort: 'title',
          down: false,
        }),
      })
      await make('kit_check', { kit_id: kit, on_day: TODAY, by_whom: 'Ilse' })
      await make('recipe', {
        item_id: null,
        member_id: null,
        body: JSON.stringify({
          name: 'Salt water',
          purpose: '',
          body: { kind: 'saline' },
          takes: [],
          keepHours: 24,
          cautions: [],
          source: { who: 'The pack', on: null },
        }),
      })
      await make('visit', { place_id: place, starts_on: TODAY, ends_on: TODAY, label: '' })
      await make('care_photo', {
        entry_id: await first('care_entry'),
        media_type: 'image/png',
        bytes: png,
      })
      await make('card_photo', {
        card_id: await first('dose_card'),
        media_type: 'image/png',
        bytes: png,
      })
      return {}
    },
  )
}

let full: Caller
let saved: Files
beforeAll(async () => {
  full = await aHousehold(app.world, 'Ragna')
  await ofEveryKind(full)
  saved = await save(full)
}, 0)

const asOwner = async <T>(work: (client: pg.Client) => Promise<T>): Promise<T> => {
  const url = new URL(process.env.ADMIN_DATABASE_URL ?? '')
  url.pathname = new URL(app.database.appUrl).pathname
  const client = new pg.Client({ connectionString: url.href })
  await client.connect()
  return work(client).finally(() => client.end())
}

const tablesOfHouseholds = async () =>
  asOwner(async (client) => {
    const { rows } = await client.query<{ name: string; columns: string[] }>(
      `select table_name as name, array_agg(column_name::text order by column_name) as columns
       from information_schema.columns where table_schema = 'public' and table_name in
         (select table_name from information_schema.columns
          where table_schema = 'public' and column_name = 'household_id')
       group by table_name order by table_name`,
    )
    return rows
  })

describe('a saved household', () => {
  it('has every column of every table, but for what belongs to one machine', async () => {
    const told = (name: string): string[] =>
      name === 'record_change'
        ? Object.keys(rowsIn(saved).record_change?.[0] ?? {})
        : Object.keys(RECORDS[name as keyof typeof RECORDS]?.shape ?? {})
    const untold = (await tablesOfHouseholds()).flatMap(({ name, columns }) =>
      columns.filter((column) => !told(name).includes(column)).map((column) => `${name}.${column}`),
    )
    const pictures = PICTURE_RECORDS.map((name) => `${name}.bytes`)
    const household = [...ACTED_TABLES, 'act', 'lot', 'movement', 'record_change'].map(
      (name) => `${name}.household_id`,
    )
    expect(untold.filter((one) => ![...pictures, ...household].includes(one))).toEqual([
      'act.by_user',
      'act.idempotency_key',
      'act.request_hash',
      'act_result.act_id',
      'act_result.household_id',
      'act_result.result',
      'balance.amount',
      'balance.household_id',
      'balance.lot_id',
      'balance.pocket_id',
      'evening.code_hash',
      'evening.ended_at',
      'evening.for_name',
      'evening.from_at',
      'evening.household_id',
      'evening.id',
      'evening.made_at',
      'evening.made_by',
      'evening.plan',
      'evening.to_at',
      'household.revision',
      'household_deletion.account_id',
      'household_deletion.asked_at',
      'household_deletion.asked_by',
      'household_deletion.due_at',
      'household_deletion.household_id',
      'household_user.ended_at',
      'household_user.household_id',
      'household_user.id',
      'household_user.name',
      'household_user.role',
      'household_user.since',
      'household_user.user_id',
      'invitation.code_hash',
      'invitation.ends_at',
      'invitation.for_name',
      'invitation.household_id',
      'invitation.id',
      'invitation.made_at',
      'invitation.made_by',
      'invitation.role',
      'invitation.used_at',
      'invitation.used_by',
      'invitation.withdrawn_at',
      'lid_code.code_hash',
      'lid_code.ended_at',
      'lid_code.household_id',
      'lid_code.id',
      'lid_code.kit_id',
      'lid_code.made_at',
      'lid_code.made_by',
      'lid_code.may_take',
      'lid_code.shows',
      'movement.amount',
      'movement.from_pocket_id',
      'movement.kind',
      'movement.position',
      'movement.to_pocket_id',
    ])
  })

  it('has records of every kind here, follows its own schema, and comes with lists and sheets', () => {
    const file = fileIn(saved)
    expect(
      Object.entries(file.records as Rows).flatMap(([kind, rows]) =>
        rows.length === 0 ? [kind] : [],
      ),
    ).toEqual([])
    expect(householdFile.safeParse(file).error?.issues.slice(0, 3)).toBeUndefined()
    expect(JSON.parse(String(saved.get('household.schema.json')))).toEqual(
      JSON.parse(JSON.stringify(householdFileSchema())),
    )
    expect(String(saved.get('lists/supplies.csv')).split('\n').length).toBeGreaterThan(40)
    expect(String(saved.get('lists/record.csv')).split('\n').length).toBeGreaterThan(200)
    expect(String(saved.get('lists/dates.ics'))).toMatch(/^BEGIN:VCALENDAR/)
    expect([...saved.keys()].filter((path) => path.startsWith('photos/'))).toHaveLength(4)
    const sheets = [...saved].filter(([path]) => path.startsWith('sheets/'))
    expect(sheets.length).toBeGreaterThan(3)
    for (const [, pdf] of sheets) expect(pdf.subarray(0, 5).toString()).toBe('%PDF-')
  })

  it('holds nothing of accounts, sessions and other machines', async () => {
    const text = [...saved.values()].map(String).join('\n')
    for (const word of [
      'password',
      'session',
      'idempotency',
      'request_hash',
      full.userId,
      full.householdId,
    ])
      expect(text.includes(word), word).toBe(word === full.householdId)
  })

  it('is brought back under new ids, and saved again it is the same', async () => {
    const caller = await aHousehold(app.world, 'Tove')
    const done = await bringBack(caller, saved)
    expect(done).toMatchObject({
      status: 200,
      household: fileIn(saved).records.household[0].name,
      pictures: 4,
    })
    const again = await save(caller)
    const [first, second] = [rowsIn(saved), rowsIn(again)]
    for (const kind of [...RECORD_NAMES, 'record_change'])
      expect(second[kind]?.length, kind).toBe(first[kind]?.length)
    expect(anonymous(second)).toEqual(anonymous(first))
    const idsOf = (rows: Rows) =>
      new Set(Object.values(rows).flatMap((of) => of.map(({ id }) => id)))
    const old = idsOf(first)
    expect([...idsOf(second)].filter((id) => id !== undefined && old.has(id))).toEqual([])
    const pictures = (files: Files) =>
      [...files]
        .filter(([path]) => path.startsWith('photos/'))
        .map(([, bytes]) => bytes.toString('base64'))
        .sort()
    expect(pictures(again)).toEqual(pictures(saved))
    for (const path of [
      '/api/watch',
      '/api/stock',
      '/api/cover',
      '/api/rounds',
      '/api/shopping',
      '/api/care',
    ]) {
      const [here, there] = await Promise.all(
        [full, caller].map(async (one) => ({
          ...(await (await send('GET', path, { caller: one })).json()),
          now: null,
        })),
      )
      expect(anonymous(there), path).toEqual(anonymous(here))
    }
    expect(String(again.get('lists/record.csv'))).toBe(String(saved.get('lists/record.csv')))
  })

  it('can be gone on with: its last act is undone, and what it printed is still up to date', async () => {
    const caller = await aHousehold(app.world, 'Liv')
    await bringBack(caller, saved)
    const { acts } = await (await send('GET', '/api/acts', { caller })).json()
    const undone = await send(
      'POST',
      `/api/acts/${acts.find((one: { undone: boolean; undoes: unknown }) => !one.undone && !one.undoes).id}/undo`,
      { caller, key: newKey() },
    )
    expect(undone.status).toBe(200)
    const { rows } = await (await send('GET', '/api/stock', { caller })).json()
    const used = await send('POST', `/api/lots/${rows[0].lotId}/count`, {
      caller,
      key: newKey(),
      body: { pocketId: rows[0].pocketId, found: rows[0].amount, seenVersion: rows[0].version },
    })
    expect(used.status).toBe(200)
  })
})

const withRecords = (change: (records: Rows, file: Record<string, unknown>) => void): Files => {
  const file = fileIn(saved)
  change(file.records, file)
  return new Map([...saved, ['household.json', Buffer.from(JSON.stringify(file))]])
}
const refusals: readonly (readonly [
  string,
  () => Promise<Files | Uint8Array<ArrayBuffer>>,
  string,
])[] = [
  ['an empty body', async () => new Uint8Array(), 'not_a_household_file'],
  [
    'something that is no ZIP',
    async () => new TextEncoder().encode('%PDF-1.7 hello'),
    'not_a_household_file',
  ],
  ['half of the file', async () => (await packed(saved)).slice(0, 4000), 'not_a_household_file'],
  [
    'a ZIP of other things',
    async () => new Map([['a.txt', Buffer.from('a')]]),
    'not_a_household_file',
  ],
  [
    'other JSON',
    async () => new Map([['household.json', Buffer.from('{"format":"x"}')]]),
    'not_a_household_file',
  ],
  [
    'a later version',
    async () =>
      withRecords((_, file) => {
        file.version = 2
      }),
    'file_of_later_version',
  ],
  [
    'a photo that is missing',
    async () => new Map([...saved].filter(([path]) => !path.startsWith('photos/'))),
    'file_does_not_hold',
  ],
  [
    'a photo that is a page',
    async () =>
      new Map(
        [...saved].map(([path, bytes]) => [
          path,
          path.startsWith('photos/') ? Buffer.from('<script>') : bytes,
        ]),
      ),
    'file_does_not_hold',
  ],
  [
    'a column that is not known',
    async () =>
      withRecords(({ kit }) => {
        Object.assign(kit?.[0] ?? {}, { owner: 'me' })
      }),
    'file_does_not_hold',
  ],
  [
    'a kit at a place that is not there',
    async () =>
      withRecords(({ kit }) => {
        Object.assign(kit?.[0] ?? {}, { place_id: randomUUID() })
      }),
    'file_does_not_hold',
  ],
  [
    'a kit at a place of another household',
    async () => {
      const other = await aHousehold(app.world, 'Pia')
      const { places } = await stocked(app.world, other).then(async () =>
        (await send('GET', '/api/household', { caller: other })).json(),
      )
      return withRecords(({ kit }) => {
        Object.assign(kit?.[0] ?? {}, { place_id: places[0].id })
      })
    },
    'file_does_not_hold',
  ],
  [
    'more used than there was',
    async () =>
      withRecords(({ movement }) => {
        const one = movement?.find(({ fact }) => (fact as { kind: string }).kind === 'used')
        ;(one?.fact as { amount: number }).amount = 99_000_000
      }),
    'file_does_not_hold',
  ],
  [
    'a ledger with a line taken out',
    async () =>
      withRecords(({ movement }) => {
        movement?.pop()
      }),
    'file_does_not_hold',
  ],
  [
    'an edit of a column that is none',
    async () =>
      withRecords(({ record_change }) => {
        Object.assign(record_change?.[0] ?? {}, { before: { household_id: randomUUID() } })
      }),
    'file_does_not_hold',
  ],
  [
    'an act undone twice',
    async () =>
      withRecords(({ act: acts }) => {
        const one = acts?.find(({ undoes }) => undoes)
        acts?.push({ ...one, id: randomUUID() })
      }),
    'file_does_not_hold',
  ],
]

describe('a file that does not hold', () => {
  it.each(refusals)('%s is refused in words, and nothing is brought in', async (_, file, code) => {
    const caller = await aHousehold(app.world, 'Odd')
    const answer = await bringBack(caller, await file())
    expect([answer.status < 500, answer.code]).toEqual([true, code])
    expect(answer.detail.length).toBeGreaterThan(20)
    expect(rowsIn(await save(caller)).act).toEqual([])
  })

  it('is not taken by a household in which something is kept, nor without a session', async () => {
    expect((await bringBack(full, saved)).code).toBe('household_not_empty')
    const answer = await send('POST', PATH, {
      caller: null,
      raw: await packed(saved),
      headers: { 'content-type': 'application/zip' },
    })
    expect(answer.status).toBe(401)
    expect((await send('POST', PATH, { caller: full, body: {} })).status).toBe(415)
  })

  it('whatever one value in it is changed to, it is refused, or every screen can be read', async () => {
    const small = await aHousehold(app.world, 'Una')
    const stock = await stocked(app.world, small)
    await cared(app.world, small, stock)
    await minded(app.world, small, stock)
    const files = await save(small)
    const leaves: (readonly (string | number)[])[] = []
    /** What stands elsewhere under the same name: likely to be taken. */
    const byName = new Map<string | number, unknown[]>()
    const walk = (value: unknown, path: readonly (string | number)[]): void => {
      if (value !== null && typeof value === 'object')
        for (const [key, inner] of Object.entries(value))
          walk(inner, [...path, Array.isArray(value) ? Number(key) : key])
      else {
        leaves.push(path)
        const name = path.at(-1) ?? ''
        byName.set(name, [...(byName.get(name) ?? []), value])
      }
    }
    walk(rowsIn(files), [])
    const whole = await bringBack(await aHousehold(app.world, 'Vic'), files)
    expect([whole.status, whole.detail]).toEqual([200, undefined])
    const outcomes = { taken: 0, refused: 0 }
    await fc.assert(
      fc.asyncProperty(
        fc.nat(leaves.length - 1),
        fc.oneof(
          fc.constantFrom<unknown>(
            null,
            '',
            0,
            -1,
            1e9,
            true,
            [],
            {},
            'x',
            '9999-12-31',
            '2027-02-30',
            randomUUID(),
          ),
          fc.string(),
          fc.integer(),
        ),
        fc.option(fc.nat(), { freq: 2 }),
        async (at, other, likely) => {
          const file = fileIn(files)
          const path = leaves[at] ?? []
          const known = byName.get(path.at(-1) ?? '') ?? []
          const value = likely === null ? other : known[likely % known.length]
          let holder = file.records
          for (const step of path.slice(0, -1)) holder = holder[step]
          holder[path.at(-1) ?? ''] = value
          const caller = await aHousehold(app.world, 'Val')
          const answer = await bringBack(
            caller,
            new Map([...files, ['household.json', Buffer.from(JSON.stringify(file))]]),
          )
          expect(answer.status, JSON.stringify([path, value, answer])).toBeLessThan(500)
          if (answer.status !== 200) {
            outcomes.refused++
            expect(answer.detail).not.toContain('undefined')
            return
          }
          outcomes.taken++
          for (const read of [
            '/api/watch',
            '/api/kits',
            '/api/cover',
            '/api/stock',
            '/api/care',
            '/api/export.csv',
          ])
            expect(
              (await send('GET', read, { caller })).status,
              JSON.stringify([path, value, read]),
            ).toBe(200)
        },
      ),
      { numRuns: 40 },
    )
    expect(outcomes.refused).toBeGreaterThan(0)
    expect(outcomes.taken).toBeGreaterThan(0)
  }, 0)
})

describe('a household that is deleted', () => {
  const ask = (caller: Caller) =>
    inHousehold(app.world.db, caller.householdId, (trx) =>
      trx
        .insertInto('household_deletion')
        .values({ household_id: caller.householdId, asked_by: 'Ilse', account_id: null })
        .execute(),
    )
  const due = () =>
    app.world.db
      .selectNoFrom((query) => query.fn<number>('delete_due_households', []).as('deleted'))
      .executeTakeFirstOrThrow()
  const counts = async (caller: Caller) => {
    const names = (await tablesOfHouseholds()).map(({ name }) => name)
    return asOwner(async (client) => {
      const left: string[] = []
      for (const name of names) {
        const { rows } = await client.query(
          `select 1 from ${name} where household_id = $1 limit 1`,
          [caller.householdId],
        )
        if (rows.length > 0) left.push(name)
      }
      return left
    })
  }

  it('stays for its week, then goes from every table, and no other household with it', async () => {
    const caller = await aHousehold(app.world, 'Ada')
    await bringBack(caller, saved)
    await ask(caller)
    expect(await due()).toEqual({ deleted: 0 })
    expect((await counts(caller)).length).toBeGreaterThan(35)
    await asOwner((client) =>
      client.query(`update household_deletion set due_at = now() where household_id = $1`, [
        caller.householdId,
      ]),
    )
    const before = await counts(full)
    expect(await due()).toEqual({ deleted: 1 })
    expect(await counts(caller)).toEqual([])
    expect(await counts(full)).toEqual(before)
    expect(anonymous(rowsIn(await save(full)))).toEqual(anonymous(rowsIn(saved)))
  })

  it('is not deleted sooner because the application says so, nor piece by piece', async () => {
    const caller = await aHousehold(app.world, 'Ivo')
    await bringBack(caller, saved)
    await ask(caller)
    const tries = [
      `update household_deletion set due_at = now()`,
      `insert into household_deletion (household_id, asked_by, due_at) values ('${caller.householdId}', 'x', now())`,
      `delete from movement`,
      `delete from act`,
      `select set_config('app.deleting', '${caller.householdId}', true); delete from movement`,
    ]
    const client = new pg.Client({ connectionString: app.database.appUrl })
    await client.connect()
    for (const statement of tries) {
      await client.query('begin')
      await client.query(`select set_config('app.household', $1, true)`, [caller.householdId])
      await expect(client.query(statement), statement).rejects.toThrow(/permission denied/)
      await client.query('rollback')
    }
    await client.end()
    expect(await due()).toEqual({ deleted: 0 })
  })
})
