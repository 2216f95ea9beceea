/** Four people at once, ten thousand movements, and the record is still true. */
import { beforeAll, describe, expect, it } from 'vitest'
import { Refusal } from '../../src/app/frame/refusal'
import type { Caller } from '../../src/app/frame/world'
import { createKit } from '../../src/app/kits/kitActs'
import { createPlace } from '../../src/app/places/placeActs'
import { undoAct } from '../../src/app/record/undoAct'
import { countLot, discardLot, giveLot, moveLot, useLot } from '../../src/app/stock/lotActs'
import { actOnMany, type ManyHolding } from '../../src/app/stock/manyActs'
import {
  cleanLot,
  decantLot,
  lendLot,
  openLot,
  reuseLot,
  takeBackLot,
} from '../../src/app/stock/partActs'
import { receiveLot } from '../../src/app/stock/receiveLot'
import { plainDate } from '../../src/core/calendar/plainDate'
import { seeded } from '../../src/core/chance/seeded'
import type { ActId, LotId, PocketId } from '../../src/core/ids'
import { type Amount, amount, units } from '../../src/core/quantity/amount'
import { type Fact, fold } from '../../src/core/stock/movement'
import { inHousehold } from '../../src/db/frame/connect'
import { application, newKey } from '../support/application'

const app = application()
const MOVEMENTS = 10_000
const WRITERS = ['Ilse', 'Tove', 'Arlo', 'Grete']
const OPENED = plainDate('2026-11-20')

let pockets: readonly PocketId[]
let firstAct: ActId

beforeAll(async () => {
  const { placeId } = await createPlace(app.world, app.keeper, {
    key: newKey(),
    name: 'House',
    rhythm: { kind: 'always' },
    minutesToHelp: null,
    note: '',
  })
  for (const name of ['Hall', 'Boot'])
    await createKit(app.world, app.keeper, {
      key: newKey(),
      placeId,
      name,
      note: '',
      shape: 'pouch',
      pockets: [],
    })
  pockets = await inHousehold(app.world.db, app.keeper.householdId, async (trx) =>
    (await trx.selectFrom('pocket').select('id').orderBy('id').execute()).map(
      ({ id }) => id as PocketId,
    ),
  )
  for (let n = 0; n < 60; n++) {
    const { actId } = await receiveLot(app.world, app.keeper, {
      key: newKey(),
      pocketId: pockets[n % pockets.length] as PocketId,
      item: {
        new: {
          name: `Thing ${n % 10}`,
          strength: `${n}`,
          unit: '',
          purpose: '',
          forWhom: '',
          kind: 'supply',
        },
      },
      amount: units(60),
      par: null,
      expiry: { kind: 'none' },
      openedOn: null,
      batch: '',
      boughtAt: '',
      unitPriceMinor: null,
      note: '',
    })
    firstAct = actId
  }
})

/** What lies where now, with the versions that somebody would see. */
const seenNow = () =>
  inHousehold(app.world.db, app.keeper.householdId, (trx) =>
    trx
      .selectFrom('balance')
      .innerJoin('lot', 'lot.id', 'balance.lot_id')
      .select(['lot.id', 'lot.version', 'balance.pocket_id', 'balance.amount', 'lot.standing'])
      .execute(),
  )
type Seen = Awaited<ReturnType<typeof seenNow>>[number]

