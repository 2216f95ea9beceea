/** Parts of lots, acts on many, past days and confirmations. */
import { randomUUID } from 'node:crypto'
import { beforeAll, describe, expect, it } from 'vitest'
import { Refusal } from '../../src/app/frame/refusal'
import type { World } from '../../src/app/frame/world'
import { changeItem } from '../../src/app/household/householdActs'
import { arrangeMat, carryOutLayout } from '../../src/app/kits/arrangeActs'
import { changeKit, changePocket, createKit, removePocket } from '../../src/app/kits/kitActs'
import { readKit, readLot } from '../../src/app/kits/readKits'
import { readLayout } from '../../src/app/kits/readLayout'
import { importVisits, readCalendarFile } from '../../src/app/places/calendarActs'
import { createPlace } from '../../src/app/places/placeActs'
import { readPast, readRecord } from '../../src/app/record/readRecord'
import { undoAct } from '../../src/app/record/undoAct'
import { amendLot, countLot, moveLot, useLot } from '../../src/app/stock/lotActs'
import { actOnMany } from '../../src/app/stock/manyActs'
import { keepPaper, readPaper } from '../../src/app/stock/paperActs'
import { cleanLot, decantLot, lendLot, reuseLot, takeBackLot } from '../../src/app/stock/partActs'
import { keepReviewed, readReview } from '../../src/app/stock/readReview'
import { readStockList } from '../../src/app/stock/readStockList'
import { receiveLot } from '../../src/app/stock/receiveLot'
import { readStrap } from '../../src/app/watch/readWatch'
import { plainDate } from '../../src/core/calendar/plainDate'
import type { LotId, PocketId } from '../../src/core/ids'
import { readCalendar } from '../../src/core/interchange/calendarFile'
import { units } from '../../src/core/quantity/amount'
import { itemTitle } from '../../src/core/stock/item'
import * as words from '../../src/words'
import { application, newKey } from '../support/application'
import { stocked } from '../support/stocked'

const app = application()
/** The same application on another day. */
const on = (day: string): World => ({ ...app.world, now: () => new Date(`${day}T10:00:00Z`) })
const codeOf = (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'done',
    (error: unknown) => {
      if (error instanceof Refusal) return error.reason.code
      throw error
    },
  )

let kept: Awaited<ReturnType<typeof stocked>>
beforeAll(async () => {
  kept = await stocked(on('2026-09-01'), app.keeper, 10)
})
const versionOf = async (lotId: LotId) => (await readLot(app.world, app.keeper, lotId)).lot.version
const taking = async (amount = 2, lotId = kept.lotId, pocketId: PocketId = kept.lid) => ({
  key: newKey(),
  lotId,
  pocketId,
  amount: units(amount),
  seenVersion: await versionOf(lotId),
})
/** What lies in the kit, by pocket and state. */
const lying = async () => {
  const kit = await readKit(app.world, app.keeper, kept.kitId)
  return kit.pockets.flatMap(({ name, lines }) =>
    lines.flatMap(({ tags }) =>
      tags.map(({ amount, judged, lot }) => ({
        name,
        amount: amount / 1000,
        state: judged.state,
        lot,
      })),
    ),
  )
}
const brief = async () =>
  (await lying()).map(({ name, amount, state }) => `${name} ${amount} ${state}`).sort()

