/** The running application's one database pool, clock and sign-in, made when first needed. */
import { kept } from '../app/kept'
import { type Auth, createAuth } from '../app/signIn'
import { clockFrom, type World } from '../app/world'
import { loadRuleBook } from '../core/cover/ruleBook'
import { createDb, createPool } from '../db/connect'
import { standInServices } from '../standIns/services'

export interface Runtime {
  readonly world: World
  readonly auth: Auth
  /** The server's own; keys of devices and calendars follow from it. */
  readonly secret: string
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
    PORT = '4321',
  } = process.env
  if (!SATCHEL_SECRET) throw new Error('Set SATCHEL_SECRET, or start with ./satchel start')
  // A rule book that does not hold together must not judge anybody: fail at the start, by name.
  loadRuleBook()
  const db = createDb(createPool(DATABASE_URL))
  const auth = createAuth(createPool(accountsUrl(DATABASE_URL), 4), {
    secret: SATCHEL_SECRET,
    baseUrl: `http://127.0.0.1:${PORT}`,
    alsoTrusted: [`http://localhost:${PORT}`],
  })
  made = {
    world: { db, now: clockFrom(SATCHEL_TODAY), surveys: kept(), services: standInServices },
    auth,
    secret: SATCHEL_SECRET,
    demoPassword: SATCHEL_DEMO_PASSWORD || null,
  }
  return made
}

/** The accounts live in a schema of their own. */
export const accountsUrl = (url: string | undefined): string | undefined =>
  url &&
  `${url}${url.includes('?') ? '&' : '?'}options=${encodeURIComponent('-c search_path=auth')}`
