/** Invitations into a household. The code itself is not kept, only what follows from it. */
import { createHash } from 'node:crypto'
import { sql } from 'kysely'
import type { HouseholdId, InvitationId } from '../../core/ids'
import type { InvitationState } from '../../core/people/invitation'
import type { Role } from '../../core/people/role'
import type { Db, Trx } from '../frame/connect'

export interface KeptInvitation {
  readonly id: InvitationId
  readonly role: Role
  readonly forName: string
  readonly madeBy: string
  readonly endsAt: Date
  readonly state: InvitationState
  /** Who came in by it, as they are called. */
  readonly usedBy: string | null
}

/** A code holds 58 bits of chance: a plain hash of it cannot be turned back. */
const hashOf = (code: string): string =>
  createHash('sha256').update(`invitation ${code}`).digest('base64url')

export async function addInvitation(
  trx: Trx,
  made: {
    readonly id: InvitationId
    readonly householdId: HouseholdId
    readonly code: string
    readonly role: Role
    readonly forName: string
    readonly by: string
    readonly at: Date
    readonly endsAt: Date
  },
): Promise<void> {
  await trx
    .insertInto('invitation')
    .values({
      id: made.id,
      household_id: made.householdId,
      code_hash: hashOf(made.code),
      role: made.role,
      for_name: made.forName,
      made_by: made.by,
      made_at: made.at,
      ends_at: made.endsAt,
    })
    .execute()
}

const COLUMNS = [
  'id',
  'role',
  'for_name',
  'made_by',
  'ends_at',
  'used_at',
  'used_by',
  'withdrawn_at',
] as const

interface Row {
  readonly id: string
  readonly role: string
  readonly for_name: string
  readonly made_by: string
  readonly ends_at: Date
  readonly used_at: Date | null
  readonly used_by: string | null
  readonly withdrawn_at: Date | null
}

const toInvitation = (row: Row, now: Date): KeptInvitation => ({
  id: row.id as InvitationId,
  role: row.role as Role,
  forName: row.for_name,
  madeBy: row.made_by,
  endsAt: row.ends_at,
  state: stateOf(row, now),
  usedBy: row.used_by,
})

function stateOf({ used_at, withdrawn_at, ends_at }: Row, now: Date): InvitationState {
  if (used_at !== null) return 'used'
  if (withdrawn_at !== null) return 'withdrawn'
  return ends_at <= now ? 'over' : 'open'
}

/** The latest first. */
export async function invitationsOf(trx: Trx, now: Date): Promise<readonly KeptInvitation[]> {
  const rows = await trx
    .selectFrom('invitation')
    .select(COLUMNS)
    .orderBy('made_at', 'desc')
    .limit(50)
    .execute()
  return rows.map((row) => toInvitation(row, now))
}

/** Which household a code opens or once did; null for one that nobody was given. */
export async function householdOfCode(db: Db, code: string): Promise<HouseholdId | null> {
  const { rows } = await sql<{ id: string | null }>`
    select household_of_code(${hashOf(code)}) as id`.execute(db)
  return (rows[0]?.id as HouseholdId | null | undefined) ?? null
}

const ofCode = (trx: Trx, code: string) =>
  trx.selectFrom('invitation').select(COLUMNS).where('code_hash', '=', hashOf(code))

/** The invitation of a code. */
export async function invitationOf(
  trx: Trx,
  code: string,
  now: Date,
): Promise<KeptInvitation | null> {
  const row = await ofCode(trx, code).executeTakeFirst()
  return row ? toInvitation(row, now) : null
}

/** The same; whoever uses it at the same moment waits. */
export async function lockInvitation(
  trx: Trx,
  code: string,
  now: Date,
): Promise<KeptInvitation | null> {
  const row = await ofCode(trx, code).forUpdate().executeTakeFirst()
  return row ? toInvitation(row, now) : null
}

export const useInvitation = (trx: Trx, id: InvitationId, by: string, at: Date) =>
  trx.updateTable('invitation').set({ used_at: at, used_by: by }).where('id', '=', id).execute()

/** @returns whether there was one that could still be used */
export async function withdrawInvitation(trx: Trx, id: InvitationId, at: Date): Promise<boolean> {
  const { numUpdatedRows } = await trx
    .updateTable('invitation')
    .set({ withdrawn_at: at })
    .where('id', '=', id)
    .where('used_at', 'is', null)
    .where('withdrawn_at', 'is', null)
    .executeTakeFirst()
  return numUpdatedRows > 0n
}
