/** Heat and frost as they are lived: readings come in, what has met too much goes on hold, and is answered. */
import { beforeEach, describe, expect, it } from 'vitest'
import type { z } from 'zod'
import { exposure as handlers } from '../../src/api/handlers/exposure'
import type { Caller } from '../../src/app/frame/world'
import type { readExposure } from '../../src/contract/exposure'
import type { Letter } from '../../src/core/account/letters'
import { aHousehold, application, newKey, send, TODAY } from '../support/application'
import { stocked } from '../support/stocked'

const app = application()
type View = z.infer<(typeof readExposure)['result']>

let keeper: Caller
let stock: Awaited<ReturnType<typeof stocked>>

const json = async (method: string, path: string, body?: unknown, key = newKey()) => {
  const answer = await send(method, path, {
    caller: keeper,
    key,
    ...(body !== undefined && { body }),
  })
  return { status: answer.status, body: await answer.json() }
}
const view = async (query = ''): Promise<View> => (await json('GET', `/api/exposure${query}`)).body
const rows = async () =>
  (await json('GET', '/api/stock')).body.rows as {
    lotId: string
    pocketId: string
    amount: number
    version: number
    judged: { state: string }
    keeping: object
  }[]

/** Some noon by its minute. */
const NOON = Date.parse(`${TODAY}T12:00:00Z`) / 60_000
/** Readings so many minutes apart, the last of them at noon. */
const told = (celsius: readonly number[], step = 10) => ({
  from: NOON - (celsius.length - 1) * step,
  steps: celsius.map((_, n) => (n === 0 ? 0 : step)),
  hundredths: celsius.map((one) => Math.round(one * 100)),
})
const place = () => ({ kind: 'place', id: stock.placeId })
const bring = (celsius: readonly number[], more: object = {}) =>
  json('POST', '/api/exposure/readings', {
    spot: place(),
    name: 'Window',
    readings: told(celsius),
    ...more,
  })
const keptAs = async (storage: string) => {
  const item = (await json('GET', `/api/items/${stock.itemId}`)).body
  const { status } = await json('PATCH', `/api/items/${stock.itemId}`, {
    seenVersion: item.version ?? item.item?.version ?? 1,
    own: { storage },
  })
  expect(status).toBe(200)
}

/** The place is a car, or a shed, and somebody has said how its year is. */
const toldYear = async (climate: 'car' | 'unheated') => {
  await json('PATCH', `/api/places/${stock.placeId}`, { seenVersion: 1, climate })
  await json('PUT', `/api/exposure/years/${stock.placeId}`, {
    coldestMonth: 1,
    coldest: 0,
    hottestMonth: 7,
    hottest: 18,
  })
}

beforeEach(async () => {
  keeper = await aHousehold(app.world, 'Ilse')
  stock = await stocked(app.world, keeper)
})

