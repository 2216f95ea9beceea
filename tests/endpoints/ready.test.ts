/** What a place is ready for, through the endpoints: what a keeper says and does, and what every screen says then. */
import { beforeAll, describe, expect, it } from 'vitest'
import type { z } from 'zod'
import type { watchValue } from '../../src/contract/values/watch'
import { application, send } from '../support/application'
import { stocked } from '../support/stocked'

type Watch = z.infer<typeof watchValue>
type Errand = Watch['groups'][number]['errands'][number]

const app = application()
let stock: Awaited<ReturnType<typeof stocked>>
beforeAll(async () => {
  stock = await stocked(app.world, app.keeper)
})

const get = async (path: string) => (await send('GET', path, { caller: app.keeper })).json()
const post = async (path: string, body: unknown, method = 'POST') => {
  const answer = await send(method, path, { caller: app.keeper, body })
  return { status: answer.status, ...(await answer.json()) }
}
const undo = (actId: string) => post(`/api/acts/${actId}/undo`, {})
const watch = (): Promise<Watch> => get('/api/watch')
const errandsNow = async (): Promise<Errand[]> =>
  (await watch()).groups.flatMap(({ errands }) => errands)
const gapOf = async (problem: string, act?: Errand['act']): Promise<Errand | undefined> =>
  (await errandsNow()).find(
    ({ reason, brings, act: one }) =>
      (act === undefined || one === act) &&
      (brings.some(({ name }) => name === problem) ||
        (reason.code === 'gap' && reason.problem === problem)),
  )
/** The figure of the place, wherever it is said: the strap, Watch, and the kit's page. */
const ready = async () => {
  const figures = [
    (await get('/api/places')).places[0].ready,
    (await watch()).strap.places[0]?.ready,
    (await get(`/api/kits/${stock.kitId}`)).place.ready,
  ]
  expect(figures[1]).toEqual(figures[0])
  expect(figures[2]).toEqual(figures[0])
  return figures[0]
}
const names = async (): Promise<string[]> =>
  (await ready()).missing.map(({ name }: { name: string }) => name)

describe('what a place is ready for', () => {
  it('is said alike on the strap, on Watch and on the kit, and the headline names it', async () => {
    const { missing, of } = await ready()
    expect(of).toBeGreaterThan(missing.length - 1)
    const { headline } = await watch()
    if (headline.code !== 'not_ready') throw new Error(`not ${headline.code}`)
    const life = missing.filter(({ isLife }: { isLife: boolean }) => isLife)
    expect(headline.problems).toEqual(life.map(({ name }: { name: string }) => name))
    expect(headline.place).toBe('Cottage')
  })
  it('follows what its kit is said to be for, and that is taken back', async () => {
    const before = await ready()
    const { version } = await get(`/api/kits/${stock.kitId}`)
    const pouch = await post(
      `/api/kits/${stock.kitId}`,
      { seenVersion: version, range: 'body' },
      'PATCH',
    )
    expect(pouch.status).toBe(200)
    expect((await ready()).of).toBeLessThan(before.of)
    await undo(pouch.actId)
    expect(await ready()).toEqual(before)
  })
  it('leaves out what the keeper does not keep ready there, with the reason, until it is expected again', async () => {
    const before = await ready()
    expect(await names()).toContain('Heavy bleeding')
    const need = `/api/places/${stock.placeId}/needs/bleed-heavy`
    const wordless = await post(`${need}/leave-out`, { memberId: null, reason: ' ' })
    expect(wordless.status).toBe(422)
    const out = await post(`${need}/leave-out`, { memberId: null, reason: 'The ward is next door' })
    expect(out.status).toBe(200)
    expect(await names()).not.toContain('Heavy bleeding')
    expect(await gapOf('Heavy bleeding')).toBeUndefined()
    const { decisions } = await get('/api/cover')
    expect(decisions).toContainEqual(
      expect.objectContaining({ key: 'need:bleed-heavy', note: 'The ward is next door' }),
    )
    // Said twice, it is said once.
    await post(`${need}/leave-out`, { memberId: null, reason: 'Still next door' })
    expect((await post(`${need}/expect`, { memberId: null })).status).toBe(200)
    expect(await ready()).toEqual(before)
    expect((await post(`${need}/expect`, { memberId: null })).status).toBe(404)
  })
  it('leaves out a need of one member, and only of theirs', async () => {
    const need = `/api/places/${stock.placeId}/needs/bleed-heavy`
    const out = await post(`${need}/leave-out`, {
      memberId: stock.memberId,
      reason: 'Goes nowhere alone',
    })
    expect(await names()).not.toContain('Heavy bleeding')
    await undo(out.actId)
    expect(await names()).toContain('Heavy bleeding')
  })
  it('knows no need that nobody has', async () => {
    const asked = { memberId: null, reason: 'x' }
    const place = `/api/places/${stock.placeId}/needs`
    expect((await post(`${place}/no-such-need/leave-out`, asked)).status).toBe(404)
    expect((await post(`${place}/Bleed!/leave-out`, asked)).status).toBeGreaterThanOrEqual(400)
  })
})

