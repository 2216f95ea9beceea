/** What happened on a trip: at which stop. It stands in the trip's own record, which may change. */
import { type Kysely, sql } from 'kysely'

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw('alter table incident add column stop_id uuid').execute(db)
}
