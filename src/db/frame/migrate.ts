/** Brings a database up to date, as its owner. */
import { type Kysely, type Migration, Migrator } from 'kysely'
import * as householdRecord from './migrations/0001-household-record'
import * as householdRevision from './migrations/0002-household-revision'
import * as membersAndCover from './migrations/0003-members-and-cover'
import * as kitsAsKept from './migrations/0004-kits-as-kept'
import * as rounds from './migrations/0005-rounds'
import * as care from './migrations/0006-care'
import * as restock from './migrations/0007-restock'
import * as shopping from './migrations/0008-shopping'
import * as claims from './migrations/0009-claims'
import * as labels from './migrations/0010-labels'
import * as accounts from './migrations/0011-accounts'
import * as passkeys from './migrations/0012-passkeys'
import * as leaving from './migrations/0013-leaving'
import * as kitUse from './migrations/0014-kit-use'
import * as minutesAway from './migrations/0015-minutes-away'
import * as beginning from './migrations/0016-beginning'
import * as trips from './migrations/0017-trips'
import * as goesWith from './migrations/0018-goes-with'
import * as evacuation from './migrations/0019-evacuation'
import * as incidentStop from './migrations/0020-incident-stop'
import * as tripSaid from './migrations/0021-trip-said'
import * as exposure from './migrations/0022-exposure'
import * as monthsMet from './migrations/0023-months-met'
import * as people from './migrations/0024-people'
import * as evenings from './migrations/0025-evenings'
import * as visitors from './migrations/0026-visitors'
import * as labelPrints from './migrations/0027-label-prints'
import * as paperPrints from './migrations/0028-paper-prints'

export const MIGRATIONS: Record<string, Migration> = {
  '0001-household-record': householdRecord,
  '0002-household-revision': householdRevision,
  '0003-members-and-cover': membersAndCover,
  '0004-kits-as-kept': kitsAsKept,
  '0005-rounds': rounds,
  '0006-care': care,
  '0007-restock': restock,
  '0008-shopping': shopping,
  '0009-claims': claims,
  '0010-labels': labels,
  '0011-accounts': accounts,
  '0012-passkeys': passkeys,
  '0013-leaving': leaving,
  '0014-kit-use': kitUse,
  '0015-minutes-away': minutesAway,
  '0016-beginning': beginning,
  '0017-trips': trips,
  '0018-goes-with': goesWith,
  '0019-evacuation': evacuation,
  '0020-incident-stop': incidentStop,
  '0021-trip-said': tripSaid,
  '0022-exposure': exposure,
  '0023-months-met': monthsMet,
  '0024-people': people,
  '0025-evenings': evenings,
  '0026-visitors': visitors,
  '0027-label-prints': labelPrints,
  '0028-paper-prints': paperPrints,
}

/** What is missing, in order; nothing of a database in which nothing has been made yet. */
export async function pendingMigrations(owner: Kysely<unknown>): Promise<readonly string[]> {
  const known = await migrator(owner).getMigrations()
  return known.some(({ executedAt }) => executedAt)
    ? known.filter(({ executedAt }) => !executedAt).map(({ name }) => name)
    : []
}

const migrator = (owner: Kysely<unknown>): Migrator =>
  new Migrator({
    db: owner,
    provider: { getMigrations: async () => MIGRATIONS },
    migrationTableSchema: 'satchel_migrations',
  })

/** Applies what is missing, in order; a failed migration leaves the database as it was. */
export async function migrate(owner: Kysely<unknown>): Promise<readonly string[]> {
  const { error, results } = await migrator(owner).migrateToLatest()
  if (error) throw error
  return (results ?? []).map(({ migrationName }) => migrationName)
}
