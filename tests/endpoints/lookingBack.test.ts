/** Looking back, coming back, looking for: acts told with what Undo does, guests who stay again, the search. */
import { beforeAll, describe, expect, it } from 'vitest'
import { undoes } from '../../src/words/record'
import { application, send } from '../support/application'
import { minded, stocked } from '../support/stocked'

const app = application()
let stock: Awaited<ReturnType<typeof stocked>>
beforeAll(async () => {
  stock = await stocked(app.world, app.keeper)
})

const ask = async (method: string, path: string, body?: unknown, caller = app.keeper) => {
  const answer = await send(method, path, { caller, body })
  return { status: answer.status, ...(await answer.json()) }
}
const lastAct = async () => (await ask('GET', '/api/acts')).acts[0]

describe('an act, looked back at', () => {
  it('says what it moved, from where, and what Undo does', async () => {
    const lot = await ask('GET', `/api/lots/${stock.lotId}`)
    await ask('POST', `/api/lots/${stock.lotId}/use`, {
      pocketId: stock.lid,
      amount: 2000,
      seenVersion: lot.lot.version,
    })
    const act = await lastAct()
    expect(act).toMatchObject({ kind: 'used', undone: false, canBeUndone: true, touched: [] })
    expect(act.moved).toMatchObject([{ title: 'Eye drops 10 mL', unit: 'bottle', amount: 2000 }])
    expect(undoes(act)).toBe('Undo puts 2 bottles back in Lid, Pantry roll.')
    await ask('POST', `/api/acts/${act.id}/undo`, {})
    expect(await lastAct()).toMatchObject({ kind: 'undone', canBeUndone: false })
    const { acts } = await ask('GET', '/api/acts')
    expect(acts.find(({ id }: { id: string }) => id === act.id).undone).toBe(true)
  })
  it('names what it added, changed and removed', async () => {
    const { kits } = await ask('GET', '/api/kits')
    const [{ id, version }] = kits
    await ask('PATCH', `/api/kits/${id}`, { seenVersion: version ?? 1, name: 'Hall roll' })
    // The name that comes back, not the one that goes.
    expect((await lastAct()).touched).toEqual([
      { what: 'changed', names: ['Pantry roll'], count: 1 },
    ])
    await ask('DELETE', `/api/members/${stock.memberId}`)
    const act = await lastAct()
    expect(act.touched).toEqual([{ what: 'removed', names: ['Ned'], count: 1 }])
    expect(undoes(act)).toBe('Undo brings back Ned.')
    await ask('POST', `/api/acts/${act.id}/undo`, {})
  })
  it('of many things names the first few', async () => {
    const text = Array.from({ length: 9 }, (_, at) => `Thing ${at + 1}`)
    const lines = text.map((item, line) => ({
      line: line + 1,
      cells: { item, amount: '1', expiry: 'none' },
    }))
    const fallback = { place: 'Cottage', kit: 'Box', pocket: 'Lid' }
    const brought = await ask('POST', '/api/imports', {
      name: 'list',
      fallback,
      claimedOn: null,
      lines,
    })
    if (brought.status !== 200) throw new Error(JSON.stringify(brought))
    const act = await lastAct()
    expect(act.moved).toHaveLength(2)
    expect(act.movedMore).toBe(true)
    // Nine things, and the kit and the pocket that they are in.
    expect(act.touched).toMatchObject([{ what: 'added', count: 11 }])
    expect(act.touched[0].names).toHaveLength(3)
    // What moved many takes no room from what was done before it.
    const { acts } = await ask('GET', '/api/acts')
    const used = acts.find(({ kind }: { kind: string }) => kind === 'used')
    expect(used.moved).toMatchObject([{ title: 'Eye drops 10 mL', amount: 2000 }])
  })
  it('is no stranger’s', async () => {
    expect((await ask('GET', '/api/acts', undefined, app.stranger)).acts).toEqual([])
  })
})

