/**
 * Planning over all places: what a household asks of its plan, what other shops charge, what the
 * keeper wants or does not want of a plan, and rates of use that the keeper knows better.
 */
import { type Kysely, sql } from 'kysely'
import { ownHousehold } from './ownHousehold'

const KEPT = `
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id)`

const TABLES = `
alter table household add column restock jsonb not null default '{}'
  check (jsonb_typeof(restock) = 'object');

create table shop_offer (
  id uuid primary key,
  household_id uuid not null references household (id),
  item_id uuid not null,
  shop text not null check (length(shop) between 1 and 120),
  pack_size bigint not null check (pack_size > 0 and pack_size <= 100000000),
  price_minor integer check (price_minor >= 0),
  lead_days integer not null default 0 check (lead_days between 0 and 366),
  ${KEPT},
  foreign key (household_id, item_id) references item (household_id, id)
);
create unique index shop_offer_once on shop_offer (item_id, lower(shop))
  where removed_by_act is null;

create table restock_wish (
  id uuid primary key,
  household_id uuid not null references household (id),
  kind text not null check (kind in ('carry', 'no_carry', 'buy', 'no_buy')),
  item_id uuid not null,
  lot_id uuid,
  from_pocket_id uuid,
  to_pocket_id uuid,
  shop text not null default '',
  -- Thousandths of a unit to carry, or whole packs to buy.
  amount bigint check (amount > 0 and amount <= 100000000),
  ${KEPT},
  check ((kind in ('carry', 'no_carry')) = (lot_id is not null)),
  check ((lot_id is null) = (from_pocket_id is null) and (lot_id is null) = (to_pocket_id is null)),
  check ((kind in ('carry', 'buy')) = (amount is not null)),
  foreign key (household_id, item_id) references item (household_id, id),
  foreign key (household_id, lot_id) references lot (household_id, id),
  foreign key (household_id, from_pocket_id) references pocket (household_id, id),
  foreign key (household_id, to_pocket_id) references pocket (household_id, id)
);

create table use_rate (
  id uuid primary key,
  household_id uuid not null references household (id),
  item_id uuid not null,
  place_id uuid not null,
  -- Thousandths of a unit.
  per_year bigint not null check (per_year >= 0 and per_year <= 100000000),
  ${KEPT},
  foreign key (household_id, item_id) references item (household_id, id),
  foreign key (household_id, place_id) references place (household_id, id)
);
create unique index use_rate_once on use_rate (item_id, place_id) where removed_by_act is null;
`

/** The tables that this migration adds; each carries its household. */
export const RESTOCK_TABLES = ['shop_offer', 'restock_wish', 'use_rate'] as const

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(TABLES).execute(db)
  await ownHousehold(db, RESTOCK_TABLES)
}
