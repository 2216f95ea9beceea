/** A whole kit's labels: what changed since they were printed, on a sheet or on a roll that runs out. */
import { beforeAll, describe, expect, it } from 'vitest'
import { application, send } from '../support/application'
import { pagesOf } from '../support/pdf'
import { stocked } from '../support/stocked'

const app = application()
let home: Awaited<ReturnType<typeof stocked>>
beforeAll(async () => {
  home = await stocked(app.world, app.keeper)
})

interface Read {
  readonly key: string
  readonly kind: string
  readonly isChanged: boolean
  readonly printedOn: string | null
}
const labels = async (query = ''): Promise<readonly Read[]> =>
  (
    await (
      await send('GET', `/api/kits/${home.kitId}/labels${query}`, { caller: app.keeper })
    ).json()
  ).labels
const changed = async () =>
  (await labels()).filter(({ isChanged }) => isChanged).map(({ key }) => key)
const print = (keys: readonly string[]) =>
  send('POST', `/api/kits/${home.kitId}/label-prints`, { caller: app.keeper, body: { keys } })
const pdf = async (query: string) => {
  const answer = await send('GET', `/api/kits/${home.kitId}/labels.pdf?${query}`, {
    caller: app.keeper,
  })
  expect(answer.headers.get('content-type')).toBe('application/pdf')
  return pagesOf(new Uint8Array(await answer.arrayBuffer()))
}
const versionOfKit = async (): Promise<number> =>
  (await (await send('GET', `/api/kits/${home.kitId}`, { caller: app.keeper })).json()).version
const roll = async () =>
  (await send('GET', '/api/label-printer', { caller: app.keeper })).json() as Promise<{
    left: number
    isStandIn: boolean
  }>

describe('labels that were printed', () => {
  it('are new at first, then the same until what they say changes; only those are printed again', async () => {
    const all = (await labels()).map(({ key }) => key)
    expect(all).toContain(`kit:${home.kitId}`)
    expect(await changed()).toEqual(all)
    expect(await (await print(all)).json()).toMatchObject({ noted: all.length })
    expect(await changed()).toEqual([])
    expect((await labels())[0]).toMatchObject({ printedOn: '2026-11-26' })
    // A pocket gets another name: its label, and no other, says something else.
    const { pockets } = await (
      await send('GET', `/api/kits/${home.kitId}`, { caller: app.keeper })
    ).json()
    const lid = pockets.find(({ id }: { id: string }) => id === home.lid)
    await send('PATCH', `/api/pockets/${home.lid}`, {
      caller: app.keeper,
      body: { seenVersion: lid.version, name: 'Lid, left' },
    })
    expect(await changed()).toEqual([`pocket:${home.lid}`])
    const [page] = await pdf('only=changed')
    expect(page?.text).toContain('Lid, left')
    expect(page?.text).not.toContain('Grown-ups open it')
    // Printed again and undone, it is to be printed again.
    const { actId } = await (await print([`pocket:${home.lid}`])).json()
    expect(await changed()).toEqual([])
    await send('POST', `/api/acts/${actId}/undo`, { caller: app.keeper, body: {} })
    expect(await changed()).toEqual([`pocket:${home.lid}`])
  })
  it('come as a PDF of all but those that are left, with names or without', async () => {
    const lot = (await labels()).find(({ kind }) => kind === 'lot')
    const [withAll] = await pdf('only=all&names=1&format=a4-14')
    expect(withAll?.text.match(/Eye drops/g)).toHaveLength(2)
    const [without] = await pdf(`only=all&format=a4-14&leave=${lot?.key}`)
    // Its pocket still names it.
    expect(without?.text.match(/Eye drops/g)).toHaveLength(1)
    // Whatever a keeper called a thing: without names nobody is named, the household neither.
    await send('PATCH', `/api/kits/${home.kitId}`, {
      caller: app.keeper,
      body: { seenVersion: await versionOfKit(), name: 'Ned’s roll' },
    })
    const [bare] = await pdf('only=all&format=a4-14')
    expect(bare?.text).not.toMatch(/Ned|Ilse/)
    const [named] = await pdf('only=all&names=1&format=a4-14')
    expect(named?.text).toMatch(/Ned’s roll/)
    expect(await pdf('only=all&format=roll-62')).toHaveLength(
      (await labels('?format=roll-62')).length,
    )
  })
  it.each(['format=a9', 'only=some', 'right=101', 'right=1.5', 'skip=-1', 'large=yes'])(
    '%s is refused in words',
    async (query) => {
      const answer = await send('GET', `/api/kits/${home.kitId}/labels.pdf?${query}`, {
        caller: app.keeper,
      })
      expect(answer.status).toBe(422)
    },
  )
})

