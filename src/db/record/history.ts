/** Reading the ledger back: by lot, item, kit, place or hand; who confirmed what; what was used. */
import { sql } from 'kysely'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { ActId, ItemId, KitId, LotId, PlaceId, PocketId } from '../../core/ids'
import type { Use } from '../../core/review/review'
import type { Fact } from '../../core/stock/movement'
import type { Confirmation } from '../../core/trust/certainty'
import { confirmationKey } from '../../core/trust/nextLook'
import type { Trx } from '../frame/connect'
import { lastChecks } from '../kits/sites'

export interface HistoryFilter {
  readonly lotId?: LotId | undefined
  readonly itemId?: ItemId | undefined
  readonly kitId?: KitId | undefined
  readonly placeId?: PlaceId | undefined
  readonly who?: string | undefined
  /** Only what came before this position. */
  readonly before?: number | undefined
}

export interface RecordedMovement {
  readonly position: number
  readonly actId: ActId
  readonly actKind: string
  readonly at: string
  readonly day: PlainDate
  readonly who: string
  readonly lotId: LotId
  readonly itemId: ItemId
  readonly title: string
  readonly unit: string
  readonly fact: Fact
}

/** Movements with the act that made them and the thing that they moved. */
const recorded = (trx: Trx) =>
  trx
    .selectFrom('movement')
    .innerJoin('act', 'act.id', 'movement.act_id')
    .innerJoin('lot', 'lot.id', 'movement.lot_id')
    .innerJoin('item', 'item.id', 'lot.item_id')
    .select([
      'movement.position',
      'movement.act_id',
      'movement.lot_id',
      'movement.fact',
      'act.kind as act_kind',
      'act.at',
      'act.on_day',
      'act.who',
      'lot.item_id',
      'item.name',
      'item.strength',
      'item.unit',
    ])

type RecordedRow = Awaited<ReturnType<ReturnType<typeof recorded>['execute']>>[number]

const toRecorded = (row: RecordedRow): RecordedMovement => ({
  position: row.position,
  actId: row.act_id as ActId,
  actKind: row.act_kind,
  at: row.at.toISOString(),
  day: row.on_day as PlainDate,
  who: row.who,
  lotId: row.lot_id as LotId,
  itemId: row.item_id as ItemId,
  title: row.strength === '' ? row.name : `${row.name} ${row.strength}`,
  unit: row.unit,
  fact: row.fact as Fact,
})

/** Of each act the latest few movements: one that moved thousands takes no room from the others. */
export async function readMovementsOf(
  trx: Trx,
  acts: readonly ActId[],
  mostEach: number,
): Promise<readonly RecordedMovement[]> {
  if (acts.length === 0) return []
  const rows = await recorded(trx)
    .where(
      sql<boolean>`movement.position in (
        select of_one.position from unnest(${acts}::uuid[]) as asked(act_id)
        cross join lateral (
          select m.position from movement m where m.act_id = asked.act_id
          order by m.position desc limit ${mostEach}) of_one)`,
    )
    .orderBy('movement.position', 'desc')
    .execute()
  return rows.map(toRecorded)
}

/** Movements, the latest day first and in it the newest; what was done without a connection stands at its day. A kit's history is what went in or out of its pockets. */
export async function readMovements(
  trx: Trx,
  filter: HistoryFilter,
  most: number,
): Promise<readonly RecordedMovement[]> {
  let query = recorded(trx)
    .orderBy('act.on_day', 'desc')
    .orderBy('movement.position', 'desc')
    .limit(most)
  if (filter.lotId) query = query.where('movement.lot_id', '=', filter.lotId)
  if (filter.itemId) query = query.where('lot.item_id', '=', filter.itemId)
  if (filter.who) query = query.where('act.who', '=', filter.who)
  if (filter.before !== undefined)
    query = query.where(
      sql<boolean>`(act.on_day, movement.position) < (
        select known.on_day, last.position from movement last join act known on known.id = last.act_id
        where last.position = ${filter.before})`,
    )
  const { kitId, placeId } = filter
  if (kitId || placeId)
    // A count that found what was recorded moves nothing; its pocket is in the fact.
    query = query.where(
      sql<boolean>`exists (
        select 1 from pocket join kit on kit.id = pocket.kit_id
        where (pocket.id in (movement.from_pocket_id, movement.to_pocket_id)
               or pocket.id::text = movement.fact ->> 'pocket')
          and ${kitId ? sql`kit.id = ${kitId}` : sql`kit.place_id = ${placeId}`})`,
    )
  return (await query.execute()).map(toRecorded)
}

/** Everybody whose hand is in the record, by name. */
export async function readHands(trx: Trx): Promise<readonly string[]> {
  const rows = await trx.selectFrom('act').select('who').distinct().orderBy('who').execute()
  return rows.map(({ who }) => who)
}

/** The day from which the record tells. */
export async function readFirstDay(trx: Trx): Promise<PlainDate | null> {
  const row = await trx
    .selectFrom('act')
    .select((query) => query.fn.min('on_day').as('day'))
    .executeTakeFirst()
  return (row?.day as PlainDate | null | undefined) ?? null
}

/**
 * For each lot in each pocket who last confirmed its count there: by counting or putting it
 * in, or by looking the whole kit through. Uses and moves since then leave some doubt.
 *
 * In steps that are joined here: under row security the planner takes every household for an average
 * one, and joins a large one with itself line by line.
 */
