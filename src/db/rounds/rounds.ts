/** Rounds as they are kept: what was said, what came of it, how long it took, what was seen. */
import { sql } from 'kysely'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { KitId, LotId, PocketId } from '../../core/ids'
import type { Sighting } from '../../core/rounds/contents'
import type { Timing } from '../../core/rounds/duration'
import type { Entry, EntryFact, EntryId, Round, RoundId } from '../../core/rounds/round'
import type { ItemKind } from '../../core/stock/itemKind'
import type { LaterFact } from '../../core/stock/late'
import type { Fact } from '../../core/stock/movement'
import type { Trx } from '../frame/connect'

/** What the record made of an answer. */
export type Outcome =
  | { readonly kind: 'stood' }
  /** Somebody counted later: that count stands. */
  | { readonly kind: 'overtaken'; readonly by: string; readonly at: string }
  /** More has been taken since than was there. */
  | { readonly kind: 'contradicted' }

export interface KeptEntry extends Entry {
  readonly outcome: Outcome | null
}

const toRound = (row: {
  id: string
  kit_id: string
  pocket_ids: unknown
  started_at: Date
  started_by: string
  finished_at: Date | null
  signed_by: string | null
}): Round => ({
  id: row.id as RoundId,
  kitId: row.kit_id as KitId,
  pocketIds: row.pocket_ids as PocketId[],
  startedAt: row.started_at.toISOString(),
  startedBy: row.started_by,
  finished:
    row.finished_at && row.signed_by
      ? { at: row.finished_at.toISOString(), by: row.signed_by }
      : null,
})

const rounds = (trx: Trx) =>
  trx
    .selectFrom('round')
    .select(['id', 'kit_id', 'pocket_ids', 'started_at', 'started_by', 'finished_at', 'signed_by'])
    .where('removed_by_act', 'is', null)

export async function readRound(trx: Trx, roundId: RoundId): Promise<Round | null> {
  const row = await rounds(trx).where('id', '=', roundId).executeTakeFirst()
  return row ? toRound(row) : null
}

/** All that are open, and the latest that are finished; newest first. */
export async function readRounds(trx: Trx, mostFinished: number): Promise<readonly Round[]> {
  const open = await rounds(trx)
    .where('finished_at', 'is', null)
    .orderBy('started_at', 'desc')
    .execute()
  const finished = await rounds(trx)
    .where('finished_at', 'is not', null)
    .orderBy('finished_at', 'desc')
    .limit(mostFinished)
    .execute()
  return [...open, ...finished].map(toRound)
}

export async function readEntries(
  trx: Trx,
  roundIds: readonly RoundId[],
): Promise<readonly KeptEntry[]> {
  if (roundIds.length === 0) return []
  const rows = await trx
    .selectFrom('round_entry')
    .select(['id', 'round_id', 'said_at', 'said_by', 'seconds', 'fact', 'outcome'])
    .where('round_id', 'in', [...roundIds])
    .where('removed_by_act', 'is', null)
    .orderBy('said_at')
    .orderBy('id')
    .execute()
  return rows.map((row) => ({
    id: row.id as EntryId,
    roundId: row.round_id as RoundId,
    at: row.said_at.toISOString(),
    by: row.said_by,
    seconds: row.seconds,
    fact: row.fact as EntryFact,
    outcome: row.outcome as Outcome | null,
  }))
}

/** How long answers took, by the kind of thing. */
export async function readTimings(trx: Trx): Promise<readonly Timing[]> {
  const { rows } = await sql<{ kind: string; things: number; seconds: number }>`
    select i.kind, count(*)::int as things, sum(e.seconds)::int as seconds
    from round_entry e
    join lot l on l.id = e.lot_id
    join item i on i.id = l.item_id
    where e.removed_by_act is null and e.fact ->> 'kind' = 'looked' and e.seconds > 0
    group by i.kind`.execute(trx)
  return rows.map((row) => ({ ...row, kind: row.kind as ItemKind }))
}

/** When somebody last saw the date, the seal or the battery of a lot with their own eyes. */
export async function readSightings(
  trx: Trx,
  timeZone: string,
): Promise<ReadonlyMap<LotId, Sighting>> {
  const { rows } = await sql<{
    lot_id: string
    date: string | null
    seal: string | null
    battery: string | null
  }>`
    with seen as (
      select e.lot_id, (e.said_at at time zone ${timeZone})::date as day,
             e.fact #> '{look}' as look
      from round_entry e
      where e.removed_by_act is null and e.lot_id is not null
    )
    select lot_id,
           max(day) filter (where look #>> '{date,kind}' <> 'not_read') as date,
           max(day) filter (where look -> 'proofs' ? 'seal') as seal,
           max(day) filter (where look -> 'proofs' ? 'battery') as battery
    from seen group by lot_id`.execute(trx)
  return new Map(
    rows.map(({ lot_id, date, seal, battery }) => [
      lot_id as LotId,
      {
        date: date as PlainDate | null,
        seal: seal as PlainDate | null,
        battery: battery as PlainDate | null,
      },
    ]),
  )
}

/** Movements of a lot that were done after a moment, oldest first. */
export async function movementsAfter(
  trx: Trx,
  lotId: LotId,
  at: Date,
): Promise<readonly LaterFact[]> {
  const rows = await trx
    .selectFrom('movement')
    .innerJoin('act', 'act.id', 'movement.act_id')
    .leftJoin('act as undoing', 'undoing.undoes', 'act.id')
    .select(['movement.fact', 'act.who', 'act.at', 'undoing.id as undone_by'])
    .where('movement.lot_id', '=', lotId)
    .where('act.at', '>', at)
    .orderBy('act.at')
    .orderBy('movement.position')
    .execute()
  return rows.map((row) => ({
    fact: row.fact as Fact,
    who: row.who,
    at: row.at.toISOString(),
    undone: row.undone_by !== null,
  }))
}
