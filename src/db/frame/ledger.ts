/**
 * The ledger and the balances, written together. Lots are locked while an act is decided, in
 * the order of their ids, so that two acts on the same lots wait for each other and never
 * for one another.
 */
import { randomUUID } from 'node:crypto'
import { sql } from 'kysely'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { ActId, HouseholdId, LotId, PocketId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import type { LotFact } from '../../core/stock/decide'
import type { Lot, LotDetails, Origin } from '../../core/stock/lot'
import {
  detailsSetBy,
  effectOf,
  evolve,
  type Fact,
  type LotStock,
  type Movement,
} from '../../core/stock/movement'
import type { Trx } from './connect'
import type { ActScope } from './records'
import { lotColumns, toLot, toMovement } from './rows'

export interface LockedLot {
  readonly lot: Lot
  readonly stock: LotStock
}

/** Locks lots and reads what lies where; lots of another household are not found. */
export async function lockLots(
  trx: Trx,
  lotIds: readonly LotId[],
): Promise<ReadonlyMap<LotId, LockedLot>> {
  if (lotIds.length === 0) return new Map()
  const rows = await trx
    .selectFrom('lot')
    .selectAll()
    .where('id', 'in', [...lotIds])
    .orderBy('id')
    .forUpdate()
    .execute()
  const balances = await trx
    .selectFrom('balance')
    .select(['lot_id', 'pocket_id', 'amount'])
    .where('lot_id', 'in', [...lotIds])
    .execute()
  const held = new Map<string, Map<PocketId, Amount>>()
  for (const { lot_id, pocket_id, amount } of balances) {
    const pockets = held.get(lot_id) ?? new Map<PocketId, Amount>()
    held.set(lot_id, pockets.set(pocket_id as PocketId, amount as Amount))
  }
  return new Map(
    rows.map((row) => {
      const lot = toLot(row)
      return [
        lot.id,
        {
          lot,
          stock: { lotId: lot.id, version: lot.version, held: held.get(lot.id) ?? new Map() },
        },
      ]
    }),
  )
}

export interface NewLot extends LotDetails {
  readonly id: LotId
  readonly itemId: string
  readonly receivedOn: PlainDate
  readonly origin: Origin | null
  /** The day of the list that claims it; absent where somebody has seen it. */
  readonly claimedOn?: PlainDate | null
}

/** Makes lots that nothing has been received of yet. */
export async function createLots(
  { trx, householdId, actId }: ActScope,
  lots: readonly NewLot[],
): Promise<void> {
  for (let from = 0; from < lots.length; from += AT_ONCE)
    await trx
      .insertInto('lot')
      .values(
        lots.slice(from, from + AT_ONCE).map((lot) => ({
          id: lot.id,
          household_id: householdId,
          item_id: lot.itemId,
          version: 0,
          created_by_act: actId,
          received_on: lot.receivedOn,
          origin: lot.origin && JSON.stringify(lot.origin),
          claimed_on: lot.claimedOn ?? null,
          ...(lotColumns(lot) as Required<ReturnType<typeof lotColumns>>),
        })),
      )
      .execute()
}

/**
 * Appends movements of locked or new lots and brings balances, details and versions along.
 * @throws {NegativeStockError} when a pocket would fall below nothing; nothing is then written
 */
export async function appendMovements(
  scope: ActScope,
  locked: ReadonlyMap<LotId, LockedLot>,
  facts: readonly LotFact[],
): Promise<void> {
  const after = new Map<LotId, { stock: LotStock; details: Partial<LotDetails> }>()
  for (const { lotId, fact } of facts) {
    const now = after.get(lotId) ?? {
      stock: locked.get(lotId)?.stock ?? { lotId, version: 0, held: new Map() },
      details: {},
    }
    after.set(lotId, {
      stock: evolve(now.stock, fact),
      details: { ...now.details, ...detailsSetBy(fact) },
    })
  }
  await insertMovements(scope, facts)
  await writeBalances(
    scope,
    [...after].map(([lotId, { stock }]) => ({
      lotId,
      before: locked.get(lotId)?.stock.held ?? NOTHING_HELD,
      after: stock.held,
    })),
  )
  await writeVersions(
    scope.trx,
    [...after].map(([lotId, { stock }]) => [lotId, stock.version]),
  )
  for (const [lotId, { details }] of after)
    if (Object.keys(details).length > 0)
      await scope.trx.updateTable('lot').set(lotColumns(details)).where('id', '=', lotId).execute()
}

const NOTHING_HELD: ReadonlyMap<PocketId, Amount> = new Map()

/** An act may touch hundreds of lots; so many rows go in one statement. */
const AT_ONCE = 500

async function writeVersions(
  trx: Trx,
  versions: readonly (readonly [LotId, number])[],
): Promise<void> {
  for (let from = 0; from < versions.length; from += AT_ONCE) {
    const some = versions.slice(from, from + AT_ONCE)
    await sql`
      update lot set version = seen.version
      from unnest(${some.map(([id]) => id)}::uuid[], ${some.map(([, version]) => version)}::int[])
        as seen (id, version)
      where lot.id = seen.id`.execute(trx)
  }
}

async function insertMovements(
  { trx, householdId, actId }: { trx: Trx; householdId: HouseholdId; actId: ActId },
  facts: readonly LotFact[],
): Promise<void> {
  for (let from = 0; from < facts.length; from += AT_ONCE)
    await trx
      .insertInto('movement')
      .values(
        facts.slice(from, from + AT_ONCE).map(({ lotId, fact }) => ({
          id: randomUUID(),
          household_id: householdId,
          act_id: actId,
          lot_id: lotId,
          kind: fact.kind,
          fact: JSON.stringify(fact),
          ...effectColumns(fact),
        })),
      )
      .execute()
}

/** Which pocket lost and which gained, so that SQL alone can add the ledger up. */
export function effectColumns(fact: Fact) {
  const effects = effectOf(fact).filter(({ by }) => by !== 0)
  const from = effects.find(({ by }) => by < 0)
  const to = effects.find(({ by }) => by > 0)
  return {
    from_pocket_id: from?.pocket ?? null,
    to_pocket_id: to?.pocket ?? null,
    amount: Math.abs(from?.by ?? to?.by ?? 0),
  }
}

async function writeBalances(
  { trx, householdId }: ActScope,
  lots: readonly {
    readonly lotId: LotId
    readonly before: ReadonlyMap<PocketId, Amount>
    readonly after: ReadonlyMap<PocketId, Amount>
  }[],
): Promise<void> {
  const gone = lots.flatMap(({ lotId, before, after }) =>
    [...before.keys()].filter((pocket) => !after.has(pocket)).map((pocket) => [lotId, pocket]),
  )
  for (let from = 0; from < gone.length; from += AT_ONCE) {
    const some = gone.slice(from, from + AT_ONCE)
    await sql`
      delete from balance using unnest(${some.map(([lot]) => lot)}::uuid[],
                                       ${some.map(([, pocket]) => pocket)}::uuid[])
        as gone (lot_id, pocket_id)
      where balance.lot_id = gone.lot_id and balance.pocket_id = gone.pocket_id`.execute(trx)
  }
  const changed = lots.flatMap(({ lotId, before, after }) =>
    [...after]
      .filter(([pocket, amount]) => before.get(pocket) !== amount)
      .map(([pocket, amount]) => ({
        household_id: householdId,
        lot_id: lotId,
        pocket_id: pocket,
        amount,
      })),
  )
  for (let from = 0; from < changed.length; from += AT_ONCE)
    await trx
      .insertInto('balance')
      .values(changed.slice(from, from + AT_ONCE))
      .onConflict((conflict) =>
        conflict
          .columns(['lot_id', 'pocket_id'])
          .doUpdateSet((row) => ({ amount: row.ref('excluded.amount') })),
      )
      .execute()
}

/** First receipts of many new lots at once: each goes whole into one pocket. */
export async function receiveMany(
  scope: ActScope,
  receipts: readonly { readonly lot: NewLot; readonly to: PocketId; readonly amount: Amount }[],
): Promise<void> {
  await createLots(
    scope,
    receipts.map(({ lot }) => lot),
  )
  await insertMovements(
    scope,
    receipts.map(({ lot, to, amount }) => ({
      lotId: lot.id,
      fact: { kind: 'received', to, amount },
    })),
  )
  const { trx, householdId } = scope
  for (let from = 0; from < receipts.length; from += AT_ONCE) {
    const some = receipts.slice(from, from + AT_ONCE)
    await trx
      .insertInto('balance')
      .values(
        some.map(({ lot, to, amount }) => ({
          household_id: householdId,
          lot_id: lot.id,
          pocket_id: to,
          amount,
        })),
      )
      .execute()
    await trx
      .updateTable('lot')
      .set({ version: 1 })
      .where(
        'id',
        'in',
        some.map(({ lot }) => lot.id),
      )
      .execute()
  }
}

/** The movements of an act, newest first, for undoing. */
export async function movementsOfAct(trx: Trx, actId: ActId): Promise<readonly Movement[]> {
  const rows = await trx
    .selectFrom('movement')
    .select(['id', 'lot_id', 'fact'])
    .where('act_id', '=', actId)
    .orderBy('position', 'desc')
    .execute()
  return rows.map(toMovement)
}

export interface HistoryEntry {
  readonly actId: ActId
  readonly at: string
  readonly day: string
  readonly who: string
  readonly why: string
  readonly fact: Fact
}

/** What became of a lot, newest first. */
export async function historyOfLot(
  trx: Trx,
  lotId: LotId,
  sinceVersion = 0,
): Promise<readonly HistoryEntry[]> {
  const rows = await trx
    .selectFrom('movement')
    .innerJoin('act', 'act.id', 'movement.act_id')
    .select(['movement.act_id', 'movement.fact', 'act.at', 'act.on_day', 'act.who', 'act.why'])
    .where('movement.lot_id', '=', lotId)
    .orderBy('movement.position', 'asc')
    .offset(sinceVersion)
    .execute()
  return rows
    .map((row) => ({
      actId: row.act_id as ActId,
      at: row.at.toISOString(),
      day: row.on_day,
      who: row.who,
      why: row.why,
      fact: row.fact as Fact,
    }))
    .reverse()
}
