/**
 * What guards accounts: tries that went wrong, for as long as they count, and codes to get in
 * again. Accounts stand outside households, in the schema that the sign-in keeps them in.
 */
import { type Kysely, sql } from 'kysely'

const TABLES = `
create schema if not exists auth;

create table auth.sign_in_try (
  id bigint generated always as identity primary key,
  -- Whose tries they are, hashed: no address and no e-mail is kept here.
  bucket text not null check (length(bucket) between 1 and 200),
  at timestamptz not null default now()
);
create index sign_in_try_of on auth.sign_in_try (bucket, at);

create table auth.recovery_code (
  user_id text not null,
  hash text not null,
  used_at timestamptz,
  primary key (user_id, hash)
);

grant select, insert, update, delete on auth.sign_in_try, auth.recovery_code to satchel_app;
`

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(TABLES).execute(db)
}
