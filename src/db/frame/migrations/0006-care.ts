/**
 * Doses and incidents: what prescribers said, mixtures of the household, what happened to whom
 * and what was done. Entries are written once, also by phones that had no connection; what was
 * wrong is struck out by another entry.
 */
import { type Kysely, sql } from 'kysely'
import { ownHousehold } from './ownHousehold'

const TABLES = `
-- ISO weekdays on which more can be fetched.
alter table household add column pharmacy_days jsonb not null default '[1,2,3,4,5,6]'
  check (jsonb_typeof(pharmacy_days) = 'array');

create table dose_card (
  id uuid primary key,
  household_id uuid not null references household (id),
  item_id uuid,
  body jsonb not null,
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, item_id) references item (household_id, id)
);
-- Who a card is for is a row, so that it cannot name somebody of another household.
create table dose_card_member (
  id uuid primary key,
  household_id uuid not null references household (id),
  card_id uuid not null,
  member_id uuid not null,
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, card_id) references dose_card (household_id, id),
  foreign key (household_id, member_id) references member (household_id, id)
);
create index dose_card_member_by_card on dose_card_member (card_id);

create table recipe (
  id uuid primary key,
  household_id uuid not null references household (id),
  item_id uuid,
  member_id uuid,
  body jsonb not null,
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, item_id) references item (household_id, id),
  foreign key (household_id, member_id) references member (household_id, id)
);

create table incident (
  id uuid primary key,
  household_id uuid not null references household (id),
  kind text,
  member_id uuid,
  guest jsonb,
  place_id uuid,
  started_at timestamptz not null,
  started_by text not null,
  ended_at timestamptz,
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  check ((member_id is null) <> (guest is null)),
  foreign key (household_id, member_id) references member (household_id, id),
  foreign key (household_id, place_id) references place (household_id, id)
);
create index incident_open on incident (household_id) where ended_at is null;

create table care_entry (
  id uuid primary key,
  household_id uuid not null references household (id),
  incident_id uuid,
  member_id uuid,
  done_at timestamptz not null,
  done_by text not null,
  fact jsonb not null,
  outcome jsonb,
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  check (incident_id is not null or member_id is not null),
  foreign key (household_id, incident_id) references incident (household_id, id),
  foreign key (household_id, member_id) references member (household_id, id)
);
create index care_entry_by_incident on care_entry (incident_id);
create index care_entry_doses on care_entry (household_id, done_at) where fact ->> 'kind' in ('dose', 'struck');

create table care_photo (
  id uuid primary key,
  household_id uuid not null references household (id),
  entry_id uuid not null,
  media_type text not null check (media_type in ('image/jpeg', 'image/png', 'image/webp')),
  bytes bytea not null check (length(bytes) <= 700000),
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, entry_id) references care_entry (household_id, id)
);
create index care_photo_by_entry on care_photo (entry_id);
`

/** The tables that this migration adds; each carries its household. */
export const CARE_TABLES = [
  'dose_card',
  'dose_card_member',
  'recipe',
  'incident',
  'care_entry',
  'care_photo',
] as const

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(TABLES).execute(db)
  await ownHousehold(db, CARE_TABLES)
}
