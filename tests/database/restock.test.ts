/** What a plan is made from, kept for real: settings, wishes, prices, use learned from the ledger. */
import { beforeAll, describe, expect, it } from 'vitest'
import type { World } from '../../src/app/frame/world'
import { readLot } from '../../src/app/kits/readKits'
import { undoAct } from '../../src/app/record/undoAct'
import { addWish, removeOffer, removeWish, setOffer, setPlan } from '../../src/app/restock/planActs'
import { readPlan } from '../../src/app/restock/readPlan'
import { useLot } from '../../src/app/stock/lotActs'
import { units } from '../../src/core/quantity/amount'
import { Dealers } from '../../src/core/restock/dealers'
import { replay } from '../../src/core/restock/replay'
import { RestockPlanner } from '../../src/core/restock/restockPlan'
import { highsSolver } from '../../src/solver/highs'
import { application, newKey } from '../support/application'
import { stocked } from '../support/stocked'

const app = application()
const on = (day: string): World => ({ ...app.world, now: () => new Date(`${day}T10:00:00Z`) })
let stock: Awaited<ReturnType<typeof stocked>>

beforeAll(async () => {
  stock = await stocked(on('2026-06-01'), app.keeper, 10)
})
const plan = () => readPlan(app.world, app.keeper)

describe('what a plan is made from', () => {
  it('names the line that is short, and what is missing to plan it', async () => {
    const { problem, faults, things, lines } = await plan()
    expect(things).toEqual([{ itemId: stock.itemId, title: 'Eye drops 10 mL', unit: 'bottle' }])
    expect(lines).toMatchObject([{ pocketId: stock.lid, kit: 'Pantry roll' }])
    expect(problem.lines).toMatchObject([{ par: 12, tier: 'comfort' }])
    expect(problem.shelves).toMatchObject([{ amount: 10, line: 0 }])
    expect(faults).toContainEqual({ code: 'no_price', item: 'Eye drops 10 mL' })
  })
  it('takes what a shop charges, changes it in place and takes it away again', async () => {
    const at = { itemId: stock.itemId, shop: 'Harbour shop', leadDays: 3 }
    await setOffer(app.world, app.keeper, {
      ...at,
      key: newKey(),
      packSize: units(4),
      priceMinor: 900,
    })
    await setOffer(app.world, app.keeper, {
      ...at,
      key: newKey(),
      shop: 'harbour SHOP',
      packSize: units(4),
      priceMinor: 800,
    })
    const { offers, problem, faults } = await plan()
    expect(problem.offers).toMatchObject([{ units: 4, priceMinor: 800, leadDays: 3 }])
    expect(faults.filter(({ code }) => code === 'no_price')).toEqual([])
    const solver = await highsSolver()
    const planner = new RestockPlanner(problem, new Dealers(solver))
    const { board } = planner.plan(null)
    expect(replay(problem, { carries: [], buys: [], puts: [] }).lacks[0]).not.toEqual([])
    expect(board.lived.faults).toEqual([])
    const offerId = offers[0]?.offerId
    if (!offerId) throw new Error('No offer')
    const { actId } = await removeOffer(app.world, app.keeper, { key: newKey(), offerId })
    expect((await plan()).problem.offers).toEqual([])
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
    expect((await plan()).problem.offers).toHaveLength(1)
  })
  it('keeps the price of the item’s own shop on the item, and never two of one shop', async () => {
    const say = (shop: string, priceMinor: number, leadDays = 0) =>
      setOffer(app.world, app.keeper, {
        key: newKey(),
        itemId: stock.itemId,
        shop,
        packSize: units(2),
        priceMinor,
        leadDays,
      })
    const shops = async () =>
      (await plan()).offers.map(({ shop, priceMinor, offerId }) => [
        shop,
        priceMinor,
        offerId !== null,
      ])
    await say('', 400)
    expect(await shops()).toEqual([
      ['', 400, false],
      ['Harbour shop', 800, true],
    ])
    await expect(say('', 400, 3)).rejects.toMatchObject({ reason: { code: 'shop_needs_name' } })
  })
  it('keeps the newest wish about a line, and leaves it to the plan again', async () => {
    const wish = { kind: 'buy', itemId: stock.itemId, shop: 'Harbour shop', packs: 2 } as const
    await addWish(app.world, app.keeper, { key: newKey(), wish })
    await addWish(app.world, app.keeper, { key: newKey(), wish: { ...wish, packs: 3 } })
    expect((await plan()).problem.wishes).toEqual([{ kind: 'buy', offer: 1, packs: 3 }])
    const { wishId } = await addWish(app.world, app.keeper, {
      key: newKey(),
      wish: { kind: 'no_buy', itemId: stock.itemId },
    })
    expect((await plan()).problem.wishes).toEqual([{ kind: 'no_buy', thing: 0 }])
    await removeWish(app.world, app.keeper, { key: newKey(), wishId })
    expect((await plan()).wishes).toEqual([])
  })
  it('looks as far ahead and spends as much as the household says', async () => {
    await setPlan(app.world, app.keeper, {
      key: newKey(),
      days: 182,
      budgetMinor: 5000,
      comfortMinor: 100,
    })
    const { settings, problem } = await plan()
    expect(settings).toEqual({ days: 182, budgetMinor: 5000, comfortMinor: 100 })
    expect(problem).toMatchObject({ days: 182, budgetMinor: 5000 })
  })
  it('learns from uses, not from those taken back', async () => {
    const yearly = async () =>
      (await plan()).problem.lines[0]?.uses.reduce((sum, { amount }) => sum + amount, 0) ?? 0
    const before = await yearly()
    const acts = []
    for (const day of ['2026-07-01', '2026-08-01', '2026-09-01', '2026-10-01']) {
      const { lot } = await readLot(app.world, app.keeper, stock.lotId)
      const at = { lotId: stock.lotId, pocketId: stock.lid, seenVersion: lot.version }
      acts.push(await useLot(on(day), app.keeper, { ...at, key: newKey(), amount: units(2) }))
    }
    const learned = await yearly()
    expect(learned).toBeGreaterThan(before)
    for (const { actId } of acts.reverse())
      await undoAct(app.world, app.keeper, { key: newKey(), actId })
    expect(await yearly()).toBeLessThan(learned)
  })
})

describe('at the same time', () => {
  it('many changes of what is asked of the plan do not lock each other out', async () => {
    const budgets = Array.from({ length: 12 }, (_, index) => (index + 1) * 1000)
    const done = await Promise.all(
      budgets.map((budgetMinor) =>
        setPlan(app.world, app.keeper, { key: newKey(), days: 365, budgetMinor, comfortMinor: 25 }),
      ),
    )
    expect(new Set(done.map(({ actId }) => actId)).size).toBe(12)
    expect(budgets).toContain((await plan()).settings.budgetMinor)
  })
})
