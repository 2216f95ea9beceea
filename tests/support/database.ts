/** A database of one's own for a file of tests, copied from the migrated one. */
import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { afterAll } from 'vitest'

export interface TestDatabase {
  readonly ownerUrl: string
  readonly appUrl: string
}

const env = (name: string): string => {
  const value = process.env[name]
  if (!value) throw new Error(`${name} is not set: run these tests through ./satchel test unit`)
  return value
}

async function asAdmin(sql: string): Promise<void> {
  const client = new pg.Client({ connectionString: env('ADMIN_DATABASE_URL') })
  await client.connect()
  await client.query(sql).finally(() => client.end())
}

const at = (url: string, database: string): string => {
  const there = new URL(url)
  there.pathname = `/${database}`
  return there.href
}

/** Made now, dropped after the file's tests. */
export async function copyDatabase(): Promise<TestDatabase> {
  const name = `test_${randomUUID().replaceAll('-', '')}`
  await asAdmin(`create database ${name} template satchel owner satchel_owner`)
  afterAll(() => asAdmin(`drop database ${name} with (force)`))
  return { ownerUrl: at(env('OWNER_DATABASE_URL'), name), appUrl: at(env('DATABASE_URL'), name) }
}
