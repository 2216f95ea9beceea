/** Evenings that were handed to a sitter, and what was noted in them. */
import { createHash } from 'node:crypto'
import { sql } from 'kysely'
import type { EveningPlan } from '../../core/evenings/plan'
import type { EveningId, HouseholdId } from '../../core/ids'
import type { CareEntry } from '../../core/incident/entry'
import { toEntry } from '../care/care'
import type { Db, Trx } from '../frame/connect'

export interface KeptEvening {
  readonly id: EveningId
  readonly forName: string
  readonly from: Date
  readonly to: Date
  readonly plan: EveningPlan
  readonly madeBy: string
  readonly endedAt: Date | null
}

/** Whoever notes something in an evening, in the record. */
export const sitterOf = (id: EveningId): string => `evening:${id}`

const hashOf = (code: string): string =>
  createHash('sha256').update(`evening ${code}`).digest('base64url')

export async function addEvening(
  trx: Trx,
  evening: Omit<KeptEvening, 'endedAt'> & {
    readonly householdId: HouseholdId
    readonly code: string
    readonly at: Date
  },
): Promise<void> {
  await trx
    .insertInto('evening')
    .values({
      id: evening.id,
      household_id: evening.householdId,
      code_hash: hashOf(evening.code),
      for_name: evening.forName,
      from_at: evening.from,
      to_at: evening.to,
      plan: JSON.stringify(evening.plan),
      made_by: evening.madeBy,
      made_at: evening.at,
    })
    .execute()
}

const evenings = (trx: Trx) =>
  trx
    .selectFrom('evening')
    .select(['id', 'for_name', 'from_at', 'to_at', 'plan', 'made_by', 'ended_at'])

type Row = Awaited<ReturnType<ReturnType<typeof evenings>['executeTakeFirstOrThrow']>>

const toEvening = (row: Row): KeptEvening => ({
  id: row.id as EveningId,
  forName: row.for_name,
  from: row.from_at,
  to: row.to_at,
  plan: row.plan as EveningPlan,
  madeBy: row.made_by,
  endedAt: row.ended_at,
})

/** The latest first. */
export async function eveningsOf(trx: Trx, most: number): Promise<readonly KeptEvening[]> {
  const rows = await evenings(trx).orderBy('from_at', 'desc').limit(most).execute()
  return rows.map(toEvening)
}

export async function eveningById(trx: Trx, id: EveningId): Promise<KeptEvening | null> {
  const row = await evenings(trx).where('id', '=', id).executeTakeFirst()
  return row ? toEvening(row) : null
}

export async function eveningOfCode(trx: Trx, code: string): Promise<KeptEvening | null> {
  const row = await evenings(trx).where('code_hash', '=', hashOf(code)).executeTakeFirst()
  return row ? toEvening(row) : null
}

/** Which household a code belongs to; null for one that nobody was given. */
export async function householdOfEvening(db: Db, code: string): Promise<HouseholdId | null> {
  const { rows } = await sql<{ id: string | null }>`
    select household_of_evening(${hashOf(code)}) as id`.execute(db)
  return (rows[0]?.id as HouseholdId | null | undefined) ?? null
}

/** @returns whether there was one that went on */
export async function endEvening(trx: Trx, id: EveningId, at: Date): Promise<boolean> {
  const { numUpdatedRows } = await trx
    .updateTable('evening')
    .set({ ended_at: at })
    .where('id', '=', id)
    .where('ended_at', 'is', null)
    .executeTakeFirst()
  return numUpdatedRows > 0n
}

/** What the sitter of an evening noted, the first first. */
export async function notesOf(trx: Trx, id: EveningId): Promise<readonly CareEntry[]> {
  const rows = await trx
    .selectFrom('care_entry')
    .innerJoin('act', 'act.id', 'care_entry.created_by_act')
    .selectAll('care_entry')
    .where('act.by_user', '=', sitterOf(id))
    .where('care_entry.removed_by_act', 'is', null)
    .orderBy('care_entry.done_at')
    .orderBy('care_entry.id')
    .execute()
  return rows.map(toEntry)
}
