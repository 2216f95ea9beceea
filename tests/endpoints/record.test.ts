/** Errands, places, kits, pars, members and settings: changed, seen, contested and taken back. */
import { beforeAll, describe, expect, it } from 'vitest'
import { application, send } from '../support/application'
import { stocked } from '../support/stocked'

const app = application()
let stock: Awaited<ReturnType<typeof stocked>>
beforeAll(async () => {
  stock = await stocked(app.world, app.keeper)
})

const get = async (path: string) => (await send('GET', path, { caller: app.keeper })).json()
const post = async (method: string, path: string, body: unknown) => {
  const answer = await send(method, path, { caller: app.keeper, body })
  return { status: answer.status, ...(await answer.json()) }
}
const undo = (actId: string) => post('POST', `/api/acts/${actId}/undo`, {})
const errandKeys = async (): Promise<string[]> => {
  const { groups } = await get('/api/watch')
  return groups.flatMap(({ errands }: { errands: { key: string }[] }) =>
    errands.map(({ key }) => key),
  )
}

describe('errands', () => {
  const topUp = () => `top_up:${stock.itemId}:${stock.lid}`
  it('put off comes back when that is taken back', async () => {
    expect(await errandKeys()).toContain(topUp())
    const off = await post('POST', '/api/errands/put-off', { errandKey: topUp() })
    expect([off.status, off.until]).toEqual([200, '2026-12-06'])
    expect(await errandKeys()).not.toContain(topUp())
    await undo(off.actId)
    expect(await errandKeys()).toContain(topUp())
  })
  it('sent to the list is marked there until what was bought is put away', async () => {
    expect((await post('POST', '/api/errands/done', { errandKey: topUp() })).status).toBe(200)
    const states = async () => {
      const { lines } = await get('/api/shopping')
      return lines.map(({ id, state }: { id: string; state: { kind: string } }) => [id, state.kind])
    }
    const [[id, listed]] = await states()
    expect(listed).toBe('listed')
    expect(await errandKeys()).not.toContain(topUp())
    const line = `/api/shopping/lines/${id}`
    await post('POST', `${line}/mark`, { state: 'in_bag' })
    expect(await states()).toEqual([[id, 'in_bag']])
    const put = await post('POST', `${line}/put-away`, {
      puts: [{ pocketId: stock.lid, amount: 2000 }],
      expiry: { kind: 'month', month: '2028-06' },
      priceMinor: null,
      isAll: true,
    })
    expect(put.status).toBe(200)
    expect(await states()).toEqual([])
    await undo(put.actId)
    expect(await states()).toEqual([[id, 'in_bag']])
  })
  it('that somebody else has done is gone, and a question needs its answer', async () => {
    const gone = await post('POST', '/api/errands/done', { errandKey: `check:${stock.itemId}` })
    expect([gone.status, gone.code]).toEqual([409, 'errand_gone'])
    const held = await post('PATCH', `/api/lots/${stock.lotId}`, {
      seenVersion: 1,
      standing: { kind: 'held', reason: 'the vet' },
    })
    const ask = await post('POST', '/api/errands/done', {
      errandKey: `ask:${stock.lotId}:${stock.lid}`,
    })
    expect([ask.status, ask.code]).toEqual([422, 'errand_needs_an_answer'])
    await undo(held.actId)
  })
  it('a kit is looked through in a round: one press does not do it, a note on its page does', async () => {
    const key = `check:${stock.kitId}`
    expect(await errandKeys()).toContain(key)
    expect((await post('POST', '/api/errands/done', { errandKey: key })).code).toBe(
      'errand_needs_an_answer',
    )
    const { actId } = await post('POST', `/api/kits/${stock.kitId}/checks`, {})
    expect((await get(`/api/kits/${stock.kitId}`)).look).toEqual({
      kind: 'whole',
      on: '2026-11-26',
      by: 'Ilse',
    })
    await undo(actId)
    expect((await get(`/api/kits/${stock.kitId}`)).look.kind).toBe('partly')
  })
})

