/** The shopping list, orders and recalls, kept for real: every step, and every step taken back. */
import { beforeAll, describe, expect, it } from 'vitest'
import { Refusal } from '../../src/app/frame/refusal'
import { FeedSilentError, type World } from '../../src/app/frame/world'
import { matchItems } from '../../src/app/items/catalogueActs'
import { readCodes } from '../../src/app/items/codeActs'
import { readKit, readLot } from '../../src/app/kits/readKits'
import { readActs } from '../../src/app/record/readActs'
import { undoAct } from '../../src/app/record/undoAct'
import { askShop, orderListed, takePrices } from '../../src/app/restock/orderActs'
import { readPlan } from '../../src/app/restock/readPlan'
import { readShopping } from '../../src/app/restock/readShopping'
import { readRecalls, takeRecall } from '../../src/app/restock/recalls'
import {
  type Asked,
  addPurchase,
  changePurchase,
  makeList,
  markPurchase,
  putAway,
  removePurchase,
} from '../../src/app/restock/shoppingActs'
import { lendLot } from '../../src/app/stock/partActs'
import { doErrand } from '../../src/app/watch/errandActs'
import { readWatch } from '../../src/app/watch/readWatch'
import { addDays, plainDate, plainMonth } from '../../src/core/calendar/plainDate'
import type { PurchaseId } from '../../src/core/ids'
import { units } from '../../src/core/quantity/amount'
import { Dealers } from '../../src/core/restock/dealers'
import { RestockPlanner } from '../../src/core/restock/restockPlan'
import { ShopSilentError } from '../../src/core/shopping/shop'
import { highsSolver } from '../../src/solver/highs'
import { application, newKey } from '../support/application'
import { twoPlaces } from '../support/twoPlaces'

const app = application()
let stock: Awaited<ReturnType<typeof twoPlaces>>
const on = (day: string): World => ({ ...app.world, now: () => new Date(`${day}T10:00:00Z`) })
const POST_SHOP = 'Tideway Post Pharmacy'

beforeAll(async () => {
  stock = await twoPlaces(on('2026-11-20'), app.keeper)
})

const list = () => readShopping(app.world, app.keeper)
const plan = async () => readPlan(app.world, app.keeper)
const asked = (fields: Partial<Asked> = {}): Asked => ({
  itemId: stock.gauze,
  shop: 'Corner pharmacy',
  packs: 1,
  packSize: units(10),
  priceMinor: 300,
  wantedBy: plainDate('2026-12-05'),
  goesTo: [{ pocketId: stock.cottage.tray, amount: units(6) }],
  ...fields,
})
const mark = (purchaseId: PurchaseId, state: 'listed' | 'in_bag' | 'not_there') =>
  markPurchase(app.world, app.keeper, { key: newKey(), purchaseId, state })
const add = async (fields: Partial<Asked> = {}) =>
  addPurchase(app.world, app.keeper, { key: newKey(), ...asked(fields) })
const remove = (purchaseId: PurchaseId) =>
  removePurchase(app.world, app.keeper, { key: newKey(), purchaseId })
const codeOf = (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'done',
    (error: unknown) => {
      if (error instanceof Refusal) return error.reason.code
      throw error
    },
  )
const taken = {
  expiry: { kind: 'month', month: plainMonth('2030-02') },
  batch: 'G77',
  gtin: null,
} as const

/** How many lots each errand about recalls names. */
const recalledIn = ({ groups }: Awaited<ReturnType<typeof readWatch>>): number[] =>
  groups.flatMap(({ errands }) =>
    errands.flatMap(({ reason }) => (reason.code === 'recalled' ? [reason.lots] : [])),
  )

