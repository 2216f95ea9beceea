/** Balances and the ledger agree after anything, and acts at the same time leave a true record. */
import fc from 'fast-check'
import { beforeAll, describe, expect, it } from 'vitest'
import { Refusal } from '../../src/app/frame/refusal'
import { readKits, readLot } from '../../src/app/kits/readKits'
import { undoAct } from '../../src/app/record/undoAct'
import { readExport } from '../../src/app/sheets/readSheet'
import { amendLot, countLot, discardLot, moveLot, useLot } from '../../src/app/stock/lotActs'
import { openLot } from '../../src/app/stock/partActs'
import { plainDate } from '../../src/core/calendar/plainDate'
import type { ActId, LotId } from '../../src/core/ids'
import { amount, units } from '../../src/core/quantity/amount'
import type { Fact } from '../../src/core/stock/movement'
import { fold } from '../../src/core/stock/movement'
import { inHousehold } from '../../src/db/frame/connect'
import { application, newKey } from '../support/application'
import { stocked } from '../support/stocked'

const app = application()
let kept: Awaited<ReturnType<typeof stocked>>
beforeAll(async () => {
  kept = await stocked(app.world, app.keeper, 40)
})

/** The lots with what the ledger, folded whole, says and what the balances say. */
const bothReadings = () =>
  inHousehold(app.world.db, app.keeper.householdId, async (trx) => {
    const lots = await trx.selectFrom('lot').select(['id', 'version']).execute()
    const movements = await trx
      .selectFrom('movement')
      .select(['lot_id', 'fact'])
      .orderBy('position')
      .execute()
    const balances = await trx
      .selectFrom('balance')
      .select(['lot_id', 'pocket_id', 'amount'])
      .execute()
    return lots.map(({ id, version }) => {
      const folded = fold(
        id as LotId,
        movements.filter((m) => m.lot_id === id).map(({ fact }) => fact as unknown as Fact),
      )
      return {
        folded: { version: folded.version, held: [...folded.held].sort() },
        kept: {
          version,
          held: balances
            .filter((b) => b.lot_id === id)
            .map((b) => [b.pocket_id, b.amount])
            .sort(),
        },
      }
    })
  })
const expectAgreement = async () => {
  for (const { folded, kept: balance } of await bothReadings()) expect(balance).toEqual(folded)
}

const refusalOf = async (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'done',
    (error: unknown) => {
      if (error instanceof Refusal) return error.reason.code
      throw error
    },
  )
const versionOf = async (lotId: LotId) => (await readLot(app.world, app.keeper, lotId)).lot.version
const anyLot = async (n: number): Promise<LotId> => {
  const rows = await inHousehold(app.world.db, app.keeper.householdId, (trx) =>
    trx.selectFrom('lot').select('id').orderBy('id').execute(),
  )
  return rows[n % rows.length]?.id as LotId
}

const aStep = fc.record({
  what: fc.constantFrom('use', 'discard', 'move', 'count', 'open', 'amend', 'undo' as const),
  lot: fc.nat(5),
  fromLid: fc.boolean(),
  amount: fc.integer({ min: 1, max: 6000 }).map(amount),
  back: fc.nat(12),
})

describe('balances', () => {
  it('equal the fold of the whole ledger after random histories', async () => {
    const acts: ActId[] = [kept.actId]
    let done = 0
    const history = fc.sample(aStep, { numRuns: 220, seed: 26_11 })
    for (const step of history) {
      const lotId = await anyLot(step.lot)
      const [pocketId, to] = step.fromLid ? [kept.lid, kept.tray] : [kept.tray, kept.lid]
      const asked = {
        key: newKey(),
        lotId,
        pocketId,
        amount: step.amount,
        seenVersion: await versionOf(lotId),
      }
      const doing = {
        use: () => useLot(app.world, app.keeper, asked),
        discard: () => discardLot(app.world, app.keeper, asked),
        move: () => moveLot(app.world, app.keeper, { ...asked, to }),
        count: () =>
          countLot(app.world, app.keeper, {
            key: asked.key,
            lotId,
            pocketId,
            found: step.amount,
            seenVersion: asked.seenVersion,
          }),
        open: () => openLot(app.world, app.keeper, { ...asked, on: plainDate('2026-11-20') }),
        amend: () =>
          amendLot(app.world, app.keeper, {
            key: asked.key,
            lotId,
            seenVersion: asked.seenVersion,
            details: { batch: `B${step.back}` },
          }),
        undo: () =>
          undoAct(app.world, app.keeper, {
            key: newKey(),
            actId: acts[Math.max(1, acts.length - step.back) % acts.length] as ActId,
          }),
      }[step.what]
      try {
        acts.push((await doing()).actId)
        done += 1
      } catch (error) {
        if (!(error instanceof Refusal)) throw error
      }
    }
    expect(done).toBeGreaterThan(80)
    await expectAgreement()
  })
})

