/** A list goes in whole or not at all, is recognised the second time, and goes out as it came. */
import { readFileSync } from 'node:fs'
import { beforeAll, describe, expect, it } from 'vitest'
import type { Caller } from '../../src/app/frame/world'
import { plainDate } from '../../src/core/calendar/plainDate'
import { type ReadRow, readList } from '../../src/core/interchange/readList'
import { readTable } from '../../src/core/interchange/table'
import { aHousehold, application, send, TODAY } from '../support/application'

const app = application()
const fallback = { place: 'Home', kit: 'First aid kit', pocket: 'Main pocket' }
const messy = readFileSync(new URL('../lists/messy.csv', import.meta.url), 'utf8')

const rowsOf = (text: string): readonly ReadRow[] => {
  const reading = readTable(text)
  if (reading.kind === 'refused') throw new Error(reading.code)
  return readList(reading.table, reading.table.columns, {
    order: 'day-first',
    today: plainDate(TODAY),
  }).rows
}
const linesOf = (text: string) => rowsOf(text).map(({ line, cells }) => ({ line, cells }))

/** As a keeper would answer and mend the lines that need it. */
const MENDED: Readonly<Record<string, object>> = {
  'Ibuprofen liquid': { opened: '2026-10-01' },
  'Eye drops, lubricating': { opened: '2026-11-10' },
  'Recovery food': { expiry: '2027-03-05' },
  'Travel tablets': { expiry: '2027-04-03' },
  'Space heater pads': { expiry: '2099-02-01!' },
  'Charcoal tablets': { expiry: '28/02/2027' },
  'Cough syrup': { amount: '1' },
  Iodine: { amount: '1' },
}
const mended = () =>
  rowsOf(messy)
    .filter(({ cells }) => cells.item)
    .map(({ line, cells }) => ({ line, cells: { ...cells, ...MENDED[cells.item ?? ''] } }))

const bring = (caller: Caller, lines: unknown, name = 'messy.csv') =>
  send('POST', '/api/imports', { caller, body: { name, fallback, lines } })
const exported = async (caller: Caller) => (await send('GET', '/api/export.csv', { caller })).text()

describe('a messy list of sixty lines', () => {
  let keeper: Caller
  beforeAll(async () => {
    keeper = await aHousehold(app.world, 'Ilse')
  })
  it('is refused while lines need an answer, with their numbers, and nothing is written', async () => {
    const answer = await bring(keeper, linesOf(messy))
    const problem = await answer.json()
    expect([answer.status, problem.code]).toEqual([422, 'lines_not_ready'])
    expect(problem.facts.lines).toHaveLength(9)
    const { kits } = await (await send('GET', '/api/kits', { caller: keeper })).json()
    expect(kits).toEqual([])
  })
  it('goes in when they are answered, and Watch knows at once what to do', async () => {
    const answer = await bring(keeper, mended())
    expect(answer.status).toBe(200)
    expect(await answer.json()).toMatchObject({
      lots: 58,
      already: 0,
      skipped: 0,
      held: 0,
      made: {
        places: ['Home', 'Car', 'Cottage', 'Bike'],
        kits: ['Hall box', 'Animal tote', 'Boot bag', 'Pantry roll', 'Pannier'],
      },
    })
    const watch = await (await send('GET', '/api/watch', { caller: keeper })).json()
    const acts = watch.groups.flatMap(
      ({ errands }: { errands: { act: string; title: string }[] }) =>
        errands.map(({ act, title }) => `${act} ${title}`),
    )
    expect(acts).toContain('throw_away Old ointment')
    expect(acts).toContain('top_up Saline pods 20 mL')
    expect(acts).toContain('replace Eye drops, lubricating 10 mL')
    const plan = await (await send('GET', '/api/restock/plan', { caller: keeper })).json()
    expect(plan.lines.length).toBeGreaterThan(0)
  })
  it('is recognised the second time', async () => {
    const answer = await bring(keeper, mended())
    expect([answer.status, (await answer.json()).code]).toEqual([409, 'nothing_to_bring_in'])
  })
  it('goes out as a list that brings in nothing', async () => {
    const list = await exported(keeper)
    expect(list).toContain(`"'=HYPERLINK(""http://example.invalid"")"`)
    const answer = await bring(keeper, linesOf(list))
    expect([answer.status, (await answer.json()).code]).toEqual([409, 'nothing_to_bring_in'])
  })
  it('goes into an empty household from its export, to the same export', async () => {
    const other = await aHousehold(app.world, 'Grete')
    const list = await exported(keeper)
    expect((await bring(other, linesOf(list))).status).toBe(200)
    const sorted = (text: string) => text.split('\r\n').sort()
    expect(sorted(await exported(other))).toEqual(sorted(list))
  })
})

describe('an import', () => {
  it('is taken back whole, places and kits with it', async () => {
    const keeper = await aHousehold(app.world, 'Arlo')
    const { actId } = await (await bring(keeper, mended())).json()
    expect(
      (await send('POST', `/api/acts/${actId}/undo`, { caller: keeper, body: {} })).status,
    ).toBe(200)
    const { kits } = await (await send('GET', '/api/kits', { caller: keeper })).json()
    const { items } = await (await send('GET', '/api/items', { caller: keeper })).json()
    const { places } = await (await send('GET', '/api/places', { caller: keeper })).json()
    expect([kits, items, places]).toEqual([[], [], []])
    expect((await bring(keeper, mended())).status).toBe(200)
  })
  it('sent twice under one key goes in once', async () => {
    const keeper = await aHousehold(app.world, 'Runa')
    const body = { name: '', fallback, lines: linesOf('item;qty\nPads;3') }
    const key = 'the-same-key-twice'
    const answers = await Promise.all(
      [1, 2, 3].map(() => send('POST', '/api/imports', { caller: keeper, body, key })),
    )
    expect(answers.map(({ status }) => status)).toEqual([200, 200, 200])
    const { lots } = await (await send('GET', '/api/imports/known', { caller: keeper })).json()
    expect(lots).toHaveLength(1)
  })
  it('of five thousand lines is one act', async () => {
    const keeper = await aHousehold(app.world, 'Pip')
    const text = `item;qty;exp;kit\n${Array.from({ length: 5000 }, (_, n) => `Thing ${n};${(n % 9) + 1};03/2${n % 9};Kit ${n % 40}`).join('\n')}`
    const answer = await bring(keeper, linesOf(text))
    expect([answer.status, (await answer.json()).lots]).toEqual([200, 5000])
    const { acts } = await (await send('GET', '/api/acts', { caller: keeper })).json()
    expect(acts).toHaveLength(1)
  })
  it('of no lines, or of lines that are no lines, is refused', async () => {
    const keeper = await aHousehold(app.world, 'Moth')
    for (const lines of [[], [{ line: 1, cells: { colour: 'red' } }], 'item;qty', null])
      expect((await bring(keeper, lines)).status).toBe(422)
  })
})
