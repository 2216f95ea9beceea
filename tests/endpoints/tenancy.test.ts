/** Every endpoint, walked with another household's ids: not one of them is found. */
import { beforeAll, describe, expect, it } from 'vitest'
import { typeReadings } from '../../src/app/exposure/exposureActs'
import { readExposure } from '../../src/app/exposure/readExposure'
import { addFeed } from '../../src/app/household/feedActs'
import { teachCode } from '../../src/app/items/codeActs'
import { addWish, setOffer } from '../../src/app/restock/planActs'
import { readPlan } from '../../src/app/restock/readPlan'
import { addPurchase } from '../../src/app/restock/shoppingActs'
import { startRound } from '../../src/app/rounds/roundActs'
import { keepPaper } from '../../src/app/stock/paperActs'
import { saveView } from '../../src/app/stock/viewActs'
import { readTrip } from '../../src/app/trips/readTrips'
import { createTrip, planTrip } from '../../src/app/trips/tripActs'
import { allAsked, allEndpoints, isFile } from '../../src/contract'
import type { Endpoint } from '../../src/contract/endpoint'
import { plainDate } from '../../src/core/calendar/plainDate'
import type { StopId } from '../../src/core/ids'
import { units } from '../../src/core/quantity/amount'
import type { RoundId } from '../../src/core/rounds/round'
import { NO_WISHES } from '../../src/core/trips/trip'
import { application, newKey, pathOf, send } from '../support/application'
import { A_PHOTO } from '../support/photo'
import { aDoseRule, cared, minded, stocked } from '../support/stocked'

const app = application()
const GTIN = '09520000000066'
let theirs: Record<string, string>
let stock: Awaited<ReturnType<typeof stocked>>
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
  stock = await stocked(app.world, app.keeper)
  const { viewId } = await saveView(app.world, app.keeper, {
    key: newKey(),
    name: 'Turning soon',
    filter: {},
  })
  await keepPaper(app.world, app.keeper, {
    key: newKey(),
    lotId: stock.lotId,
    photo: { type: 'image/png', bytes: Buffer.from('a picture') },
  })
  const { feedId } = await addFeed(app.world, app.keeper, { key: newKey(), name: 'Kitchen' })
  const roundId = newKey() as RoundId
  await startRound(app.world, app.keeper, {
    key: roundId,
    roundId,
    kitId: stock.kitId,
    pocketIds: [stock.lid],
  })
  const { wishId } = await addWish(app.world, app.keeper, {
    key: newKey(),
    wish: { kind: 'no_buy', itemId: stock.itemId },
  })
  await setOffer(app.world, app.keeper, {
    key: newKey(),
    itemId: stock.itemId,
    shop: 'Harbour shop',
    packSize: units(5),
    priceMinor: 700,
    leadDays: 2,
  })
  const { purchaseId } = await addPurchase(app.world, app.keeper, {
    key: newKey(),
    ...aPurchase(),
  })
  const { offers } = await readPlan(app.world, app.keeper)
  const offerId = offers.find(({ shop }) => shop === 'Harbour shop')?.offerId ?? ''
  await teachCode(app.world, app.keeper, { key: newKey(), itemId: stock.itemId, gtin: GTIN })
  theirs = {
    ...stock,
    viewId,
    feedId,
    roundId,
    gtin: GTIN,
    ...(await cared(app.world, app.keeper, stock)),
    ...(await minded(app.world, app.keeper, stock)),
    wishId,
    offerId,
    purchaseId,
  }
  const { tripId } = await createTrip(app.world, app.keeper, { key: newKey(), ...aTrip() })
  await planTrip(app.world, app.keeper, { key: newKey(), tripId, lines: [aLine()] })
  const { lines } = await readTrip(app.world, app.keeper, { tripId })
  await typeReadings(app.world, app.keeper, {
    key: newKey(),
    spot: { kind: 'place', id: stock.placeId },
    from: plainDate('2026-11-20'),
    to: plainDate('2026-11-21'),
    lowest: 500,
    highest: 2000,
  })
  const { logs } = await readExposure(app.world, app.keeper, {})
  theirs = { ...theirs, tripId, lineId: lines[0]?.id ?? '', logId: logs[0]?.id ?? '' }
  before = await everythingOf()
})

