/** What use cases need from outside: the database, the time, and who is asking. */
import type { Letters } from '../../core/account/letters'
import { dayAt, type PlainDate } from '../../core/calendar/plainDate'
import { lookahead } from '../../core/calendar/presence'
import type { LoggerNetwork } from '../../core/exposure/loggerNetwork'
import type { Household } from '../../core/household/household'
import type { HouseholdId } from '../../core/ids'
import type { LabelPrinter } from '../../core/labels/printer'
import { may, type Role } from '../../core/people/role'
import type { Shop } from '../../core/shopping/shop'
import type { Confirmation } from '../../core/trust/certainty'
import { type Survey, survey } from '../../core/watch/survey'
import { type Db, inSnapshot, type Seat, type Trx } from '../../db/frame/connect'
import { readHousehold, readRevision } from '../../db/household/household'
import { readConfirmations } from '../../db/record/history'
import { readStock } from '../../db/stock/stock'
import { onceAwaitedFor, type RevisionCache } from './cache'

export interface World {
  readonly db: Db
  /** The one clock. */
  readonly now: () => Date
  /** Judged stock, until something changes. */
  readonly surveys: RevisionCache<Survey>
  readonly services: Services
}

/** What answers from outside the household. */
export interface Services {
  /** Shops that take orders. */
  readonly shops: readonly Shop[]
  readonly bulletins: BulletinFeed
  readonly loggers: LoggerNetwork
  readonly letters: Letters
  readonly labelPrinter: LabelPrinter
}

/** Where recalls are published: a JSON Feed of bulletins. */
export interface BulletinFeed {
  readonly name: string
  /** Made up: it knows of no real recall, and the screen says so. */
  readonly isStandIn: boolean
  /**
   * The feed as it is served.
   * @throws {FeedSilentError}
   */
  fetch(): Promise<string>
}

/** The feed does not answer; it is asked again later. */
export class FeedSilentError extends Error {
  override readonly name = 'FeedSilentError'
}

/** A signed-in person, in one of their households. */
export interface Caller extends Seat {
  readonly name: string
  readonly role: Role
  /** So many milliseconds ago they pressed; it was kept on their device until now. */
  readonly takenAgo?: number
}

/** One household on its present day. */
export interface Today {
  readonly trx: Trx
  readonly household: Household
  readonly today: PlainDate
}

export interface Reading extends Today {
  readonly surveys: RevisionCache<Survey>
  /** Whether everything is seen, or only what is no medicine: then nothing of it is kept for others. */
  readonly seesAll: boolean
  /** Whose reading it is; null for the house's own. */
  readonly role: Role | null
}

/**
 * Reads one state of a household, as far as whoever asks may see it.
 * @param of somebody, or a household alone for the house's own work
 */
export const reading = <T>(
  world: World,
  of: Caller | HouseholdId,
  read: (at: Reading) => Promise<T>,
): Promise<T> =>
  inSnapshot(world.db, of, async (trx) => {
    const household = await readHousehold(trx)
    const today = dayAt(world.now().getTime(), household.timeZone)
    const role = typeof of === 'string' ? null : of.role
    const seesAll = role === null || may(role, 'look')
    return read({ trx, household, today, surveys: world.surveys, seesAll, role })
  })

/** The whole stock, judged today; kept until something changes. */
export const surveyOf = async (at: Reading): Promise<Survey> =>
  at.seesAll
    ? at.surveys.get(
        at.household.id,
        { revision: await readRevision(at.trx), today: at.today },
        () => surveyNow(at),
      )
    : narrowed(at, () => surveyNow(at))

/** Of whoever does not see everything, for one reading alone. */
const narrowed = onceAwaitedFor<Reading, Survey>()

/** The whole stock as it is inside an act, judged today. */
export const surveyNow = async ({ trx, household, today }: Today): Promise<Survey> =>
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

/** The judged stock with who last confirmed what of it. */
export interface Confirmed {
  readonly survey: Survey
  readonly confirmations: ReadonlyMap<string, Confirmation>
}

const confirmedOf = onceAwaitedFor<Survey, Confirmed>()

/** Kept with the survey: the same revision has the same confirmations. */
export async function confirmedStockOf(at: Reading): Promise<Confirmed> {
  const survey = await surveyOf(at)
  return confirmedOf(survey, async () => ({
    survey,
    confirmations: await readConfirmations(at.trx),
  }))
}
