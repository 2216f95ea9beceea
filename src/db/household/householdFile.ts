/**
 * The records of a household, read whole and written whole, as JSON in the database's own words:
 * a file keeps to the microsecond what the record keeps.
 */
import { randomUUID } from 'node:crypto'
import { sql } from 'kysely'
import type { HouseholdId, LotId } from '../../core/ids'
import { evolve, type Fact, type LotStock } from '../../core/stock/movement'
import type { Trx } from '../frame/connect'
import { effectColumns } from '../frame/ledger'

/** Rows of one kind, by column. */
export type FileRow = Readonly<Record<string, unknown>>
export type FileRecords = Readonly<Record<string, readonly FileRow[]>>

/** How a kind is kept: what the file leaves out, and in which order it tells it. */
const LEFT_OUT: Readonly<Record<string, readonly string[]>> = {
  household: ['revision'],
  // What a device needs to send again; no other machine is sent to again.
  // Nor does it know whose account it was.
  act: ['idempotency_key', 'request_hash', 'by_user'],
  movement: ['kind', 'from_pocket_id', 'to_pocket_id', 'amount', 'position'],
}
const ORDER: Readonly<Record<string, string>> = {
  act: 'at, id',
  movement: 'position',
  record_change: 'act_id, position',
}
const ENDINGS: Readonly<Record<string, string>> = {
  'image/jpeg': 'jpg',
  'image/png': 'png',
  'image/webp': 'webp',
}

/** @returns the rows of each kind named, oldest or first first, without what the file leaves out */
export async function readRecords(trx: Trx, names: readonly string[]): Promise<FileRecords> {
  await sql`set local time zone 'UTC'`.execute(trx)
  const records: Record<string, readonly FileRow[]> = {}
  for (const name of names) {
    // The bytes of pictures are files beside the records.
    const out = ['household_id', 'bytes', ...(LEFT_OUT[name] ?? [])]
    const { rows } = await sql<{ row: FileRow }>`
      select to_jsonb(one) - ${out}::text[] as row from ${sql.table(name)} one
      order by ${sql.raw(ORDER[name] ?? 'id')}`.execute(trx)
    records[name] = rows.map(({ row }) =>
      'media_type' in row ? { ...row, file: fileOf(row) } : row,
    )
  }
  return records
}

const fileOf = ({ id, media_type }: FileRow): string =>
  `photos/${id}.${ENDINGS[String(media_type)] ?? 'bin'}`

/** The bytes of one picture. */
export async function readPicture(trx: Trx, name: string, id: string): Promise<Buffer> {
  const { rows } = await sql<{ bytes: Buffer }>`
    select bytes from ${sql.table(name)} where id = ${id}`.execute(trx)
  return rows[0]?.bytes ?? Buffer.alloc(0)
}

/** Nobody else acts on the household until this transaction ends. */
export async function lockHousehold(trx: Trx): Promise<void> {
  await sql`select 1 from household for update`.execute(trx)
}

/** Whether anything was ever recorded in a household, beyond its settings. */
export async function isEmpty(trx: Trx): Promise<boolean> {
  const { rows } = await sql<{ empty: boolean }>`
    select not exists (
      select 1 from act join act_right using (kind) where act_right."right" not in ('settings', 'house')
    ) as empty`.execute(trx)
  return rows[0]?.empty ?? false
}

/** The ledger of the file says other than its lots. */
export class LedgerDiffersError extends Error {
  override readonly name = 'LedgerDiffersError'
}

/**
 * Writes the records into an empty household: under new ids, which stand in the order of the old
 * ones, with what lies where added up anew from the ledger.
 * @param pictures bytes by file name
 * @throws {LedgerDiffersError}; what the database throws where something refers to nothing
 */
