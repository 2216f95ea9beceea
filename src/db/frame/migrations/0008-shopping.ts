/**
 * Shopping: what is on the list, in the bag or ordered, and the bulletins of recalled batches that
 * were taken in. The marks on single lines of the old list become lines of the new one.
 */
import { type Kysely, sql } from 'kysely'
import { ownHousehold } from './ownHousehold'

const KEPT = `
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id)`

const TABLES = `
create table shop_order (
  id uuid primary key,
  household_id uuid not null references household (id),
  shop text not null check (length(shop) between 1 and 120),
  reference text not null check (length(reference) between 1 and 120),
  ordered_on date not null,
  ${KEPT}
);

create table purchase (
  id uuid primary key,
  household_id uuid not null references household (id),
  item_id uuid not null,
  shop text not null check (length(shop) <= 120),
  packs integer not null check (packs between 1 and 1000),
  pack_size bigint not null check (pack_size > 0 and pack_size <= 100000000),
  price_minor integer check (price_minor >= 0),
  wanted_by date,
  -- [{"pocketId", "amount"}], amounts in thousandths of a unit.
  goes_to jsonb not null default '[]' check (jsonb_typeof(goes_to) = 'array'),
  source text not null check (source in ('plan', 'hand')),
  state text not null check (state in ('listed', 'in_bag', 'not_there', 'ordered', 'arrived')),
  -- The day on which the shop had none, or for which it is promised.
  on_day date,
  order_id uuid,
  back_ordered boolean not null default false,
  ${KEPT},
  check ((state in ('not_there', 'ordered')) = (on_day is not null)),
  check ((state in ('ordered', 'arrived')) = (order_id is not null)),
  check (state = 'ordered' or not back_ordered),
  foreign key (household_id, item_id) references item (household_id, id),
  foreign key (household_id, order_id) references shop_order (household_id, id)
);
create index purchase_open on purchase (household_id) where removed_by_act is null;

create table recall_notice (
  id uuid primary key,
  household_id uuid not null references household (id),
  bulletin_id text not null check (length(bulletin_id) between 1 and 200),
  taken_on date not null,
  -- The bulletin as it was when it was taken in.
  bulletin jsonb not null check (jsonb_typeof(bulletin) = 'object'),
  ${KEPT}
);
create unique index recall_notice_once on recall_notice (household_id, bulletin_id)
  where removed_by_act is null;
`

/** Row security is forced on the owner as well, and what moves belongs to every household. */
const MOVE_MARKS = `
alter table shopping_mark no force row level security;
insert into purchase (id, household_id, item_id, shop, packs, pack_size, price_minor, goes_to,
                      source, state, version, created_by_act)
select m.id, m.household_id, m.item_id, i.shop, 1, coalesce(nullif(i.pack_size, 0), 1000),
       i.pack_price_minor,
       jsonb_build_array(jsonb_build_object('pocketId', m.pocket_id,
                                            'amount', coalesce(nullif(i.pack_size, 0), 1000))),
       'hand', case m.state when 'bought' then 'in_bag' else 'listed' end, 1, m.created_by_act
from shopping_mark m
join item i on i.id = m.item_id
where m.removed_by_act is null;
drop table shopping_mark;
`

/** The tables that this migration adds; each carries its household. */
export const SHOPPING_TABLES = ['shop_order', 'purchase', 'recall_notice'] as const

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(TABLES).execute(db)
  await sql.raw('alter table item no force row level security').execute(db)
  await sql.raw(MOVE_MARKS).execute(db)
  await sql.raw('alter table item force row level security').execute(db)
  await ownHousehold(db, SHOPPING_TABLES)
}
