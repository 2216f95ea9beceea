/**
 * The database and its two roles: the owner runs migrations, the application's role may only
 * read and write rows. Safe to run again.
 */
import pg from 'pg'

export interface DatabaseUrls {
  readonly adminUrl: string
  readonly ownerUrl: string
  readonly appUrl: string
}

const partsOf = (url: string) => {
  const { username, password, pathname } = new URL(url)
  return { role: username, password: decodeURIComponent(password), database: pathname.slice(1) }
}

async function asAdmin(url: string, work: (client: pg.Client) => Promise<void>): Promise<void> {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    await work(client)
  } finally {
    await client.end()
  }
}

export async function prepareDatabase({ adminUrl, ownerUrl, appUrl }: DatabaseUrls): Promise<void> {
  const owner = partsOf(ownerUrl)
  const app = partsOf(appUrl)
  await asAdmin(adminUrl, async (admin) => {
    for (const { role, password } of [owner, app]) {
      const { rowCount } = await admin.query('select 1 from pg_roles where rolname = $1', [role])
      const verb = rowCount === 0 ? 'create' : 'alter'
      await admin.query(
        `${verb} role ${pg.escapeIdentifier(role)} login nosuperuser nobypassrls nocreatedb nocreaterole password ${pg.escapeLiteral(password)}`,
      )
    }
    // Who is no superuser makes a database for a role only as a member of it.
    await admin.query(`grant ${pg.escapeIdentifier(owner.role)} to current_user`)
    const { rowCount } = await admin.query('select 1 from pg_database where datname = $1', [
      owner.database,
    ])
    if (rowCount === 0)
      await admin.query(
        `create database ${pg.escapeIdentifier(owner.database)} owner ${pg.escapeIdentifier(owner.role)}`,
      )
  })
  const inDatabase = new URL(adminUrl)
  inDatabase.pathname = `/${owner.database}`
  await asAdmin(inDatabase.href, async (admin) => {
    const [o, a, d] = [owner.role, app.role, owner.database].map((name) =>
      pg.escapeIdentifier(name),
    )
    await admin.query(`
      revoke connect, temporary on database ${d} from public;
      grant connect on database ${d} to ${o}, ${a};
      grant create on database ${d} to ${o};
      revoke create on schema public from public;
      alter schema public owner to ${o};
      grant usage on schema public to ${a};
      create schema if not exists auth authorization ${o};
      grant usage on schema auth to ${a};
      grant select, insert, update, delete on all tables in schema auth to ${a};
      alter default privileges for role ${o} in schema auth grant select, insert, update, delete on tables to ${a};
    `)
  })
}
