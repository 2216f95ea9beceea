/** Every endpoint, walked with another household's ids: not one of them is found. */
import { beforeAll, describe, expect, it } from 'vitest'
import { allAsked, allEndpoints, isFile } from '../../src/contract'
import type { Endpoint } from '../../src/contract/endpoint'
import { application, newKey, pathOf, send } from '../support/application'
import { aPurchase, bodiesFor, type Planted, planted } from '../support/planted'
import { stocked } from '../support/stocked'

const app = application()
let theirs: Planted['ids']
let bodies: () => Readonly<Record<string, unknown>>
let stock: Planted['stock']
let before: string

const everythingOf = async () => {
  const reads = [
    '/api/watch',
    '/api/kits',
    `/api/kits/${stock.kitId}`,
    '/api/household',
    '/api/items',
    '/api/restock/plan',
    '/api/shopping',
    '/api/trips',
    '/api/recalls',
    '/api/restock/plan',
    `/api/lots/${stock.lotId}`,
    '/api/acts',
    '/api/cover',
    '/api/stock',
    '/api/record',
    '/api/review',
    '/api/rounds',
    '/api/codes',
    '/api/calendar-feeds',
  ]
  // The time of day changes; nothing else of it may.
  const care = await (await send('GET', '/api/care', { caller: app.keeper })).json()
  const answers = await Promise.all(
    reads.map(async (path) => (await send('GET', path, { caller: app.keeper })).text()),
  )
  return [...answers, JSON.stringify({ ...care, now: 0 })].join('\n')
}

beforeAll(async () => {
  const all = await planted(app.world, app.keeper)
  stock = all.stock
  theirs = all.ids
  bodies = () => bodiesFor(all)
  before = await everythingOf()
})

/** Changes that name no row: they can only touch the caller's own household. */
const NAMES_NO_ROW = [
  'createPlace',
  'bringIn',
  'changeHousehold',
  'changeEvacuation',
  'rehearseEvacuation',
  'addMember',
  'saveView',
  'keepReviewed',
  'addFeed',
  'invite',
  'setPlan',
  'takePrices',
  'orderListed',
  'askShop',
  'takeRecall',
  'writeRecall',
]
/** An errand of another household is, like one that is settled, no longer there. */
const GONE = ['doErrand', 'putOffErrand', 'takeUpErrand']

describe('with another household’s ids', () => {
  it.each(
    allEndpoints.filter(
      // Account work knows no household; tests/endpoints/signIn has a stranger at it.
      ([name, { method, path, door }]) =>
        door === 'household' &&
        (method !== 'GET' || path.includes('{')) &&
        !NAMES_NO_ROW.includes(name),
    ),
  )('%s finds nothing', async (name, endpoint: Endpoint) => {
    const body = bodies()[name]
    if (endpoint.method !== 'GET') expect(body, `a body for ${name}`).toBeTruthy()
    const answer = await send(endpoint.method, pathOf(endpoint, theirs), {
      caller: app.stranger,
      body,
    })
    const problem = await answer.json()
    expect([answer.status, problem.code]).toEqual(
      GONE.includes(name) ? [409, 'errand_gone'] : [404, 'not_found'],
    )
    expect(JSON.stringify(problem)).not.toMatch(/Eye drops|Pantry roll|Cottage/)
  })
  it.each(allAsked.filter(([, asked]) => isFile(asked) && asked.path.includes('{')))(
    '%s finds nothing',
    async (_, asked) => {
      const answer = await send('GET', pathOf(asked, theirs), { caller: app.stranger })
      expect([answer.status, (await answer.json()).code]).toEqual([404, 'not_found'])
    },
  )
  it('a pocket, place or item of theirs cannot be named from a record of one’s own', async () => {
    const mine = await stocked(app.world, app.stranger)
    const tries: readonly (readonly [string, string, unknown])[] = [
      [
        'POST',
        `/api/lots/${mine.lotId}/move`,
        { pocketId: mine.lid, to: stock.lid, amount: 1000, seenVersion: 1 },
      ],
      [
        'POST',
        `/api/lots/${mine.lotId}/count`,
        { pocketId: stock.lid, found: 1000, seenVersion: 1 },
      ],
      [
        'POST',
        `/api/pockets/${mine.lid}/lots`,
        { item: { id: stock.itemId }, amount: 1000, expiry: { kind: 'none' } },
      ],
      ['PUT', `/api/pockets/${mine.lid}/pars/${stock.itemId}`, { amount: 1000 }],
      ...[
        {
          kind: 'used',
          title: 'x',
          words: '',
          takes: [{ lotId: stock.lotId, pocketId: mine.lid, amount: 1000 }],
        },
        {
          kind: 'used',
          title: 'x',
          words: '',
          takes: [{ lotId: mine.lotId, pocketId: stock.lid, amount: 1000 }],
        },
        { kind: 'struck', entryId: theirs.entryId },
      ].map(
        (fact) =>
          [
            'POST',
            '/api/care/entries',
            { entryId: newKey(), incidentId: null, memberId: mine.memberId, fact },
          ] as const,
      ),
      [
        'POST',
        '/api/care/entries',
        {
          entryId: newKey(),
          incidentId: null,
          memberId: stock.memberId,
          fact: { kind: 'note', words: 'x' },
        },
      ],
      ['PUT', `/api/pockets/${stock.lid}/pars/${mine.itemId}`, { amount: 1000 }],
      ['PATCH', `/api/kits/${mine.kitId}`, { seenVersion: 1, placeId: stock.placeId }],
      ...[
        { kind: 'carry', lotId: stock.lotId, pocketId: mine.lid, to: mine.tray, amount: 1 },
        { kind: 'carry', lotId: mine.lotId, pocketId: stock.lid, to: mine.tray, amount: 1 },
        { kind: 'no_carry', lotId: mine.lotId, pocketId: mine.lid, to: stock.tray },
        { kind: 'buy', itemId: stock.itemId, shop: '', packs: 1 },
      ].map((wish) => ['POST', '/api/restock/wishes', wish] as const),
      ...[
        { itemId: stock.itemId, goesTo: [] },
        { itemId: mine.itemId, goesTo: [{ pocketId: stock.lid, amount: 1000 }] },
      ].flatMap((named) => {
        const line = { ...aPurchase(stock), ...named }
        return [
          ['POST', '/api/shopping/lines', line],
          ['PUT', '/api/shopping', { lines: [line] }],
        ] as const
      }),
      [
        'POST',
        `/api/members/${mine.memberId}/courses`,
        {
          itemId: stock.itemId,
          reason: '',
          prescriber: '',
          perDay: null,
          startsOn: '2026-11-20',
          endsOn: null,
        },
      ],
      [
        'POST',
        `/api/places/${mine.placeId}/list`,
        {
          lines: [
            {
              decision: 'accepted',
              key: 'gauze',
              thing: { entryId: 'gauze' },
              par: 1000,
              pocketId: stock.lid,
            },
          ],
        },
      ],
    ]
    for (const [method, path, body] of tries)
      expect([path, (await send(method, path, { caller: app.stranger, body })).status]).toEqual([
        path,
        404,
      ])
  })
  it('nothing of theirs has changed, nor shows in lists, searches and exports', async () => {
    expect(await everythingOf()).toBe(before)
    for (const path of [
      '/api/watch',
      '/api/find?q=eye%20drops',
      '/api/imports/known',
      '/api/export.csv',
      '/api/everything.zip',
      `/api/watch?place=${stock.placeId}`,
    ]) {
      const text = await (await send('GET', path, { caller: { ...app.stranger } })).text()
      expect(text).not.toContain(stock.lotId)
      expect(text).not.toContain(stock.placeId)
    }
  })
})

