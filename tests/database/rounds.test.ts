/** Rounds against the database: late answers, two helpers, sightings, what is due, sheets, feeds. */
import fc from 'fast-check'
import pg from 'pg'
import { beforeAll, describe, expect, it } from 'vitest'
import { Refusal } from '../../src/app/frame/refusal'
import type { Caller, World } from '../../src/app/frame/world'
import { addFeed, openFeed, readFeeds, removeFeed } from '../../src/app/household/feedActs'
import { teachCode } from '../../src/app/items/codeActs'
import { readKit, readKits, readLot } from '../../src/app/kits/readKits'
import { undoAct } from '../../src/app/record/undoAct'
import { readContents, readRound, readRounds } from '../../src/app/rounds/readRounds'
import { finishRound, leaveRound, sayEntry, startRound } from '../../src/app/rounds/roundActs'
import { readSheet } from '../../src/app/sheets/readSheet'
import { notePrinted } from '../../src/app/sheets/sheetActs'
import { countLot, useLot } from '../../src/app/stock/lotActs'
import { readWatch } from '../../src/app/watch/readWatch'
import { type Amount, units } from '../../src/core/quantity/amount'
import type { Contents } from '../../src/core/rounds/contents'
import {
  type EntryFact,
  type EntryId,
  type Look,
  plainLook,
  type RoundId,
} from '../../src/core/rounds/round'
import * as words from '../../src/words'
import { aHousehold, application, newKey, send } from '../support/application'
import { stocked } from '../support/stocked'

const app = application()
const SECRET = 'a secret for tests that is long enough'
const at = (time: string): World => ({ ...app.world, now: () => new Date(time) })
const late = (caller: Caller, minutes: number): Caller => ({
  ...caller,
  takenAgo: minutes * 60_000,
})

async function aRound(world: World = app.world) {
  const keeper = await aHousehold(app.world, `Keeper ${newKey()}`)
  const kept = await stocked(at('2026-09-01T10:00:00Z'), keeper, 10)
  const roundId = newKey() as RoundId
  await startRound(world, keeper, {
    key: roundId,
    roundId,
    kitId: kept.kitId,
    pocketIds: [kept.lid, kept.tray],
  })
  return { ...kept, keeper, roundId }
}
type Kept = Awaited<ReturnType<typeof aRound>>

const looked = (kept: Kept, found: number, look: Partial<Look> = {}): EntryFact => ({
  kind: 'looked',
  pocketId: kept.lid,
  lotId: kept.lotId,
  was: {
    title: 'Eye drops 10 mL',
    unit: 'bottle',
    kind: 'medicine',
    amount: units(10),
    expiry: { kind: 'none' },
    away: false,
  },
  look: { ...plainLook(units(found)), ...look },
})
const say = (
  world: World,
  caller: Caller,
  { roundId }: Pick<Kept, 'roundId'>,
  fact: EntryFact,
  entryId = newKey() as EntryId,
) => sayEntry(world, caller, { key: entryId, entryId, roundId, seconds: 6, fact })
const there = async (kept: Kept, lotId = kept.lotId): Promise<number> => {
  const { holdings } = await readLot(app.world, kept.keeper, lotId)
  return holdings.reduce((sum, { amount }) => sum + amount, 0) / 1000
}
async function useNow(kept: Kept, some: number): Promise<void> {
  const { lot } = await readLot(app.world, kept.keeper, kept.lotId)
  await useLot(app.world, kept.keeper, {
    key: newKey(),
    lotId: kept.lotId,
    pocketId: kept.lid,
    amount: units(some),
    seenVersion: lot.version,
  })
}
const codeOf = (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'done',
    (error: unknown) => {
      if (error instanceof Refusal) return error.reason.code
      throw error
    },
  )

