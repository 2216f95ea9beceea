/** A professional with empty hands: what they take is made up for; the code on a lid, and how far it goes. */
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { LotId, PocketId } from '../../src/core/ids'
import { application, newKey, send } from '../support/application'
import { putMatched } from '../support/matched'
import { stocked } from '../support/stocked'

const app = application()
let home: Awaited<ReturnType<typeof stocked>>
let dressings: LotId
let owner: pg.Client

const put = async (
  name: string,
  catalogueId: string | null,
  count: number,
  { kind = 'sterile', pocketId = home.lid }: { kind?: string; pocketId?: PocketId } = {},
): Promise<LotId> => {
  const thing = { name, catalogueId, kind, count }
  return (await putMatched(app.world, app.keeper, owner, pocketId, thing)).lotId
}

beforeAll(async () => {
  const url = new URL(process.env.ADMIN_DATABASE_URL ?? '')
  url.pathname = new URL(app.database.appUrl).pathname
  owner = new pg.Client({ connectionString: url.href })
  await owner.connect()
  home = await stocked(app.world, app.keeper)
  dressings = await put('Pressure dressing', 'pressure-dressing', 9)
  await put('MARKER tablets', 'ibuprofen-200', 20, { kind: 'medicine' })
  await put('MARKER thing nobody matched', null, 5)
  await put('Splint of Ned', 'splint-foldable', 1)
})
afterAll(() => owner.end())

const lidOf = async (body: object = { shows: 'kit', mayTake: true }) => {
  await send('PUT', `/api/kits/${home.kitId}/lid-code`, { caller: app.keeper, body })
  const { onLid } = await (
    await send('GET', `/api/kits/${home.kitId}/lid-code`, { caller: app.keeper })
  ).json()
  return onLid as { code: string; shows: string; mayTake: boolean }
}
const openLid = (code: string) => send('GET', `/api/lid/${code}`, { caller: null })
const takeByLid = (code: string, body: object) =>
  send('POST', `/api/lid/${code}/takings`, {
    caller: null,
    key: null,
    body: { takingId: newKey(), ...body },
  })
const codeIn = async (answer: Response) => [answer.status, (await answer.json()).code ?? '']
const thereOf = async (code: string, title: string): Promise<number> => {
  const { groups } = await (await openLid(code)).json()
  const all = groups.flatMap(({ things }: { things: unknown[] }) => things)
  return all.find((one: { title: string }) => one.title.startsWith(title))?.amount ?? 0
}
const errandsAbout = async (title: string) => {
  const { groups } = await (await send('GET', '/api/watch', { caller: app.keeper })).json()
  return groups
    .flatMap(({ errands }: { errands: unknown[] }) => errands)
    .filter((one: { title: string; act: string }) => one.title === title && one.act === 'make_up')
}

