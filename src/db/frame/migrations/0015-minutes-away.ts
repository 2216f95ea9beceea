/** How long it takes to fetch a kit from where people at its place are (null: nobody has said). */
import { type Kysely, sql } from 'kysely'

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql
    .raw('alter table kit add column minutes_away int check (minutes_away between 0 and 600)')
    .execute(db)
}
