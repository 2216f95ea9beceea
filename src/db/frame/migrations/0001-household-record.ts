/**
 * The household's record: places, kits, pockets, items, pars, lots, the ledger and what is
 * kept beside it. Every table carries its household; row-level security compares it with a
 * setting made per transaction. References carry the household too, so that no row can point
 * into another household even where a policy were wrong.
 */
import { type Kysely, sql } from 'kysely'

/** Rows that are created, edited and removed by acts; never deleted, so that undo can bring them back. */
const ACTED = `
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id)`

const TABLES = `
create function app_household() returns uuid language sql stable as
  $$ select nullif(current_setting('app.household', true), '')::uuid $$;
create function app_user() returns text language sql stable as
  $$ select nullif(current_setting('app.user', true), '') $$;

create table household (
  id uuid primary key,
  household_id uuid not null generated always as (id) stored,
  name text not null check (length(name) between 1 and 120),
  time_zone text not null,
  date_order text not null check (date_order in ('day-first', 'month-first')),
  week_start text not null check (week_start in ('monday', 'sunday')),
  units text not null check (units in ('metric', 'us')),
  country text not null default '',
  emergency_number text not null default '',
  poison_number text not null default '',
  currency text not null default 'EUR',
  lookahead_days integer not null default 30 check (lookahead_days between 1 and 366),
  ${ACTED}
);

create table household_user (
  household_id uuid not null references household (id),
  user_id text not null unique,
  name text not null,
  primary key (household_id, user_id)
);

create table act (
  id uuid primary key,
  household_id uuid not null references household (id),
  idempotency_key text not null check (length(idempotency_key) between 8 and 100),
  request_hash text not null,
  kind text not null,
  who text not null,
  at timestamptz not null,
  on_day date not null,
  why text not null default '',
  undoes uuid,
  unique (household_id, id),
  unique (household_id, idempotency_key),
  foreign key (household_id, undoes) references act (household_id, id)
);
create unique index act_undone_once on act (undoes) where undoes is not null;
create index act_recent on act (household_id, at desc);

create table act_result (
  act_id uuid primary key,
  household_id uuid not null,
  result jsonb not null,
  foreign key (household_id, act_id) references act (household_id, id)
);

create table record_change (
  act_id uuid not null,
  household_id uuid not null,
  position integer not null,
  record text not null,
  record_id uuid not null,
  before jsonb not null,
  after jsonb not null,
  primary key (act_id, position),
  foreign key (household_id, act_id) references act (household_id, id)
);

create table member (
  id uuid primary key,
  household_id uuid not null references household (id),
  name text not null check (length(name) between 1 and 120),
  species text not null,
  born date,
  helper boolean not null default false,
  note text not null default '',
  ${ACTED}
);

create table place (
  id uuid primary key,
  household_id uuid not null references household (id),
  name text not null check (length(name) between 1 and 120),
  hue text not null,
  minutes_to_help integer check (minutes_to_help between 0 and 10000),
  note text not null default '',
  rhythm jsonb not null,
  position integer not null,
  ${ACTED}
);

create table visit (
  id uuid primary key,
  household_id uuid not null references household (id),
  place_id uuid not null,
  starts_on date not null,
  ends_on date not null check (ends_on >= starts_on),
  label text not null default '',
  ${ACTED},
  foreign key (household_id, place_id) references place (household_id, id)
);

create table kit (
  id uuid primary key,
  household_id uuid not null references household (id),
  place_id uuid not null,
  name text not null check (length(name) between 1 and 120),
  note text not null default '',
  check_every_days integer not null default 182 check (check_every_days between 1 and 1500),
  ${ACTED},
  foreign key (household_id, place_id) references place (household_id, id)
);

create table kit_check (
  id uuid primary key,
  household_id uuid not null references household (id),
  kit_id uuid not null,
  on_day date not null,
  by_whom text not null,
  ${ACTED},
  foreign key (household_id, kit_id) references kit (household_id, id)
);

create table pocket (
  id uuid primary key,
  household_id uuid not null references household (id),
  kit_id uuid not null,
  name text not null check (length(name) between 1 and 120),
  sort text not null check (sort in ('inside', 'outside', 'elsewhere')),
  cell_column integer not null check (cell_column between 1 and 12),
  cell_row integer not null check (cell_row between 1 and 200),
  cell_columns integer not null check (cell_columns between 1 and 12),
  cell_rows integer not null check (cell_rows between 1 and 20),
  reach_seconds integer check (reach_seconds between 0 and 3600),
  ${ACTED},
  foreign key (household_id, kit_id) references kit (household_id, id)
);

create table item (
  id uuid primary key,
  household_id uuid not null references household (id),
  name text not null check (length(name) between 1 and 120),
  strength text not null default '',
  unit text not null default '',
  kind text not null,
  purpose text not null default '',
  for_whom text not null default '',
  essential boolean not null default false,
  opened_clock jsonb not null,
  pack_size bigint check (pack_size > 0 and pack_size <= 100000000),
  pack_price_minor integer check (pack_price_minor >= 0),
  shop text not null default '',
  note text not null default '',
  ${ACTED}
);

create table par (
  id uuid primary key,
  household_id uuid not null references household (id),
  item_id uuid not null,
  pocket_id uuid not null,
  amount bigint not null check (amount > 0 and amount <= 100000000),
  ${ACTED},
  foreign key (household_id, item_id) references item (household_id, id),
  foreign key (household_id, pocket_id) references pocket (household_id, id)
);
create unique index par_once on par (item_id, pocket_id) where removed_by_act is null;

create table lot (
  id uuid primary key,
  household_id uuid not null references household (id),
  item_id uuid not null,
  expiry text not null,
  opened_on date,
  condition text not null,
  standing jsonb not null,
  batch text not null default '',
  bought_at text not null default '',
  unit_price_minor integer check (unit_price_minor >= 0),
  note text not null default '',
  version integer not null default 0,
  created_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, item_id) references item (household_id, id)
);
create index lot_of_item on lot (item_id);

create table movement (
  id uuid primary key,
  household_id uuid not null references household (id),
  position bigint generated always as identity,
  act_id uuid not null,
  lot_id uuid not null,
  kind text not null,
  from_pocket_id uuid,
  to_pocket_id uuid,
  amount bigint not null default 0 check (amount >= 0 and amount <= 100000000),
  fact jsonb not null,
  foreign key (household_id, act_id) references act (household_id, id),
  foreign key (household_id, lot_id) references lot (household_id, id),
  foreign key (household_id, from_pocket_id) references pocket (household_id, id),
  foreign key (household_id, to_pocket_id) references pocket (household_id, id)
);
create index movement_of_lot on movement (lot_id, position);
create index movement_of_act on movement (act_id);

create table balance (
  household_id uuid not null references household (id),
  lot_id uuid not null,
  pocket_id uuid not null,
  amount bigint not null check (amount > 0 and amount <= 100000000),
  primary key (lot_id, pocket_id),
  foreign key (household_id, lot_id) references lot (household_id, id),
  foreign key (household_id, pocket_id) references pocket (household_id, id)
);
create index balance_of_pocket on balance (pocket_id);

create table errand_deferral (
  id uuid primary key,
  household_id uuid not null references household (id),
  errand_key text not null,
  until_day date not null,
  ${ACTED}
);

create table shopping_mark (
  id uuid primary key,
  household_id uuid not null references household (id),
  item_id uuid not null,
  pocket_id uuid not null,
  state text not null check (state in ('listed', 'bought')),
  ${ACTED},
  foreign key (household_id, item_id) references item (household_id, id),
  foreign key (household_id, pocket_id) references pocket (household_id, id)
);

create function refuse_rewriting() returns trigger language plpgsql as $$
begin
  raise exception 'The record is append-only: % on % is refused', tg_op, tg_table_name
    using errcode = 'restrict_violation';
end $$;
`

