/**
 * Who is kept for and what suits them: facts of members, weighings, prescriptions, photos; the
 * catalogue entry of an item and what the household says of it; what can happen at a place;
 * and what the keeper decided about a proposed line.
 */
import { type Kysely, sql } from 'kysely'
import { ownHousehold } from './ownHousehold'

const TABLES = `
alter table household add column schools jsonb not null default '{}';
alter table member add column facts jsonb, add column guest_until date;
alter table place add column traits jsonb not null default '[]';
alter table item add column catalogue_id text, add column own_facts jsonb not null default '{}';

create table weighing (
  id uuid primary key,
  household_id uuid not null references household (id),
  member_id uuid not null,
  on_day date not null,
  grams integer not null check (grams between 1 and 2000000),
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, member_id) references member (household_id, id)
);
create unique index weighing_once_a_day on weighing (member_id, on_day) where removed_by_act is null;

create table course (
  id uuid primary key,
  household_id uuid not null references household (id),
  member_id uuid not null,
  item_id uuid not null,
  reason text not null default '',
  prescriber text not null default '',
  directions text not null default '',
  per_day bigint check (per_day > 0 and per_day <= 100000000),
  starts_on date not null,
  ends_on date check (ends_on >= starts_on),
  release jsonb,
  confirmed_against_warning boolean not null default false,
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, member_id) references member (household_id, id),
  foreign key (household_id, item_id) references item (household_id, id)
);

create table member_photo (
  id uuid primary key,
  household_id uuid not null references household (id),
  member_id uuid not null,
  media_type text not null check (media_type in ('image/jpeg', 'image/png', 'image/webp')),
  bytes bytea not null check (length(bytes) between 1 and 600000),
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, member_id) references member (household_id, id)
);
create unique index member_photo_once on member_photo (member_id) where removed_by_act is null;

create table list_decision (
  id uuid primary key,
  household_id uuid not null references household (id),
  place_id uuid not null,
  line_key text not null,
  decision text not null check (decision in ('accepted', 'overruled')),
  note text not null default '',
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, place_id) references place (household_id, id)
);
create unique index list_decision_once on list_decision (place_id, line_key) where removed_by_act is null;
`

/** The tables that this migration adds; each carries its household. */
export const MEMBER_TABLES = ['weighing', 'course', 'member_photo', 'list_decision'] as const

/** What belongs to one person belongs to one item: nobody's medicine is prescribed for another. */
const ONE_OWNER = `
create function refuse_mixed_medicine() returns trigger language plpgsql as $$
begin
  if exists (select 1 from course where item_id = new.item_id and member_id <> new.member_id
             and removed_by_act is null and id <> new.id) then
    raise exception 'The item is prescribed for another member' using errcode = 'unique_violation',
      constraint = 'course_one_owner';
  end if;
  return new;
end $$;
create trigger one_owner before insert or update on course for each row
  when (new.removed_by_act is null) execute function refuse_mixed_medicine();
`

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(TABLES).execute(db)
  await sql.raw(ONE_OWNER).execute(db)
  await ownHousehold(db, MEMBER_TABLES)
}
