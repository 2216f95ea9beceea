/** Row security as every table of a household has it. Nothing about it may change: migrations ran with it. */
import { type Kysely, sql } from 'kysely'

/** Lets the application read and write a table, the rows of one household at a time. */
export async function ownHousehold(db: Kysely<unknown>, tables: readonly string[]): Promise<void> {
  for (const table of tables)
    await sql
      .raw(
        `create index ${table}_household on ${table} (household_id);
         grant select, insert, update on ${table} to satchel_app;
         alter table ${table} enable row level security;
         alter table ${table} force row level security;
         create policy own_household on ${table}
           using (household_id = (select app_household()))
           with check (household_id = (select app_household()));`,
      )
      .execute(db)
}
