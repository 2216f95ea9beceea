/** What things are, from a list or by hand to every reading: claims, holds, sorts, clocks. */
import { beforeAll, describe, expect, it } from 'vitest'
import type { z } from 'zod'
import type { Caller } from '../../src/app/frame/world'
import type { readItems } from '../../src/contract/items'
import type { readStockList } from '../../src/contract/stock'
import { aHousehold, application, send } from '../support/application'

const app = application()
const fallback = { place: 'Home', kit: 'Hall box', pocket: 'Lid' }

let keeper: Caller
const json = async (method: 'GET' | 'POST' | 'PATCH' | 'PUT', path: string, body?: unknown) => {
  const answer = await send(method, path, { caller: keeper, ...(body !== undefined && { body }) })
  return { status: answer.status, body: await answer.json() }
}
const bring = (lines: readonly object[], claimedOn: string | null, at = fallback) =>
  json('POST', '/api/imports', {
    name: 'list',
    fallback: at,
    claimedOn,
    lines: lines.map((cells, line) => ({ line: line + 2, cells })),
  })
type ItemView = z.infer<(typeof readItems)['result']>['items'][number]
type StockRow = z.infer<(typeof readStockList)['result']>['rows'][number]
const items = async () => (await json('GET', '/api/items')).body.items as ItemView[]
async function itemNamed(name: string): Promise<ItemView> {
  const item = (await items()).find((one) => one.name === name)
  if (!item) throw new Error(`There is no ${name}`)
  return item
}
async function holdingOf(name: string): Promise<StockRow> {
  const rows = (await json('GET', '/api/stock')).body.rows as StockRow[]
  const row = rows.find(({ title }) => title.startsWith(name))
  if (!row) throw new Error(`There is no ${name}`)
  return row
}
const lotOf = async (name: string) => {
  const { lotId } = await holdingOf(name)
  return (await json('GET', `/api/lots/${lotId}`)).body
}

beforeAll(async () => {
  keeper = await aHousehold(app.world, 'Ilse')
})

describe('a list is a claim', () => {
  it('carries its day, and nobody has counted it', async () => {
    const { status, body } = await bring([{ item: 'Pads', amount: '10' }], '2026-05-03')
    expect([status, body.made]).toEqual([
      200,
      { places: ['Home'], kits: ['Hall box'], pockets: ['Lid (Hall box)'] },
    ])
    expect((await lotOf('Pads')).lot.claimedOn).toBe('2026-05-03')
    const rounds = (await json('GET', '/api/rounds')).body
    expect(JSON.stringify(rounds.due)).toContain('"code":"never"')
  })
  it('that was counted with open eyes is a count', async () => {
    await bring([{ item: 'Tape', amount: '2' }], null)
    expect((await lotOf('Tape')).lot.claimedOn).toBeNull()
  })
  it('of which nobody says how old it is is a claim of today', async () => {
    const { status } = await json('POST', '/api/imports', {
      name: 'list',
      fallback,
      lines: [{ line: 2, cells: { item: 'Scissors', amount: '1' } }],
    })
    expect(status).toBe(200)
    expect((await lotOf('Scissors')).lot.claimedOn).not.toBeNull()
    expect((await holdingOf('Scissors')).sure).toBe(0)
  })
  it('dated in the future is refused', async () => {
    const { status, body } = await bring([{ item: 'Pen', amount: '2' }], '2099-01-01')
    expect([status, body.code]).toEqual([422, 'list_in_future'])
  })
  it('a count ends the claim', async () => {
    const { lot } = await lotOf('Pads')
    const { pocketId, sure: before } = await holdingOf('Pads')
    expect(before).toBe(0)
    const answer = await json('POST', `/api/lots/${lot.id}/count`, {
      pocketId,
      found: 9000,
      seenVersion: lot.version,
    })
    expect(answer.status).toBe(200)
    const { sure } = await holdingOf('Pads')
    expect(sure).toBe(100)
  })
})

describe('what nobody knows, and what was left over', () => {
  it('starts on hold, from a list and by hand', async () => {
    const { body } = await bring(
      [
        { item: 'white tablets, no label', amount: '5' },
        { item: 'Capsules', amount: '5', note: 'left over from the operation' },
        { item: 'Whistle', amount: '1' },
      ],
      null,
    )
    expect(body.held).toBe(2)
    expect((await lotOf('white tablets')).lot.standing).toMatchObject({ kind: 'held' })
    expect((await lotOf('Whistle')).lot.standing).toEqual({ kind: 'ready' })
    const { pocketId } = await holdingOf('Whistle')
    const received = await json('POST', `/api/pockets/${pocketId}/lots`, {
      item: { new: { name: 'Mystery pills' } },
      amount: 3000,
      expiry: { kind: 'unknown' },
    })
    expect(received.status).toBe(200)
    expect((await lotOf('Mystery pills')).lot.standing).toMatchObject({ kind: 'held' })
    const watch = (await json('GET', '/api/watch')).body
    const said = JSON.stringify(watch.groups)
    for (const name of ['white tablets, no label', 'Capsules', 'Mystery pills'])
      expect(said).toContain(name)
  })
})