describe('without a session', () => {
  it('every endpoint answers 401, before it looks at anything', async () => {
    for (const [name, endpoint] of allAsked) {
      if (endpoint.door === 'open') continue
      const answer = await send(endpoint.method, pathOf(endpoint, theirs), {
        caller: null,
        body: bodies()[name] ?? {},
      })
      expect([name, answer.status, (await answer.json()).code]).toEqual([
        name,
        401,
        'not_signed_in',
      ])
    }
    for (const method of ['GET', 'POST'])
      expect((await send(method, '/api/everything.zip', { caller: null })).status).toBe(401)
  })
})

describe('the OpenAPI document', () => {
  it('describes what is served, and everything that changes the record', async () => {
    const document = await (await send('GET', '/api/openapi.json', { caller: app.keeper })).json()
    const described = Object.entries<Record<string, unknown>>(document.paths).flatMap(
      ([path, methods]) => Object.keys(methods).map((method) => `${method.toUpperCase()} ${path}`),
    )
    expect(described.sort()).toEqual(
      allAsked.map(([, { method, path }]) => `${method} ${path}`).sort(),
    )
    expect(document.openapi).toBe('3.1.0')
  })
  it('is the whole of what is answered: other addresses and methods are told so', async () => {
    const { keeper: caller } = app
    const nowhere = await send('GET', '/api/nowhere', { caller })
    expect([nowhere.status, (await nowhere.json()).code]).toEqual([404, 'not_found'])
    const wrong = await send('DELETE', '/api/kits', { caller })
    expect([wrong.status, wrong.headers.get('allow')]).toEqual([405, 'GET, POST'])
    const broken = await send('GET', '/api/kits/%E0%A4', { caller })
    expect(broken.status).toBe(404)
    const head = await send('HEAD', '/api/kits', { caller })
    expect(head.status).toBe(200)
  })
})

describe('a key of its own', () => {
  it('is asked of every change, and the same key answers the same', async () => {
    const body = { name: 'Grete', species: 'person' }
    const none = await send('POST', '/api/members', { caller: app.stranger, body, key: null })
    expect([none.status, (await none.json()).code]).toEqual([400, 'no_idempotency_key'])
    const key = newKey()
    const [first, second] = [
      await send('POST', '/api/members', { caller: app.stranger, body, key }),
      await send('POST', '/api/members', { caller: app.stranger, body, key }),
    ]
    expect(await second.json()).toEqual(await first.json())
  })
})