describe('what was taken at a roadside', () => {
  it('leaves the pocket, is told in the record, and is to be made up for; one press puts it on the list', async () => {
    const body = { lotId: dressings, pocketId: home.lid, amount: 1000 }
    const key = newKey()
    const first = await send('POST', '/api/roadside/takings', { caller: app.keeper, key, body })
    expect(first.status).toBe(200)
    // The same press that arrives twice is one taking.
    await send('POST', '/api/roadside/takings', { caller: app.keeper, key, body })
    const [errand, ...more] = await errandsAbout('Pressure dressing')
    expect([errand, more]).toMatchObject([
      { amount: 1000, reason: { code: 'given_away', byLid: false } },
      [],
    ])
    const record = await (await send('GET', '/api/record', { caller: app.keeper })).text()
    expect(record).toContain('a professional at a roadside')
    const done = await send('POST', '/api/errands/done', {
      caller: app.keeper,
      body: { errandKey: errand.key },
    })
    expect(done.status).toBe(200)
    expect(await errandsAbout('Pressure dressing')).toEqual([])
    const shopping = await (await send('GET', '/api/shopping', { caller: app.keeper })).text()
    expect(shopping).toContain('Pressure dressing')
    // Undone, it is to be made up for again.
    const { actId } = await done.json()
    await send('POST', `/api/acts/${actId}/undo`, { caller: app.keeper, body: {} })
    expect(await errandsAbout('Pressure dressing')).toHaveLength(1)
  })
  it('is made up for once some of it is put there again, whoever bought it', async () => {
    const lotId = await put('Wool wrap', 'fleece-blanket', 4, { kind: 'supply' })
    const body = { lotId, pocketId: home.lid, amount: 1000 }
    await send('POST', '/api/roadside/takings', { caller: app.keeper, body })
    expect(await errandsAbout('Wool wrap')).toHaveLength(1)
    await put('Wool wrap', 'fleece-blanket', 1, { kind: 'supply' })
    expect(await errandsAbout('Wool wrap')).toEqual([])
  })
  it('without a connection it arrives later, decided on the stock of then', async () => {
    const before = await thereOf((await lidOf()).code, 'Pressure')
    const late = await send('POST', '/api/roadside/takings', {
      caller: app.keeper,
      headers: { 'taken-ago': '60000' },
      body: { lotId: dressings, pocketId: home.lid, amount: 1000 },
    })
    expect(late.status).toBe(200)
    expect(await thereOf((await lidOf()).code, 'Pressure')).toBe(before - 1000)
  })
  it('is no more than there is', async () => {
    const answer = await send('POST', '/api/roadside/takings', {
      caller: app.keeper,
      body: { lotId: dressings, pocketId: home.lid, amount: 900_000 },
    })
    expect(answer.status).toBe(409)
  })
})

