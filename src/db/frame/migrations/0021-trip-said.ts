/** What each of a party missed and cursed, beside what all of them say. */
import { type Kysely, sql } from 'kysely'

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql
    .raw(
      `alter table trip add column said jsonb not null default '[]'
        check (jsonb_typeof(said) = 'array')`,
    )
    .execute(db)
}
