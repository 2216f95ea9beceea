/** The application without its server: a database, two households, use cases and endpoints. */
import { randomUUID } from 'node:crypto'
import type { APIContext, APIRoute } from 'astro'
import { afterAll, beforeAll } from 'vitest'
import { runtime } from '../../src/api/runtime'
import type { Caller, World } from '../../src/app/frame/world'
import { createHousehold } from '../../src/app/household/householdActs'
import type { Endpoint } from '../../src/contract/endpoint'
import type { HouseholdId } from '../../src/core/ids'
import { copyDatabase, type TestDatabase } from './database'

export const TODAY = '2026-11-26'

export interface Application {
  readonly database: TestDatabase
  readonly world: World
  /** The household that tests act on, and a stranger with a household of their own. */
  readonly keeper: Caller
  readonly stranger: Caller
}

export async function aHousehold(world: World, name: string): Promise<Caller> {
  const householdId = randomUUID() as HouseholdId
  const userId = randomUUID()
  await createHousehold(
    world.db,
    { id: householdId, name: `${name}’s`, timeZone: 'Europe/Oslo', country: 'NO', labels: 'us' },
    { id: userId, name },
  )
  return { householdId, userId, name, role: 'keeper' }
}

/** Starts it for a file of tests. The runtime is one a process, as in the server. */
export function application(): Application {
  const made: { current?: Application } = {}
  beforeAll(async () => {
    const database = await copyDatabase()
    process.env.DATABASE_URL = database.appUrl
    process.env.SATCHEL_SECRET ??= 'a secret for tests that is long enough'
    process.env.SATCHEL_TODAY = TODAY
    const { world } = runtime()
    made.current = {
      database,
      world,
      keeper: await aHousehold(world, 'Ilse'),
      stranger: await aHousehold(world, 'Tove'),
    }
  })
  afterAll(() => made.current?.world.db.destroy())
  return new Proxy({} as Application, {
    get: (_, name) => made.current?.[name as keyof Application],
  })
}

export const newKey = (): string => randomUUID()

const routes = Object.entries(
  import.meta.glob<Partial<Record<string, APIRoute>>>('../../src/pages/api/**/*.ts'),
).map(([file, load]) => {
  const path = file.replace('../../src/pages', '').replace(/(?:\/index)?\.ts$/, '')
  const pattern = path.replace(
    /\[(\.\.\.)?(\w+)\]/g,
    (_, rest, name) => `(?<${name}>${rest ? '.+' : '[^/]+'})`,
  )
  return { path, load, pattern: new RegExp(`^${pattern}$`), dynamic: path.split('[').length }
})
routes.sort((a, b) => a.dynamic - b.dynamic)

export interface Sent {
  readonly caller: Caller | null
  readonly body?: unknown
  readonly key?: string | null
  readonly headers?: Readonly<Record<string, string>>
  /** Sent as it is, in place of a JSON body. */
  readonly raw?: string | Uint8Array<ArrayBuffer>
}

/** Sends one request through the endpoint's own route, as the server would. */
export async function send(method: string, address: string, sent: Sent): Promise<Response> {
  const url = new URL(address, 'http://127.0.0.1:4321')
  for (const { pattern, load } of routes) {
    const match = pattern.exec(url.pathname)
    if (!match) continue
    const module = await load()
    const route = module[method] ?? module.ALL
    if (!route) continue
    const text = sent.raw ?? (sent.body === undefined ? undefined : JSON.stringify(sent.body))
    const key = sent.key === undefined ? newKey() : sent.key
    const request = new Request(url, {
      method,
      headers: {
        ...(text !== undefined && { 'content-type': 'application/json' }),
        ...(method !== 'GET' && key !== null && { 'idempotency-key': key }),
        ...sent.headers,
      },
      ...(text !== undefined && method !== 'GET' && { body: text }),
    })
    return route({
      request,
      url,
      params: { ...match.groups },
      locals: { caller: sent.caller },
    } as unknown as APIContext) as Promise<Response>
  }
  throw new Error(`No page serves ${method} ${address}`)
}

/** Fills an endpoint's path. */
export const pathOf = (
  endpoint: Pick<Endpoint, 'path'>,
  ids: Readonly<Record<string, string>> = {},
): string => endpoint.path.replace(/\{(\w+)\}/g, (_, name: string) => ids[name] ?? randomUUID())
