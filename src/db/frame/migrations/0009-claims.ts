/**
 * A count that a list claims is no count: the lot keeps the day of the list, and nobody has looked.
 * Households may write their dates with the year first.
 */
import { type Kysely, sql } from 'kysely'

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`alter table lot add column claimed_on date`.execute(db)
  await sql`alter table household drop constraint household_date_order_check`.execute(db)
  await sql`
    alter table household add constraint household_date_order_check
      check (date_order in ('day-first', 'month-first', 'year-first'))
  `.execute(db)
}