describe('parts of a lot', () => {
  it('lent and partly back, used and cleaned: they join the rest and are taken back whole', async () => {
    const before = await brief()
    const { actId } = await lendLot(app.world, app.keeper, { ...(await taking(3)), to: 'Grete' })
    expect(await brief()).toEqual(['Lid 3 lent', 'Lid 7 sound'])
    const lent = (await lying()).find(({ state }) => state === 'lent')
    if (!lent) throw new Error('nothing lent')
    expect(lent.lot.origin).toEqual({ lotId: kept.lotId, way: 'lent' })
    const back = await takeBackLot(app.world, app.keeper, await taking(2, lent.lot.id))
    expect(await brief()).toEqual(['Lid 9 sound'])
    await undoAct(app.world, app.keeper, { key: newKey(), actId: back.actId })
    expect(await brief()).toEqual(['Lid 3 lent', 'Lid 7 sound'])
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
    expect(await brief()).toEqual(before)

    await reuseLot(app.world, app.keeper, await taking(1))
    const dirty = (await lying()).find(({ state }) => state === 'unclean')
    if (!dirty) throw new Error('nothing unclean')
    expect(await codeOf(useLot(app.world, app.keeper, await taking(1, dirty.lot.id)))).toBe(
      'not_cleaned',
    )
    const { amount: _, ...clean } = await taking(1, dirty.lot.id)
    await cleanLot(app.world, app.keeper, clean)
    expect(await brief()).toEqual(before)
  })
  it('decanted medicine takes directions, date and the photo of the carton along', async () => {
    const photo = { type: 'image/png', bytes: Buffer.from('a picture') }
    await keepPaper(app.world, app.keeper, { key: newKey(), lotId: kept.lotId, photo })
    const ask = { ...(await taking(1)), to: kept.tray, directions: '' }
    expect(await codeOf(decantLot(app.world, app.keeper, ask))).toBe('needs_directions')
    const { actId } = await decantLot(app.world, app.keeper, {
      ...ask,
      key: newKey(),
      directions: 'One drop, as the label says',
    })
    const part = (await lying()).find(({ name }) => name === 'Tray')
    expect(part?.lot).toMatchObject({
      expiry: { kind: 'month', month: '2028-03' },
      batch: 'B7',
      directions: 'One drop, as the label says',
      opened: { kind: 'opened' },
    })
    const { type } = await readPaper(app.world, app.keeper, part?.lot.id as LotId)
    expect(type).toBe('image/png')
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
    expect(await brief()).toEqual(['Lid 10 sound'])
  })
  it('what is true of one only is written down of one only', async () => {
    const { key, lotId, seenVersion } = await taking()
    const { actId } = await amendLot(app.world, app.keeper, {
      key,
      lotId,
      seenVersion,
      details: { condition: 'leaked' },
      part: { pocketId: kept.lid, amount: units(1) },
    })
    expect(await brief()).toEqual(['Lid 1 spent', 'Lid 9 sound'])
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
  })
})

describe('first expired, first out', () => {
  it('is recorded when another lot is taken instead', async () => {
    const { lotId } = await receiveLot(app.world, app.keeper, {
      key: newKey(),
      pocketId: kept.lid,
      item: { id: kept.itemId },
      amount: units(4),
      par: null,
      expiry: { kind: 'day', day: plainDate('2027-02-01') },
      openedOn: null,
      batch: 'SOON',
      boughtAt: '',
      unitPriceMinor: null,
      note: '',
    })
    const first = await useLot(app.world, app.keeper, await taking(1))
    const second = await useLot(app.world, app.keeper, await taking(1, lotId))
    const { entries } = await readRecord(app.world, app.keeper, { itemId: kept.itemId })
    expect(entries.slice(0, 2).map(({ lotId: of, overruled }) => [of, overruled])).toEqual([
      [lotId, false],
      [kept.lotId, true],
    ])
    for (const { actId } of [second, first])
      await undoAct(app.world, app.keeper, { key: newKey(), actId })
    await actOnMany(app.world, app.keeper, {
      key: newKey(),
      deed: { kind: 'discard' },
      holdings: [{ ...(await taking(4, lotId)) }],
    })
  })
})

describe('a new thing', () => {
  it('under the very name of one that is there is that one', async () => {
    const { item } = await readLot(app.world, app.keeper, kept.lotId)
    const { itemId, actId } = await receiveLot(app.world, app.keeper, {
      key: newKey(),
      pocketId: kept.lid,
      item: {
        new: {
          name: itemTitle(item).toUpperCase(),
          strength: '',
          unit: '',
          purpose: '',
          forWhom: '',
        },
      },
      amount: units(1),
      par: null,
      expiry: { kind: 'none' },
      openedOn: null,
      batch: '',
      boughtAt: '',
      unitPriceMinor: null,
      note: '',
    })
    expect(itemId).toBe(kept.itemId)
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
  })
})

