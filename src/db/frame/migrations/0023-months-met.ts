/** What was measured at a place month by month: the model is set right by it. */
import { type Kysely, sql } from 'kysely'

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql
    .raw(
      `alter table temperature_year add column measured jsonb
        check (measured is null or jsonb_typeof(measured) = 'array')`,
    )
    .execute(db)
}
