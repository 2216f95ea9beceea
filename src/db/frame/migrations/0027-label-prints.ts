/** What each label said when it was printed last: so that only those that changed are printed again. */
import { type Kysely, sql } from 'kysely'
import { ownHousehold } from './ownHousehold'

const STATEMENTS = `
create table label_print (
  id uuid primary key,
  household_id uuid not null references household (id),
  kit_id uuid not null,
  label_key text not null check (length(label_key) between 1 and 200),
  on_day date not null,
  fingerprint text not null,
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, kit_id) references kit (household_id, id)
);
create unique index label_print_of on label_print (household_id, label_key) where removed_by_act is null;
insert into table_right values ('label_print', 'look', 'use');
insert into act_right values ('labels_printed', 'use');

do $$
begin
  execute replace(
    pg_get_functiondef('delete_due_households()'::regprocedure),
    'delete from record_change',
    'delete from label_print where household_id = due.household_id;
    delete from record_change');
end $$;
`

const ROLES = `
create policy role_sees on label_print as restrictive for select to satchel_app
  using ((select app_may('look')));
create policy role_adds on label_print as restrictive for insert to satchel_app
  with check ((select app_may('use')));
create policy role_changes on label_print as restrictive for update to satchel_app
  using ((select app_may('use')));
create policy role_removes on label_print as restrictive for delete to satchel_app
  using ((select app_may('use')));
`

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(STATEMENTS).execute(db)
  await ownHousehold(db, ['label_print'])
  await sql.raw(ROLES).execute(db)
}