describe('many at once', () => {
  it('are done all or none, and one press takes it back', async () => {
    const one = await taking(10)
    const before = await brief()
    const stale = { ...one, seenVersion: one.seenVersion - 1 }
    const holdings = [one]
    expect(
      await codeOf(
        actOnMany(app.world, app.keeper, {
          key: newKey(),
          deed: { kind: 'discard' },
          holdings: [stale],
        }),
      ),
    ).toBe('some_changed')
    expect(
      await codeOf(
        actOnMany(app.world, app.keeper, {
          key: newKey(),
          deed: { kind: 'move', to: randomUUID() as PocketId },
          holdings,
        }),
      ),
    ).toBe('not_found')
    const { actId, done } = await actOnMany(app.world, app.keeper, {
      key: newKey(),
      deed: { kind: 'move', to: kept.tray },
      holdings,
    })
    expect([done, await brief()]).toEqual([1, ['Tray 10 sound']])
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
    expect(await brief()).toEqual(before)
    const lent = await lendLot(app.world, app.keeper, { ...(await taking(10)), to: 'Grete' })
    expect(
      await codeOf(
        actOnMany(app.world, app.keeper, {
          key: newKey(),
          deed: { kind: 'hold', reason: 'recall' },
          holdings: [await taking(10)],
        }),
      ),
    ).toBe('already_lent')
    await undoAct(app.world, app.keeper, { key: newKey(), actId: lent.actId })
    const held = await actOnMany(app.world, app.keeper, {
      key: newKey(),
      deed: { kind: 'hold', reason: 'recall' },
      holdings: [{ ...(await taking(4)) }],
    })
    expect(await brief()).toEqual(['Lid 4 held', 'Lid 6 sound'])
    await undoAct(app.world, app.keeper, { key: newKey(), actId: held.actId })
  })
})

describe('a past day', () => {
  it('shows what lay where by then, with the details of then and in the place of then', async () => {
    const { placeId } = await createPlace(on('2026-01-10'), app.keeper, {
      key: newKey(),
      name: 'Car',
      rhythm: { kind: 'always' },
      minutesToHelp: null,
      note: '',
    })
    const { kitId } = await createKit(on('2026-01-10'), app.keeper, {
      key: newKey(),
      placeId,
      name: 'Boot bag',
      note: '',
      pockets: ['Front', 'Back'],
    })
    const [front, back] = (await readKit(app.world, app.keeper, kitId)).pockets.map(({ id }) => id)
    if (!front || !back) throw new Error('two pockets')
    const { lotId } = await receiveLot(on('2026-02-01'), app.keeper, {
      key: newKey(),
      pocketId: front,
      item: { new: { name: 'Burn gel', strength: '', unit: 'sachet', purpose: '', forWhom: '' } },
      amount: units(6),
      par: null,
      expiry: { kind: 'day', day: plainDate('2026-06-30') },
      openedOn: null,
      batch: '',
      boughtAt: '',
      unitPriceMinor: null,
      note: '',
    })
    const step = async (pocketId: PocketId, amount: number) => taking(amount, lotId, pocketId)
    await useLot(on('2026-03-02'), app.keeper, await step(front, 1))
    await moveLot(on('2026-03-10'), app.keeper, { ...(await step(front, 2)), to: back })
    const { key, seenVersion } = await step(front, 1)
    await amendLot(on('2026-04-01'), app.keeper, {
      key,
      lotId,
      seenVersion,
      details: { note: 'lid loose', condition: 'leaked' },
    })
    const house = await createPlace(on('2026-04-02'), app.keeper, {
      key: newKey(),
      name: 'House',
      rhythm: { kind: 'always' },
      minutesToHelp: null,
      note: '',
    })
    const { version } = await readKit(app.world, app.keeper, kitId)
    await changeKit(on('2026-04-03'), app.keeper, {
      key: newKey(),
      kitId,
      seenVersion: version,
      placeId: house.placeId,
    })

    const there = async (day: string, at = placeId) => {
      const { holdings } = await readPast(app.world, app.keeper, plainDate(day))
      return holdings
        .filter(({ placeId: of }) => of === at)
        .map(({ pocket, amount, judged }) => `${pocket} ${amount / 1000} ${judged.state}`)
        .sort()
    }
    expect(await there('2026-01-31')).toEqual([])
    expect(await there('2026-03-01')).toEqual(['Front 6 sound'])
    expect(await there('2026-03-03')).toEqual(['Front 5 sound'])
    expect(await there('2026-03-10')).toEqual(['Back 2 sound', 'Front 3 sound'])
    expect(await there('2026-04-01')).toEqual(['Back 2 spent', 'Front 3 spent'])
    expect(await there('2026-04-05')).toEqual([])
    expect(await there('2026-04-05', house.placeId)).toEqual(['Back 2 spent', 'Front 3 spent'])
    expect(await codeOf(readPast(app.world, app.keeper, plainDate('2027-01-01')))).toBe(
      'day_to_come',
    )

    const byKit = await readRecord(app.world, app.keeper, { kitId })
    expect(byKit.entries.map(({ kind }) => kind)).toEqual(['moved', 'used', 'received'])
    const byHand = await readRecord(app.world, app.keeper, { who: 'Nobody' })
    expect(byHand.entries).toEqual([])
  })
})

