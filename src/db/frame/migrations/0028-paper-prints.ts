/** What each paper said when it was printed last, and where it is: a card in a wallet, a sheet on a door. */
import { type Kysely, sql } from 'kysely'
import { byRole } from './byRole'
import { ownHousehold } from './ownHousehold'

const STATEMENTS = `
create table paper_print (
  id uuid primary key,
  household_id uuid not null references household (id),
  paper_key text not null check (length(paper_key) between 1 and 200),
  on_day date not null,
  fingerprint text not null,
  hangs text not null default '' check (length(hangs) <= 200),
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id)
);
create unique index paper_print_of on paper_print (household_id, paper_key) where removed_by_act is null;
insert into act_right values ('card_printed', 'use');

do $$
begin
  execute replace(
    pg_get_functiondef('delete_due_households()'::regprocedure),
    'delete from record_change',
    'delete from paper_print where household_id = due.household_id;
    delete from record_change');
end $$;
`

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(STATEMENTS).execute(db)
  await ownHousehold(db, ['paper_print'])
  await byRole(db, 'paper_print', { sees: 'look', writes: 'use' })
}
