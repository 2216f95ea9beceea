/** What is revisionCache in memory is never older than the household's last act, whoever did it. */
import { beforeAll, describe, expect, it } from 'vitest'
import { revisionCache } from '../../src/app/frame/cache'
import type { World } from '../../src/app/frame/world'
import { readKit } from '../../src/app/kits/readKits'
import { undoAct } from '../../src/app/record/undoAct'
import { useLot } from '../../src/app/stock/lotActs'
import { readWatch } from '../../src/app/watch/readWatch'
import { plainDate } from '../../src/core/calendar/plainDate'
import type { HouseholdId } from '../../src/core/ids'
import { units } from '../../src/core/quantity/amount'
import type { Survey } from '../../src/core/watch/survey'
import { application, newKey } from '../support/application'
import { idOf } from '../support/ids'
import { stocked } from '../support/stocked'

const app = application()
let stock: Awaited<ReturnType<typeof stocked>>
beforeAll(async () => {
  stock = await stocked(app.world, app.keeper)
})

describe('a server beside the one that acts', () => {
  it('sees each act at once, and its undoing', async () => {
    const other: World = { ...app.world, surveys: revisionCache<Survey>() }
    const there = async () => {
      const { pockets } = await readKit(other, app.keeper, stock.kitId)
      return pockets[0]?.lines[0]?.tags[0]?.amount
    }
    expect(await there()).toBe(10_000)
    const { actId } = await useLot(app.world, app.keeper, {
      key: newKey(),
      lotId: stock.lotId,
      pocketId: stock.lid,
      amount: units(3),
      seenVersion: 1,
    })
    expect(await there()).toBe(7000)
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
    expect(await there()).toBe(10_000)
  })
  it('answers the same whether it was revisionCache or made', async () => {
    const fresh = await readWatch({ ...app.world, surveys: revisionCache<Survey>() }, app.keeper)
    await readWatch(app.world, app.keeper)
    expect(await readWatch(app.world, app.keeper)).toEqual(fresh)
  })
})

describe('keeping', () => {
  const household = (n: number) => idOf<HouseholdId>(7, n)
  const day = plainDate('2026-11-26')
  it('makes a value once for a revision and a day', async () => {
    const store = revisionCache<number>()
    let made = 0
    const ask = (n: number, revision: number, today = day) =>
      store.get(household(n), { revision, today }, async () => ++made)
    expect([await ask(1, 1), await ask(1, 1)]).toEqual([1, 1])
    expect(await ask(1, 2)).toBe(2)
    expect(await ask(1, 2, plainDate('2026-11-27'))).toBe(3)
    expect(await ask(2, 2)).toBe(4)
  })
  it('lets go of the household that nobody asked for longest', async () => {
    const store = revisionCache<number>()
    let made = 0
    const ask = (n: number) =>
      store.get(household(n), { revision: 1, today: day }, async () => ++made)
    for (let n = 1; n <= 20; n++) await ask(n)
    await ask(1)
    await ask(21)
    const before = made
    await ask(1)
    expect(made).toBe(before)
    await ask(2)
    expect(made).toBe(before + 1)
  })
  it('is asked by many at once and made once', async () => {
    const store = revisionCache<number>()
    let made = 0
    const slowly = async () => {
      made += 1
      await new Promise((resolve) => setTimeout(resolve, 20))
      return made
    }
    const at = { revision: 1, today: day }
    const asked = [1, 2, 3].map(() => store.get(household(1), at, slowly))
    expect(await Promise.all(asked)).toEqual([1, 1, 1])
  })
  it('keeps nothing when the making fails', async () => {
    const store = revisionCache<number>()
    const at = { revision: 1, today: day }
    await expect(
      store.get(household(1), at, () => Promise.reject(new Error('away'))),
    ).rejects.toThrow('away')
    expect(await store.get(household(1), at, async () => 5)).toBe(5)
  })
})
