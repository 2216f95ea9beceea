/** Databases of their own for browser tests, and the built application on them. */
import { type ChildProcess, spawn } from 'node:child_process'
import http from 'node:http'
import { createServer } from 'node:net'
import pg from 'pg'

/** All runs are on this day. */
export const TODAY = '2026-11-26'
export const SECRET = 'a secret for browser tests that is long enough'

const env = (name: string): string => {
  const value = process.env[name]
  if (!value) throw new Error(`${name} is not set: run these tests through ./satchel test browser`)
  return value
}

export const databaseUrl = (
  role: 'ADMIN_DATABASE_URL' | 'DATABASE_URL',
  database: string,
): string => {
  const url = new URL(env(role))
  url.pathname = `/${database}`
  return url.href
}

export const freePort = (): Promise<number> =>
  new Promise((resolve, reject) => {
    const server = createServer()
    server.on('error', reject)
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address() as { port: number }
      server.close(() => resolve(port))
    })
  })

/** Starts the built server and waits until it answers. */
export async function startServer(
  appUrl: string,
  today: string = TODAY,
): Promise<{ address: string; process: ChildProcess }> {
  const port = await freePort()
  const server = serverOn(port, appUrl, today)
  return { address: await answering(port), process: server }
}

/** Starts the built server on a port; it takes a while until it answers. */
export const serverOn = (port: number, appUrl: string, today: string = TODAY): ChildProcess =>
  spawn(process.execPath, ['server/main.mjs'], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: {
      ...process.env,
      NODE_ENV: 'production',
      PORT: String(port),
      DATABASE_URL: appUrl,
      SATCHEL_SECRET: SECRET,
      SATCHEL_TODAY: today,
    },
  })

/** @returns the address, once the server there answers */
export async function answering(port: number, host?: string): Promise<string> {
  const address = `http://127.0.0.1:${port}`
  for (let tries = 0; tries < 3000; tries++) {
    if (await isHealthy(port, host)) return address
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  throw new Error('The server did not answer; build it first (./satchel test browser does)')
}

/** @param host the name it goes by, where that is another than its address */
const isHealthy = (port: number, host = `127.0.0.1:${port}`): Promise<boolean> =>
  new Promise((resolve) => {
    http
      .get({ host: '127.0.0.1', port, path: '/api/health', headers: { host } }, (answer) => {
        answer.resume()
        resolve(answer.statusCode === 200)
      })
      .on('error', () => resolve(false))
  })

/** An empty, migrated database under a name of its own. */
export async function freshDatabase(name: string): Promise<void> {
  const admin = new pg.Client({ connectionString: env('ADMIN_DATABASE_URL') })
  await admin.connect()
  await admin.query(`drop database if exists ${name} with (force)`)
  await admin.query(`create database ${name} template satchel owner satchel_owner`)
  await admin.end()
}