describe('the list', () => {
  it('is made again without what the plan had put there; what is bought or by hand stays', async () => {
    const make = (...lines: Asked[]) => makeList(app.world, app.keeper, { key: newKey(), lines })
    await make(asked(), asked({ itemId: stock.thermometer, packSize: units(1) }))
    const byHand = await add({ itemId: stock.saline })
    const first = (await list()).lines
    const bag = first.find(({ item }) => item.id === stock.gauze)?.id as PurchaseId
    await mark(bag, 'in_bag')
    const { actId } = await make(asked({ itemId: stock.plasters, packSize: units(20) }))
    const kept = async () =>
      (await list()).lines.map(({ item, state }) => `${item.name}: ${state.kind}`).sort()
    expect(await kept()).toEqual(['Gauze: in_bag', 'Plasters: listed', 'Saline pods: listed'])
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
    expect(await kept()).toEqual(['Gauze: in_bag', 'Saline pods: listed', 'Thermometer: listed'])
    await make()
    await remove(bag)
    await remove(byHand.purchaseId)
    expect(await kept()).toEqual([])
  })
  it('says what to ask for, where it goes, and proposes pockets for all of it', async () => {
    const { purchaseId } = await add()
    const { lines } = await list()
    expect(lines[0]).toMatchObject({
      goesTo: [{ pocket: 'Tray', kit: 'Cottage box', amount: 6000 }],
      proposed: [
        { kit: 'Cottage box', amount: 6000 },
        { kit: 'House box', amount: 4000 },
      ],
    })
    await remove(purchaseId)
  })
  it('takes an errand’s shortfall once, and Watch counts it as listed', async () => {
    const short = async () => {
      const { groups, listed } = await readWatch(app.world, app.keeper)
      return { errands: groups.flatMap(({ errands }) => errands), listed }
    }
    const errand = (await short()).errands.find(({ title }) => title === 'Thermometer')
    if (!errand) throw new Error('One of two thermometers is missing')
    const act = { key: newKey(), errandKey: errand.key }
    await doErrand(app.world, app.keeper, act)
    await doErrand(app.world, app.keeper, { ...act, key: newKey() })
    const { lines } = await list()
    expect(lines).toMatchObject([{ source: 'hand', packs: 1, packSize: 1000 }])
    expect((await short()).listed).toBe(1)
    await remove(lines[0]?.id as PurchaseId)
    expect((await short()).listed).toBe(0)
  })
  it('names the thing in every act, also once the line is gone', async () => {
    const { purchaseId } = await add()
    await mark(purchaseId, 'in_bag')
    await remove(purchaseId)
    const { acts } = await readActs(app.world, app.keeper)
    expect(acts.slice(0, 3).map(({ kind, why }) => [kind, why])).toEqual([
      ['purchase_removed', 'Gauze'],
      ['purchase_in_bag', 'Gauze'],
      ['purchase_added', 'Gauze'],
    ])
  })
  it('of another household is neither seen nor changed', async () => {
    const { purchaseId } = await add()
    expect((await readShopping(app.world, app.stranger)).lines).toEqual([])
    const act = { key: newKey(), purchaseId }
    expect(await codeOf(removePurchase(app.world, app.stranger, act))).toBe('not_found')
    expect(await codeOf(addPurchase(app.world, app.stranger, { key: newKey(), ...asked() }))).toBe(
      'not_found',
    )
    await remove(purchaseId)
  })
})

