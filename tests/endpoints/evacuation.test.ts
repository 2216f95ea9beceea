/** What is said for leaving the house, and kits that go with somebody: kept, refused, taken back. */
import { beforeEach, describe, expect, it } from 'vitest'
import type { Caller } from '../../src/app/frame/world'
import { aHousehold, application, newKey, send } from '../support/application'
import { stocked } from '../support/stocked'

const app = application()

let keeper: Caller
let stock: Awaited<ReturnType<typeof stocked>>

const json = async (method: string, path: string, body?: unknown) => {
  const answer = await send(method, path, {
    caller: keeper,
    key: newKey(),
    ...(body !== undefined && { body }),
  })
  return { status: answer.status, body: await answer.json() }
}
const household = async () => (await json('GET', '/api/household')).body
const change = async (evacuation: object) =>
  json('PATCH', '/api/evacuation', {
    seenVersion: (await household()).household.version,
    ...evacuation,
  })
const rehearsed = (more: object = {}) => ({
  plan: 'ten',
  seconds: 412,
  steps: { kit: 30, [`shut_in/${stock.memberId}`]: 61 },
  ...more,
})
const refuge = { name: 'Anna', phone: '555-0101', address: 'Hill 2', takesAnimals: null }

beforeEach(async () => {
  keeper = await aHousehold(app.world, 'Ilse')
  stock = await stocked(app.world, keeper)
})

describe('leaving the house', () => {
  it('what is changed leaves what is not said as it is, the rehearsals too', async () => {
    expect((await change({ goTo: [refuge], papers: 'Blue folder' })).status).toBe(200)
    expect((await json('POST', '/api/evacuation/rehearsals', rehearsed())).status).toBe(200)
    expect((await change({ days: 7 })).status).toBe(200)
    expect((await household()).household.evacuation).toMatchObject({
      goTo: [refuge],
      papers: 'Blue folder',
      days: 7,
      rehearsals: [{ ...rehearsed(), on: expect.stringMatching(/^\d{4}-/) }],
    })
  })
  it('a rehearsal is an act of its own, and can be taken back', async () => {
    const { body } = await json('POST', '/api/evacuation/rehearsals', rehearsed())
    const { acts } = (await json('GET', '/api/acts')).body
    expect(acts[0]).toMatchObject({ kind: 'evacuation_rehearsed' })
    expect((await json('POST', `/api/acts/${body.actId}/undo`)).status).toBe(200)
    expect((await household()).household.evacuation.rehearsals).toEqual([])
  })
  it('keeps the latest thirty', async () => {
    for (let at = 1; at <= 32; at++)
      await json('POST', '/api/evacuation/rehearsals', rehearsed({ seconds: at }))
    const { rehearsals } = (await household()).household.evacuation
    expect(rehearsals.map(({ seconds }: { seconds: number }) => seconds)).toEqual(
      Array.from({ length: 30 }, (_, at) => at + 3),
    )
  })
  it.each([
    ['two days', { days: 2 }],
    ['a hundred days', { days: 100 }],
    ['six places to go', { goTo: Array.from({ length: 6 }, () => refuge) }],
    ['a place without a name', { goTo: [{ ...refuge, name: ' ' }] }],
    ['rehearsals by the way', { rehearsals: 'none' }],
  ])('%s are not taken', async (_, evacuation) => {
    const { status } = await change(evacuation)
    // What is none of its fields is not looked at, and never kept.
    if ('rehearsals' in evacuation)
      expect((await household()).household.evacuation.rehearsals).toEqual([])
    else expect(status).toBe(422)
  })
  it.each([
    ['no time at all', { seconds: 0 }],
    ['a step of less than nothing', { steps: { kit: -1 } }],
    ['another plan', { plan: 'day' }],
    ['a step that is none', { steps: { '\u0000': 4 } }],
  ])('a rehearsal of %s is not taken', async (_, more) => {
    expect((await json('POST', '/api/evacuation/rehearsals', rehearsed(more))).status).toBe(422)
  })
  it('what a vehicle takes is kept with its place', async () => {
    const [place] = (await household()).places
    const vehicle = { seats: 5, animals: 2, isAway: true }
    const path = `/api/places/${stock.placeId}`
    const seenVersion = place.version
    expect((await json('PATCH', path, { seenVersion, vehicle })).status).toBe(200)
    expect((await household()).places[0].vehicle).toEqual(vehicle)
    const wrong = { ...vehicle, seats: 0 }
    expect((await json('PATCH', path, { seenVersion: 2, vehicle: wrong })).status).toBe(422)
  })
})

describe('a kit that goes with somebody', () => {
  const kit = async () => (await json('GET', `/api/kits/${stock.kitId}`)).body
  const carried = async (goesWith: object | null) =>
    json('PATCH', `/api/kits/${stock.kitId}`, { seenVersion: (await kit()).version, goesWith })

  it('is told with its carrier wherever kits are told, and stays when it is put back', async () => {
    const whose = { memberId: stock.memberId, to: [stock.placeId], since: null }
    expect((await carried(whose)).status).toBe(200)
    expect((await kit()).goesWith).toEqual(whose)
    expect((await json('GET', '/api/kits')).body.kits[0].carrier).toBe('Ned')
    expect((await json('GET', '/api/cover')).body.kits[0].goesWith).toEqual(whose)
    await carried(null)
    expect((await kit()).goesWith).toBeNull()
    expect((await json('GET', '/api/kits')).body.kits[0]).not.toHaveProperty('carrier')
  })
  it('cannot go with somebody else’s people, nor to their places', async () => {
    const stranger = await aHousehold(app.world, 'Ilse')
    const theirs = await stocked(app.world, stranger)
    expect((await carried({ memberId: theirs.memberId, to: [], since: null })).status).toBe(404)
    const to = [theirs.placeId]
    expect((await carried({ memberId: stock.memberId, to, since: null })).status).toBe(404)
    expect((await kit()).goesWith).toBeNull()
  })
  it('when its carrier is removed, nobody knows where it is: it counts nowhere and says so', async () => {
    await carried({ memberId: stock.memberId, to: [], since: null })
    expect((await json('DELETE', `/api/members/${stock.memberId}`)).status).toBe(200)
    expect((await json('GET', '/api/kits')).body.kits[0].carrier).toBeNull()
  })
})
