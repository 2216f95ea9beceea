/** Recalls that were read elsewhere, and incidents that were a slip: over the wire, as a keeper does. */
import { beforeAll, describe, expect, it } from 'vitest'
import type { CareFact } from '../../src/core/incident/entry'
import { application, newKey, send } from '../support/application'
import { stocked } from '../support/stocked'

const app = application()
let stock: Awaited<ReturnType<typeof stocked>>
beforeAll(async () => {
  stock = await stocked(app.world, app.keeper)
})

const ask = async (method: string, path: string, body?: unknown) => {
  const answer = await send(method, path, { caller: app.keeper, body })
  return { status: answer.status, ...(await answer.json()) }
}
const lotNow = async () => (await ask('GET', `/api/lots/${stock.lotId}`)).lot
const RECALL = {
  product: { name: 'Eye drops', strength: '10 mL' },
  batches: [{ kind: 'one', batch: 'B7' }],
  reason: 'Not sterile',
  source: 'Notice in the pharmacy window',
  publishedOn: '2026-11-20',
} as const

describe('a recall', () => {
  it('a recall that was read elsewhere holds what it is about at once', async () => {
    expect((await lotNow()).standing.kind).toBe('ready')
    const wrote = await ask('POST', '/api/recalls/own', RECALL)
    expect(wrote).toMatchObject({ status: 200, held: 1 })
    const { standing } = await lotNow()
    expect(standing.kind).toBe('held')
    expect(JSON.stringify(standing)).toContain('Not sterile')
    await ask('POST', `/api/acts/${wrote.actId}/undo`, {})
    expect((await lotNow()).standing.kind).toBe('ready')
  })
  it('leaves another batch alone, and is kept in the list with where it was read', async () => {
    const batches = [{ kind: 'range', from: 'B8', to: 'B20' }]
    const wrote = await ask('POST', '/api/recalls/own', { ...RECALL, batches })
    expect(wrote).toMatchObject({ status: 200, held: 0 })
    expect((await lotNow()).standing.kind).toBe('ready')
    expect(JSON.stringify(await ask('GET', '/api/recalls'))).toContain(RECALL.source)
  })
  it.each([
    ['without a batch', { batches: [] }],
    ['without a word of where it was read', { source: '' }],
    ['without a reason', { reason: ' ' }],
    ['of a thing without a name', { product: { name: '', strength: '' } }],
    ['on a day that is none', { publishedOn: '2026-02-30' }],
    ['with a batch of another kind', { batches: [{ kind: 'all' }] }],
  ])('%s is refused, and holds nothing', async (_, wrong) => {
    const refused = await ask('POST', '/api/recalls/own', { ...RECALL, ...wrong })
    expect([refused.status, refused.code]).toEqual([422, 'invalid'])
    expect((await lotNow()).standing.kind).toBe('ready')
  })
})

describe('an incident', () => {
  const start = async () => {
    const incidentId = newKey()
    const started = await ask('POST', '/api/incidents', {
      incidentId,
      kind: 'fever',
      patient: { kind: 'member', memberId: stock.memberId },
      placeId: stock.placeId,
    })
    expect(started.status).toBe(200)
    return incidentId
  }
  const say = (incidentId: string, fact: CareFact) =>
    ask('POST', '/api/care/entries', {
      entryId: newKey(),
      incidentId,
      memberId: stock.memberId,
      fact,
    })
  const isThere = async (incidentId: string) =>
    (await ask('GET', '/api/care')).incidents.some(({ id }: { id: string }) => id === incidentId)
  const remove = (incidentId: string, why = 'Opened by mistake') =>
    ask('POST', `/api/incidents/${incidentId}/removal`, { why })

  it('an incident that was a slip goes with its reason, and comes back', async () => {
    const incidentId = await start()
    await say(incidentId, { kind: 'seen', seen: ['swollen'], words: '' } as CareFact)
    expect((await remove(incidentId, ' ')).status).toBe(422)
    const { actId, status } = await remove(incidentId)
    expect(status).toBe(200)
    expect(await isThere(incidentId)).toBe(false)
    expect(JSON.stringify(await ask('GET', '/api/acts'))).toContain('Opened by mistake')
    await ask('POST', `/api/acts/${actId}/undo`, {})
    expect(await isThere(incidentId)).toBe(true)
    const { entries } = await ask('GET', '/api/care')
    expect(
      entries.filter((one: { incidentId: string }) => one.incidentId === incidentId).length,
    ).toBe(1)
  })
  it('one in which something was used stays', async () => {
    const incidentId = await start()
    const used = await say(incidentId, {
      kind: 'used',
      title: 'Eye drops',
      words: '1 bottle',
      takes: [{ lotId: stock.lotId, pocketId: stock.lid, amount: 1000 }],
    } as unknown as CareFact)
    expect(used.status).toBe(200)
    const refused = await remove(incidentId)
    expect([refused.status, refused.code]).toEqual([409, 'incident_counts'])
    expect(await isThere(incidentId)).toBe(true)
  })
  it('that nobody has is not found', async () => {
    expect((await remove(newKey())).status).toBe(404)
  })
})