/** Tables that nobody rewrites, the owner included. */
const APPEND_ONLY = ['act', 'act_result', 'record_change', 'movement'] as const
/** Every table with a household_id of its own that security is switched on for. */
export const HOUSEHOLD_TABLES = [
  'household',
  'act',
  'act_result',
  'record_change',
  'member',
  'place',
  'visit',
  'kit',
  'kit_check',
  'pocket',
  'item',
  'par',
  'lot',
  'movement',
  'balance',
  'errand_deferral',
  'shopping_mark',
] as const
/** Tables with ids for which the household alone is not yet indexed. */
const SCANNED = [
  'member',
  'place',
  'visit',
  'kit',
  'kit_check',
  'pocket',
  'item',
  'par',
  'lot',
  'balance',
  'errand_deferral',
  'shopping_mark',
] as const

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(TABLES).execute(db)
  for (const table of APPEND_ONLY)
    await sql
      .raw(
        `create trigger append_only before update or delete or truncate on ${table}
           for each statement execute function refuse_rewriting();
         grant select, insert on ${table} to satchel_app;`,
      )
      .execute(db)
  for (const table of HOUSEHOLD_TABLES) {
    const grants = (APPEND_ONLY as readonly string[]).includes(table)
      ? ''
      : `grant select, insert, update on ${table} to satchel_app;`
    await sql
      .raw(
        `${grants}
         alter table ${table} enable row level security;
         alter table ${table} force row level security;
         create policy own_household on ${table}
           using (household_id = (select app_household()))
           with check (household_id = (select app_household()));`,
      )
      .execute(db)
  }
  for (const table of SCANNED)
    await sql.raw(`create index ${table}_household on ${table} (household_id);`).execute(db)
  await sql
    .raw(
      `grant delete on balance to satchel_app;
       grant select, insert on household_user to satchel_app;
       alter table household_user enable row level security;
       alter table household_user force row level security;
       create policy own_household on household_user
         using (household_id = (select app_household()) or user_id = (select app_user()))
         with check (household_id = (select app_household()));`,
    )
    .execute(db)
}
