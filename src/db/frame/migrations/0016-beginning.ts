/** Whether a household's first steps are still to be taken; those that were there before have begun. */
import { type Kysely, sql } from 'kysely'

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql
    .raw(
      `alter table household add column beginning text not null default 'over'
         check (beginning in ('open', 'over'))`,
    )
    .execute(db)
}
