/** The server as a stranger meets it: what it says of every answer, what it refuses, what it writes down. */
import { spawn } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import http from 'node:http'
import { answering, databaseUrl, freePort, SECRET, TODAY } from './support/serve'
import { expect, test } from './support/test'

const address = () => process.env.SATCHEL_ADDRESS ?? ''
const ask = (path: string, options: RequestInit = {}) =>
  fetch(address() + path, { redirect: 'manual', ...options })

test('every answer says what a browser may do with it', async ({ account }) => {
  const cookie = `${account.cookie.name}=${encodeURIComponent(account.cookie.value)}`
  for (const [path, options] of [
    ['/sign-in', {}],
    ['/', {}],
    ['/', { headers: { cookie } }],
    ['/favicon.svg', {}],
    ['/sw.js', {}],
    ['/api/kits', {}],
    ['/api/kits', { headers: { cookie } }],
    ['/api/export.csv', { headers: { cookie } }],
    ['/api/nothing', {}],
    ['/nothing', { headers: { cookie } }],
    ['/api/kits', { method: 'PUT' }],
    ['/api/kits', { method: 'POST', headers: { 'sec-fetch-site': 'cross-site' } }],
    ['/_image?href=%2Ffavicon.svg&w=10', { headers: { cookie } }],
    ['/%E0%A4%A', {}],
  ] as const) {
    const { headers, status } = await ask(path, options)
    expect([path, status, headers.get('x-content-type-options')]).toEqual([path, status, 'nosniff'])
    expect([path, headers.get('referrer-policy')]).toEqual([path, 'same-origin'])
    expect([path, headers.get('content-security-policy')]).toEqual([
      path,
      expect.stringContaining("frame-ancestors 'none'"),
    ])
  }
})

test('every refusal of the interface has one form', async () => {
  for (const [method, path, status, code, headers = {}] of [
    ['GET', '/api/nothing', 404, 'not_found'],
    ['GET', '/api/auth/get-session', 404, 'not_found'],
    ['POST', '/api/auth/sign-in/email', 404, 'not_found'],
    ['PUT', '/api/kits', 405, 'method_not_known'],
    ['DELETE', `/api/kits/${randomUUID()}/checks`, 405, 'method_not_known'],
    ['GET', '/api/kits', 401, 'not_signed_in'],
    ['GET', '/_image?href=%2Ffavicon.svg', 404, 'not_found'],
    ['POST', '/api/kits', 403, 'from_another_site', { 'sec-fetch-site': 'cross-site' }],
    ['POST', '/api/kits', 403, 'from_another_site', { origin: 'https://elsewhere.example' }],
  ] as const) {
    const answer = await ask(path, { method, headers: headers as Record<string, string> })
    expect([path, answer.status, answer.headers.get('content-type')]).toEqual([
      path,
      status,
      'application/problem+json',
    ])
    const problem = await answer.json()
    expect([path, problem.code, problem.status, problem.detail.length > 10]).toEqual([
      path,
      code,
      status,
      true,
    ])
    if (status === 405) expect(answer.headers.get('allow')).toMatch(/^[A-Z, ]+$/)
  }
})

/** Sends a body of so many megabytes without saying how long it is. */
const pour = (path: string, megabytes: number): Promise<{ status: number; poured: number }> =>
  new Promise((resolve, reject) => {
    const { hostname, port } = new URL(address())
    let poured = 0
    const request = http.request(
      { hostname, port, path, method: 'POST', headers: { 'content-type': 'application/json' } },
      (response) => {
        response.resume()
        resolve({ status: response.statusCode ?? 0, poured })
        request.destroy()
      },
    )
    request.on('error', (error) => (poured > 0 ? resolve({ status: 0, poured }) : reject(error)))
    const chunk = Buffer.alloc(256 * 1024, 'x')
    const pourOn = (): void => {
      if (poured >= megabytes * 1024 * 1024 || request.destroyed) {
        if (!request.destroyed) request.end()
        return
      }
      poured += chunk.length
      if (request.write(chunk)) setImmediate(pourOn)
      else request.once('drain', pourOn)
    }
    request.write('"')
    pourOn()
  })

test('a flood to sign-in is cut off early, and the server goes on', async () => {
  const pid = Number(process.env.SATCHEL_SERVER_PID)
  const memory = () =>
    Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]) / 1024
  const before = memory()
  const floods = await Promise.all(
    Array.from({ length: 4 }, () => pour('/api/account/sign-in', 150)),
  )
  for (const { status } of floods) expect([413, 0]).toContain(status)
  // Four times 150 MB were offered; of that next to nothing was taken in.
  expect(memory() - before).toBeLessThan(200)
  const declared = await ask('/api/account/sign-in', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: `"${'x'.repeat(20_000)}"`,
  })
  expect(declared.status).toBe(413)
  expect((await ask('/api/health')).status).toBe(200)
})

test('whoever comes back after signing in stays on the site', async ({ page, account }) => {
  for (const next of ['/%09/elsewhere.example', '//elsewhere.example', '/%0d%0aX-Planted:%201']) {
    const signedOut = await ask(`/sign-in?next=${next}`)
    expect([next, signedOut.status]).toEqual([next, 200])
    const signedIn = await ask(`/sign-in?next=${next}`, {
      headers: { cookie: `${account.cookie.name}=${encodeURIComponent(account.cookie.value)}` },
    })
    expect([next, signedIn.status]).toEqual([next, 302])
    const { origin } = new URL(signedIn.headers.get('location') ?? '', address())
    expect([next, origin, signedIn.headers.get('x-planted')]).toEqual([next, address(), null])
  }
  await page.goto('/sign-in?next=/%09/elsewhere.example')
  expect(new URL(page.url()).origin).toBe(address())
})

