/**
 * Copies a whole household, row by row, under ids of its own: filling one through the use cases
 * takes seconds, and most tests begin with the same one.
 */
import { randomUUID } from 'node:crypto'
import pg from 'pg'

const ID = /[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/g

interface Table {
  readonly name: string
  /** All but those that the database gives itself, in double quotes. */
  readonly columns: string
  readonly order: string
}

let tables: readonly Table[] | undefined

/**
 * @param adminUrl of somebody whom row security does not bind
 * @returns the id of the copy, to which nobody belongs yet
 */
export async function copyHousehold(from: string, adminUrl: string): Promise<string> {
  const client = new pg.Client({ connectionString: adminUrl })
  await client.connect()
  const ids = new Map<string, string>()
  const own = (id: string): string => {
    const known = ids.get(id) ?? randomUUID()
    ids.set(id, known)
    return known
  }
  try {
    // Rows that hold together do so in the copy; nothing has to be checked again.
    await client.query('begin; set local session_replication_role = replica')
    tables ??= await tablesOf(client)
    for (const { name, columns, order } of tables) {
      const { rows } = await client.query<{ all: string | null }>(
        `select json_agg(to_json(one) order by ${order})::text as all from ${name} one
         where household_id = $1`,
        [from],
      )
      const text = rows[0]?.all?.replace(ID, own)
      if (text)
        await client.query(
          `insert into ${name} (${columns}) select ${columns} from json_populate_recordset(null::${name}, $1)`,
          [text],
        )
    }
    await client.query('commit')
    return own(from)
  } finally {
    await client.end()
  }
}

async function tablesOf(client: pg.Client): Promise<readonly Table[]> {
  const { rows } = await client.query<Table>(
    `select table_name as name,
            string_agg(format('%I', column_name), ', ')
              filter (where is_identity = 'NO' and is_generated = 'NEVER') as columns,
            coalesce(min(format('%I', column_name)) filter (where is_identity = 'YES'), 'household_id')
              as order
     from information_schema.columns
     where table_schema = 'public' and table_name <> 'household_user' and table_name in
       (select table_name from information_schema.columns where column_name = 'household_id')
     group by table_name`,
  )
  return rows
}