describe('a match corrects what was guessed', () => {
  it('takes the entry’s sort and clock, so that nothing past its date counts as a plain supply', async () => {
    await bring(
      [
        { item: 'Loperamide', strength: '2 mg', amount: '6', expiry: '01/2026' },
        { item: 'Eye pad', amount: '2' },
      ],
      null,
    )
    const before = await itemNamed('Eye pad')
    await json('POST', '/api/items/matches', {
      matches: [
        { itemId: before.id, catalogueId: 'eye-pad' },
        { itemId: (await itemNamed('Loperamide')).id, catalogueId: 'loperamide-2' },
      ],
    })
    expect(await itemNamed('Eye pad')).toMatchObject({
      kind: 'sterile',
      openedClock: { kind: 'rule', rule: 'single-dose' },
    })
    expect(await itemNamed('Loperamide')).toMatchObject({
      kind: 'medicine',
      openedClock: { kind: 'rule', rule: 'dry-doses' },
    })
  })
  it('peroxide in a dog’s kit is kept fresh for a month', async () => {
    await bring([{ item: 'Hydrogen peroxide', strength: '3 %', amount: '1' }], null, {
      place: 'Home',
      kit: 'Dog tin',
      pocket: 'Main',
    })
    const item = await itemNamed('Hydrogen peroxide')
    expect(item.openedClock).toEqual({ kind: 'rule', rule: 'peroxide-emesis' })
    await json('POST', '/api/items/matches', {
      matches: [{ itemId: item.id, catalogueId: 'peroxide' }],
    })
    expect((await itemNamed('Hydrogen peroxide')).openedClock).toEqual({
      kind: 'rule',
      rule: 'peroxide-emesis',
    })
  })
  it('what no entry is is said in one press: roles, whom, contents, uses, clock', async () => {
    await bring([{ item: 'Fish hook cutter', amount: '1' }], null)
    const { id } = await itemNamed('Fish hook cutter')
    const { status } = await json('POST', '/api/items/matches', {
      matches: [
        {
          itemId: id,
          catalogueId: null,
          kind: 'instrument',
          own: {
            roles: ['cutting'],
            contains: [],
            uses: 3,
            storage: 'dry',
            why: 'Said by the keeper',
          },
        },
      ],
    })
    expect(status).toBe(200)
    expect(await itemNamed('Fish hook cutter')).toMatchObject({
      catalogueId: null,
      kind: 'instrument',
      own: { roles: ['cutting'], uses: 3, storage: 'dry' },
    })
    const wrong = await json('POST', '/api/items/matches', {
      matches: [{ itemId: id, catalogueId: null, own: { roles: [] } }],
    })
    expect([wrong.status, wrong.body.code]).toEqual([422, 'own_facts'])
  })
})

describe('opening', () => {
  it('takes the label’s own period, for all of the item from now on, and undo takes it back', async () => {
    await bring([{ item: 'Ear drops', amount: '2', expiry: '12/2028' }], null)
    const { lot } = await lotOf('Ear drops')
    const { pocketId } = await holdingOf('Ear drops')
    const opened = await json('POST', `/api/lots/${lot.id}/open`, {
      pocketId,
      amount: 2000,
      seenVersion: lot.version,
      on: '2026-11-20',
      keeps: { period: { kind: 'days', days: 14 }, source: 'Label' },
    })
    expect(opened.status).toBe(200)
    expect((await itemNamed('Ear drops')).openedClock).toEqual({
      kind: 'own',
      period: { kind: 'days', days: 14 },
      source: 'Label',
    })
    await json('POST', `/api/acts/${opened.body.actId}/undo`, {})
    expect((await itemNamed('Ear drops')).openedClock.kind).not.toBe('own')
    const wrong = await json('POST', `/api/lots/${lot.id}/open`, {
      pocketId,
      amount: 1000,
      seenVersion: lot.version,
      on: '2026-11-20',
      keeps: { period: { kind: 'days', days: 0 }, source: 'Label' },
    })
    expect(wrong.status).toBe(422)
  })
})

describe('a household that writes the year first', () => {
  it('keeps that order, and its list is read by it', async () => {
    const { body } = await json('GET', '/api/household')
    const changed = await json('PATCH', '/api/household', {
      seenVersion: body.household.version,
      dateOrder: 'year-first',
    })
    expect(changed.status).toBe(200)
    const { status } = await bring([{ item: 'Gauze roll', amount: '1', expiry: '28/06/30!' }], null)
    expect(status).toBe(422)
    const read = await bring([{ item: 'Gauze roll', amount: '1', expiry: '2028/06/30' }], null)
    expect(read.status).toBe(200)
    expect((await lotOf('Gauze roll')).lot.expiry).toEqual({ kind: 'day', day: '2028-06-30' })
  })
})