describe('certainty and the review', () => {
  it('a count that confirms what is recorded is remembered, with its hand and day', async () => {
    const row = async () =>
      (await readStockList(app.world, app.keeper)).rows.find(({ lotId }) => lotId === kept.lotId)
    expect((await row())?.confirmed).toEqual({ on: '2026-09-01', by: 'Ilse' })
    const before = (await row())?.sure ?? 0
    const { key, lotId, pocketId, seenVersion } = await taking()
    const { actId } = await countLot(
      app.world,
      { ...app.keeper, name: 'Arlo' },
      { key, lotId, pocketId, seenVersion, found: units(10) },
    )
    expect(await row()).toMatchObject({ confirmed: { on: '2026-11-26', by: 'Arlo' }, sure: 100 })
    expect(before).toBeLessThan(100)
    const { looks } = await readReview(app.world, app.keeper)
    expect(looks.find(({ pocketId: of }) => of === kept.lid)?.gain).toBe(0)
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
  })
  it('what is decided to be kept is asked about again in a year, not before', async () => {
    const { item } = await readLot(app.world, app.keeper, kept.lotId)
    await changeItem(app.world, app.keeper, {
      key: newKey(),
      itemId: item.id,
      seenVersion: item.version,
      verdict: { kind: 'refused', words: 'Ned would not', on: plainDate('2026-11-01') },
    })
    const { lines } = await readReview(app.world, app.keeper)
    const [first] = lines
    expect(first).toMatchObject({ reason: { kind: 'verdict' }, title: 'Eye drops 10 mL' })
    if (!first) return
    await keepReviewed(app.world, app.keeper, { key: newKey(), reviewKey: first.key })
    const after = await readReview(app.world, app.keeper)
    expect(after.lines.map(({ key }) => key)).not.toContain(first.key)
    const later = await readReview(on('2027-11-27'), app.keeper)
    expect(later.lines.map(({ key }) => key)).toContain(first.key)
  })
})

