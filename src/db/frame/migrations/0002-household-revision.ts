/**
 * A number that every act of a household raises by one. What was derived from the record at
 * one revision stays true until the next, so it can be kept in memory. Raising it also puts
 * the acts of one household in a row.
 */
import { type Kysely, sql } from 'kysely'

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`alter table household add column revision bigint not null default 0`.execute(db)
}
