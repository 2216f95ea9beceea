/**
 * Rounds: what was asked and said at a kit, also by phones that had no connection; the codes on
 * packs, printed lid sheets, and the calendars that the dates go to.
 */
import { type Kysely, sql } from 'kysely'
import { ownHousehold } from './ownHousehold'

const TABLES = `
alter table household add column round_pace text not null default 'calm'
  check (round_pace in ('calm', 'thorough'));
-- "at" is when it was done; this is when it was heard of, where that was later.
alter table act add column received_at timestamptz;

create table round (
  id uuid primary key,
  household_id uuid not null references household (id),
  kit_id uuid not null,
  pocket_ids jsonb not null,
  started_at timestamptz not null,
  started_by text not null,
  finished_at timestamptz,
  signed_by text check (length(signed_by) between 1 and 120),
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  check ((finished_at is null) = (signed_by is null)),
  foreign key (household_id, kit_id) references kit (household_id, id)
);
create index round_by_kit on round (kit_id, started_at desc);

create table round_entry (
  id uuid primary key,
  household_id uuid not null references household (id),
  round_id uuid not null,
  pocket_id uuid not null,
  lot_id uuid,
  said_at timestamptz not null,
  said_by text not null,
  seconds integer not null check (seconds between 0 and 3600),
  fact jsonb not null,
  outcome jsonb,
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, round_id) references round (household_id, id),
  foreign key (household_id, pocket_id) references pocket (household_id, id),
  foreign key (household_id, lot_id) references lot (household_id, id)
);
create index round_entry_by_round on round_entry (round_id);
create index round_entry_by_lot on round_entry (lot_id) where lot_id is not null;

create table item_code (
  id uuid primary key,
  household_id uuid not null references household (id),
  item_id uuid not null,
  gtin text not null check (gtin ~ '^[0-9]{14}$'),
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, item_id) references item (household_id, id)
);
create unique index item_code_once on item_code (household_id, gtin)
  where removed_by_act is null;

create table sheet_print (
  id uuid primary key,
  household_id uuid not null references household (id),
  kit_id uuid not null,
  on_day date not null,
  fingerprint text not null,
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, kit_id) references kit (household_id, id)
);

create table calendar_feed (
  id uuid primary key,
  household_id uuid not null references household (id),
  name text not null check (length(name) between 1 and 120),
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id)
);
`

/** The tables that this migration adds; each carries its household. */
export const ROUND_TABLES = [
  'round',
  'round_entry',
  'item_code',
  'sheet_print',
  'calendar_feed',
] as const

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(TABLES).execute(db)
  await ownHousehold(db, ROUND_TABLES)
}
