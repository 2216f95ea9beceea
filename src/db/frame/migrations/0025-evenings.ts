/**
 * Evenings: what a sitter may see and note down for a while, behind a code and without an account. What
 * they note is acts like all others, signed with their name.
 */
import { type Kysely, sql } from 'kysely'

const STATEMENTS = `
create table evening (
  id uuid primary key,
  household_id uuid not null references household (id),
  code_hash text not null unique,
  for_name text not null check (length(for_name) between 1 and 120),
  from_at timestamptz not null,
  to_at timestamptz not null,
  plan jsonb not null check (jsonb_typeof(plan) = 'object'),
  made_by text not null,
  made_at timestamptz not null,
  ended_at timestamptz,
  check (to_at > from_at and to_at <= from_at + interval '96 hours'),
  unique (household_id, id)
);
create index evening_household on evening (household_id, from_at desc);
grant select, insert on evening to satchel_app;
grant update (ended_at) on evening to satchel_app;
alter table evening enable row level security;
alter table evening force row level security;
create policy own_household on evening
  using (household_id = (select app_household()))
  with check (household_id = (select app_household()));
-- The owner's function below looks for a code in every household.
create policy code_anywhere on evening to current_user using (true);
create policy role_sees on evening as restrictive for select to satchel_app
  using ((select app_may('look')));
create policy role_adds on evening as restrictive for insert to satchel_app
  with check ((select app_may('arrange')));
create policy role_changes on evening as restrictive for update to satchel_app
  using ((select app_may('arrange')));
create policy role_removes on evening as restrictive for delete to satchel_app
  using ((select app_may('arrange')));
create index act_by_user on act (household_id, by_user) where by_user like 'evening:%';
insert into table_right values ('evening', 'look', 'arrange');
insert into act_right values ('evening_given', 'arrange'), ('evening_ended', 'arrange');

create function household_of_evening(hash text) returns uuid
  language sql stable security definer set search_path = public, pg_temp as $$
  select household_id from evening where code_hash = hash
$$;
revoke all on function household_of_evening(text) from public;
grant execute on function household_of_evening(text) to satchel_app;

do $$
begin
  execute replace(
    pg_get_functiondef('delete_due_households()'::regprocedure),
    'delete from invitation',
    'delete from evening where household_id = due.household_id;
    delete from invitation');
end $$;
`

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(STATEMENTS).execute(db)
}
