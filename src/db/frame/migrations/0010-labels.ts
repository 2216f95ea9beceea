/**
 * Whose printed labels a household follows (null: its country's), the photo of a pack's own label
 * beside the dose card that was written down from it, and several weighings a day.
 */
import { type Kysely, sql } from 'kysely'
import { ownHousehold } from './ownHousehold'

const TABLES = `
alter table household add column labels text check (labels in ('us', 'uk', 'none'));

-- A small body is weighed several times a day when it is ill.
drop index weighing_once_a_day;
alter table weighing add column noted_at timestamptz not null default clock_timestamp();
update weighing set noted_at = on_day;

create table card_photo (
  id uuid primary key,
  household_id uuid not null references household (id),
  card_id uuid not null,
  media_type text not null check (media_type in ('image/jpeg', 'image/png', 'image/webp')),
  bytes bytea not null check (length(bytes) <= 700000),
  version integer not null default 1,
  created_by_act uuid,
  removed_by_act uuid,
  unique (household_id, id),
  foreign key (household_id, card_id) references dose_card (household_id, id)
);
create index card_photo_by_card on card_photo (card_id);
`

/** The tables that this migration adds; each carries its household. */
export const LABEL_TABLES = ['card_photo'] as const

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(TABLES).execute(db)
  await ownHousehold(db, LABEL_TABLES)
}