describe('a gap that no target asks for', () => {
  it('is put on the list with one press, belongs there from then on, and all of it is taken back', async () => {
    const gap = await gapOf('Heavy bleeding', 'buy')
    if (!gap) throw new Error('Nothing to stop a bleed is there')
    const done = await post('/api/errands/done', { errandKey: gap.key })
    expect(done.status).toBe(200)
    const { lines } = await get('/api/shopping')
    expect(lines).toHaveLength(gap.reason.code === 'gap' ? 1 + gap.reason.also.length : 1)
    const kit = await get(`/api/kits/${stock.kitId}`)
    expect(kit.targets.of).toBe(1 + lines.length)
    // What is on the list is no errand any more; it is still missing, and the strap says so.
    expect(await gapOf('Heavy bleeding')).toBeUndefined()
    expect(await names()).toContain('Heavy bleeding')
    expect((await watch()).listed).toBeGreaterThan(0)
    await undo(done.actId)
    expect((await get('/api/shopping')).lines).toEqual([])
    expect((await get(`/api/kits/${stock.kitId}`)).targets.of).toBe(1)
    expect((await gapOf('Heavy bleeding', 'buy'))?.key).toBe(gap.key)
  })
  it('is closed by what is put away, and only then', async () => {
    const before = await names()
    expect(before).toContain('Heavy bleeding')
    const receive = await post(`/api/pockets/${stock.lid}/lots`, {
      item: { new: { name: 'Pressure dressing' } },
      amount: 2000,
      expiry: { kind: 'none' },
    })
    expect(receive.status).toBe(200)
    // Nobody has said what it is: it counts for nothing, and that is an errand.
    expect(await names()).toContain('Heavy bleeding')
    expect((await errandsNow()).map(({ act }) => act)).toContain('identify')
    const { matchedWith } = await matched(receive.itemId)
    expect(matchedWith).not.toBe('')
    expect(await names()).not.toContain('Heavy bleeding')
    await undo(receive.actId)
  })
  it('of a thing that another place has to spare is carried over, lot and all', async () => {
    const car = await post('/api/places', { name: 'Car', rhythm: { kind: 'always' } })
    const box = await post('/api/kits', {
      placeId: car.placeId,
      name: 'Boot box',
      pockets: ['Top'],
    })
    const { pockets } = await get(`/api/kits/${box.kitId}`)
    const top = pockets[0].id
    const receive = await post(`/api/pockets/${top}/lots`, {
      item: { new: { name: 'Pressure dressing' } },
      amount: 6000,
      par: 2000,
      expiry: { kind: 'none' },
    })
    await matched(receive.itemId)
    const gap = (await errandsNow()).find(
      ({ act, placeId, brings }) =>
        act === 'carry' &&
        placeId === stock.placeId &&
        brings.some(({ name }) => name === 'Heavy bleeding'),
    )
    if (!gap) throw new Error('The car has four to spare')
    expect(gap.reason).toMatchObject({ code: 'gap', from: 'Boot box' })
    const done = await post('/api/errands/done', { errandKey: gap.key })
    expect(done.status).toBe(200)
    const lot = await get(`/api/lots/${receive.lotId}`)
    const held = lot.holdings.map(
      ({ pocket, amount }: { pocket: { kit: string }; amount: number }) => [pocket.kit, amount],
    )
    expect(Object.fromEntries(held)).toMatchObject({ 'Pantry roll': gap.amount })
    const missing = (await get('/api/places')).places
      .find(({ name }: { name: string }) => name === 'Cottage')
      .ready.missing.map(({ name }: { name: string }) => name)
    expect(missing).not.toContain('Heavy bleeding')
    await undo(done.actId)
    expect((await get(`/api/lots/${receive.lotId}`)).holdings).toHaveLength(1)
  })
})

describe('what was put off', () => {
  it('is listed with its day, and taken up again with one press', async () => {
    const [errand] = await errandsNow()
    if (!errand) throw new Error('There is something to do')
    const off = await post('/api/errands/put-off', { errandKey: errand.key })
    const { putOff } = await watch()
    expect(putOff).toMatchObject([{ errand: { key: errand.key }, until: off.until }])
    expect((await post('/api/errands/take-up', { errandKey: errand.key })).status).toBe(200)
    expect((await watch()).putOff).toEqual([])
    expect((await errandsNow()).map(({ key }) => key)).toContain(errand.key)
    const again = await post('/api/errands/take-up', { errandKey: errand.key })
    expect([again.status, again.code]).toEqual([409, 'errand_gone'])
  })
  it('does not make a missing life-saver silent', async () => {
    const life = (await errandsNow()).filter(({ gravity }) => gravity === 'life')
    for (const { key } of life) await post('/api/errands/put-off', { errandKey: key })
    expect((await watch()).headline).toMatchObject({ code: 'not_ready', tier: 'life' })
  })
})

/** Says that an item is what the catalogue calls a pressure dressing. */
async function matched(itemId: string) {
  const answer = await post('/api/items/matches', {
    matches: [{ itemId, catalogueId: 'pressure-dressing' }],
  })
  expect(answer.status).toBe(200)
  return { matchedWith: 'pressure-dressing' }
}
