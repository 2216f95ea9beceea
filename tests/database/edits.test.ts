/** Edits: nothing is written where nothing changes, and one form is one act, whole or not at all. */
import { sql } from 'kysely'
import { beforeAll, describe, expect, it } from 'vitest'
import { act } from '../../src/app/frame/act'
import { Refusal } from '../../src/app/frame/refusal'
import { changeHousehold, changeItem } from '../../src/app/household/householdActs'
import { createKit, removePocket } from '../../src/app/kits/kitActs'
import { readKit, readKits, readLot } from '../../src/app/kits/readKits'
import { changeMember } from '../../src/app/members/memberActs'
import { undoAct } from '../../src/app/record/undoAct'
import { amendLot, countLot } from '../../src/app/stock/lotActs'
import { readStockList } from '../../src/app/stock/readStockList'
import { readStrap } from '../../src/app/watch/readWatch'
import { blankFacts } from '../../src/core/household/member'
import type { PlaceId, PocketId } from '../../src/core/ids'
import { units } from '../../src/core/quantity/amount'
import { inHousehold } from '../../src/db/frame/connect'
import { createRecord, removeRecord } from '../../src/db/frame/records'
import { ACTED_TABLES } from '../../src/db/frame/tables'
import { application, newKey } from '../support/application'
import { stocked } from '../support/stocked'

const app = application()
let stock: Awaited<ReturnType<typeof stocked>>
beforeAll(async () => {
  stock = await stocked(app.world, app.keeper)
})

const inIt = <T>(work: Parameters<typeof inHousehold<T>>[2]) =>
  inHousehold(app.world.db, app.keeper.householdId, work)
const written = () =>
  inIt(async (trx) => {
    const { n } = await trx
      .selectFrom('record_change')
      .select(({ fn }) => fn.countAll<number>().as('n'))
      .executeTakeFirstOrThrow()
    return Number(n)
  })
const rowOf = (table: 'item' | 'member' | 'household', id: string) =>
  inIt((trx) => trx.selectFrom(table).selectAll().where('id', '=', id).executeTakeFirstOrThrow())
const codeOf = (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'done',
    (error: unknown) => {
      if (error instanceof Refusal) return error.reason.code
      throw error
    },
  )

describe('an edit that changes nothing', () => {
  it('raises no version and writes nothing, whatever the order of the keys in it', async () => {
    const { itemId, memberId } = stock
    const clock = { kind: 'own', period: { kind: 'days', days: 28 }, source: 'the label' } as const
    const change = async (more: object) =>
      changeItem(app.world, app.keeper, {
        key: newKey(),
        itemId,
        seenVersion: (await rowOf('item', itemId)).version,
        ...more,
      })
    await change({ openedClock: clock, own: { uses: 3, size: { mm: [10, 20, 30], grams: 40 } } })
    const { version } = await rowOf('item', itemId)
    const before = await written()
    await change({
      openedClock: { source: 'the label', period: { days: 28, kind: 'days' }, kind: 'own' },
      own: { size: { grams: 40, mm: [10, 20, 30] }, uses: 3 },
      purpose: 'Dry eyes',
    })
    expect([(await rowOf('item', itemId)).version, await written()]).toEqual([version, before])

    const member = await rowOf('member', memberId)
    const facts = { ...blankFacts('person'), conditions: ['asthma'] as never }
    await changeMember(app.world, app.keeper, {
      key: newKey(),
      memberId,
      seenVersion: member.version,
      facts,
    })
    const kept = (await rowOf('member', memberId)).version
    await changeMember(app.world, app.keeper, {
      key: newKey(),
      memberId,
      seenVersion: kept,
      name: 'Ned',
      facts: Object.fromEntries(Object.entries(facts).reverse()) as typeof facts,
    })
    expect((await rowOf('member', memberId)).version).toBe(kept)
  })
  it('writes only what changed', async () => {
    const { householdId } = app.keeper
    const { version, name, currency } = (await rowOf('household', householdId)) as never as {
      version: number
      name: string
      currency: string
    }
    await changeHousehold(app.world, app.keeper, {
      key: newKey(),
      seenVersion: version,
      name,
      currency: currency === 'NOK' ? 'SEK' : 'NOK',
    })
    const last = await inIt((trx) =>
      trx
        .selectFrom('record_change')
        .select(['before', 'after'])
        .where('record', '=', 'household')
        .orderBy(sql`ctid`, 'desc')
        .executeTakeFirstOrThrow(),
    )
    expect([Object.keys(last.before as object), Object.keys(last.after as object)]).toEqual([
      ['currency'],
      ['currency'],
    ])
  })
})