describe('records', () => {
  it('changed from an older version are refused with the newer one', async () => {
    const { version } = await get(`/api/kits/${stock.kitId}`)
    const path = `/api/kits/${stock.kitId}`
    const first = await post('PATCH', path, { seenVersion: version, name: 'Pantry bag' })
    expect(first.status).toBe(200)
    const second = await post('PATCH', path, { seenVersion: version, name: 'Pantry box' })
    expect([second.status, second.code, second.facts.version]).toEqual([
      409,
      'changed_meanwhile',
      version + 1,
    ])
    await undo(first.actId)
    expect((await get(path)).name).toBe('Pantry roll')
  })
  it('a visit moves the day until which things must last, and its removal moves it back', async () => {
    const mustLast = async () => (await get(`/api/kits/${stock.kitId}`)).nextCheck
    const before = await mustLast()
    const { actId, visitId } = await post('POST', `/api/places/${stock.placeId}/visits`, {
      startsOn: '2027-04-01',
      endsOn: '2027-04-03',
    })
    expect(await mustLast()).toBe('2027-04-01')
    const removed = await post('DELETE', `/api/visits/${visitId}`, {})
    expect(await mustLast()).toBe(before)
    await undo(removed.actId)
    expect(await mustLast()).toBe('2027-04-01')
    await undo(actId)
    expect(await mustLast()).toBe(before)
  })
  it('a par is set, raised, taken off, and each is taken back', async () => {
    const par = async () =>
      (await get(`/api/kits/${stock.kitId}`)).pockets[0].lines[0].par as number
    const set = (amount: number) =>
      post('PUT', `/api/pockets/${stock.lid}/pars/${stock.itemId}`, { amount })
    const before = await par()
    const raised = await set(20_000)
    expect(await par()).toBe(20_000)
    const off = await set(0)
    expect(await par()).toBe(0)
    await undo(off.actId)
    expect(await par()).toBe(20_000)
    await undo(raised.actId)
    expect(await par()).toBe(before)
  })
  it('settings decide the day and the money of every screen', async () => {
    const { household } = await get('/api/household')
    const { status, actId } = await post('PATCH', '/api/household', {
      seenVersion: household.version,
      timeZone: 'Pacific/Kiritimati',
      currency: 'NOK',
      dateOrder: 'month-first',
    })
    expect(status).toBe(200)
    const strap = await get('/api/places')
    expect(strap.today).toBe('2026-11-27')
    expect(strap.habits).toEqual({
      currency: 'NOK',
      dateOrder: 'month-first',
      weekStart: 'monday',
      units: 'metric',
      timeZone: 'Pacific/Kiritimati',
    })
    await undo(actId)
    expect((await get('/api/places')).today).toBe('2026-11-26')
    for (const wrong of [{ timeZone: 'Moon/Base' }, { currency: 'kr' }, { lookaheadDays: 0 }])
      expect((await post('PATCH', '/api/household', { seenVersion: 99, ...wrong })).status).toBe(
        422,
      )
  })
})

describe('finding', () => {
  it.each([
    ['eye drops', 'Eye drops 10 mL'],
    ['DROPS', 'Eye drops 10 mL'],
    ['dry eye', 'Eye drops 10 mL'],
    ['pantry', 'Pantry roll'],
    ['cottage', 'Cottage'],
    ['where are the eye drops?', 'Eye drops 10 mL'],
    ['eye dorps', 'Eye drops 10 mL'],
    ['lid sheet', 'Pantry roll'],
  ])('%s finds %s', async (q, title) => {
    const { found } = await get(`/api/find?q=${encodeURIComponent(q)}`)
    expect(found.map((one: { title: string }) => one.title)).toContain(title)
  })
  it('finds a member by name, and the cards that are for them', async () => {
    const { memberId, actId } = await post('POST', '/api/members', {
      name: 'Birch',
      species: 'rabbit',
    })
    const { found } = await get('/api/find?q=birch')
    expect(found).toContainEqual(
      expect.objectContaining({ kind: 'member', title: 'Birch', href: `/members/${memberId}` }),
    )
    const cards = await get('/api/find?q=card')
    expect(cards.found.map(({ kind }: { kind: string }) => kind)).toContain('card')
    await undo(actId)
    expect((await get('/api/find?q=birch')).found).toEqual([])
  })
  it('finds an ingredient by its other name', async () => {
    const asked = async () => (await get('/api/find?q=paracetamol')).found
    expect(await asked()).toEqual([])
    const { actId } = await post('POST', `/api/places/${stock.placeId}/list`, {
      lines: [
        {
          decision: 'accepted',
          key: 'acetaminophen-500',
          thing: { entryId: 'acetaminophen-500' },
          par: 10_000,
          pocketId: stock.lid,
        },
      ],
    })
    expect(await asked()).toEqual([
      expect.objectContaining({ kind: 'bare', title: expect.stringMatching(/^Acetaminophen/) }),
    ])
    await undo(actId)
  })
  it('finds nothing for what is not there, and for nothing', async () => {
    for (const q of ['tractor', '', '   '])
      expect((await get(`/api/find?q=${encodeURIComponent(q)}`)).found).toEqual([])
  })
})