/** One random act on what was seen, as a person would do it: some of it too late, some impossible. */
function someAct(
  caller: Caller,
  seen: readonly Seen[],
  random: () => number,
  done: readonly ActId[],
) {
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)] as T
  const one = pick(seen)
  const taking = {
    key: newKey(),
    lotId: one.id as LotId,
    pocketId: one.pocket_id as PocketId,
    amount: amount(1 + Math.floor(random() * Math.min(3000, one.amount))),
    seenVersion: one.version,
  }
  const { world } = app
  // A round of one pocket.
  const many = (): readonly ManyHolding[] =>
    seen
      .filter(({ pocket_id }) => pocket_id === one.pocket_id)
      .slice(0, 120)
      .map((row) => ({
        lotId: row.id as LotId,
        pocketId: row.pocket_id as PocketId,
        amount: row.amount as Amount,
        seenVersion: row.version,
      }))
  const acts: readonly (() => Promise<{ actId: ActId }>)[] = [
    () => useLot(world, caller, taking),
    () => moveLot(world, caller, { ...taking, to: pick(pockets) }),
    () => discardLot(world, caller, taking),
    () => giveLot(world, caller, { ...taking, to: 'a neighbour' }),
    () =>
      countLot(world, caller, {
        key: taking.key,
        lotId: taking.lotId,
        pocketId: taking.pocketId,
        seenVersion: taking.seenVersion,
        found: amount(Math.floor(random() * 60_000)),
      }),
    () => openLot(world, caller, { ...taking, on: OPENED }),
    () => lendLot(world, caller, { ...taking, to: 'Odd' }),
    () => takeBackLot(world, caller, taking),
    () => reuseLot(world, caller, taking),
    () => cleanLot(world, caller, taking),
    () => decantLot(world, caller, { ...taking, to: pick(pockets), directions: '' }),
    () => undoAct(world, caller, { key: taking.key, actId: pick(done) }),
    () =>
      actOnMany(world, caller, {
        key: taking.key,
        deed: { kind: 'move', to: pick(pockets) },
        holdings: many(),
      }),
    () =>
      actOnMany(world, caller, { key: taking.key, deed: { kind: 'confirm' }, holdings: many() }),
  ]
  // Rounds in which many counts are confirmed are most of a true record.
  return random() < 0.4 ? (acts.at(-1) ?? pick(acts))() : pick(acts)()
}

describe('four writers at once', () => {
  it('leave balances equal to the fold of ten thousand movements, and nothing below nothing', async () => {
    const refused = new Map<string, number>()
    let written = 0
    const done: ActId[] = [firstAct]
    const writer = async (name: string, seed: number) => {
      const random = seeded(seed)
      const caller = { ...app.keeper, name }
      while (written < MOVEMENTS) {
        const seen = await seenNow()
        try {
          const { actId } = await someAct(caller, seen, random, done)
          done.push(actId)
          written += await movementsOf(actId)
        } catch (error) {
          if (!(error instanceof Refusal)) throw error
          const { code } = error.reason
          refused.set(code, (refused.get(code) ?? 0) + 1)
        }
      }
    }
    await Promise.all(WRITERS.map((name, index) => writer(name, 1126 + index)))

    const { movements, balances, lots } = await wholeRecord()
    expect(movements.length).toBeGreaterThanOrEqual(MOVEMENTS)
    const facts = new Map<string, Fact[]>()
    for (const { lot_id, fact } of movements)
      facts.set(lot_id, [...(facts.get(lot_id) ?? []), fact as Fact])
    const kept = new Map<string, [string, number][]>()
    for (const { lot_id, pocket_id, amount: there } of balances) {
      expect(there).toBeGreaterThan(0)
      kept.set(lot_id, [...(kept.get(lot_id) ?? []), [pocket_id, there]])
    }
    // Folding throws where a pocket would ever have held less than nothing.
    for (const { id, version } of lots) {
      const folded = fold(id as LotId, facts.get(id) ?? [])
      expect([version, [...folded.held].sort()]).toEqual([
        folded.version,
        (kept.get(id) ?? []).sort(),
      ])
    }
    // They did get in each other's way, and were told.
    expect(
      (refused.get('changed_meanwhile') ?? 0) + (refused.get('some_changed') ?? 0),
    ).toBeGreaterThan(20)
    expect(new Set(movements.map(({ who }) => who)).size).toBe(WRITERS.length)
  }, 120_000)
})

const movementsOf = (actId: ActId): Promise<number> =>
  inHousehold(app.world.db, app.keeper.householdId, async (trx) => {
    const { count } = await trx
      .selectFrom('movement')
      .select((query) => query.fn.countAll<number>().as('count'))
      .where('act_id', '=', actId)
      .executeTakeFirstOrThrow()
    return count
  })

const wholeRecord = () =>
  inHousehold(app.world.db, app.keeper.householdId, async (trx) => ({
    movements: await trx
      .selectFrom('movement')
      .innerJoin('act', 'act.id', 'movement.act_id')
      .select(['movement.lot_id', 'movement.fact', 'act.who'])
      .orderBy('movement.position')
      .execute(),
    balances: await trx.selectFrom('balance').select(['lot_id', 'pocket_id', 'amount']).execute(),
    lots: await trx.selectFrom('lot').select(['id', 'version']).execute(),
  }))