describe('what was bought', () => {
  const there = async (kitId: typeof stock.house.kitId) => {
    const { pockets } = await readKit(app.world, app.keeper, kitId)
    return pockets
      .flatMap(({ lines }) => lines)
      .filter(({ item }) => item.id === stock.gauze)
      .flatMap(({ tags }) => tags.map(({ lot, amount }) => [lot.batch, amount]))
  }
  it('is put into all its pockets as one lot, and the price that was paid is kept', async () => {
    const { purchaseId } = await add()
    const { lotId, actId } = await putAway(app.world, app.keeper, {
      key: newKey(),
      purchaseId,
      ...taken,
      puts: [
        { pocketId: stock.cottage.tray, amount: units(6) },
        { pocketId: stock.house.tray, amount: units(4) },
      ],
      priceMinor: 350,
      note: '',
      isAll: false,
    })
    expect(await there(stock.cottage.kitId)).toContainEqual(['G77', 6000])
    expect(await there(stock.house.kitId)).toContainEqual(['G77', 4000])
    const { lot } = await readLot(app.world, app.keeper, lotId)
    expect(lot).toMatchObject({ unitPriceMinor: 35, boughtAt: 'Corner pharmacy' })
    const price = async () =>
      (await plan()).offers.find(({ itemId }) => itemId === stock.gauze)?.priceMinor
    expect(await price()).toBe(350)
    expect((await list()).lines).toEqual([])
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
    expect(await price()).toBe(300)
    expect(await there(stock.house.kitId)).not.toContainEqual(['G77', 4000])
    expect((await list()).lines).toHaveLength(1)
    await remove(purchaseId)
  })
  it('teaches the number on its pack, and what stands for something else is refused', async () => {
    const gtin = '09520000000042'
    const put = async (purchaseId: PurchaseId) =>
      putAway(app.world, app.keeper, {
        key: newKey(),
        purchaseId,
        ...taken,
        puts: [{ pocketId: stock.house.tray, amount: units(4) }],
        priceMinor: null,
        note: '',
        gtin,
        isAll: true,
      })
    const learned = async () =>
      (await readCodes(app.world, app.keeper)).codes.map(({ gtin: of, title }) => [of, title])
    const { actId } = await put((await add()).purchaseId)
    expect(await learned()).toEqual([[gtin, 'Gauze']])
    const other = await add({ itemId: stock.saline })
    const before = await there(stock.house.kitId)
    await expect(put(other.purchaseId)).rejects.toMatchObject({
      reason: { code: 'pack_of_other', title: 'Gauze' },
    })
    expect(await there(stock.house.kitId)).toEqual(before)
    expect((await list()).lines).toHaveLength(1)
    await remove(other.purchaseId)
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
    expect(await learned()).toEqual([])
    const [back] = (await list()).lines
    await remove(back?.id as PurchaseId)
  })
  it('waits with the rest where a part has another date, unless that is all', async () => {
    const { purchaseId } = await add({ packs: 2 })
    const put = (amount: number, isAll = false) =>
      putAway(app.world, app.keeper, {
        key: newKey(),
        purchaseId,
        ...taken,
        puts: [{ pocketId: stock.cottage.tray, amount: units(amount) }],
        priceMinor: null,
        note: '',
        isAll,
      })
    const acts = [await put(4)]
    expect((await list()).lines).toMatchObject([
      { packs: 1, packSize: 16_000, state: { kind: 'in_bag' }, goesTo: [{ amount: 2000 }] },
    ])
    acts.push(await put(6))
    expect((await list()).lines).toMatchObject([{ packs: 1, packSize: 10_000, goesTo: [] }])
    acts.push(await put(1, true))
    expect((await list()).lines).toEqual([])
    for (const { actId } of acts.reverse())
      await undoAct(app.world, app.keeper, { key: newKey(), actId })
    expect((await list()).lines).toMatchObject([
      { packs: 2, packSize: 10_000, state: { kind: 'listed' }, goesTo: [{ amount: 6000 }] },
    ])
    await remove(purchaseId)
  })
  it('or is on the list by hand is reckoned with by the plan, and not bought twice', async () => {
    const solver = await highsSolver()
    const bought = async () => {
      const { problem, coming } = await plan()
      const { board } = new RestockPlanner(problem, new Dealers(solver)).plan(null)
      expect(board.lived.faults).toEqual([])
      const gauze = board.buys.filter(
        ({ offer }) => problem.things.length > 0 && problem.offers[offer]?.thing === thing(problem),
      )
      return { coming, offers: gauze.map(({ offer, packs }) => [offer, packs]) }
    }
    const thing = (problem: Awaited<ReturnType<typeof plan>>['problem']) =>
      problem.offers.find(({ priceMinor }) => priceMinor === 300)?.thing
    expect((await bought()).offers).toHaveLength(1)
    const { purchaseId } = await add()
    await mark(purchaseId, 'in_bag')
    const { coming, offers } = await bought()
    expect(coming).toMatchObject([{ purchaseId, state: 'in_bag' }])
    expect(offers).toEqual([[coming[0]?.offer, 1]])
    await remove(purchaseId)
  })
})

describe('what a shop has none of', () => {
  it('is planned for elsewhere, and there again when it is back', async () => {
    const { purchaseId } = await add({ itemId: stock.saline, priceMinor: 600 })
    const shops = async () => {
      const { problem, things } = await plan()
      const saline = things.findIndex(({ itemId }) => itemId === stock.saline)
      return problem.offers
        .filter(({ thing }) => thing === saline)
        .map(({ shop }) => problem.shops[shop])
    }
    await mark(purchaseId, 'not_there')
    expect(await shops()).toEqual(['Harbour shop'])
    expect((await plan()).faults).toContainEqual({
      code: 'not_there',
      item: 'Saline pods',
      shop: 'Corner pharmacy',
    })
    const later = await readPlan(on('2026-12-11'), app.keeper)
    expect(later.faults.map(({ code }) => code)).not.toContain('not_there')
    await mark(purchaseId, 'listed')
    await remove(purchaseId)
    expect(await shops()).toEqual(['Corner pharmacy', 'Harbour shop'])
  })
})

