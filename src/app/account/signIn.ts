/** Accounts and sessions: e-mail and password, kept in the same database under their own schema. */
import { randomUUID } from 'node:crypto'
import { type BetterAuthOptions, type BetterAuthPlugin, betterAuth } from 'better-auth'
import { createAuthEndpoint } from 'better-auth/api'
import { setSessionCookie } from 'better-auth/cookies'
import { getMigrations } from 'better-auth/db/migration'
import type pg from 'pg'
import { z } from 'zod'
import { LEAST_CHARACTERS, MOST_CHARACTERS } from '../../core/account/password'
import { isTimeZone } from '../../core/calendar/plainDate'
import { firstHouseholdName } from '../../core/household/householdName'
import type { HouseholdId } from '../../core/ids'
import type { Db } from '../../db/frame/connect'
import { householdsOf } from '../../db/people/memberships'
import type { Caller } from '../frame/world'
import { createFirstHousehold } from '../household/householdActs'
import { HOUSEHOLD_COOKIE, HOUSEHOLD_HEADER, type Seated, seatAmong } from '../people/seats'

export interface SignInSettings {
  /** Signs cookies; at least 32 characters. */
  readonly secret: string
  /** Where the application is reached, e.g. "http://127.0.0.1:4321". */
  readonly baseUrl: string
  readonly alsoTrusted: readonly string[]
  /** Sends somebody the way to a new password; absent where nobody asks for one. */
  readonly sendNewPassword?: (to: string, name: string, token: string) => Promise<void>
  /** After somebody has set one by the way that a letter told. */
  readonly newPasswordSet?: (userId: string) => Promise<void>
}

/** Lets somebody in who has shown a passkey; it is called from here alone. */
const byPasskey = {
  id: 'by-passkey',
  endpoints: {
    enterByPasskey: createAuthEndpoint(
      '/enter-by-passkey',
      { method: 'POST', body: z.object({ userId: z.string() }) },
      async (context) => {
        const { internalAdapter } = context.context
        const user = await internalAdapter.findUserById(context.body.userId)
        if (!user) return context.json({ in: false })
        const session = await internalAdapter.createSession(user.id)
        await setSessionCookie(context, { session, user })
        return context.json({ in: true })
      },
    ),
  },
} satisfies BetterAuthPlugin

function options(pool: pg.Pool, settings: SignInSettings) {
  return {
    database: pool,
    secret: settings.secret,
    baseURL: settings.baseUrl,
    trustedOrigins: [...settings.alsoTrusted],
    basePath: '/api/auth',
    emailAndPassword: {
      enabled: true,
      autoSignIn: true,
      // What is taken is judged in app/passwords before it gets here.
      minPasswordLength: LEAST_CHARACTERS,
      maxPasswordLength: MOST_CHARACTERS,
      revokeSessionsOnPasswordReset: true,
      resetPasswordTokenExpiresIn: 60 * 60,
      sendResetPassword: async ({ user, token }) =>
        settings.sendNewPassword?.(user.email, user.name, token),
      onPasswordReset: async ({ user }) => settings.newPasswordSet?.(user.id),
    },
    session: { expiresIn: 60 * 60 * 24 * 30 },
    advanced: {
      database: { generateId: () => randomUUID() },
      cookiePrefix: 'satchel',
      useSecureCookies: settings.baseUrl.startsWith('https:'),
      // Nobody is followed by the address they come from.
      ipAddress: { disableIpTracking: true },
    },
    // Nothing of it is reached from outside; tries are counted in app/guessing.
    rateLimit: { enabled: false },
    plugins: [byPasskey],
    telemetry: { enabled: false },
    logger: { disabled: true },
  } satisfies BetterAuthOptions
}

export const createAuth = (pool: pg.Pool, settings: SignInSettings) =>
  betterAuth(options(pool, settings))
export type Auth = ReturnType<typeof createAuth>

/** Brings the accounts' own tables up to date, as their owner. */
export async function migrateAccounts(pool: pg.Pool, settings: SignInSettings): Promise<void> {
  const { runMigrations } = await getMigrations(options(pool, settings))
  await runMigrations()
}

/**
 * Who is asking, by the session cookie, and in which of their households; null without one. A new account
 * gets an empty household the first time it is seen, unless it is on its way into another.
 * @throws {Refusal} `not_in_household` where a household is named that is not theirs
 */
export async function callerOf(
  auth: Auth,
  db: Db,
  headers: Headers,
  isOnTheWay = false,
): Promise<Caller | null> {
  const session = await auth.api.getSession({ headers })
  if (!session) return null
  const { id: userId, name } = session.user
  const seat = await seatOf(db, userId, headers)
  if (seat || isOnTheWay) return seat && { userId, name, ...seat }
  const householdId = randomUUID() as HouseholdId
  const first = {
    id: householdId,
    name: firstHouseholdName(name),
    timeZone: zoneIn(headers),
    beginning: 'open' as const,
  }
  // Two first requests at once: the other one may have made it.
  await createFirstHousehold(db, first, { id: userId, name })
  const made = await seatOf(db, userId, headers)
  return made && { userId, name, ...made }
}

/** Where somebody who is signed in sits down. @throws {Refusal} `not_in_household` */
export const seatOf = async (db: Db, userId: string, headers: Headers): Promise<Seated | null> =>
  seatAmong(
    await householdsOf(db, userId),
    headers.get(HOUSEHOLD_HEADER) ?? '',
    cookieIn(headers, HOUSEHOLD_COOKIE),
  )

/** Set by the page where an account is made: the zone of the device it is made on. */
const ZONE_COOKIE = 'satchel.zone'
const ZONE_WHEN_UNKNOWN = 'Etc/UTC'

/** A cookie as it was sent; "" without it. */
export function cookieIn(headers: Headers, name: string): string {
  const cookies = (headers.get('cookie') ?? '').split(/;\s*/)
  return cookies.find((one) => one.startsWith(`${name}=`))?.slice(name.length + 1) ?? ''
}

export function zoneIn(headers: Headers): string {
  const zone = cookieIn(headers, ZONE_COOKIE)
  return isTimeZone(zone) ? zone : ZONE_WHEN_UNKNOWN
}