describe('an answer', () => {
  it('is taken once, however often it arrives', async () => {
    const kept = await aRound()
    const entryId = newKey() as EntryId
    for (let time = 0; time < 3; time++)
      await say(app.world, late(kept.keeper, time), kept, looked(kept, 7), entryId)
    const { entries } = await readRound(app.world, kept.keeper, kept.roundId)
    expect(entries.map(({ id }) => id)).toEqual([entryId])
    expect(await there(kept)).toBe(7)
  })
  it('that arrives late yields to a later count, and both are in the ledger', async () => {
    const kept = await aRound()
    const tove = { ...kept.keeper, name: 'Tove' }
    await say(app.world, tove, kept, looked(kept, 8))
    const { outcome } = await say(app.world, late(kept.keeper, 30), kept, looked(kept, 6))
    expect(outcome).toMatchObject({ kind: 'overtaken', by: 'Tove' })
    expect(await there(kept)).toBe(8)
    const { history } = await readLot(app.world, kept.keeper, kept.lotId)
    expect(history.filter(({ kind }) => kind === 'counted').map(({ amount }) => amount)).toEqual([
      units(6),
      units(8),
    ])
  })
  it('is fitted under what was used since', async () => {
    const kept = await aRound()
    await useNow(kept, 2)
    await say(app.world, late(kept.keeper, 30), kept, looked(kept, 9))
    expect(await there(kept)).toBe(7)
  })
  it('tells when more was taken since than was there', async () => {
    const kept = await aRound()
    await useNow(kept, 9)
    const { outcome } = await say(app.world, late(kept.keeper, 30), kept, looked(kept, 3))
    expect(outcome).toEqual({ kind: 'contradicted' })
    expect(await there(kept)).toBe(0)
  })
  it('parts off what is torn, notes the date as read, and is taken back as one', async () => {
    const kept = await aRound()
    const { actId } = await say(
      app.world,
      kept.keeper,
      kept,
      looked(kept, 10, {
        date: { kind: 'as_recorded' },
        worse: { condition: 'leaked', amount: units(3) },
      }),
    )
    const after = await readContents(app.world, kept.keeper, kept.kitId)
    const [lid] = (after.contents as Contents).pockets
    expect(lid?.things.map(({ recorded, condition }) => [recorded, condition]).sort()).toEqual([
      [units(3), 'leaked'],
      [units(7), 'sound'],
    ])
    expect(lid?.things.find(({ lotId }) => lotId === kept.lotId)?.sighting.date).toBe('2026-11-26')
    await undoAct(app.world, kept.keeper, { key: newKey(), actId })
    expect(await there(kept)).toBe(10)
    expect((await readRound(app.world, kept.keeper, kept.roundId)).entries).toEqual([])
  })
  it('of something nobody knows puts it on hold', async () => {
    const kept = await aRound()
    await say(app.world, kept.keeper, kept, {
      kind: 'found',
      pocketId: kept.tray,
      item: { name: 'A small brown bottle' },
      title: 'A small brown bottle',
      amount: units(1),
      expiry: { kind: 'unknown' },
      batch: '',
    })
    const { groups } = await readWatch(app.world, kept.keeper)
    expect(groups.flatMap(({ errands }) => errands)).toContainEqual(
      expect.objectContaining({ act: 'ask', title: 'A small brown bottle' }),
    )
  })
  it('of another household’s lot or round is not found', async () => {
    const kept = await aRound()
    const other = await aRound()
    expect(await codeOf(say(app.world, kept.keeper, kept, looked(other, 1)))).toBe('not_found')
    expect(await codeOf(say(app.world, kept.keeper, other, looked(kept, 1)))).toBe('not_found')
    expect(
      await codeOf(
        startRound(app.world, kept.keeper, {
          key: newKey(),
          roundId: other.roundId,
          kitId: kept.kitId,
          pocketIds: [kept.lid],
        }),
      ),
    ).toBe('not_found')
  })
  it('may be given by four phones at once: the last count stands, whatever arrives when', async () => {
    const kept = await aRound()
    const said = [5, 9, 3, 7].map((found, index) => ({ found, minutesAgo: 40 - index * 10 }))
    await fc.assert(
      fc.asyncProperty(fc.shuffledSubarray(said, { minLength: 4 }), async (order) => {
        await Promise.all(
          order.map(({ found, minutesAgo }) =>
            say(app.world, late(kept.keeper, minutesAgo), kept, looked(kept, found)),
          ),
        )
        expect(await there(kept)).toBe(7)
      }),
      { numRuns: 8 },
    )
    const owner = new pg.Client({ connectionString: app.database.ownerUrl })
    await owner.connect()
    // Row security is forced on the owner too.
    await owner.query(`select set_config('app.household', $1, false)`, [kept.keeper.householdId])
    const { rows } = await owner.query(
      `select b.amount::int, (select sum(case when m.to_pocket_id = b.pocket_id then m.amount else 0 end)
                              - sum(case when m.from_pocket_id = b.pocket_id then m.amount else 0 end)
                           from movement m where m.lot_id = b.lot_id)::int as folded
         from balance b where b.lot_id = $1`,
      [kept.lotId],
    )
    await owner.end()
    expect(rows).toEqual([{ amount: 7000, folded: 7000 }])
  })
})

