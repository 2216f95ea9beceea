/**
 * Kits as they are kept: what each is kept in, what its pockets are like, what a lot was once
 * part of and whom it was got for, papers of lots, what is known of a place, what the household
 * thinks of an item, and views of the stock that somebody named.
 */
import { type Kysely, sql } from 'kysely'
import { ownHousehold } from './ownHousehold'

const TABLES = `
alter table kit add column container jsonb;
alter table pocket
  add column spot text,
  add column inner_mm jsonb,
  add column clear boolean not null default false,
  add column dry boolean not null default true,
  add column upright boolean not null default false;
alter table place
  add column minutes_to_vet integer check (minutes_to_vet between 0 and 10000),
  add column signal text,
  add column climate text,
  add column usually_there jsonb not null default '[]';
alter table item add column verdict jsonb;
alter table visit add column source_uid text;
create unique index visit_source_once on visit (place_id, source_uid, starts_on)
  where removed_by_act is null and source_uid is not null;

alter table lot
  add column received_on date,
  add column directions text not null default '',
  add column for_member_id uuid,
  add column origin jsonb,
  add foreign key (household_id, for_member_id) references member (household_id, id);
-- Row security is forced on the owner too; to fill the new column it has to see every row.
alter table lot no force row level security;
alter table act no force row level security;
update lot set received_on = act.on_day from act where act.id = lot.created_by_act;
update lot set received_on = current_date where received_on is null;
alter table lot force row level security;
alter table act force row level security;
alter table lot alter column received_on set not null;

create table lot_paper (
  id uuid primary key,
  household_id uuid not null references household (id),
  lot_id uuid not null,
  media_type text not null check (media_type in ('image/jpeg', 'image/png', 'image/webp')),
  bytes bytea not null check (length(bytes) between 1 and 600000),
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, lot_id) references lot (household_id, id)
);
create unique index lot_paper_once on lot_paper (lot_id) where removed_by_act is null;

create table stock_view (
  id uuid primary key,
  household_id uuid not null references household (id),
  name text not null check (length(name) between 1 and 120),
  filter jsonb not null,
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id)
);
create unique index stock_view_name_once on stock_view (household_id, lower(name))
  where removed_by_act is null;

create index act_by_day on act (household_id, on_day);
`

/** The tables that this migration adds; each carries its household. */
export const KEEPING_TABLES = ['lot_paper', 'stock_view'] as const

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(TABLES).execute(db)
  await ownHousehold(db, KEEPING_TABLES)
}