export async function readConfirmations(trx: Trx): Promise<ReadonlyMap<string, Confirmation>> {
  const seen = await lastSeen(trx)
  const looks = new Map(
    (await lastChecks(trx)).map(({ kit_id, on_day, by_whom }) => [
      kit_id,
      { on: on_day as PlainDate, by: by_whom },
    ]),
  )
  const left = await leftPockets(trx)
  const confirmed = new Map<string, Confirmation>()
  for (const { lotId, pocketId, kitId } of await heldNow(trx)) {
    const key = confirmationKey(lotId, pocketId)
    const count = seen.get(key)
    const look = looks.get(kitId)
    const last = look && (!count || look.on > count.on) ? look : count
    if (!last) continue
    const since = (left.get(key) ?? []).filter(
      ({ at, on }) => (!count || at > count.at) && (!look || on > look.on),
    )
    confirmed.set(key, {
      on: last.on,
      by: last.by,
      changesSince: since.length,
      changedOn: since.reduce<PlainDate | null>(
        (latest, { on }) => (latest === null || on > latest ? on : latest),
        null,
      ),
    })
  }
  return confirmed
}

interface Looked {
  readonly on: PlainDate
  readonly by: string
}

/** Who last counted each lot in each pocket, or put it there; what was taken back is no look. */
async function lastSeen(trx: Trx): Promise<ReadonlyMap<string, Looked & { readonly at: Date }>> {
  const undone = await trx
    .selectFrom('act')
    .select('undoes')
    .where('undoes', 'is not', null)
    .execute()
  const { rows } = await sql<{
    lot_id: LotId
    pocket_id: PocketId
    at: Date
    on_day: PlainDate
    who: string
  }>`
    with seen as (
      select m.lot_id, m.position, a.at,
             case m.kind when 'counted' then (m.fact ->> 'pocket')::uuid
                         else m.to_pocket_id end as pocket_id, a.on_day, a.who
      from movement m join act a on a.id = m.act_id join lot l on l.id = m.lot_id
      where a.id <> all(${undone.map(({ undoes }) => undoes)}::uuid[])
        and (m.kind = 'counted'
         -- What a list claims nobody has seen.
         or (m.kind = 'received' and l.claimed_on is null)
         or (m.kind = 'split_from' and coalesce(m.fact ->> 'way', '') <> 'rejoined')
         or (m.kind = 'moved' and not exists (
               select 1 from movement earlier
               where earlier.lot_id = m.lot_id and earlier.position < m.position
                 and earlier.to_pocket_id = m.to_pocket_id)))
    )
    -- By the time it was done: a count may arrive after later ones.
    select distinct on (lot_id, pocket_id) lot_id, pocket_id, at, on_day, who
    from seen where pocket_id is not null
    order by lot_id, pocket_id, at desc, position desc`.execute(trx)
  return new Map(
    rows.map(({ lot_id, pocket_id, at, on_day, who }) => [
      confirmationKey(lot_id, pocket_id),
      { at, on: on_day, by: who },
    ]),
  )
}

interface Held {
  readonly lotId: LotId
  readonly pocketId: PocketId
  readonly kitId: string
}

async function heldNow(trx: Trx): Promise<readonly Held[]> {
  const rows = await trx
    .selectFrom('balance')
    .innerJoin('pocket', 'pocket.id', 'balance.pocket_id')
    .select(['balance.lot_id', 'balance.pocket_id', 'pocket.kit_id'])
    .execute()
  return rows.map(({ lot_id, pocket_id, kit_id }) => ({
    lotId: lot_id as LotId,
    pocketId: pocket_id as PocketId,
    kitId: kit_id,
  }))
}

/** Something left a pocket. */
interface Left {
  readonly at: Date
  readonly on: PlainDate
}

/** What has left the pockets in which something of it is still held, by lot and pocket. */
async function leftPockets(trx: Trx): Promise<ReadonlyMap<string, readonly Left[]>> {
  const { rows } = await sql<{ lot_id: LotId; pocket_id: PocketId; at: Date; on_day: PlainDate }>`
    select m.lot_id, m.from_pocket_id as pocket_id, a.at, a.on_day
    from movement m join act a on a.id = m.act_id
    where m.kind in ('used', 'moved', 'discarded', 'given')
      and exists (select 1 from balance b
                  where b.lot_id = m.lot_id and b.pocket_id = m.from_pocket_id)`.execute(trx)
  const left = new Map<string, Left[]>()
  for (const { lot_id, pocket_id, at, on_day } of rows) {
    const key = confirmationKey(lot_id, pocket_id)
    const known = left.get(key) ?? []
    known.push({ at, on: on_day })
    left.set(key, known)
  }
  return left
}

/** Uses of each item, those taken back not counted. */
export async function readUses(trx: Trx): Promise<ReadonlyMap<ItemId, Use>> {
  const { rows } = await sql<{ item_id: string; last: string; times: number }>`
    select l.item_id, max(a.on_day) as last, count(*)::int as times
    from movement m
    join act a on a.id = m.act_id
    join lot l on l.id = m.lot_id
    where (m.kind = 'used' or (m.kind = 'amended' and m.fact -> 'changes' -> 'to' -> 'standing' ->> 'kind' = 'unclean'))
      and not exists (select 1 from act undoing where undoing.undoes = a.id)
    group by l.item_id`.execute(trx)
  return new Map(
    rows.map(({ item_id, last, times }) => [
      item_id as ItemId,
      { last: last as PlainDate, times: Number(times) },
    ]),
  )
}
