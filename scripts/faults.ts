/**
 * Thousands of acts from four devices while the network, the servers and the database fail.
 * npm run faults -- [seed] [acts]
 */
import { execFileSync } from 'node:child_process'
import pg from 'pg'
import { runFaults } from '../tests/faults/harness'

const env = (name: string): string => {
  const value = process.env[name]
  if (!value) throw new Error(`${name} is not set: run this through ./satchel faults`)
  return value
}
const at = (url: string, database: string): string => {
  const there = new URL(url)
  there.pathname = `/${database}`
  return there.href
}

const seed = Number(process.argv[2] ?? 20261126)
const acts = Number(process.argv[3] ?? 10_000)
const adminUrl = env('ADMIN_DATABASE_URL')
const admin = new pg.Client({ connectionString: adminUrl })
await admin.connect()
await admin.query('drop database if exists faults with (force)')
await admin.query('create database faults template satchel owner satchel_owner')
await admin.end()

const began = Date.now()
const outcome = await runFaults({
  seed,
  acts,
  appUrl: at(env('DATABASE_URL'), 'faults'),
  adminUrl: at(adminUrl, 'faults'),
  servers: 2,
  killEvery: Math.ceil(acts / 20),
  cutEvery: Math.ceil(acts / 5),
  // The whole database server, as if the power had gone; ./satchel brings it back.
  cut: async () => {
    execFileSync('./satchel', ['kill-database'], { stdio: 'inherit' })
  },
  report: (done) => console.log(`${done} of ${acts} acts begun`),
})
console.log(`seed ${seed}, ${acts} acts, ${Math.round((Date.now() - began) / 1000)} s`)
for (const [name, value] of Object.entries(outcome))
  console.log(`${name.padEnd(18)} ${Array.isArray(value) ? value.join(', ') || 'none' : value}`)
const { lost, twice, answeredOtherwise, unbalanced, miscounted, differing } = outcome
const wrong = lost + twice + answeredOtherwise + unbalanced + miscounted + differing.length
process.exit(wrong === 0 ? 0 : 1)