describe('readings', () => {
  it('put on hold what has met too much, with the reason, and undo takes both back', async () => {
    await keptAs('room')
    const { body } = await bring([20, 20, 20, 44, 44])
    expect(body).toMatchObject({ added: 5, held: 1 })
    const [row] = await rows()
    expect(row?.judged.state).toBe('held')
    expect(JSON.stringify(row)).toContain('Met 44 °C: ask the pharmacist, vet or maker')
    const seen = await view()
    expect(seen.lots).toMatchObject([
      { isHeld: true, verdict: { kind: 'beyond', harms: [{ code: 'too_hot', hundredths: 4400 }] } },
    ])
    expect((await json('POST', `/api/acts/${body.actId}/undo`, {})).status).toBe(200)
    expect((await rows())[0]?.judged.state).toBe('sound')
    expect((await view()).logs).toEqual([])
  })
  it('that are known add nothing; of two values the first stays', async () => {
    expect((await bring([20, 21, 22])).body).toMatchObject({ added: 3, differing: 0 })
    expect((await bring([20, 21, 22])).body).toMatchObject({ added: 0, differing: 0 })
    expect((await bring([19, 20, 21, 23])).body).toMatchObject({ added: 1, differing: 1 })
    expect((await view()).logs.map(({ readings }) => readings).sort()).toEqual([1, 3])
  })
  it('go out as a file that is read again', async () => {
    await bring([20, 21.5, -3])
    const [log] = (await view()).logs
    const answer = await send('GET', `/api/exposure/logs/${log?.id}/readings.csv`, {
      caller: keeper,
    })
    expect(answer.status).toBe(200)
    expect((await answer.text()).split('\n').map((one) => one.split(',')[1])).toEqual([
      'celsius',
      '20',
      '21.5',
      '-3',
      undefined,
    ])
  })
  it('hold only the part that was there: the rest of the lot stays ready', async () => {
    await keptAs('room')
    const [row] = await rows()
    await json('POST', `/api/lots/${stock.lotId}/move`, {
      seenVersion: row?.version,
      pocketId: stock.lid,
      to: stock.tray,
      amount: 4000,
    })
    const { body } = await bring([20, 44], { spot: { kind: 'pocket', id: stock.tray } })
    expect(body.held).toBe(1)
    const states = (await rows()).map(({ pocketId, amount, judged }) => [
      pocketId === stock.tray ? 'tray' : 'lid',
      amount / 1000,
      judged.state,
    ])
    expect(states.sort()).toEqual([
      ['lid', 6, 'sound'],
      ['tray', 4, 'held'],
    ])
  })
  it('count from the answer of somebody who knows on', async () => {
    await keptAs('room')
    await bring([20, 20, 44])
    const { since } = (await view()).lots[0] as View['lots'][number]
    const [row] = await rows()
    const released = await json('PATCH', `/api/lots/${stock.lotId}`, {
      seenVersion: row?.version,
      standing: { kind: 'ready' },
    })
    expect(released.status).toBe(200)
    expect((await rows())[0]?.judged.state).toBe('sound')
    expect((await view()).lots[0]?.since).toBeGreaterThan(since)
  })
  it('of what nobody has said how to keep hold nothing, and say so', async () => {
    expect((await bring([20, 60])).body.held).toBe(0)
    expect((await view()).lots[0]?.verdict).toEqual({ kind: 'unknown', because: 'class' })
  })
  it('a lowest below freezing that was typed holds what must never freeze', async () => {
    await keptAs('never-frozen')
    const { body } = await json('POST', '/api/exposure/typed', {
      spot: place(),
      from: TODAY,
      to: TODAY,
      lowest: -150,
      highest: 900,
    })
    expect(body.held).toBe(1)
    expect(JSON.stringify(await rows())).toContain('May have frozen: −1.5 °C was read')
  })
  it('when the label is copied afterwards are judged by it', async () => {
    await bring([20, 44])
    expect((await rows())[0]?.judged.state).toBe('sound')
    await keptAs('below-25')
    expect((await rows())[0]?.judged.state).toBe('held')
  })
})

