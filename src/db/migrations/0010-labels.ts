/** Whose printed labels a household follows; null: its country's. */
import { type Kysely, sql } from 'kysely'

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`
    alter table household add column labels text
      check (labels in ('us', 'uk', 'none'))
  `.execute(db)
}