describe('one form', () => {
  const amend = async (item: object, details: object, itemVersion?: number) => {
    const { lot } = await readLot(app.world, app.keeper, stock.lotId)
    const { version } = await rowOf('item', stock.itemId)
    return amendLot(app.world, app.keeper, {
      key: newKey(),
      lotId: stock.lotId,
      seenVersion: lot.version,
      details,
      item: { seenVersion: itemVersion ?? version, ...item },
    })
  }
  const both = async () => {
    const { lot, item } = await readLot(app.world, app.keeper, stock.lotId)
    return [lot.note, item.shop]
  }
  it('changes a lot and its item in one act, and one press takes both back', async () => {
    const former = await both()
    const { actId } = await amend({ shop: 'Quay store' }, { note: 'behind the tin' })
    expect(await both()).toEqual(['behind the tin', 'Quay store'])
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
    expect(await both()).toEqual(former)
  })
  it('is refused whole: neither is changed when the item is not as it was seen', async () => {
    const former = await both()
    expect(await codeOf(amend({ shop: 'Other' }, { note: 'other' }, 0))).toBe('changed_meanwhile')
    expect(await both()).toEqual(former)
  })
  it('may be about the item alone', async () => {
    await amend({ shop: 'Corner pharmacy' }, {})
    expect((await both())[1]).toBe('Corner pharmacy')
  })
})

describe('undo', () => {
  it('knows every table whose rows acts create and remove', async () => {
    const { rows } = await sql<{ name: string }>`
      select table_name as name from information_schema.columns
      where table_schema = 'public' and column_name = 'removed_by_act'`.execute(app.world.db)
    expect(rows.map(({ name }) => name).sort()).toEqual([...ACTED_TABLES].sort())
  })
  it('brings back what an act removed, and takes away what it created', async () => {
    const { keeper, world } = app
    const made = await act(
      world,
      keeper,
      { key: newKey(), kind: 'view_saved', request: {} },
      async (acting) => ({
        id: await createRecord(acting, 'stock_view', { name: 'Planted', filter: '{}' }),
      }),
    )
    const isThere = () =>
      inIt(async (trx) => {
        const row = await trx
          .selectFrom('stock_view')
          .select('removed_by_act')
          .where('id', '=', made.id)
          .executeTakeFirstOrThrow()
        return row.removed_by_act === null
      })
    const gone = await act(
      world,
      keeper,
      { key: newKey(), kind: 'view_removed', request: {} },
      async (acting) => ({ done: await removeRecord(acting, 'stock_view', made.id) }),
    )
    expect(await isThere()).toBe(false)
    await undoAct(world, keeper, { key: newKey(), actId: gone.actId })
    expect(await isThere()).toBe(true)
    await undoAct(world, keeper, { key: newKey(), actId: made.actId })
    expect(await isThere()).toBe(false)
  })
  it('of a receipt takes its thing away: a count from a screen of before is refused', async () => {
    const { world, stranger } = app
    const theirs = await stocked(world, stranger)
    await undoAct(world, stranger, { key: newKey(), actId: theirs.actId })
    for (const takenAgo of [0, 60_000])
      expect(
        await codeOf(
          countLot(
            world,
            { ...stranger, takenAgo },
            {
              key: newKey(),
              lotId: theirs.lotId,
              pocketId: theirs.tray,
              found: units(2),
              seenVersion: 2,
            },
          ),
        ),
      ).toBe('not_found')
    expect((await readStockList(world, stranger)).rows).toEqual([])
  })
  it('does not bring a pocket back into a kit that is gone', async () => {
    const { world, stranger } = app
    const { places } = await readStrap(world, stranger)
    const placeId = places[0]?.id as PlaceId
    const kit = { key: newKey(), placeId, name: 'Hall box', note: '', pockets: ['Lid'] }
    const made = await createKit(world, stranger, kit)
    const [lid] = (await readKit(world, stranger, made.kitId)).pockets
    const gone = await removePocket(world, stranger, {
      key: newKey(),
      pocketId: lid?.id as PocketId,
    })
    await undoAct(world, stranger, { key: newKey(), actId: made.actId })
    expect(await codeOf(undoAct(world, stranger, { key: newKey(), actId: gone.actId }))).toBe(
      'used_since',
    )
    expect((await readKits(world, stranger)).kits.map(({ name }) => name)).not.toContain('Hall box')
  })
})
