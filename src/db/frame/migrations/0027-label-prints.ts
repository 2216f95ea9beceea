/** What each label said when it was printed last: so that only those that changed are printed again. */
import { type Kysely, sql } from 'kysely'
import { byRole } from './byRole'
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

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(STATEMENTS).execute(db)
  await ownHousehold(db, ['label_print'])
  await byRole(db, 'label_print', { sees: 'look', writes: 'use' })
}