describe('a shop that takes orders', () => {
  const known = [
    ['gauze', 'gauze'],
    ['saline', 'saline-pods'],
    ['plasters', 'plasters'],
  ] as const
  beforeAll(async () => {
    await matchItems(app.world, app.keeper, {
      key: newKey(),
      matches: known.map(([name, catalogueId]) => ({ itemId: stock[name], catalogueId })),
    })
  })
  it('gives its prices, which are taken back in one press', async () => {
    const { priced, without, actId } = await takePrices(app.world, app.keeper, {
      key: newKey(),
      shop: POST_SHOP,
    })
    expect(priced + without).toBe(3)
    const offers = async () => (await plan()).offers.filter(({ shop }) => shop === POST_SHOP)
    expect(await offers()).toHaveLength(priced)
    expect((await offers()).every(({ leadDays }) => leadDays > 0)).toBe(true)
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
    expect(await offers()).toEqual([])
  })
  it('confirms, back-orders or refuses every pack; what is due comes, comes later or never', async () => {
    const lines = [stock.gauze, stock.saline, stock.plasters]
    for (const itemId of lines) await add({ itemId, shop: POST_SHOP, packs: 3 })
    const key = newKey()
    const order = () => orderListed(app.world, app.keeper, { key, shop: POST_SHOP })
    const first = await order()
    expect(first.comes + first.back_ordered + first.refused).toBe(9)
    // Sent again, it is the same order.
    expect(await order()).toEqual(first)
    const packs = async () => {
      const view = await list()
      return {
        all: view.lines.reduce((sum, line) => sum + line.packs, 0),
        kinds: view.lines.map(({ state }) => state.kind),
        lines: view.lines,
      }
    }
    expect((await packs()).all).toBe(9)
    expect((await packs()).kinds).not.toContain('listed')
    const ordered = (await packs()).lines.find(({ state }) => state.kind === 'ordered')
    const purchaseId = ordered?.id as PurchaseId
    expect(await codeOf(mark(purchaseId, 'in_bag'))).toBe('on_order')
    expect(
      await codeOf(changePurchase(app.world, app.keeper, { key: newKey(), purchaseId, packs: 1 })),
    ).toBe('on_order')
    expect(
      await codeOf(
        putAway(app.world, app.keeper, {
          key: newKey(),
          purchaseId,
          ...taken,
          puts: [{ pocketId: stock.house.tray, amount: units(1) }],
          priceMinor: null,
          note: '',
          isAll: false,
        }),
      ),
    ).toBe('not_here_yet')
    expect(
      await codeOf(undoAct(app.world, app.keeper, { key: newKey(), actId: first.actId })),
    ).toBe('order_stays')
    const ask = (day: string) => askShop(on(day), app.keeper, { key: newKey(), shop: POST_SHOP })
    expect(await ask('2026-11-26')).toMatchObject({ here: 0, later: 0, cancelled: 0 })
    let here = 0
    for (let fortnight = 0; fortnight < 12; fortnight++)
      here += (await ask(addDays(plainDate('2027-01-20'), fortnight * 14))).here
    expect((await packs()).kinds).not.toContain('ordered')
    expect(here).toBe(
      (await packs()).lines
        .filter(({ state }) => state.kind === 'arrived')
        .reduce((sum, line) => sum + line.packs, 0),
    )
    expect((await packs()).all).toBe(9)
    for (const { id } of (await packs()).lines) await remove(id)
    expect(
      await codeOf(orderListed(app.world, app.keeper, { key: newKey(), shop: POST_SHOP })),
    ).toBe('nothing_to_order')
  })
  it('that does not answer changes nothing', async () => {
    const { purchaseId } = await add({ shop: POST_SHOP })
    const silent = async (): Promise<never> => {
      throw new ShopSilentError(POST_SHOP)
    }
    const [shop] = app.world.services.shops
    const away: World = {
      ...app.world,
      services: {
        ...app.world.services,
        shops: [{ ...(shop as NonNullable<typeof shop>), order: silent, quote: silent }],
      },
    }
    const at = () => ({ key: newKey(), shop: POST_SHOP })
    expect(await codeOf(orderListed(away, app.keeper, at()))).toBe('shop_silent')
    expect(await codeOf(takePrices(away, app.keeper, at()))).toBe('shop_silent')
    expect((await list()).lines).toMatchObject([{ state: { kind: 'listed' } }])
    await remove(purchaseId)
  })
})

