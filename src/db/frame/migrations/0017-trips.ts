/** Going out: trips, and what is to go into which bag for them. */
import { type Kysely, sql } from 'kysely'
import { ownHousehold } from './ownHousehold'

const KEPT = `
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id)`

const TABLES = `
create table trip (
  id uuid primary key,
  household_id uuid not null references household (id),
  name text not null check (length(name) between 1 and 120),
  -- Stops, bags, sources, wishes, rules of a cabin.
  body jsonb not null check (jsonb_typeof(body) = 'object'),
  -- The day on which everything was put back.
  over_on date,
  missed text not null default '' check (length(missed) <= 2000),
  cursed text not null default '' check (length(cursed) <= 2000),
  ${KEPT}
);

create table trip_line (
  id uuid primary key,
  household_id uuid not null references household (id),
  trip_id uuid not null,
  lot_id uuid not null,
  from_pocket_id uuid not null,
  into_pocket_id uuid not null,
  -- Thousandths of the item's unit.
  amount bigint not null check (amount > 0 and amount <= 100000000),
  state text not null check (state in ('to_pack', 'packed', 'not_there', 'back')),
  ${KEPT},
  foreign key (household_id, trip_id) references trip (household_id, id),
  foreign key (household_id, lot_id) references lot (household_id, id),
  foreign key (household_id, from_pocket_id) references pocket (household_id, id),
  foreign key (household_id, into_pocket_id) references pocket (household_id, id)
);
create index trip_line_of on trip_line (household_id, trip_id) where removed_by_act is null;

-- A household that is deleted takes its trips along, before the lots and pockets that they name.
do $$
begin
  execute replace(
    pg_get_functiondef('delete_due_households()'::regprocedure),
    'delete from record_change',
    'delete from trip_line where household_id = due.household_id;
    delete from trip where household_id = due.household_id;
    delete from record_change');
end $$;
`

export const TRIP_TABLES = ['trip', 'trip_line'] as const

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(TABLES).execute(db)
  await ownHousehold(db, TRIP_TABLES)
}
