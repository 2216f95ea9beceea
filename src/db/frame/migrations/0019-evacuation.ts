/** Leaving the house in a hurry: what the household has said for it, and what its vehicles take. */
import { type Kysely, sql } from 'kysely'

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql
    .raw(
      `alter table household add column evacuation jsonb not null default '{}'
         check (jsonb_typeof(evacuation) = 'object');
       alter table place add column vehicle jsonb`,
    )
    .execute(db)
}
