/** What use cases need from outside: the database, the time, and who is asking. */
import { dayAt, type PlainDate } from '../core/calendar/plainDate'
import { lookahead } from '../core/calendar/presence'
import type { Household } from '../core/household/household'
import type { HouseholdId } from '../core/ids'
import { survey } from '../core/watch/survey'
import { type Db, inHousehold, type Trx } from '../db/connect'
import { readHousehold, readStock } from '../db/stock'

export interface World {
  readonly db: Db
  /** The one clock. */
  readonly now: () => Date
}

/** A signed-in person and the household that is theirs. */
export interface Caller {
  readonly userId: string
  readonly name: string
  readonly householdId: HouseholdId
}

export interface Reading {
  readonly trx: Trx
  readonly household: Household
  readonly today: PlainDate
}

/** Reads inside one transaction, which sees the caller's household only. */
export const reading = <T>(
  world: World,
  caller: Caller,
  read: (at: Reading) => Promise<T>,
): Promise<T> =>
  inHousehold(world.db, caller.householdId, async (trx) => {
    const household = await readHousehold(trx)
    return read({ trx, household, today: dayAt(world.now().getTime(), household.timeZone) })
  })

/** The whole stock, judged today. */
export const surveyOf = async ({ trx, household, today }: Reading) =>
  survey(await readStock(trx), today, lookahead(household.lookaheadDays))

/**
 * A clock for the edge. A fixed day makes runs repeatable: it stands at noon UTC and goes on
 * by milliseconds, so that what is done later is later.
 */
export function clockFrom(fixedDay: string | undefined): () => Date {
  if (!fixedDay) return () => new Date()
  const start = Date.parse(`${fixedDay}T12:00:00Z`)
  if (Number.isNaN(start))
    throw new RangeError(`SATCHEL_TODAY must be a day like 2026-11-26, not "${fixedDay}"`)
  const since = Date.now()
  return () => new Date(start + Math.min(Date.now() - since, 6 * 3600_000))
}
