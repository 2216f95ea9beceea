/** What a kit is for: how far it has to reach (null: as its place suggests), and whom it is for. */
import { type Kysely, sql } from 'kysely'

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql
    .raw(
      `alter table kit add column range text
         check (range in ('body', 'bag', 'vehicle', 'home', 'away'));
       alter table kit add column whom text not null default 'everybody'
         check (whom in ('everybody', 'people', 'animals'));`,
    )
    .execute(db)
}