describe('the mat', () => {
  const cell = (column: number, row: number) => ({ column, row, columns: 6, rows: 1 })
  it('is laid out whole, never with one pocket on another, and taken back', async () => {
    const cells = async (a: ReturnType<typeof cell>, b: ReturnType<typeof cell>) => {
      const { pockets } = await readKit(app.world, app.keeper, kept.kitId)
      return pockets.map(({ id, version }) => ({
        pocketId: id,
        cell: id === kept.lid ? a : b,
        seenVersion: version,
      }))
    }
    const ask = async (a: ReturnType<typeof cell>, b: ReturnType<typeof cell>) =>
      arrangeMat(app.world, app.keeper, {
        key: newKey(),
        kitId: kept.kitId,
        cells: await cells(a, b),
      })
    expect(await codeOf(ask(cell(1, 1), cell(4, 1)))).toBe('cells_overlap')
    const half = (await cells(cell(1, 1), cell(7, 1))).slice(1)
    expect(
      await codeOf(
        arrangeMat(app.world, app.keeper, { key: newKey(), kitId: kept.kitId, cells: half }),
      ),
    ).toBe('not_found')
    const { actId } = await ask(cell(7, 1), cell(1, 1))
    const lid = async () =>
      (await readKit(app.world, app.keeper, kept.kitId)).pockets.find(({ id }) => id === kept.lid)
        ?.cell
    expect(await lid()).toEqual(cell(7, 1))
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
    expect(await lid()).not.toEqual(cell(7, 1))
  })
  it('a computed layout moves what was taken of it, within the kit only', async () => {
    const { lots } = await readLayout(app.world, app.keeper, kept.kitId)
    const [lot] = lots.flatMap(({ holdings }) => holdings)
    if (!lot) throw new Error('nothing lies there')
    const step = { ...lot, from: kept.lid, to: kept.tray }
    const { actId } = await carryOutLayout(app.world, app.keeper, {
      key: newKey(),
      kitId: kept.kitId,
      steps: [step],
      labels: [],
    })
    expect(await brief()).toEqual(['Tray 10 sound'])
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
    const { pocketVersions } = await readLayout(app.world, app.keeper, kept.kitId)
    const label = { pocketId: kept.tray, name: 'Tray · wounds' }
    const written = await carryOutLayout(app.world, app.keeper, {
      key: newKey(),
      kitId: kept.kitId,
      steps: [{ ...step, seenVersion: await versionOf(kept.lotId) }],
      labels: [{ ...label, seenVersion: pocketVersions[kept.tray] ?? 0 }],
    })
    expect(await brief()).toEqual(['Tray · wounds 10 sound'])
    // Moves and labels are one act: both are taken back with it.
    await undoAct(app.world, app.keeper, { key: newKey(), actId: written.actId })
    expect(await brief()).toEqual(['Lid 10 sound'])
    const other = await stocked(app.world, app.keeper, 1)
    expect(
      await codeOf(
        carryOutLayout(app.world, app.keeper, {
          key: newKey(),
          kitId: kept.kitId,
          steps: [{ ...step, seenVersion: await versionOf(kept.lotId), to: other.tray }],
          labels: [],
        }),
      ),
    ).toBe('not_found')
    expect(
      await codeOf(
        carryOutLayout(app.world, app.keeper, {
          key: newKey(),
          kitId: kept.kitId,
          steps: [],
          labels: [{ pocketId: other.tray, name: 'Mine', seenVersion: 1 }],
        }),
      ),
    ).toBe('not_found')
  })
  it('a pocket is measured in any order of its edges, and goes only when it is empty', async () => {
    const pocket = async () =>
      (await readKit(app.world, app.keeper, kept.kitId)).pockets.find(({ id }) => id === kept.tray)
    const { version = 0 } = (await pocket()) ?? {}
    await changePocket(app.world, app.keeper, {
      key: newKey(),
      pocketId: kept.tray,
      seenVersion: version,
      inner: [240, 150, 40],
      upright: true,
    })
    expect(await pocket()).toMatchObject({ inner: [240, 150, 40], upright: true, name: 'Tray' })
    expect(
      await codeOf(removePocket(app.world, app.keeper, { key: newKey(), pocketId: kept.lid })),
    ).toBe('still_in_use')
    const { actId } = await removePocket(app.world, app.keeper, {
      key: newKey(),
      pocketId: kept.tray,
    })
    expect(await pocket()).toBeUndefined()
    await undoAct(app.world, app.keeper, { key: newKey(), actId })
    expect(await pocket()).toBeDefined()
  })
})

describe('calendars', () => {
  it('a file read twice adds a visit once, and brings it up to date', async () => {
    const visit = {
      uid: 'a@b',
      startsOn: plainDate('2027-03-01'),
      endsOn: plainDate('2027-03-04'),
      label: 'Spring',
    }
    const read = (visits: readonly (typeof visit)[]) =>
      importVisits(app.world, app.keeper, { key: newKey(), placeId: kept.placeId, visits })
    expect(await read([visit])).toMatchObject({ added: 1, changed: 0 })
    expect(await read([visit])).toMatchObject({ added: 0, changed: 0, already: 1 })
    expect(await read([{ ...visit, endsOn: plainDate('2027-03-06') }])).toMatchObject({
      added: 0,
      changed: 1,
    })
    const byHand = {
      uid: 'c@d',
      startsOn: plainDate('2026-12-05'),
      endsOn: plainDate('2026-12-07'),
      label: 'A weekend',
    }
    expect(await read([byHand])).toMatchObject({ added: 0, already: 1 })
  })
  it('the dates that matter come out as a file that is read back', async () => {
    const text = await readCalendarFile(app.world, app.keeper, words.places.calendar.entry)
    expect(text).toContain('BEGIN:VCALENDAR')
    const reading = readCalendar(text, plainDate('2026-11-26'), 'Europe/Oslo')
    if (reading.kind !== 'read') throw new Error(reading.code)
    expect(reading.visits).toContainEqual(
      expect.objectContaining({
        startsOn: '2026-12-05',
        endsOn: '2026-12-07',
        label: 'Cottage: A weekend',
      }),
    )
    expect(reading.visits.some(({ label }) => label.startsWith('Look through Pantry roll'))).toBe(
      true,
    )
  })
})

it('the strap knows how the household weighs and where it lives', async () => {
  const { habits } = await readStrap(app.world, app.keeper)
  expect(habits).toMatchObject({ units: 'metric', timeZone: 'Europe/Oslo' })
})