describe('acts on a lot that waited on a device', () => {
  const act = async (kept: Kept, minutes: number, what: 'use' | 'count', some: Amount) => {
    const asked = { key: newKey(), lotId: kept.lotId, pocketId: kept.lid, seenVersion: 0 }
    const caller = late(kept.keeper, minutes)
    if (what === 'use') await useLot(app.world, caller, { ...asked, amount: some })
    else await countLot(app.world, caller, { ...asked, found: some })
  }
  it('ask for no version, and are put where they belong in time', async () => {
    const kept = await aRound()
    await act(kept, 10, 'count', units(4))
    await act(kept, 20, 'use', units(2))
    expect(await there(kept)).toBe(4)
    await act(kept, 5, 'use', units(1))
    expect(await there(kept)).toBe(3)
  })
  it('are done once, when the answer was lost and they are sent again later', async () => {
    const kept = await aRound()
    const { lot } = await readLot(app.world, kept.keeper, kept.lotId)
    const asked = {
      key: newKey(),
      lotId: kept.lotId,
      pocketId: kept.lid,
      amount: units(1),
      seenVersion: lot.version,
    }
    const first = await useLot(app.world, kept.keeper, asked)
    const again = await useLot(app.world, late(kept.keeper, 10), asked)
    expect(again.actId).toBe(first.actId)
    expect(await there(kept)).toBe(9)
  })
  it('are done on the day on which they were done', async () => {
    const kept = await aRound()
    await useLot(app.world, late(kept.keeper, 24 * 60), {
      key: newKey(),
      lotId: kept.lotId,
      pocketId: kept.lid,
      amount: units(1),
      seenVersion: 0,
    })
    const { history } = await readLot(app.world, kept.keeper, kept.lotId)
    expect(history[0]).toMatchObject({ kind: 'used', day: '2026-11-25' })
  })
})

describe('a round', () => {
  it('that leaves nothing out looks the kit through; a part of it does not', async () => {
    const kept = await aRound()
    const dueThen = (await readRounds(app.world, kept.keeper)).due.map(({ kitId }) => kitId)
    expect(dueThen).toContain(kept.kitId)
    await say(app.world, kept.keeper, kept, looked(kept, 10, { date: { kind: 'as_recorded' } }))
    await finishRound(app.world, kept.keeper, {
      key: newKey(),
      roundId: kept.roundId,
      signedBy: 'Grete',
    })
    const kit = await readKit(app.world, kept.keeper, kept.kitId)
    const look = { kind: 'whole', on: '2026-11-26', by: 'Grete' }
    expect(kit.look).toEqual(look)
    // The list of kits and the sheet for the lid say the same.
    const { kits } = await readKits(app.world, kept.keeper)
    expect(kits.find(({ id }) => id === kept.kitId)?.look).toEqual(look)
    expect((await readSheet(app.world, kept.keeper, kept.kitId)).look).toEqual(look)
    const now = await readRounds(app.world, kept.keeper)
    expect(now.finished.map(({ round }) => round.finished?.by)).toEqual(['Grete'])
    expect(now.open).toEqual([])
  })
  it('that leaves something out leaves the kit due', async () => {
    const kept = await aRound()
    await finishRound(app.world, kept.keeper, {
      key: newKey(),
      roundId: kept.roundId,
      signedBy: 'Grete',
    })
    // What was put in by hand was seen then; the round has looked at nothing.
    expect((await readKit(app.world, kept.keeper, kept.kitId)).look.kind).toBe('partly')
  })
  it('is signed once; what arrives afterwards is taken all the same', async () => {
    const kept = await aRound()
    const sign = (signedBy: string) =>
      finishRound(app.world, kept.keeper, { key: newKey(), roundId: kept.roundId, signedBy })
    await sign('Ilse')
    expect(await codeOf(sign('Tove'))).toBe('round_finished')
    await say(app.world, late(kept.keeper, 10), kept, looked(kept, 6))
    expect(await there(kept)).toBe(6)
  })
  it('that is left is gone, and what was said of the stock stays', async () => {
    const kept = await aRound()
    await say(app.world, kept.keeper, kept, looked(kept, 6))
    await leaveRound(app.world, kept.keeper, { key: newKey(), roundId: kept.roundId })
    expect(await codeOf(readRound(app.world, kept.keeper, kept.roundId))).toBe('not_found')
    expect(await there(kept)).toBe(6)
  })
  it('teaches how long things take', async () => {
    const kept = await aRound()
    const before = (await readContents(app.world, kept.keeper, kept.kitId)).speed.medicine
    for (let time = 0; time < 4; time++)
      await sayEntry(app.world, kept.keeper, {
        key: newKey(),
        entryId: newKey() as EntryId,
        roundId: kept.roundId,
        seconds: 60,
        fact: looked(kept, 10),
      })
    const after = (await readContents(app.world, kept.keeper, kept.kitId)).speed.medicine
    expect(after).toBeGreaterThan(before as number)
  })
  it('asks nothing of what was looked at today', async () => {
    const kept = await aRound()
    const toll = async () => {
      const { due, later } = await readRounds(app.world, kept.keeper)
      return [...due, ...later].find(({ kitId }) => kitId === kept.kitId)?.toll.things
    }
    expect(await toll()).toBe(1)
    await say(app.world, kept.keeper, kept, looked(kept, 10, { date: { kind: 'as_recorded' } }))
    expect(await toll()).toBe(0)
  })
})

