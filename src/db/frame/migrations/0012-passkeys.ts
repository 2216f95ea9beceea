/**
 * Passkeys beside passwords: what an account may be opened with, and the questions that a device
 * has been asked and not answered yet.
 */
import { type Kysely, sql } from 'kysely'

const TABLES = `
create table auth.passkey (
  -- The credential's own id, base64url.
  id text primary key check (length(id) between 1 and 1400),
  user_id text not null,
  public_key bytea not null,
  -- How often it says it was used; one that goes back may be a copy.
  counter bigint not null,
  transports text[] not null default '{}',
  name text not null check (length(name) between 1 and 80),
  made_at timestamptz not null default now(),
  last_used_at timestamptz
);
create index passkey_of on auth.passkey (user_id);

create table auth.passkey_question (
  challenge text primary key check (length(challenge) between 16 and 200),
  -- Whose passkey is to be made; null where somebody signs in.
  user_id text,
  asked_at timestamptz not null default now()
);

grant select, insert, update, delete on auth.passkey, auth.passkey_question to satchel_app;
`

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(TABLES).execute(db)
}
