/** From what a keeper calls a pocket and a kit to what is proposed, carried out and taken back. */
import { beforeAll, describe, expect, it } from 'vitest'
import { application, send } from '../support/application'
import { stocked } from '../support/stocked'

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
const layoutOf = (kitId: string) => get(`/api/kits/${kitId}/layout`)

async function received(pocketId: string, name: string, catalogueId: string) {
  const put = await post(`/api/pockets/${pocketId}/lots`, {
    item: { new: { name } },
    amount: 1000,
    expiry: { kind: 'none' },
  })
  expect(put.status).toBe(200)
  const matched = await post('/api/items/matches', {
    matches: [{ itemId: put.itemId, catalogueId }],
  })
  expect(matched.status).toBe(200)
  return put
}
const whomOf = async (kitId: string, whom: string) => {
  const { version } = await get(`/api/kits/${kitId}`)
  const changed = await post(`/api/kits/${kitId}`, { seenVersion: version, whom }, 'PATCH')
  expect(changed.status).toBe(200)
}

describe('what lies in the wrong kit', () => {
  it('is named with the kit and pocket where it belongs, moved, and then no more', async () => {
    const bag = await post('/api/kits', {
      placeId: stock.placeId,
      name: 'Dog bag',
      pockets: ['Waiting for the vet', 'Leads and muzzles'],
    })
    await whomOf(stock.kitId, 'people')
    await whomOf(bag.kitId, 'animals')
    await received(stock.lid, 'Muzzle', 'muzzle')
    const { misplaced, lots } = await layoutOf(stock.kitId)
    expect(misplaced).toMatchObject([
      { title: 'Muzzle', made: 'animals', to: { kit: 'Dog bag', pocket: 'Leads and muzzles' } },
    ])
    const [{ key, pocketId, to }] = misplaced
    const { holdings } = lots.find((one: { key: string }) => one.key === key)
    const moved = await post('/api/stock/acts', {
      deed: { kind: 'move', to: to.pocketId },
      holdings: holdings.map((lot: object) => ({ ...lot, pocketId })),
    })
    expect(moved.status).toBe(200)
    expect((await layoutOf(stock.kitId)).misplaced).toEqual([])
  })
})

describe('a proposal that is taken', () => {
  const carry = (body: unknown) => post(`/api/kits/${stock.kitId}/layout`, body)
  it('has something to move or a label to write', async () => {
    const empty = await carry({ steps: [], labels: [] })
    expect(empty.status).toBe(422)
    expect(JSON.stringify(empty)).toContain('Choose something to move or a label to write')
  })
  it('writes a label alone, which is refused when somebody was faster', async () => {
    const { pocketVersions } = await layoutOf(stock.kitId)
    const label = { pocketId: stock.lid, name: 'Lid · wounds', seenVersion: 1 }
    expect(pocketVersions[stock.lid]).toBe(1)
    expect(await carry({ steps: [], labels: [label] })).toMatchObject({ status: 200, moved: 0 })
    const late = await carry({ steps: [], labels: [{ ...label, name: 'Lid · burns' }] })
    expect(late.status).toBe(409)
    const nameless = await carry({ steps: [], labels: [{ ...label, seenVersion: 2, name: ' ' }] })
    expect(nameless.status).toBe(422)
    const { pockets } = await get(`/api/kits/${stock.kitId}`)
    expect(pockets.map(({ name }: { name: string }) => name)).toContain('Lid · wounds')
  })
})
