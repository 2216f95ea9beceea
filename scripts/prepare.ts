/** Sets the cluster up for the application: roles, database, migrations, demo household. */
import { randomBytes } from 'node:crypto'
import { Kysely, PostgresDialect } from 'kysely'
import pg from 'pg'
import { accountsUrl } from '../src/api/runtime'
import { overridePassword } from '../src/app/account/recovery'
import { createAuth, migrateAccounts } from '../src/app/account/signIn'
import { clockFrom } from '../src/app/frame/world'
import { DEMO_EMAIL } from '../src/core/account/demo'
import { createDb, createPool } from '../src/db/frame/connect'
import { migrate, pendingMigrations } from '../src/db/frame/migrate'
import { loadDemo } from '../src/demo/loadDemo'
import { prepareDatabase } from './roles'

const env = (name: string): string => {
  const value = process.env[name]
  if (!value) throw new Error(`${name} is not set; run this through ./satchel`)
  return value
}

const settings = { secret: env('SATCHEL_SECRET'), baseUrl: 'http://127.0.0.1', alsoTrusted: [] }

/** What this version would change of the database; nothing for a database that is new. */
async function pending(): Promise<void> {
  const owner = createPool(env('OWNER_DATABASE_URL'), 1)
  const db = new Kysely<unknown>({ dialect: new PostgresDialect({ pool: owner }) })
  try {
    console.log((await pendingMigrations(db)).join(', '))
  } catch (error) {
    // The database or its owner is not there yet: there is nothing to lose.
    if (!['3D000', '28P01', '28000'].includes((error as { code?: string }).code ?? '')) throw error
  } finally {
    await db.destroy()
  }
}

const roles = (): Promise<void> =>
  prepareDatabase({
    adminUrl: env('ADMIN_DATABASE_URL'),
    ownerUrl: env('OWNER_DATABASE_URL'),
    appUrl: env('DATABASE_URL'),
  })

async function runMigrations(): Promise<void> {
  await roles()
  const owner = new pg.Pool({ connectionString: env('OWNER_DATABASE_URL'), max: 1 })
  const db = new Kysely<unknown>({ dialect: new PostgresDialect({ pool: owner }) })
  const applied = await migrate(db)
  await db.destroy()
  const accounts = createPool(accountsUrl(env('OWNER_DATABASE_URL')), 1)
  await migrateAccounts(accounts, settings)
  await accounts.end()
  if (applied.length > 0) console.log(`Migrated: ${applied.join(', ')}`)
}

async function demo(fresh: boolean): Promise<void> {
  const pool = createPool(env('DATABASE_URL'), 2)
  const accounts = createPool(accountsUrl(env('DATABASE_URL')), 1)
  const now = clockFrom(process.env.SATCHEL_TODAY)
  const loaded = await loadDemo({
    db: createDb(pool),
    auth: createAuth(accounts, settings),
    password: env('SATCHEL_DEMO_PASSWORD'),
    now,
    fresh,
  })
  if (loaded) console.log('Loaded the demo household')
  await pool.end()
  await accounts.end()
}

/** Prints a password for somebody who cannot get in; nobody else has it. */
async function resetPassword(email: string): Promise<void> {
  if (email.toLowerCase() === DEMO_EMAIL) {
    console.error(
      'This is the demo’s account: it opens with one press, and nobody types its password.',
    )
    process.exit(1)
  }
  const pool = createPool(env('DATABASE_URL'), 1)
  const accounts = createPool(accountsUrl(env('DATABASE_URL')), 1)
  const password = randomBytes(12).toString('base64url')
  const desk = { db: createDb(pool), auth: createAuth(accounts, settings) }
  const known = await overridePassword(desk, email, password)
  await pool.end()
  await accounts.end()
  if (!known) {
    console.error(`There is no account with the address ${email}.`)
    process.exit(1)
  }
  console.log(`${email} gets in with this password now: ${password}`)
  console.log('Every device is signed out. Change the password on the Account screen.')
}

const [first, ...rest] = process.argv.slice(2)
if (first === 'reset-password') {
  await resetPassword(rest[0] ?? '')
  process.exit(0)
}
for (const step of process.argv.slice(2)) {
  if (step === 'pending') await pending()
  else if (step === 'roles') await roles()
  else if (step === 'migrate') await runMigrations()
  else if (step === 'demo-if-missing') await demo(false)
  else if (step === 'reset-demo') await demo(true)
  else throw new Error(`Unknown step ${step}`)
}
