/**
 * A household that is to be deleted, after a week in which it can be kept. Only the database
 * itself deletes, and only what is due: the application may ask for it and take it back.
 */
import { type Kysely, sql } from 'kysely'

/** What is inside goes before what holds it. */
const EMPTIED = [
  'record_change',
  'act_result',
  'movement',
  'balance',
  'restock_wish',
  'shop_offer',
  'use_rate',
  'recall_notice',
  'purchase',
  'shop_order',
  'care_photo',
  'card_photo',
  'care_entry',
  'incident',
  'recipe',
  'dose_card_member',
  'dose_card',
  'round_entry',
  'round',
  'item_code',
  'sheet_print',
  'calendar_feed',
  'errand_deferral',
  'list_decision',
  'stock_view',
  'lot_paper',
  'member_photo',
  'weighing',
  'course',
  'kit_check',
  'par',
  'visit',
  'lot',
  'pocket',
  'kit',
  'place',
  'item',
  'member',
  'household_deletion',
  'household_user',
  'act',
  'household',
] as const

const STATEMENTS = `
create table household_deletion (
  household_id uuid primary key references household (id),
  asked_by text not null check (length(asked_by) between 1 and 200),
  -- Deleted with it; null where somebody stays.
  account_id text,
  asked_at timestamptz not null default now(),
  due_at timestamptz not null default now() + interval '7 days'
);
alter table household_deletion enable row level security;
alter table household_deletion force row level security;
create policy own_household on household_deletion
  using (household_id = (select app_household()))
  with check (household_id = (select app_household()));
-- The owner's function below looks for what is due in every household.
create policy due_anywhere on household_deletion to current_user using (true);
-- When it is due is not the application's to say.
grant select, delete, insert (household_id, asked_by, account_id) on household_deletion to satchel_app;

-- Somebody leaves a household in which others stay.
grant delete on household_user to satchel_app;

create or replace function refuse_rewriting() returns trigger language plpgsql as $$
begin
  -- A household goes whole or not at all; row security keeps this to that one household.
  if tg_op = 'DELETE' and app_household() is not null
     and current_setting('app.deleting', true) = app_household()::text then
    return null;
  end if;
  raise exception 'The record is append-only: % on % is refused', tg_op, tg_table_name
    using errcode = 'restrict_violation';
end $$;

create function delete_due_households() returns integer language plpgsql security definer
  set search_path = public, pg_temp as $$
declare
  due record;
  deleted integer := 0;
  goes_with_it boolean;
begin
  for due in select household_id, account_id from household_deletion
             where due_at <= now() for update skip locked
  loop
    perform set_config('app.household', due.household_id::text, true);
    perform set_config('app.deleting', due.household_id::text, true);
    -- Whoever has left meanwhile keeps the account.
    goes_with_it := exists (select 1 from household_user
                            where household_id = due.household_id and user_id = due.account_id);
    ${EMPTIED.map((table) => `delete from ${table} where household_id = due.household_id;`).join('\n    ')}
    if goes_with_it then
      delete from auth.recovery_code where user_id = due.account_id;
      delete from auth.passkey where user_id = due.account_id;
      delete from auth.session where "userId" = due.account_id;
      delete from auth.account where "userId" = due.account_id;
      delete from auth."user" where id = due.account_id;
    end if;
    deleted := deleted + 1;
  end loop;
  perform set_config('app.household', '', true);
  perform set_config('app.deleting', '', true);
  return deleted;
end $$;
revoke all on function delete_due_households() from public;
grant execute on function delete_due_households() to satchel_app;
`

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(STATEMENTS).execute(db)
}