describe('the label printer', () => {
  const printOn = async (keys: readonly string[], newRoll = false) =>
    (
      await send('POST', `/api/kits/${home.kitId}/label-strip`, {
        caller: app.keeper,
        body: { format: 'roll-62', names: '1', keys, newRoll },
      })
    ).json() as Promise<{ printed: string[]; of: number; left: number }>

  it('is a stand-in and says so; what came out is noted, what did not is not', async () => {
    const start = await roll()
    expect(start.isStandIn).toBe(true)
    const all = (await labels('?format=roll-62')).map(({ key }) => key)
    let { left } = start
    while (left >= all.length) left = (await printOn(all)).left
    expect((await roll()).left).toBe(left)
    // The last ones: the roll runs out in the middle.
    const { pockets } = await (
      await send('GET', `/api/kits/${home.kitId}`, { caller: app.keeper })
    ).json()
    for (const { id, version } of pockets)
      await send('PATCH', `/api/pockets/${id}`, {
        caller: app.keeper,
        body: { seenVersion: version, name: `Pocket ${version} ${id.slice(-4)}` },
      })
    const wanted = all.slice(0, left + 1)
    const done = await printOn(wanted)
    expect(done).toMatchObject({ of: left + 1, left: 0 })
    expect(done.printed).toHaveLength(left)
    expect(await printOn(wanted)).toMatchObject({ printed: [], left: 0 })
    const fresh = await printOn(wanted, true)
    expect(fresh.printed).toHaveLength(left + 1)
    expect(fresh.left).toBeGreaterThan(left)
  })
})

describe('the code on a label', () => {
  it('opens its kit, its pocket or its pack, and nothing of another household', async () => {
    const { whereIs } = await import('../../src/app/sheets/opens')
    const open = (id: string, caller = app.keeper) => whereIs(app.world, caller, id)
    expect(await open(home.kitId)).toBe(`/kits/${home.kitId}`)
    expect(await open(home.lid)).toBe(`/kits/${home.kitId}?pocket=${home.lid}`)
    expect(await open(home.lotId)).toBe(`/kits/${home.kitId}?lot=${home.lotId}`)
    expect(await open('../evil')).toBeNull()
    expect(await open(home.lotId, app.stranger)).toBeNull()
  })
})

describe('a card for the wallet', () => {
  const cards = async () =>
    (await (await send('GET', '/api/wallet-cards', { caller: app.keeper })).json()).cards as {
      memberId: string
      name: string
      fits: boolean
      print: { upToDate: boolean; hangs: string } | null
    }[]
  const mine = async () => (await cards()).find(({ memberId }) => memberId === home.memberId)
  it('is known to be out of date once what it says changes, and where it is', async () => {
    expect(await mine()).toMatchObject({ fits: true, print: null })
    const noted = await send('POST', `/api/members/${home.memberId}/card-prints`, {
      caller: app.keeper,
      body: { hangs: 'Red purse' },
    })
    expect(noted.status).toBe(200)
    expect(await mine()).toMatchObject({ print: { upToDate: true, hangs: 'Red purse' } })
    const { members } = await (await send('GET', '/api/cover', { caller: app.keeper })).json()
    const member = members.find(({ id }: { id: string }) => id === home.memberId)
    await send('PATCH', `/api/members/${home.memberId}`, {
      caller: app.keeper,
      body: {
        seenVersion: member.version,
        facts: { ...member.facts, allergies: [{ kind: 'named', name: 'walnuts' }] },
      },
    })
    expect(await mine()).toMatchObject({ print: { upToDate: false, hangs: 'Red purse' } })
  })
  it('is as large as a bank card, both faces, four or so to a page; one or all, private or not', async () => {
    const paper = async (query: string) => {
      const answer = await send('GET', `/api/wallet-cards.pdf?${query}`, { caller: app.keeper })
      return pagesOf(new Uint8Array(await answer.arrayBuffer()))
    }
    const [page] = await paper(`memberId=${home.memberId}`)
    expect(page).toMatchObject({ width: 595, height: 842 })
    expect(page?.text).toContain('ALLERGY: walnuts')
    expect((await paper('size=LETTER'))[0]).toMatchObject({ width: 612, height: 792 })
    const refused = await send('GET', '/api/wallet-cards.pdf?private=yes', { caller: app.keeper })
    expect(refused.status).toBe(422)
  })
})