describe('taking back', () => {
  const everything = async () => [
    await readExport(app.world, app.keeper),
    (await readKits(app.world, app.keeper)).kits.map(({ lots }) => lots),
  ]
  it('brings every kind of act on a lot back to how it was, and forward again', async () => {
    const fresh = await stocked(app.world, app.keeper, 10)
    const of = async () => ({
      key: newKey(),
      lotId: fresh.lotId,
      pocketId: fresh.lid,
      amount: units(2),
      seenVersion: await versionOf(fresh.lotId),
    })
    const doings = [
      async () => useLot(app.world, app.keeper, await of()),
      async () => discardLot(app.world, app.keeper, await of()),
      async () => moveLot(app.world, app.keeper, { ...(await of()), to: fresh.tray }),
      async () => openLot(app.world, app.keeper, { ...(await of()), on: plainDate('2026-11-20') }),
      async () => {
        const { amount: found, ...rest } = await of()
        return countLot(app.world, app.keeper, { ...rest, found })
      },
      async () => {
        const { key, lotId, seenVersion } = await of()
        return amendLot(app.world, app.keeper, {
          key,
          lotId,
          seenVersion,
          details: {
            expiry: { kind: 'day', day: plainDate('2027-05-31') },
            standing: { kind: 'held', reason: 'the vet' },
            note: 'ask',
          },
        })
      },
    ]
    for (const doing of doings) {
      const before = await everything()
      const { actId } = await doing()
      const after = await everything()
      expect(after).not.toEqual(before)
      const undone = await undoAct(app.world, app.keeper, { key: newKey(), actId })
      expect(await everything()).toEqual(before)
      expect(await refusalOf(undoAct(app.world, app.keeper, { key: newKey(), actId }))).toBe(
        'already_undone',
      )
      const redone = await undoAct(app.world, app.keeper, { key: newKey(), actId: undone.actId })
      expect(await everything()).toEqual(after)
      await undoAct(app.world, app.keeper, { key: newKey(), actId: redone.actId })
      expect(await everything()).toEqual(before)
    }
    await expectAgreement()
  })
  it('is refused when what came has been used since', async () => {
    const fresh = await stocked(app.world, app.keeper, 2)
    await useLot(app.world, app.keeper, {
      key: newKey(),
      lotId: fresh.lotId,
      pocketId: fresh.lid,
      amount: units(1),
      seenVersion: 1,
    })
    expect(
      await refusalOf(undoAct(app.world, app.keeper, { key: newKey(), actId: fresh.actId })),
    ).toBe('used_since')
    await expectAgreement()
  })
})

describe('at the same time', () => {
  it('one of twenty acts that saw the same lot goes through; the others are told what changed', async () => {
    const fresh = await stocked(app.world, app.keeper, 10)
    const outcomes = await Promise.all(
      Array.from({ length: 20 }, () =>
        refusalOf(
          useLot(app.world, app.keeper, {
            key: newKey(),
            lotId: fresh.lotId,
            pocketId: fresh.lid,
            amount: units(1),
            seenVersion: 1,
          }),
        ),
      ),
    )
    expect(outcomes.filter((one) => one === 'done')).toHaveLength(1)
    expect(outcomes.filter((one) => one === 'changed_meanwhile')).toHaveLength(19)
    const { holdings } = await readLot(app.world, app.keeper, fresh.lotId)
    expect(holdings.map(({ amount: left }) => left)).toEqual([9000])
  })
  it('a key sent twenty times acts once and is answered the same each time', async () => {
    const fresh = await stocked(app.world, app.keeper, 10)
    const key = newKey()
    const asked = { key, lotId: fresh.lotId, pocketId: fresh.lid, amount: units(1), seenVersion: 1 }
    const answers = await Promise.all(
      Array.from({ length: 20 }, () => useLot(app.world, app.keeper, asked)),
    )
    expect(new Set(answers.map(({ actId }) => actId)).size).toBe(1)
    expect((await readLot(app.world, app.keeper, fresh.lotId)).holdings[0]?.amount).toBe(9000)
    expect(await refusalOf(useLot(app.world, app.keeper, { ...asked, amount: units(2) }))).toBe(
      'key_used_otherwise',
    )
  })
  it('an act is taken back once, however often that is asked', async () => {
    const fresh = await stocked(app.world, app.keeper, 10)
    const { actId } = await useLot(app.world, app.keeper, {
      key: newKey(),
      lotId: fresh.lotId,
      pocketId: fresh.lid,
      amount: units(4),
      seenVersion: 1,
    })
    const outcomes = await Promise.all(
      Array.from({ length: 8 }, () =>
        refusalOf(undoAct(app.world, app.keeper, { key: newKey(), actId })),
      ),
    )
    expect(outcomes.filter((one) => one === 'done')).toHaveLength(1)
    expect((await readLot(app.world, app.keeper, fresh.lotId)).holdings[0]?.amount).toBe(10_000)
    await expectAgreement()
  })
})