describe('what belongs to rounds', () => {
  let kept: Kept
  beforeAll(async () => {
    kept = await aRound()
  })
  it('a code stands for one item, the one that was said last', async () => {
    const gtin = '09520000000011'
    const teach = () =>
      teachCode(app.world, kept.keeper, { key: newKey(), itemId: kept.itemId, gtin })
    await teach()
    await teach()
    const answer = await send('GET', '/api/codes', { caller: kept.keeper })
    expect(await answer.json()).toEqual({
      codes: [{ gtin, itemId: kept.itemId, title: 'Eye drops 10 mL' }],
    })
  })
  it('a printed lid sheet is out of date as soon as what it says has changed', async () => {
    const sheet = async () => (await readKit(app.world, kept.keeper, kept.kitId)).lidSheet
    expect(await sheet()).toBeNull()
    await notePrinted(app.world, kept.keeper, { key: newKey(), kitId: kept.kitId })
    expect(await sheet()).toEqual({ on: '2026-11-26', upToDate: true })
    await say(app.world, kept.keeper, kept, looked(kept, 4))
    expect(await sheet()).toEqual({ on: '2026-11-26', upToDate: false })
  })
  it('a calendar reads what its address opens, and nothing once it is closed', async () => {
    const { feedId } = await addFeed(app.world, kept.keeper, { key: newKey(), name: 'Kitchen' })
    const { feeds } = await readFeeds(app.world, kept.keeper, SECRET)
    const address = /^\/feed\/(.+)\.ics$/.exec(feeds[0]?.path ?? '')?.[1] ?? ''
    const open = (of: string) => openFeed(app.world, SECRET, of, words.places.calendar.entry)
    expect(await open(address)).toContain('Look through Pantry roll')
    const forged = `${address.slice(0, -4)}AAAA`
    expect(await codeOf(open(forged))).toBe('not_found')
    // The key of one address does not open another household's.
    const swapped = address.replace(/^[^.]+/, app.stranger.householdId)
    expect(await codeOf(open(swapped))).toBe('not_found')
    await removeFeed(app.world, kept.keeper, { key: newKey(), feedId })
    expect(await codeOf(open(address))).toBe('not_found')
  })
  it('a device’s key is the person’s own', async () => {
    const key = async (caller: Caller) =>
      ((await (await send('GET', '/api/device', { caller })).json()) as { key: string }).key
    expect(await key(kept.keeper)).toBe(await key(kept.keeper))
    expect(await key(kept.keeper)).not.toBe(await key(app.stranger))
  })
})