describe('the code on a lid', () => {
  it('shows whoever opens the kit what helps, without an account: no medicine, no name, nothing unmatched', async () => {
    const { code } = await lidOf()
    const answer = await openLid(code.toLowerCase().replaceAll('-', ' '))
    expect(answer.status).toBe(200)
    const text = await answer.text()
    expect(text).not.toMatch(/MARKER|Ned\b|Eye drops|Ilse|Cottage/)
    const view = JSON.parse(text)
    expect(view).toMatchObject({ kit: 'Pantry roll', mayTake: true })
    expect(view.groups.map(({ role }: { role: string }) => role)).toEqual(
      expect.arrayContaining(['bleeding', 'splint']),
    )
  })
  it('takes one at a press, signs it, and the same press again is the same', async () => {
    const { code } = await lidOf()
    const before = await thereOf(code, 'Pressure')
    const body = { lotId: dressings, pocketId: home.lid, takingId: newKey() }
    expect((await takeByLid(code, body)).status).toBe(200)
    expect((await takeByLid(code, body)).status).toBe(200)
    expect(await thereOf(code, 'Pressure')).toBe(before - 1000)
    const record = await (await send('GET', '/api/record', { caller: app.keeper })).text()
    expect(record).toContain('Somebody at the kit')
    expect(await errandsAbout('Pressure dressing')).toMatchObject([{ reason: { byLid: true } }])
  })
  it('of the last one there is the same as well: it is taken once, and said so twice', async () => {
    const { code } = await lidOf()
    const last = await put('Windlass', 'tourniquet-windlass', 1, { kind: 'instrument' })
    const body = { lotId: last, pocketId: home.lid, takingId: newKey() }
    expect((await takeByLid(code, body)).status).toBe(200)
    expect(await thereOf(code, 'Windlass')).toBe(0)
    expect((await takeByLid(code, body)).status).toBe(200)
    expect(await codeIn(await takeByLid(code, { ...body, takingId: newKey() }))).toEqual([
      404,
      'not_found',
    ])
  })
  it('takes nothing that the page does not offer: no medicine, nothing of another kit', async () => {
    const { code } = await lidOf()
    const refused = [404, 'not_found']
    const tries = [
      { lotId: home.lotId, pocketId: home.lid },
      { lotId: dressings, pocketId: home.tray },
      { lotId: newKey(), pocketId: home.lid },
    ]
    for (const body of tries) expect(await codeIn(await takeByLid(code, body))).toEqual(refused)
    expect((await takeByLid(code, { lotId: 'rubbish', pocketId: home.lid })).status).toBe(422)
  })
  it('goes only as far as the keeper lets it, from that moment on', async () => {
    const looking = await lidOf({ shows: 'kit', mayTake: false })
    expect(await (await openLid(looking.code)).json()).toMatchObject({ mayTake: false })
    const body = { lotId: dressings, pocketId: home.lid }
    expect(await codeIn(await takeByLid(looking.code, body))).toEqual([404, 'not_found'])
    const { code } = await lidOf({ shows: 'place', mayTake: true })
    // It is the same code: the sheet that hangs there stays right.
    expect(code).toBe(looking.code)
  })
  it('of the place shows its other kits as well, of the kit nothing of them', async () => {
    const made = await (
      await send('POST', '/api/kits', {
        caller: app.keeper,
        body: { placeId: home.placeId, name: 'Second bag' },
      })
    ).json()
    const pocket = await (
      await send('POST', `/api/kits/${made.kitId}/pockets`, {
        caller: app.keeper,
        body: { name: 'Front' },
      })
    ).json()
    await put('Foil blanket', 'foil-blanket', 2, { kind: 'supply', pocketId: pocket.pocketId })
    const narrow = await lidOf({ shows: 'kit', mayTake: true })
    expect(await thereOf(narrow.code, 'Foil')).toBe(0)
    const wide = await lidOf({ shows: 'place', mayTake: true })
    expect(await thereOf(wide.code, 'Foil')).toBe(2000)
  })
  it('ended opens nothing, like one that nobody made; the next is another', async () => {
    const { code } = await lidOf()
    await send('DELETE', `/api/kits/${home.kitId}/lid-code`, { caller: app.keeper, body: {} })
    expect(await codeIn(await openLid(code))).toEqual([404, 'code_not_right'])
    expect(await codeIn(await openLid('AAAA-BBBB-CCCC'))).toEqual([404, 'code_not_right'])
    expect(await codeIn(await openLid('x'))).toEqual([404, 'code_not_right'])
    const next = await lidOf()
    expect(next.code).not.toBe(code)
    expect((await openLid(next.code)).status).toBe(200)
  })
  it('cannot be guessed, and not be pressed without end', async () => {
    const { code } = await lidOf()
    const tried: number[] = []
    for (let at = 0; at < 70; at++)
      tried.push((await takeByLid(code, { lotId: home.lotId, pocketId: home.lid })).status)
    expect(tried.at(-1)).toBe(429)
    const guessed: number[] = []
    for (let at = 0; at < 34; at++) guessed.push((await openLid('AAAA-BBBB-CCCC')).status)
    expect(guessed.at(-1)).toBe(429)
    // Whoever has the code still opens it.
    expect((await openLid(code)).status).toBe(200)
  })
  it('makes the sheet that hangs there one of yesterday when it ends', async () => {
    const kit = async () =>
      (await (await send('GET', `/api/kits/${home.kitId}`, { caller: app.keeper })).json()).lidSheet
    await lidOf()
    await send('POST', `/api/kits/${home.kitId}/sheet-prints`, { caller: app.keeper, body: {} })
    expect(await kit()).toMatchObject({ upToDate: true })
    await send('DELETE', `/api/kits/${home.kitId}/lid-code`, { caller: app.keeper, body: {} })
    expect(await kit()).toMatchObject({ upToDate: false })
  })
})

describe('a guest', () => {
  it('of every week is kept with their days, and comes again with others', async () => {
    const guest = { name: 'Emil', species: 'person', guestUntil: '2027-05-30', guestDays: [7, 6] }
    const { memberId } = await (
      await send('POST', '/api/members', { caller: app.keeper, body: guest })
    ).json()
    const members = async () =>
      (await (await send('GET', '/api/cover', { caller: app.keeper })).json()).members
    const emil = async () => (await members()).find(({ id }: { id: string }) => id === memberId)
    expect(await emil()).toMatchObject({ guestUntil: '2027-05-30', guestDays: [6, 7] })
    const change = (body: object) =>
      send('PATCH', `/api/members/${memberId}`, { caller: app.keeper, body })
    expect((await change({ seenVersion: 1, guestDays: null })).status).toBe(200)
    expect(await emil()).toMatchObject({ guestDays: null })
    for (const guestDays of [[], [0], [8], [1.5], 'Monday'])
      expect((await change({ seenVersion: 2, guestDays })).status).toBe(422)
  })
})
