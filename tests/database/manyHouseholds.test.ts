/**
 * One large household among many small ones. Under row security the planner takes each for an average
 * one; a query that joins a large one with itself line by line is quadratic, whatever the machine. What
 * is counted are the lines that a plan looks at, not the time.
 */
import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { beforeAll, describe, expect, it } from 'vitest'
import type { Caller, World } from '../../src/app/frame/world'
import { bringIn } from '../../src/app/imports/bringIn'
import { readRounds } from '../../src/app/rounds/readRounds'
import { readStockList } from '../../src/app/stock/readStockList'
import { readWatch } from '../../src/app/watch/readWatch'
import { aHousehold, application } from '../support/application'
import { copyHousehold } from '../support/copyHousehold'
import { type Sent, statementsOf } from '../support/statements'

const LOTS = 1200
const OTHERS = 60
const LOTS_OF_OTHERS = 30
/** So many lines are looked at for each lot, over all the joins of one query. */
const MOST_FOR_A_LOT = 40

const app = application()

const lines = (count: number) =>
  Array.from({ length: count }, (_, n) => ({
    line: n + 1,
    cells: {
      item: `Thing ${n % 300}`,
      amount: '2',
      par: '3',
      expiry: n % 3 === 0 ? 'none' : '2028-05',
      batch: `B${n}`,
      place: `Place ${n % 4}`,
      kit: `Kit ${n % 20}`,
      pocket: `Pocket ${n % 40}`,
    },
  }))

const list = (world: World, caller: Caller, count: number) =>
  bringIn(world, caller, {
    key: randomUUID(),
    name: 'list',
    fallback: { place: 'Home', kit: 'Kit', pocket: 'Pocket' },
    claimedOn: null,
    lines: lines(count),
  })

interface Plan {
  readonly 'Actual Rows': number
  readonly 'Actual Loops': number
  readonly 'Rows Removed by Filter'?: number
  readonly 'Rows Removed by Join Filter'?: number
  readonly Plans?: readonly Plan[]
}

/** Lines that a plan looked at, in all its steps. */
const lookedAt = (plan: Plan): number =>
  (plan['Actual Rows'] +
    (plan['Rows Removed by Filter'] ?? 0) +
    (plan['Rows Removed by Join Filter'] ?? 0)) *
    plan['Actual Loops'] +
  (plan.Plans ?? []).reduce((sum, part) => sum + lookedAt(part), 0)

/** What each query of a reading looked at, the most first. */
async function costOf(sent: readonly Sent[]): Promise<readonly (readonly [number, string])[]> {
  const client = new pg.Client({ connectionString: app.database.appUrl })
  await client.connect()
  try {
    await client.query('begin')
    for (const { text, values } of sent)
      if (/set_config/.test(text)) await client.query(text, [...values])
    const costs: [number, string][] = []
    for (const { text, values } of sent) {
      if (!/^\s*(?:select|with)\b/i.test(text) || /set_config/.test(text)) continue
      const { rows } = await client.query(`explain (analyze, format json) ${text}`, [...values])
      costs.push([lookedAt(rows[0]['QUERY PLAN'][0].Plan), text.replace(/\s+/g, ' ').slice(0, 100)])
    }
    return costs.sort(([a], [b]) => b - a)
  } finally {
    await client.end()
  }
}

beforeAll(async () => {
  await list(app.world, app.keeper, LOTS)
  const small = await aHousehold(app.world, 'Small')
  await list(app.world, small, LOTS_OF_OTHERS)
  for (let made = 0; made < OTHERS; made++)
    await copyHousehold(small.householdId, app.database.adminUrl)
  const admin = new pg.Client({ connectionString: app.database.adminUrl })
  await admin.connect()
  // What the server does by itself, now and then.
  await admin.query('analyze').finally(() => admin.end())
})

const READINGS: readonly (readonly [string, (world: World) => Promise<unknown>])[] = [
  ['Today', (world) => readWatch(world, app.keeper)],
  ['the stock', (world) => readStockList(world, app.keeper)],
  ['the rounds', (world) => readRounds(world, app.keeper)],
]

describe('one large household among many', () => {
  it.each(READINGS)('%s: no query looks at more lines than the household has', async (_, read) => {
    const sent = await statementsOf(app.database.appUrl, app.world, read)
    const costs = await costOf(sent)
    expect(costs.length).toBeGreaterThan(3)
    // The stock itself is among what was read: a reading of nothing would pass.
    expect(costs[0]?.[0]).toBeGreaterThan(LOTS)
    expect(costs.filter(([looked]) => looked > LOTS * MOST_FOR_A_LOT)).toEqual([])
  })
})
