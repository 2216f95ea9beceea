/** A short run of the fault harness: two servers on one database, killed and cut off at random. */
import pg from 'pg'
import { runFaults } from '../faults/harness'
import { databaseUrl, freshDatabase } from './support/serve'
import { expect, test } from './support/test'

test('acts from four devices are each in the record once, whatever fails on the way', async () => {
  const name = 'faults_short'
  await freshDatabase(name)
  const adminUrl = databaseUrl('ADMIN_DATABASE_URL', name)
  const outcome = await runFaults({
    seed: 20261126,
    acts: 250,
    appUrl: databaseUrl('DATABASE_URL', name),
    adminUrl,
    servers: 2,
    killEvery: 60,
    cutEvery: 75,
    // The database server serves other tests too: only these connections are cut.
    cut: async () => {
      const client = new pg.Client({ connectionString: adminUrl })
      await client.connect()
      await client.query(
        'select pg_terminate_backend(pid) from pg_stat_activity where datname = $1 and pid <> pg_backend_pid()',
        [name],
      )
      await client.end()
    },
  })
  expect(outcome).toMatchObject({
    lost: 0,
    twice: 0,
    answeredOtherwise: 0,
    unbalanced: 0,
    miscounted: 0,
    differing: [],
  })
  // It did go wrong on the way.
  expect(outcome.acknowledged).toBeGreaterThan(200)
  expect(outcome.dropped).toBeGreaterThan(25)
  expect(outcome.doubled).toBeGreaterThan(10)
  expect(outcome.kills).toBe(4)
  expect(outcome.cuts).toBe(3)
})
