/** Acts: what somebody did in one press, under a key that makes a retry harmless. */
import { createHash, randomUUID } from 'node:crypto'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { ActId, HouseholdId } from '../../core/ids'
import type { Trx } from './connect'
import type { ActedTable } from './tables'

export interface NewAct {
  readonly householdId: HouseholdId
  readonly key: string
  readonly kind: string
  readonly who: string
  readonly byUser: string
  /** Done before their role ended, and heard of after it. */
  readonly afterRole: boolean
  /** When it was done. */
  readonly at: Date
  /** When it was heard of, where that was later. */
  readonly receivedAt: Date | null
  readonly day: PlainDate
  readonly why: string
  readonly undoes: ActId | null
  /** What was asked, so that a key is not used for two different things. */
  readonly request: unknown
}

export type Opening =
  | { readonly kind: 'new'; readonly actId: ActId }
  /** Done before under this key: this is what was answered. */
  | { readonly kind: 'repeated'; readonly result: unknown }
  | { readonly kind: 'key_used_otherwise' }

/** Keys order their members by name, so that equal requests hash alike. */
const hashOf = (request: unknown): string =>
  createHash('sha256')
    .update(JSON.stringify(request) ?? '')
    .digest('hex')

/**
 * Opens an act. A second request under the same key waits for the first to end and is then
 * answered with its result.
 */
export async function openAct(trx: Trx, act: NewAct): Promise<Opening> {
  const actId = randomUUID() as ActId
  const inserted = await trx
    .insertInto('act')
    .values({
      id: actId,
      household_id: act.householdId,
      idempotency_key: act.key,
      request_hash: hashOf(act.request),
      kind: act.kind,
      who: act.who,
      at: act.at,
      on_day: act.day,
      why: act.why,
      undoes: act.undoes,
      received_at: act.receivedAt,
      by_user: act.byUser,
      after_role: act.afterRole,
    })
    .onConflict((conflict) => conflict.columns(['household_id', 'idempotency_key']).doNothing())
    .returning('id')
    .executeTakeFirst()
  if (inserted) {
    await trx
      .updateTable('household')
      .set((household) => ({ revision: household('revision', '+', 1) }))
      .where('id', '=', act.householdId)
      .execute()
    return { kind: 'new', actId }
  }
  const earlier = await trx
    .selectFrom('act')
    .leftJoin('act_result', 'act_result.act_id', 'act.id')
    .select(['act.request_hash', 'act_result.result'])
    .where('act.idempotency_key', '=', act.key)
    .executeTakeFirstOrThrow()
  return earlier.request_hash === hashOf(act.request)
    ? { kind: 'repeated', result: earlier.result }
    : { kind: 'key_used_otherwise' }
}

/** Keeps the answer for a retry. */
export async function closeAct(
  trx: Trx,
  householdId: HouseholdId,
  actId: ActId,
  result: unknown,
): Promise<void> {
  await trx
    .insertInto('act_result')
    .values({ act_id: actId, household_id: householdId, result: JSON.stringify(result) })
    .execute()
}

export interface ActRow {
  readonly id: ActId
  readonly kind: string
  readonly who: string
  readonly at: string
  readonly day: PlainDate
  readonly why: string
  readonly undoes: ActId | null
  readonly undone: boolean
  readonly byUser: string | null
  /** Arrived after the role of whoever did it had ended. */
  readonly afterRole: boolean
}

/** The latest acts, newest first. */
export async function recentActs(trx: Trx, most: number): Promise<readonly ActRow[]> {
  const rows = await trx
    .selectFrom('act')
    .leftJoin('act as undoing', 'undoing.undoes', 'act.id')
    .select([
      'act.id',
      'act.kind',
      'act.who',
      'act.at',
      'act.on_day',
      'act.why',
      'act.undoes',
      'act.by_user',
      'act.after_role',
      'undoing.id as undone_by',
    ])
    .orderBy('act.at', 'desc')
    .limit(most)
    .execute()
  return rows.map((row) => ({
    id: row.id as ActId,
    kind: row.kind,
    who: row.who,
    at: row.at.toISOString(),
    day: row.on_day as PlainDate,
    why: row.why,
    undoes: row.undoes as ActId | null,
    undone: row.undone_by !== null,
    byUser: row.by_user,
    afterRole: row.after_role,
  }))
}

export const findAct = (trx: Trx, actId: ActId) =>
  trx
    .selectFrom('act')
    .select(['id', 'kind', 'why', 'by_user'])
    .where('id', '=', actId)
    .executeTakeFirst()

/** Notes an edit with the values before and after, in the record's own columns. */
export async function noteChange(
  trx: Trx,
  change: {
    readonly householdId: HouseholdId
    readonly actId: ActId
    readonly record: ActedTable
    readonly recordId: string
    readonly before: Readonly<Record<string, unknown>>
    readonly after: Readonly<Record<string, unknown>>
  },
): Promise<void> {
  const { count } = await trx
    .selectFrom('record_change')
    .select((query) => query.fn.countAll<number>().as('count'))
    .where('act_id', '=', change.actId)
    .executeTakeFirstOrThrow()
  await trx
    .insertInto('record_change')
    .values({
      act_id: change.actId,
      household_id: change.householdId,
      position: count,
      record: change.record,
      record_id: change.recordId,
      before: JSON.stringify(change.before),
      after: JSON.stringify(change.after),
    })
    .execute()
}

export const changesOf = (trx: Trx, actId: ActId) =>
  trx
    .selectFrom('record_change')
    .selectAll()
    .where('act_id', '=', actId)
    .orderBy('position', 'desc')
    .execute()
