/** What a reading asks of the database, statement by statement. */
import { revisionCache } from '../../src/app/frame/cache'
import type { World } from '../../src/app/frame/world'
import { createDb, createPool } from '../../src/db/frame/connect'

export interface Sent {
  readonly text: string
  readonly values: readonly unknown[]
}

/**
 * Every statement that a reading sends, with its parameters: on a connection of its own, with nothing
 * kept from before.
 */
export async function statementsOf(
  url: string,
  world: World,
  read: (world: World) => Promise<unknown>,
): Promise<readonly Sent[]> {
  const sent: Sent[] = []
  const pool = createPool(url, 1)
  pool.on('connect', (client) => {
    const query = client.query.bind(client) as (...args: unknown[]) => unknown
    Object.assign(client, {
      query: (text: unknown, values: unknown, ...rest: unknown[]) => {
        if (typeof text === 'string')
          sent.push({ text, values: Array.isArray(values) ? values : [] })
        return query(text, values, ...rest)
      },
    })
  })
  const db = createDb(pool)
  await read({ ...world, db, surveys: revisionCache() })
  await db.destroy()
  return sent
}