const aTrip = () => ({
  name: 'Lake week',
  stops: [
    {
      id: newKey() as StopId,
      name: 'Lake',
      placeId: stock.placeId,
      from: plainDate('2026-12-05'),
      to: plainDate('2026-12-07'),
      members: [stock.memberId],
      travel: 'car' as const,
      minutesToHelp: 30,
      minutesToVet: null,
      signal: null,
      traits: [],
      country: '',
      note: '',
    },
  ],
  bags: [
    { kitId: stock.kitId, carrier: stock.memberId, stowage: 'with_us' as const, filled: true },
  ],
  sources: [stock.placeId],
  wishes: NO_WISHES,
  cabinRules: 'eu' as const,
})
const aLine = () => ({
  lotId: stock.lotId,
  from: stock.lid,
  into: stock.tray,
  amount: units(1),
})

const aPurchase = () => ({
  itemId: stock.itemId,
  shop: '',
  packs: 1,
  packSize: units(1),
  priceMinor: null,
  wantedBy: null,
  goesTo: [{ pocketId: stock.lid, amount: units(1) }],
})

/** A body that would do something, naming the other household's rows wherever a row is named. */
const bodies = (): Readonly<Record<string, unknown>> => {
  const seenVersion = 1
  const taking = { pocketId: stock.lid, amount: 1000, seenVersion }
  return {
    createPlace: null,
    changePlace: { seenVersion, name: 'Mine now' },
    addVisit: { startsOn: '2027-01-01', endsOn: '2027-01-02', label: '' },
    removeVisit: {},
    createKit: { placeId: stock.placeId, name: 'Spy kit' },
    changeKit: { seenVersion, name: 'Mine now' },
    checkKit: {},
    addPocket: { name: 'Spy pocket' },
    changePocket: { seenVersion, name: 'Mine now' },
    receiveLot: { item: { id: stock.itemId }, amount: 1000, expiry: { kind: 'none' } },
    setPar: { amount: 99_000 },
    changeItem: { seenVersion, name: 'Mine now' },
    useLot: taking,
    openLot: { ...taking, on: '2026-11-20' },
    moveLot: { ...taking, to: stock.tray },
    discardLot: taking,
    countLot: { pocketId: stock.lid, found: 1000, seenVersion },
    amendLot: { seenVersion, note: 'Mine now' },
    undoAct: {},
    doErrand: { errandKey: `top_up:${stock.itemId}:${stock.lid}` },
    takeUpErrand: { errandKey: `top_up:${stock.itemId}:${stock.lid}` },
    leaveOutNeed: { memberId: null, reason: 'Mine now' },
    expectNeed: { memberId: null },
    putOffErrand: { errandKey: `top_up:${stock.itemId}:${stock.lid}` },
    addReadings: {
      spot: { kind: 'pocket', id: theirs.pocketId },
      name: 'Mine now',
      readings: { from: 29_000_000, steps: [0, 10], hundredths: [2000, 2100] },
    },
    typeReadings: {
      spot: { kind: 'place', id: theirs.placeId },
      from: '2026-11-20',
      to: '2026-11-21',
      lowest: 100,
      highest: 2000,
    },
    fetchReadings: { placeId: theirs.placeId },
    removeReadings: {},
    tellYear: { coldestMonth: 1, coldest: 0, hottestMonth: 7, hottest: 20 },
    createTrip: aTrip(),
    changeTrip: { seenVersion, name: 'Mine now' },
    removeTrip: {},
    planTrip: { lines: [aLine()] },
    packTrip: { packed: [theirs.lineId] },
    unpackTrip: {
      lines: [{ lineId: theirs.lineId, back: 1000, used: 0, lost: 0, given: 0 }],
    },
    makeList: { lines: [aPurchase()] },
    addPurchase: aPurchase(),
    changePurchase: { packs: 9 },
    removePurchase: {},
    markPurchase: { state: 'in_bag' },
    putAway: {
      puts: [{ pocketId: stock.lid, amount: 1000 }],
      expiry: { kind: 'none' },
      priceMinor: null,
      gtin: null,
      isAll: true,
    },
    bringIn: null,
    changeHousehold: null,
    changeEvacuation: null,
    rehearseEvacuation: null,
    addMember: null,
    changeMember: { seenVersion, name: 'Mine now' },
    removeMember: {},
    stayAgain: { seenVersion, until: '2026-12-01' },
    weigh: { on: '2026-11-20', grams: 25_000 },
    removeWeighing: {},
    setPhoto: { photo: A_PHOTO },
    addCourse: {
      itemId: stock.itemId,
      reason: '',
      prescriber: '',
      perDay: null,
      startsOn: '2026-11-20',
      endsOn: null,
    },
    changeCourse: { seenVersion, reason: 'Mine now' },
    removeCourse: {},
    matchItems: { matches: [{ itemId: stock.itemId, catalogueId: 'gauze' }] },
    giveLot: { ...taking, to: 'Me' },
    lendLot: { ...taking, to: 'Me' },
    takeBackLot: taking,
    reuseLot: taking,
    cleanLot: { pocketId: stock.lid, seenVersion },
    decantLot: { ...taking, to: stock.tray, directions: 'Mine now' },
    keepPaper: { photo: A_PHOTO },
    actOnMany: {
      deed: { kind: 'discard' },
      holdings: [{ lotId: stock.lotId, pocketId: stock.lid, amount: 1000, seenVersion }],
    },
    removeView: {},
    carryOutLayout: {
      steps: [{ lotId: stock.lotId, from: stock.lid, to: stock.tray, amount: 1000, seenVersion }],
    },
    arrangeMat: {
      cells: [stock.lid, stock.tray].map((pocketId, index) => ({
        pocketId,
        cell: { column: 1, row: index + 1, columns: 12, rows: 1 },
        seenVersion,
      })),
    },
    removePocket: {},
    startRound: { roundId: newKey(), kitId: stock.kitId, pocketIds: [stock.lid] },
    sayEntry: {
      entryId: newKey(),
      seconds: 5,
      fact: { kind: 'at_pocket', pocketId: stock.lid },
    },
    finishRound: { signedBy: 'Me' },
    leaveRound: {},
    teachCode: {},
    notePrinted: {},
    removeFeed: {},
    importVisits: {
      visits: [{ uid: 'spy', startsOn: '2027-01-01', endsOn: '2027-01-02', label: '' }],
    },
    addCard: { ...aDoseRule, memberIds: [stock.memberId] },
    changeCard: { ...aDoseRule, memberIds: [stock.memberId], seenVersion },
    removeCard: {},
    addRecipe: {
      name: 'Mine now',
      purpose: '',
      body: { kind: 'saline' },
      takes: [],
      itemId: stock.itemId,
      keepHours: 24,
      cautions: [],
      source: { who: 'Me', on: null },
    },
    removeRecipe: {},
    addWish: { kind: 'no_buy', itemId: stock.itemId },
    removeWish: {},
    setOffer: { shop: 'Mine', packSize: 1000, priceMinor: 1, leadDays: 0 },
    removeOffer: {},
    setRate: { perYear: 9000 },
    startIncident: {
      incidentId: newKey(),
      kind: null,
      patient: { kind: 'member', memberId: stock.memberId },
      placeId: stock.placeId,
    },
    removeIncident: { why: 'A slip' },
    sayCare: {
      entryId: newKey(),
      incidentId: theirs.incidentId,
      memberId: null,
      fact: { kind: 'note', words: 'Mine now' },
    },
    decideLines: { lines: [{ decision: 'overruled', key: 'gauze', note: 'Mine now' }] },
  }
}

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
        const line = { ...aPurchase(), ...named }
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
