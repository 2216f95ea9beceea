/**
 * Records that acts create, edit and remove. Nothing is deleted: a removed row stays and can
 * be brought back; an edit keeps what it replaced.
 */
import { randomUUID } from 'node:crypto'
import { isDeepStrictEqual } from 'node:util'
import { type Insertable, sql, type Updateable } from 'kysely'
import type { ActId, HouseholdId } from '../../core/ids'
import { noteChange } from './acts'
import type { Trx } from './connect'
import { ACTED_TABLES, type ActedTable, type Tables } from './tables'

/** Who does what in which act. */
export interface ActScope {
  readonly trx: Trx
  readonly householdId: HouseholdId
  readonly actId: ActId
}

export type EditOutcome =
  | { readonly kind: 'edited'; readonly version: number }
  | { readonly kind: 'missing' }
  | { readonly kind: 'changed_meanwhile'; readonly version: number }

type Values<Table extends ActedTable> = Omit<
  Insertable<Tables[Table]>,
  'id' | 'household_id' | 'version' | 'created_by_act' | 'removed_by_act'
>
type Patch<Table extends ActedTable> = Omit<Updateable<Tables[Table]>, 'version' | 'removed_by_act'>

/** Kysely cannot resolve columns over a union of tables; the public signatures here can. */
// biome-ignore lint/suspicious/noExplicitAny: see above
const loosely = (trx: Trx): any => trx

/** Creates one record; its id is made here unless given. */
export async function createRecord<Table extends ActedTable>(
  { trx, householdId, actId }: ActScope,
  table: Table,
  values: Values<Table>,
  id: string = randomUUID(),
): Promise<string> {
  const household = table === 'household' ? {} : { household_id: householdId }
  await loosely(trx)
    .insertInto(table)
    .values({ ...values, ...household, id, created_by_act: actId })
    .execute()
  return id
}

/** Creates many at once; ids come with the rows. */
export async function createRecords<Table extends ActedTable>(
  { trx, householdId, actId }: ActScope,
  table: Table,
  rows: readonly (Values<Table> & { readonly id: string })[],
): Promise<void> {
  for (let from = 0; from < rows.length; from += 500)
    await loosely(trx)
      .insertInto(table)
      .values(
        rows
          .slice(from, from + 500)
          .map((row) => ({ ...row, household_id: householdId, created_by_act: actId })),
      )
      .execute()
}

/** Edits one record if it is still at the version seen; null takes it as it is. */
export async function editRecord<Table extends ActedTable>(
  scope: ActScope,
  table: Table,
  id: string,
  patch: Patch<Table>,
  seenVersion: number | null,
): Promise<EditOutcome> {
  const { trx } = scope
  const row: Record<string, unknown> | undefined = await loosely(trx)
    .selectFrom(table)
    .selectAll()
    .where('id', '=', id)
    .where('removed_by_act', 'is', null)
    // Ids never change; a stronger lock would wait for every act that names the row.
    .forNoKeyUpdate()
    .executeTakeFirst()
  if (!row) return { kind: 'missing' }
  const version = Number(row.version)
  if (seenVersion !== null && version !== seenVersion) return { kind: 'changed_meanwhile', version }
  const changed = Object.entries(patch).filter(
    ([column, value]) => value !== undefined && !isSame(row[column], value),
  )
  if (changed.length === 0) return { kind: 'edited', version }
  const after = Object.fromEntries(changed)
  const before = Object.fromEntries(changed.map(([column]) => [column, asWritten(row[column])]))
  await loosely(trx)
    .updateTable(table)
    .set({ ...after, version: version + 1 })
    .where('id', '=', id)
    .execute()
  await noteChange(trx, {
    householdId: scope.householdId,
    actId: scope.actId,
    record: table,
    recordId: id,
    before,
    after,
  })
  return { kind: 'edited', version: version + 1 }
}

/** Whether a column holds this already; JSON is the same whatever the order of its keys. */
function isSame(kept: unknown, written: unknown): boolean {
  if (kept === null || typeof kept !== 'object' || kept instanceof Date)
    return isDeepStrictEqual(kept, written)
  return typeof written === 'string' && isDeepStrictEqual(kept, JSON.parse(written))
}