export async function writeRecords(
  trx: Trx,
  householdId: HouseholdId,
  names: readonly string[],
  file: FileRecords,
  pictures: (file: string) => Promise<Buffer>,
): Promise<void> {
  const { records, idOf } = withNewIds(file, householdId)
  const own = { household_id: householdId }
  const [{ id: _, ...household } = {} as FileRow] = records.household ?? []
  await sql`
    update household set ${sql.raw(setAll(Object.keys(household)))}
    from jsonb_populate_record(null::household, ${JSON.stringify(household)}) as told
    where household.id = ${householdId}`.execute(trx)
  const { rows, balances, versions } = ledgerOf(records.movement ?? [])
  for (const { id, version } of records.lot ?? [])
    if ((versions.get(String(id)) ?? 0) !== version) throw new LedgerDiffersError(String(id))
  for (const name of names) {
    if (name === 'household') continue
    const extra = EXTRA[name] ?? (() => ({}))
    const told: readonly FileRow[] = name === 'movement' ? rows : (records[name] ?? [])
    // One at a time: together they may be larger than memory.
    for (const { file: path, ...row } of told.filter((one) => 'file' in one)) {
      // The name was of the old id; the files are still called by it.
      const bytes = await pictures(idOf.back(String(path)))
      await insert(trx, name, [{ ...row, ...own, bytes: `\\x${bytes.toString('hex')}` }])
    }
    await insert(
      trx,
      name,
      told.filter((one) => !('file' in one)).map((row) => ({ ...row, ...own, ...extra(row) })),
    )
  }
  await insert(
    trx,
    'balance',
    balances.map((row) => ({ ...row, ...own })),
  )
  await sql`update household set revision = revision + 1 where id = ${householdId}`.execute(trx)
}

const EXTRA: Readonly<Record<string, (row: FileRow) => FileRow>> = {
  act: ({ id }) => ({ idempotency_key: `brought-${id}`, request_hash: '' }),
}

const quoted = (columns: readonly string[]): string =>
  columns.map((column) => `"${column.replaceAll('"', '""')}"`).join(', ')
const setAll = (columns: readonly string[]): string =>
  columns.map((column) => `${quoted([column])} = told.${quoted([column])}`).join(', ')

async function insert(trx: Trx, name: string, rows: readonly FileRow[]): Promise<void> {
  const [first] = rows
  if (!first) return
  const columns = sql.raw(quoted(Object.keys(first)))
  await sql`
    insert into ${sql.table(name)} (${columns})
    select ${columns} from json_populate_recordset(null::${sql.table(name)}, ${JSON.stringify(rows)})
    `.execute(trx)
}

/** The ledger as rows, and what lies where after it. @throws what {@link evolve} throws */
function ledgerOf(movements: readonly FileRow[]) {
  const stocks = new Map<string, LotStock>()
  const rows = movements.map((row) => {
    const lotId = row.lot_id as LotId
    const fact = row.fact as Fact
    const now = stocks.get(lotId) ?? { lotId, version: 0, held: new Map() }
    stocks.set(lotId, evolve(now, fact))
    return { ...row, kind: fact.kind, ...effectColumns(fact) }
  })
  return {
    rows,
    versions: new Map([...stocks].map(([lotId, { version }]) => [lotId as string, version])),
    balances: [...stocks].flatMap(([lot_id, { held }]) =>
      [...held].map(([pocket_id, amount]) => ({ lot_id, pocket_id, amount })),
    ),
  }
}

const ID = /[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/gi

/** Everything under a new id, wherever the old one is named: in columns, in JSON, in keys of errands. */
function withNewIds(file: FileRecords, householdId: HouseholdId) {
  const old = [
    ...new Set(
      Object.values(file).flatMap((rows) =>
        rows.flatMap(({ id }) => (typeof id === 'string' ? [id.toLowerCase()] : [])),
      ),
    ),
  ].sort()
  const fresh = old.map(() => randomUUID()).sort()
  const known = new Map(old.map((id, at) => [id, fresh[at] ?? id]))
  known.set(String(file.household?.[0]?.id).toLowerCase(), householdId)
  const back = new Map([...known].map(([was, is]) => [is, was]))
  const records = JSON.parse(
    JSON.stringify(file).replace(ID, (id) => known.get(id.toLowerCase()) ?? id),
  ) as FileRecords
  return {
    records,
    idOf: { back: (text: string) => text.replace(ID, (id) => back.get(id) ?? id) },
  }
}
