/** A kit that goes with somebody: who carries it, to which places, and since when if it was taken along. */
import { type Kysely, sql } from 'kysely'

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw('alter table kit add column goes_with jsonb').execute(db)
}