/** A server of its own, whose log is read. */
async function aServer(more: Record<string, string>) {
  const port = await freePort()
  const lines: string[] = []
  const server = spawn(process.execPath, ['server/main.mjs'], {
    env: {
      PATH: process.env.PATH ?? '',
      NODE_ENV: 'production',
      PORT: String(port),
      DATABASE_URL: databaseUrl('DATABASE_URL', 'browser'),
      SATCHEL_SECRET: SECRET,
      SATCHEL_TODAY: TODAY,
      ...more,
    },
  })
  for (const stream of [server.stdout, server.stderr])
    stream.on('data', (bytes: Buffer) => lines.push(String(bytes)))
  await answering(port, more.SATCHEL_ORIGIN && new URL(more.SATCHEL_ORIGIN).host)
  return { server, port, log: () => lines.join('') }
}
const gone = (server: ReturnType<typeof spawn>): Promise<number | null> =>
  new Promise((resolve) => server.once('exit', resolve))

test('what is private is not in the log, and what is under way is answered before it stops', async () => {
  const { server, port, log } = await aServer({})
  const at = `http://127.0.0.1:${port}`
  const planted = `planted-${randomUUID()}`
  const asked = async (path: string, body?: object, cookie = '') =>
    fetch(at + path, {
      method: body ? 'POST' : 'GET',
      headers: {
        cookie,
        ...(body && { 'content-type': 'application/json', 'idempotency-key': randomUUID() }),
      },
      ...(body && { body: JSON.stringify(body) }),
    })
  const account = {
    name: planted,
    email: `${planted}@example.invalid`,
    password: `socks ${planted.slice(-20)} line`,
  }
  const made = await asked('/api/account/sign-up', account)
  expect(made.status).toBe(200)
  const cookie = made.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ')
  await asked('/api/members', { name: planted, species: 'person', note: planted }, cookie)
  await asked(`/api/find?q=${planted}`, undefined, cookie)
  await asked(`/feed/${planted}.ics`)
  await asked(`/new-password?token=${planted}`)
  await asked('/api/account/sign-in', { email: account.email, password: `${planted} wrong` })
  // Faults are written down as well: a household that is not to be read, say.
  const answers = Promise.all(
    Array.from({ length: 20 }, () => asked('/api/watch', undefined, cookie)),
  )
  await new Promise((resolve) => setTimeout(resolve, 20))
  server.kill('SIGTERM')
  const ended = gone(server)
  const statuses = (await answers.catch(() => [])).map(({ status }) => status)
  expect(statuses.every((status) => status === 200)).toBe(true)
  expect(await ended).toBe(0)
  expect(log()).not.toContain(planted.slice(-20))
  for (const secret of cookie.split('; ').map((one) => one.split('=')[1] ?? ''))
    expect(log()).not.toContain(secret)
  const written = log()
    .split('\n')
    .filter((line) => line.startsWith('{'))
    .map((line) => JSON.parse(line))
  expect(written.find(({ path }) => path === '/feed/*')).toMatchObject({ method: 'GET' })
  expect(written.find(({ path }) => path === '/api/find')).toMatchObject({ status: 200 })
})

test('behind a proxy it goes by its public name, and believes nobody else', async () => {
  const { server, port } = await aServer({
    SATCHEL_ORIGIN: 'https://kits.example.org',
    SATCHEL_TRUSTED_PROXIES: 'loopback, 192.0.2.1',
  })
  /** As a proxy on this machine hands a request on. */
  const handed = (headers: Record<string, string>, body?: object) =>
    new Promise<{ status: number; headers: http.IncomingHttpHeaders; text: string }>(
      (resolve, reject) => {
        const request = http.request(
          {
            port,
            host: '127.0.0.1',
            path: body ? '/api/account/sign-in' : '/sign-in',
            method: body ? 'POST' : 'GET',
            headers: {
              host: 'kits.example.org',
              ...(body && { 'content-type': 'application/json' }),
              ...headers,
            },
          },
          (response) => {
            let text = ''
            response.on('data', (part) => {
              text += part
            })
            response.on('end', () =>
              resolve({ status: response.statusCode ?? 0, headers: response.headers, text }),
            )
          },
        )
        request.on('error', reject)
        request.end(body && JSON.stringify(body))
      },
    )
  expect((await handed({})).status).toBe(200)
  expect((await handed({ host: `127.0.0.1:${port}` })).status).toBe(421)

  // Tries are counted for who really comes: a header before the proxy's own is nobody's word.
  const guess = (from: string) =>
    handed(
      { 'x-forwarded-for': from },
      { email: `${randomUUID()}@example.invalid`, password: 'a guess of theirs' },
    )
  const { limitsFrom } = await import('../../server/limits.mjs')
  const { peerOf } = limitsFrom(
    { SATCHEL_ORIGIN: 'https://kits.example.org', SATCHEL_TRUSTED_PROXIES: 'loopback, 192.0.2.1' },
    port,
  )
  const peer = (told: string, socket: string) =>
    peerOf({ headers: { 'x-forwarded-for': told }, socket: { remoteAddress: socket } })
  expect(peer('198.51.100.9, 203.0.113.5', '127.0.0.1')).toBe('203.0.113.5')
  expect(peer('198.51.100.9, 203.0.113.5, 192.0.2.1', '127.0.0.1')).toBe('203.0.113.5')
  expect(peer('198.51.100.9', '203.0.113.5')).toBe('203.0.113.5')
  expect(peer('not an address', '127.0.0.1')).toBe('not an address')
  expect((await guess('203.0.113.5')).status).toBe(403)
  server.kill('SIGKILL')
  await gone(server)
})
