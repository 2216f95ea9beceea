/** Sets the cluster up for the application: roles, database, migrations, demo household. */
import { Kysely, PostgresDialect } from 'kysely'
import pg from 'pg'
import { accountsUrl } from '../src/api/runtime'
import { createAuth, migrateAccounts } from '../src/app/signIn'
import { clockFrom } from '../src/app/world'
import { createDb, createPool } from '../src/db/connect'
import { migrate } from '../src/db/migrate'
import { loadDemo } from '../src/demo/loadDemo'
import { prepareDatabase } from './roles'

const env = (name: string): string => {
  const value = process.env[name]
  if (!value) throw new Error(`${name} is not set; run this through ./satchel`)
  return value
}

const settings = { secret: env('SATCHEL_SECRET'), baseUrl: 'http://127.0.0.1', alsoTrusted: [] }

async function runMigrations(): Promise<void> {
  await prepareDatabase({
    adminUrl: env('ADMIN_DATABASE_URL'),
    ownerUrl: env('OWNER_DATABASE_URL'),
    appUrl: env('DATABASE_URL'),
  })
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

for (const step of process.argv.slice(2)) {
  if (step === 'migrate') await runMigrations()
  else if (step === 'demo-if-missing') await demo(false)
  else if (step === 'reset-demo') await demo(true)
  else throw new Error(`Unknown step ${step}`)
}
