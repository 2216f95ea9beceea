/**
 * Guests who come again every week; what was given away at a roadside and is to be made up for; the code
 * on a lid, behind which a kit tells whoever opens it what is in it.
 */
import { type Kysely, sql } from 'kysely'
import { byRole } from './byRole'
import { ownHousehold } from './ownHousehold'

const STATEMENTS = `
alter table member add column guest_days jsonb
  check (guest_days is null or jsonb_typeof(guest_days) = 'array');

create table roadside_taking (
  id uuid primary key,
  household_id uuid not null references household (id),
  item_id uuid not null,
  pocket_id uuid not null,
  -- Thousandths of the item's unit.
  amount bigint not null check (amount > 0 and amount <= 100000000),
  on_day date not null,
  -- By whoever opened the kit by the code on its lid.
  by_lid boolean not null default false,
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, item_id) references item (household_id, id),
  foreign key (household_id, pocket_id) references pocket (household_id, id)
);

create table lid_code (
  id uuid primary key,
  household_id uuid not null references household (id),
  kit_id uuid not null,
  code_hash text not null unique,
  -- This kit alone, or every kit at its place.
  shows text not null check (shows in ('kit', 'place')),
  may_take boolean not null,
  made_by text not null,
  made_at timestamptz not null,
  ended_at timestamptz,
  unique (household_id, id),
  foreign key (household_id, kit_id) references kit (household_id, id)
);
create unique index lid_code_of_kit on lid_code (household_id, kit_id) where ended_at is null;

create function household_of_lid(hash text) returns uuid
  language sql stable security definer set search_path = public, pg_temp as $$
  select household_id from lid_code where code_hash = hash
$$;
revoke all on function household_of_lid(text) from public;
grant execute on function household_of_lid(text) to satchel_app;

insert into act_right values ('taken_at_roadside', 'use'), ('lid_code_made', 'settings'),
  ('lid_code_ended', 'settings');

do $$
begin
  execute replace(
    pg_get_functiondef('delete_due_households()'::regprocedure),
    'delete from record_change',
    'delete from roadside_taking where household_id = due.household_id;
    delete from lid_code where household_id = due.household_id;
    delete from record_change');
end $$;
`

const AFTER = `
-- The owner's function above looks for a code in every household.
create policy code_anywhere on lid_code to current_user using (true);
-- A code stays the code of its kit.
revoke update on lid_code from satchel_app;
grant update (shows, may_take, ended_at) on lid_code to satchel_app;
`

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(STATEMENTS).execute(db)
  await ownHousehold(db, ['roadside_taking', 'lid_code'])
  await byRole(db, 'roadside_taking', { sees: 'look', writes: 'use' })
  await byRole(db, 'lid_code', { sees: 'look', writes: 'settings' })
  await sql.raw(AFTER).execute(db)
}
