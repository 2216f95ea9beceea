/** Changes from other sites and other names of this machine are refused; pages carry their policy. */
import { randomUUID } from 'node:crypto'
import { request as httpRequest } from 'node:http'
import { expect, test } from './support/test'

const body = JSON.stringify({ name: 'Spy', species: 'person' })

/** Sends exactly these headers, which a browser would not let a page choose. */
const post = (address: string, headers: Record<string, string>): Promise<number> =>
  new Promise((resolve, reject) => {
    const request = httpRequest(`${address}/api/members`, {
      method: 'POST',
      headers: {
        'content-type': 'application/json',
        'content-length': String(body.length),
        'idempotency-key': randomUUID(),
        ...headers,
      },
    })
    request.on('response', (answer) => resolve(answer.statusCode ?? 0))
    request.on('error', reject)
    request.end(body)
  })

test.describe('a change', () => {
  test('is taken from here and refused from elsewhere', async ({ account, baseURL }) => {
    const address = baseURL ?? ''
    const cookie = `${account.cookie.name}=${encodeURIComponent(account.cookie.value)}`
    expect(await post(address, { cookie })).toBe(200)
    expect(await post(address, { cookie, origin: address })).toBe(200)
    expect(await post(address, { cookie, 'sec-fetch-site': 'same-origin' })).toBe(200)
    expect(await post(address, { cookie, origin: 'http://elsewhere.invalid' })).toBe(403)
    expect(await post(address, { cookie, origin: 'null' })).toBe(403)
    expect(await post(address, { cookie, 'sec-fetch-site': 'cross-site' })).toBe(403)
    expect(await post(address, { cookie, 'sec-fetch-site': 'same-site' })).toBe(403)
    expect(await post(address, { cookie, host: 'elsewhere.invalid' })).toBe(421)
  })
})

test('a page allows no script but its own', async ({ page }) => {
  const answer = await page.goto('/')
  const headers = answer?.headers() ?? {}
  const policy = headers['content-security-policy'] ?? ''
  const scripts = /script-src ([^;]*)/.exec(policy)?.[1] ?? ''
  expect(scripts).toContain("'self'")
  expect(scripts).not.toMatch(/unsafe|http|\*/)
  expect(policy).toContain("frame-ancestors 'none'")
  expect(headers['x-content-type-options']).toBe('nosniff')
  expect(headers['cache-control']).toBe('no-store')
})