describe('what one lot met', () => {
  it('is told with its way, its days and what is outside, and saved as JSON', async () => {
    await keptAs('room')
    await bring([20, 20, 44])
    const met = (await json('GET', `/api/exposure/lots/${stock.lotId}`)).body
    expect(met.verdict.kind).toBe('beyond')
    expect(met.band).toEqual({ from: 1500, to: 3000 })
    expect(met.stays).toMatchObject([
      { where: expect.stringContaining('Lid, Pantry roll'), to: null },
    ])
    expect(met.days.at(-1)).toMatchObject({ range: { high: 4400 }, of: 'measured' })
    expect(met.loggers).toHaveLength(1)
    const file = await json('GET', `/api/exposure/lots/${stock.lotId}/exposure.json`)
    expect(file.body).toEqual(JSON.parse(JSON.stringify(met)))
  })
  it('is answered there only where heat or frost is why it is on hold', async () => {
    await keptAs('room')
    const met = async () => (await json('GET', `/api/exposure/lots/${stock.lotId}`)).body
    const { body } = await bring([20, 44])
    expect(await met()).toMatchObject({ isHeld: true, isHeldForThis: true })
    await json('POST', `/api/acts/${body.actId}/undo`, {})
    const [row] = await rows()
    const held = await json('PATCH', `/api/lots/${stock.lotId}`, {
      seenVersion: row?.version,
      standing: { kind: 'held', reason: 'the vet' },
    })
    expect(held.status).toBe(200)
    await bring([20, 44])
    // What waits for the vet is not taken off hold by an answer about heat.
    expect(await met()).toMatchObject({
      isHeld: true,
      isHeldForThis: false,
      verdict: { kind: 'beyond' },
    })
  })
  it('is told by the days of the household, whose night is not that of UTC', async () => {
    await keptAs('room')
    await bring([20, 21])
    const { sinceOn, since, stays } = (await json('GET', `/api/exposure/lots/${stock.lotId}`)).body
    const local = new Intl.DateTimeFormat('en-CA', { timeZone: 'Europe/Oslo' })
    expect(sinceOn).toBe(local.format(new Date(since * 60_000)))
    expect(stays[0].on).toBe(local.format(new Date(stays[0].from * 60_000)))
    expect(stays[0].until).toBeNull()
  })
  it('is not there where nothing was measured, nor for a lot that there is none of', async () => {
    expect((await json('GET', `/api/exposure/lots/${stock.lotId}`)).status).toBe(404)
    expect((await json('GET', `/api/exposure/lots/${stock.placeId}`)).status).toBe(404)
  })
  it('stands on its tag, and its class in the stock list', async () => {
    await keptAs('room')
    await bring([20, 44])
    const { kits } = (await json('GET', '/api/kits')).body
    const kit = (await json('GET', `/api/kits/${kits[0].id}`)).body
    const tags = kit.pockets.flatMap((pocket: { lines: { keeping: object; tags: object[] }[] }) =>
      pocket.lines.flatMap(({ keeping, tags: all }) => all.map((tag) => ({ keeping, ...tag }))),
    )
    expect(tags).toMatchObject([
      { keeping: { storage: 'room', source: 'label' }, weather: { kind: 'harmed' } },
    ])
    expect((await rows())[0]?.keeping).toMatchObject({ storage: 'room', source: 'label' })
  })
})

describe('the year of a place', () => {
  it('is told once, changed by telling it again, and drawn pale', async () => {
    await json('PATCH', `/api/places/${stock.placeId}`, { seenVersion: 1, climate: 'unheated' })
    const year = { coldestMonth: 1, coldest: -4, hottestMonth: 7, hottest: 16 }
    const path = `/api/exposure/years/${stock.placeId}`
    expect((await json('PUT', path, year)).status).toBe(200)
    expect((await json('PUT', path, { ...year, hottest: 18 })).status).toBe(200)
    const { places, chart } = await view()
    expect(places[0]?.year).toEqual({ ...year, hottest: 18 })
    expect(chart?.tenths).toHaveLength(365 * 24)
    expect(chart?.origin).toBe('.'.repeat(365 * 24))
    await keptAs('never-frozen')
    expect((await view()).ahead).toMatchObject([
      { code: 'frost', things: [{ pocket: 'Lid, Pantry roll' }] },
    ])
  })
  it('is asked for before the simulated logger can tell anything', async () => {
    const fetch = () => json('POST', '/api/exposure/simulated', { placeId: stock.placeId })
    expect((await fetch()).body.code).toBe('no_year')
    await toldYear('car')
    const first = (await fetch()).body
    expect(first.added).toBeGreaterThan(14_000)
    expect((await fetch()).body.added).toBe(0)
    const { logs, chart, radio, apartMinutes } = await view()
    expect(logs).toMatchObject([{ source: 'simulated' }, { source: 'simulated' }])
    // The old one drifts until the two differ, which is asked about.
    expect(radio.map(({ name }) => name)).toEqual(['Simulated logger', 'Simulated logger, old'])
    expect(apartMinutes).toBeGreaterThan(60)
    expect(chart?.origin.includes('m')).toBe(true)
  })
})