describe('a recall', () => {
  const bulletin = (batches: unknown[]) => ({
    id: 'T-1',
    title: 'Gauze',
    date_published: '2026-11-20T09:00:00Z',
    _recall: {
      product: { catalogue_id: null, name: 'Gauze', strength: '' },
      batches,
      reason: 'Not sterile',
      advice: 'Take it back',
    },
  })
  const publishing = (items: unknown[]): World => ({
    ...app.world,
    services: {
      ...app.world.services,
      bulletins: {
        name: 'A test office',
        isStandIn: false,
        fetch: async () =>
          JSON.stringify({ version: 'https://jsonfeed.org/version/1.1', title: 'Office', items }),
      },
    },
  })
  it('holds every lot of its batches, names what has to be looked at, and is taken back', async () => {
    const world = publishing([bulletin(['g-12']), { id: 'news' }, { id: 'bad', _recall: {} }])
    const lots = async () => {
      const { bulletins, unread } = await readRecalls(world, app.keeper)
      expect(unread).toEqual(['bad'])
      return bulletins[0]?.lots.map(({ batch, how, isHeld }) => [batch, how, isHeld])
    }
    expect(await lots()).toEqual([
      ['G12', 'recalled', false],
      ['', 'look', false],
    ])
    expect(recalledIn(await readWatch(world, app.keeper))).toEqual([1])
    const { held, look, actId } = await takeRecall(world, app.keeper, {
      key: newKey(),
      bulletinId: 'T-1',
    })
    expect([held, look]).toEqual([1, 1])
    expect(await lots()).toEqual([
      ['G12', 'recalled', true],
      ['', 'look', false],
    ])
    const watch = await readWatch(world, app.keeper)
    expect(recalledIn(watch)).toEqual([])
    expect(watch.groups.flatMap(({ errands }) => errands)).toContainEqual(
      expect.objectContaining({ act: 'ask', title: 'Gauze' }),
    )
    // What was taken in stays known when it is published no longer.
    const quiet = publishing([])
    expect((await readRecalls(quiet, app.keeper)).bulletins).toMatchObject([
      { id: 'T-1', takenOn: '2026-11-26' },
    ])
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
    expect((await lots())?.[0]).toEqual(['G12', 'recalled', false])
    expect((await readRecalls(quiet, app.keeper)).bulletins).toEqual([])
  })
  it('leaves in the hold who has a lot that is lent', async () => {
    const world = publishing([bulletin(['G12'])])
    const lots = async () => (await readRecalls(world, app.keeper)).bulletins[0]?.lots ?? []
    const [lot] = await lots()
    if (!lot) throw new Error('No lot of that batch')
    const { lotId, pocketId, amount, version: seenVersion } = lot
    const lent = await lendLot(world, app.keeper, {
      key: newKey(),
      lotId,
      pocketId,
      amount,
      seenVersion,
      to: 'Tove',
    })
    const held = await takeRecall(world, app.keeper, { key: newKey(), bulletinId: 'T-1' })
    expect((await readLot(world, app.keeper, lotId)).lot.standing).toEqual({
      kind: 'held',
      reason: 'Recalled, T-1; lent to Tove: Not sterile',
      recall: 'T-1',
    })
    for (const { actId } of [held, lent]) await undoAct(world, app.keeper, { key: newKey(), actId })
    expect((await readLot(world, app.keeper, lotId)).lot.standing).toEqual({ kind: 'ready' })
  })
  it('says when the bulletins are silent or unreadable, and changes nothing', async () => {
    const feed = (fetch: () => Promise<string>): World => ({
      ...app.world,
      services: {
        ...app.world.services,
        bulletins: { name: 'A test office', isStandIn: false, fetch },
      },
    })
    const silent = feed(async () => {
      throw new FeedSilentError('away')
    })
    expect(await readRecalls(silent, app.keeper)).toMatchObject({ feed: 'silent', bulletins: [] })
    expect(recalledIn(await readWatch(silent, app.keeper))).toEqual([])
    const act = { key: newKey(), bulletinId: 'T-1' }
    expect(await codeOf(takeRecall(silent, app.keeper, act))).toBe('bulletins_silent')
    const broken = feed(async () => '<html>')
    expect((await readRecalls(broken, app.keeper)).feed).toBe('unreadable')
    expect(await codeOf(takeRecall(publishing([]), app.keeper, act))).toBe('not_found')
  })
})