describe('a guest who was here before', () => {
  const guests = async () => (await ask('GET', '/api/household')).earlierGuests
  let memberId = ''
  beforeAll(async () => {
    const added = await ask('POST', '/api/members', {
      name: 'Ottilie',
      species: 'person',
      helper: false,
      note: 'Sleeps in the blue room',
      guestUntil: '2026-11-20',
      facts: null,
    })
    memberId = added.memberId
  })
  it('is offered, and stays again with what was asked', async () => {
    const [guest] = await guests()
    expect(guest).toMatchObject({ id: memberId, name: 'Ottilie', until: '2026-11-20' })
    const path = `/api/members/${memberId}/stays`
    const gone = await ask('POST', path, { seenVersion: guest.version, until: '2026-11-25' })
    expect([gone.status, gone.code]).toEqual([422, 'day_gone'])
    const again = await ask('POST', path, { seenVersion: guest.version, until: '2026-11-29' })
    expect(again.status).toBe(200)
    expect(await lastAct()).toMatchObject({
      kind: 'guest_stays',
      touched: [{ names: ['Ottilie'] }],
    })
    const { members } = await ask('GET', '/api/household')
    expect(members.find(({ id }: { id: string }) => id === memberId)).toMatchObject({
      guestUntil: '2026-11-29',
      note: 'Sleeps in the blue room',
    })
    expect(await guests()).toEqual([])
    await ask('POST', `/api/acts/${again.actId}/undo`, {})
    expect(await guests()).toHaveLength(1)
  })
  it('is nobody who belongs to the household, and no stranger’s guest', async () => {
    const asked = { seenVersion: 1, until: '2026-11-29' }
    expect((await ask('POST', `/api/members/${stock.memberId}/stays`, asked)).status).toBe(404)
    const path = `/api/members/${memberId}/stays`
    expect((await ask('POST', path, asked, app.stranger)).status).toBe(404)
  })
})

describe('the search', () => {
  const found = async (q: string, caller = app.keeper) =>
    (await ask('GET', `/api/find?q=${encodeURIComponent(q)}`, undefined, caller)).found as {
      kind: string
      title: string
      href: string
    }[]
  it('leads to what became of a thing, for whoever asks for its history', async () => {
    const history = {
      kind: 'history',
      title: 'Eye drops 10 mL',
      href: `/record?item=${stock.itemId}`,
    }
    expect((await found('who used the eye drops'))[0]).toMatchObject(history)
    expect((await found('history eye drops'))[0]).toMatchObject(history)
    expect((await found('eye drops')).map(({ kind }) => kind)).not.toContain('history')
  })
  it('knows the reasons that were given for acts', async () => {
    const acts = (await found('A weekend')).filter(({ kind }) => kind === 'act')
    expect(acts).toMatchObject([{ title: 'A weekend', href: '/household#lately' }])
    expect(await found('A weekend', app.stranger)).toEqual([])
    // Letters of the question are letters, whatever they mean to a database.
    expect(await found('100%_\\')).toEqual([])
  })
  it('tells nothing of an act that was undone', async () => {
    const note = {
      name: 'Attic chest',
      rhythm: { kind: 'always' },
      minutesToHelp: 5,
      note: '',
      traits: [],
    }
    const { actId } = await ask('POST', '/api/places', note)
    expect((await found('attic chest')).map(({ kind }) => kind)).toContain('act')
    await ask('POST', `/api/acts/${actId}/undo`, {})
    expect(await found('attic chest')).toEqual([])
  })
  it('finds a rule by whom it is for, what is in it, and what was noted on it', async () => {
    await minded(app.world, app.keeper, stock)
    const rule = { kind: 'rule', title: 'Cetirizine as Dr Aske said', where: 'Ned' }
    for (const q of ['dose card ned', 'aske', 'cetirizine swelling'])
      expect([q, await found(q)]).toEqual([
        q,
        expect.arrayContaining([expect.objectContaining(rule)]),
      ])
    expect(await found('aske', app.stranger)).toEqual([])
  })
  it('finds who has what was lent', async () => {
    const lot = await ask('GET', `/api/lots/${stock.lotId}`)
    const lent = await ask('POST', `/api/lots/${stock.lotId}/lend`, {
      pocketId: stock.lid,
      amount: 1000,
      seenVersion: lot.lot.version,
      to: 'Grete next door',
      backBy: null,
    })
    if (lent.status !== 200) throw new Error(JSON.stringify(lent))
    expect((await found('lent grete'))[0]).toMatchObject({ kind: 'lot', title: 'Eye drops 10 mL' })
  })
})