/** JSON columns come out parsed and go in as text. */
const asWritten = (value: unknown): unknown =>
  value !== null && typeof value === 'object' && !(value instanceof Date)
    ? JSON.stringify(value)
    : value

/** Takes a record away; false when it was not there. */
export async function removeRecord(
  { trx, actId }: ActScope,
  table: ActedTable,
  id: string,
): Promise<boolean> {
  const result = await loosely(trx)
    .updateTable(table)
    .set({ removed_by_act: actId })
    .where('id', '=', id)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
  return Number(result.numUpdatedRows) > 0
}

/** Whether the household has such a record, and has not taken it away. */
export async function isThere(trx: Trx, table: ActedTable, id: string): Promise<boolean> {
  const row = await loosely(trx)
    .selectFrom(table)
    .select('id')
    .where('id', '=', id)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
  return row !== undefined
}

/** What must be empty before a record that an act created can be taken away again. */
const USED_BY: Readonly<Partial<Record<ActedTable, readonly string[]>>> = {
  shop_order: ['select 1 from purchase where order_id = holder.id and removed_by_act is null'],
  // What was packed lies in a bag: the way back is known from here.
  trip: [
    "select 1 from trip_line where trip_id = holder.id and state = 'packed' and removed_by_act is null",
  ],
  incident: ['select 1 from care_entry where incident_id = holder.id and removed_by_act is null'],
  round: ['select 1 from round_entry where round_id = holder.id and removed_by_act is null'],
  pocket: [
    'select 1 from balance where pocket_id = holder.id',
    'select 1 from par where pocket_id = holder.id and removed_by_act is null',
  ],
  kit: ['select 1 from pocket where kit_id = holder.id and removed_by_act is null'],
  place: [
    'select 1 from kit where place_id = holder.id and removed_by_act is null',
    'select 1 from visit where place_id = holder.id and removed_by_act is null',
  ],
  item: [
    'select 1 from balance join lot on lot.id = balance.lot_id where lot.item_id = holder.id',
    'select 1 from par where item_id = holder.id and removed_by_act is null',
    'select 1 from course where item_id = holder.id and removed_by_act is null',
  ],
  member: [
    'select 1 from course where member_id = holder.id and removed_by_act is null',
    'select 1 from dose_card_member where member_id = holder.id and removed_by_act is null',
    'select 1 from care_entry where member_id = holder.id and removed_by_act is null',
    'select 1 from balance join lot on lot.id = balance.lot_id where lot.for_member_id = holder.id',
  ],
}

/**
 * Takes away what an act created, except what has been put to use since; brings back what it
 * removed. Runs after the stock has been moved back.
 */
export async function reverseRecords({ trx, actId }: ActScope, undone: ActId): Promise<void> {
  for (const table of ACTED_TABLES) {
    const unused = (USED_BY[table] ?? []).map((query) => `not exists (${query})`).join(' and ')
    await sql`
      update ${sql.table(table)} as holder set removed_by_act = ${actId}
      where created_by_act = ${undone} and removed_by_act is null
      ${sql.raw(unused === '' ? '' : `and ${unused}`)}`.execute(trx)
  }
  for (const table of [...ACTED_TABLES].reverse())
    await sql`
      update ${sql.table(table)} set removed_by_act = null where removed_by_act = ${undone}`.execute(
      trx,
    )
}

/**
 * Whether something of the household points at what was taken away: stock or a par of a removed
 * item or pocket, a pocket of a removed kit, a kit of a removed place. No screen could be drawn.
 */
export async function pointsNowhere(trx: Trx): Promise<boolean> {
  const { rows } = await sql`
    select 1 from balance
      join lot on lot.id = balance.lot_id
      join item on item.id = lot.item_id
      join pocket on pocket.id = balance.pocket_id
      where item.removed_by_act is not null or pocket.removed_by_act is not null
    union all
    select 1 from par
      join item on item.id = par.item_id
      join pocket on pocket.id = par.pocket_id
      where par.removed_by_act is null
        and (item.removed_by_act is not null or pocket.removed_by_act is not null)
    union all
    select 1 from pocket join kit on kit.id = pocket.kit_id
      where pocket.removed_by_act is null and kit.removed_by_act is not null
    union all
    select 1 from kit join place on place.id = kit.place_id
      where kit.removed_by_act is null and place.removed_by_act is not null
    limit 1`.execute(trx)
  return rows.length > 0
}
