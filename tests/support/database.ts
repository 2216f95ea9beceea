/** A database of one's own for a file of tests, copied from the migrated one. */
import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { afterAll } from 'vitest'

export interface TestDatabase {
  readonly ownerUrl: string
  readonly appUrl: string
  /** Of somebody whom row security does not bind. */
  readonly adminUrl: string
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

/** Made by this file of tests. */
const dropped: string[] = []

/** Made now, dropped after the file's tests. */
export async function copyDatabase(): Promise<TestDatabase> {
  const name = `test_${randomUUID().replaceAll('-', '')}`
  await asAdmin(`create database ${name} template satchel owner satchel_owner`)
  dropped.push(name)
  afterAll(async () => {
    for (const one of dropped.splice(0)) await asAdmin(`drop database ${one} with (force)`)
  })
  return {
    ownerUrl: at(env('OWNER_DATABASE_URL'), name),
    appUrl: at(env('DATABASE_URL'), name),
    adminUrl: at(env('ADMIN_DATABASE_URL'), name),
  }
}

/** Empty: nothing is migrated yet. Dropped after the file's tests. */
export async function emptyDatabase(): Promise<Pick<TestDatabase, 'ownerUrl'>> {
  const name = `test_${randomUUID().replaceAll('-', '')}`
  await asAdmin(`create database ${name} owner satchel_owner`)
  dropped.push(name)
  return { ownerUrl: at(env('OWNER_DATABASE_URL'), name) }
}
