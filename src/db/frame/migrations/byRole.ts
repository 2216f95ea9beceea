/** Which right reads a table and which writes it, held by row security. Nothing about it may change: migrations ran with it. */
import { type Kysely, sql } from 'kysely'

/** Beside which household a row belongs to: whether whoever asks may see it, and change it. */
export async function byRole(
  db: Kysely<unknown>,
  table: string,
  { sees, writes }: { readonly sees: string; readonly writes: string },
): Promise<void> {
  await sql
    .raw(
      `insert into table_right values ('${table}', '${sees}', '${writes}');
       create policy role_sees on ${table} as restrictive for select to satchel_app
         using ((select app_may('${sees}')));
       create policy role_adds on ${table} as restrictive for insert to satchel_app
         with check ((select app_may('${writes}')));
       create policy role_changes on ${table} as restrictive for update to satchel_app
         using ((select app_may('${writes}')));
       create policy role_removes on ${table} as restrictive for delete to satchel_app
         using ((select app_may('${writes}')));`,
    )
    .execute(db)
}
