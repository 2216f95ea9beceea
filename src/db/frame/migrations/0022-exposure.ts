/** Heat and frost: what loggers told, and how cold and hot the year of a place is. */
import { type Kysely, sql } from 'kysely'
import { ownHousehold } from './ownHousehold'

const KEPT = `
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id)`

const TABLES = `
create table temperature_log (
  id uuid primary key,
  household_id uuid not null references household (id),
  place_id uuid,
  kit_id uuid,
  pocket_id uuid,
  name text not null check (length(name) between 1 and 120),
  source text not null check (source in ('file', 'typed', 'simulated')),
  -- Minutes since 1970 in UTC.
  from_minute integer not null check (from_minute >= 0),
  to_minute integer not null check (to_minute >= from_minute),
  readings integer not null check (readings between 1 and 200000),
  -- Of a logger: steps in minutes and hundredths of a degree Celsius; of what was typed: lowest and highest.
  body jsonb not null check (jsonb_typeof(body) = 'object'),
  ${KEPT},
  check (num_nonnulls(place_id, kit_id, pocket_id) = 1),
  foreign key (household_id, place_id) references place (household_id, id),
  foreign key (household_id, kit_id) references kit (household_id, id),
  foreign key (household_id, pocket_id) references pocket (household_id, id)
);
create table temperature_year (
  id uuid primary key,
  household_id uuid not null references household (id),
  place_id uuid not null,
  coldest_month smallint not null check (coldest_month between 1 and 12),
  -- Whole degrees Celsius, the mean of the month.
  coldest smallint not null check (coldest between -60 and 50),
  hottest_month smallint not null check (hottest_month between 1 and 12),
  hottest smallint not null check (hottest between -60 and 60),
  ${KEPT},
  check (hottest >= coldest and hottest_month <> coldest_month),
  foreign key (household_id, place_id) references place (household_id, id)
);

-- A household that is deleted takes them along, before the places and pockets that they name.
do $$
begin
  execute replace(
    pg_get_functiondef('delete_due_households()'::regprocedure),
    'delete from trip_line',
    'delete from temperature_log where household_id = due.household_id;
    delete from temperature_year where household_id = due.household_id;
    delete from trip_line');
end $$;
`

export const EXPOSURE_TABLES = ['temperature_log', 'temperature_year'] as const

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(TABLES).execute(db)
  await ownHousehold(db, EXPOSURE_TABLES)
}
