/** The running application's one database pool, clock and sign-in, made when first needed. */
import { endEveryWayIn } from '../app/account/desk'
import { type Auth, createAuth } from '../app/account/signIn'
import { revisionCache } from '../app/frame/cache'
import { clockFrom, type World } from '../app/frame/world'
import type { Letters } from '../core/account/letters'
import { loadRuleBook } from '../core/cover/ruleBook'
import { deleteDueHouseholds } from '../db/account/leaving'
import { createDb, createPool, type Db } from '../db/frame/connect'
import { letterFolder, mailServer } from '../standIns/letters'
import { standInServices } from '../standIns/services'
import * as words from '../words'
import { logFault } from './log'

export interface Runtime {
  readonly world: World
  readonly auth: Auth
  /** The server's own; keys of devices and calendars follow from it. */
  readonly secret: string
  readonly letters: Letters
  /** Where people reach it, for the ways in letters. */
  readonly origin: string
  /** Where people reach it when a proxy stands before it; null where they reach it itself. */
  readonly publicOrigin: string | null
  /** The demo account's password; null when demo mode is off. */
  readonly demoPassword: string | null
}

let made: Runtime | undefined

export function runtime(): Runtime {
  if (made) return made
  const {
    DATABASE_URL,
    SATCHEL_SECRET,
    SATCHEL_TODAY,
    SATCHEL_DEMO_PASSWORD,
    SATCHEL_ORIGIN,
    SATCHEL_SMTP_URL,
    SATCHEL_LETTERS = '.satchel-data/letters',
    PORT = '4321',
  } = process.env
  if (!SATCHEL_SECRET) throw new Error('Set SATCHEL_SECRET, or start with ./satchel start')
  // A rule book that does not hold together must not judge anybody: fail at the start, by name.
  loadRuleBook()
  const db = createDb(createPool(DATABASE_URL))
  const origin = SATCHEL_ORIGIN || `http://127.0.0.1:${PORT}`
  const letters = SATCHEL_SMTP_URL ? mailServer(SATCHEL_SMTP_URL) : letterFolder(SATCHEL_LETTERS)
  const auth = createAuth(createPool(accountsUrl(DATABASE_URL), 4), {
    secret: SATCHEL_SECRET,
    baseUrl: origin,
    alsoTrusted: SATCHEL_ORIGIN ? [] : [`http://localhost:${PORT}`],
    sendNewPassword: (to, name, token) =>
      letters
        .send(words.letters.newPassword(to, name, `${origin}/new-password?token=${token}`))
        // Who asked is answered the same as for an address that nobody has.
        .catch(logFault),
    newPasswordSet: (userId) => endEveryWayIn(db, userId),
  })
  made = {
    world: {
      db,
      now: clockFrom(SATCHEL_TODAY),
      surveys: revisionCache(),
      services: { ...standInServices, letters },
    },
    auth,
    secret: SATCHEL_SECRET,
    letters,
    origin,
    publicOrigin: SATCHEL_ORIGIN ? new URL(SATCHEL_ORIGIN).origin : null,
    demoPassword: SATCHEL_DEMO_PASSWORD || null,
  }
  void keepHouse(db)
  setInterval(() => void keepHouse(db), HOUR_MILLISECONDS).unref()
  return made
}

const HOUR_MILLISECONDS = 3_600_000

/** What has to happen without anybody asking: households go whose week is over. */
export async function keepHouse(db: Db): Promise<void> {
  try {
    await deleteDueHouseholds(db)
  } catch (error) {
    // Another hour will do.
    logFault(error)
  }
}

/** The accounts live in a schema of their own. */
export const accountsUrl = (url: string | undefined): string | undefined =>
  url &&
  `${url}${url.includes('?') ? '&' : '?'}options=${encodeURIComponent('-c search_path=auth')}`