describe('radio loggers', () => {
  it('tell of harm by a letter that names nothing', async () => {
    await keptAs('room')
    await toldYear('car')
    await app.world.db
      .insertInto('auth.user')
      .values({ id: keeper.userId, name: 'Ilse', email: 'ilse@example.org', emailVerified: true })
      .execute()
    const sent: Letter[] = []
    const world = {
      ...app.world,
      services: {
        ...app.world.services,
        letters: { folder: null, send: async (letter: Letter) => void sent.push(letter) },
        loggers: {
          ...app.world.services.loggers,
          loggers: ['Boot'],
          tell: () => ({ minutes: [NOON - 60, NOON], hundredths: [2100, 4600] }),
        },
      },
    }
    const fetch = () =>
      handlers.fetchReadings(world, keeper, { key: newKey(), placeId: stock.placeId })
    expect(await fetch()).toMatchObject({ held: 1 })
    expect(sent).toMatchObject([{ to: 'ilse@example.org' }])
    const { subject = '', text = '' } = sent[0] ?? {}
    const [row] = await rows()
    expect(`${subject} ${text}`).toMatch(/one of your things/)
    expect(`${subject} ${text}`).not.toContain((row as unknown as { title: string }).title)
    // Nothing new: nobody is told again.
    expect(await fetch()).toMatchObject({ added: 0, held: 0 })
    expect(sent).toHaveLength(1)
  })
})

describe('what cannot be', () => {
  it.each([
    ['no readings', () => ({ readings: { from: NOON, steps: [], hundredths: [] } })],
    ['a time twice', () => ({ readings: { from: NOON, steps: [0, 0], hundredths: [1, 2] } })],
    [
      'fewer values than times',
      () => ({ readings: { from: NOON, steps: [0, 5], hundredths: [1] } }),
    ],
    ['−273 °C', () => ({ readings: told([-273, 20]) })],
    ['no name', () => ({ name: ' ' })],
    ['no such kind of spot', () => ({ spot: { kind: 'shed', id: stock.placeId } })],
  ])('%s is refused', async (_, more) => {
    expect((await bring([20, 20], more())).status).toBe(422)
    expect((await view()).logs).toEqual([])
  })
  it.each([
    ['a file', () => bring([20, 20], { readings: { ...told([20, 20]), from: NOON + 300 } })],
    [
      'a thermometer',
      () =>
        json('POST', '/api/exposure/typed', {
          spot: place(),
          from: '2026-12-24',
          to: '2026-12-24',
          lowest: 0,
          highest: 10,
        }),
    ],
  ])('nothing is known of the future, says %s or not', async (_, says) => {
    const { status, body } = await says()
    expect([status, body.code]).toEqual([422, 'readings_in_future'])
    expect((await view()).logs).toEqual([])
  })
  it('a spot of another household is not found', async () => {
    expect((await bring([20, 20], { spot: { kind: 'kit', id: newKey() } })).status).toBe(404)
  })
  it('a year that is colder in summer, and days that end before they begin', async () => {
    const year = { coldestMonth: 1, coldest: 10, hottestMonth: 7, hottest: 5 }
    expect((await json('PUT', `/api/exposure/years/${stock.placeId}`, year)).status).toBe(422)
    const { status } = await json('POST', '/api/exposure/typed', {
      spot: place(),
      from: TODAY,
      to: '2026-11-20',
      lowest: 0,
      highest: 10,
    })
    expect(status).toBe(422)
  })
})
