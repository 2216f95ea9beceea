/** Absurd, broken and hostile requests: a clear problem that says what to do, and nothing changed. */
import { beforeAll, describe, expect, it } from 'vitest'
import { application, send } from '../support/application'
import { stocked } from '../support/stocked'

const app = application()
let stock: Awaited<ReturnType<typeof stocked>>
beforeAll(async () => {
  stock = await stocked(app.world, app.keeper)
})

const refused = async (
  method: string,
  path: string,
  sent: Omit<Parameters<typeof send>[2], 'caller'>,
) => {
  const answer = await send(method, path, { caller: app.keeper, ...sent })
  expect(answer.headers.get('content-type')).toBe('application/problem+json')
  const problem = await answer.json()
  expect(problem.detail.length).toBeGreaterThan(10)
  expect(problem.status).toBe(answer.status)
  return [answer.status, problem.code] as const
}
const lot = () => `/api/lots/${stock.lotId}`
const taking = (over: object) => ({ pocketId: stock.lid, amount: 1000, seenVersion: 1, ...over })

describe('bodies', () => {
  it.each([
    ['not JSON', '{"a":', 400, 'not_json'],
    ['a bare word', 'hello', 400, 'not_json'],
    ['an array', '[]', 422, 'invalid'],
    ['nothing', '', 422, 'invalid'],
  ])('that are %s', async (_, raw, status, code) => {
    expect(await refused('POST', `${lot()}/use`, { raw })).toEqual([status, code])
  })
  it('of another type, as a form of another site would send', async () => {
    expect(
      await refused('POST', `${lot()}/use`, {
        raw: JSON.stringify(taking({})),
        headers: { 'content-type': 'text/plain' },
      }),
    ).toEqual([415, 'not_json'])
  })
  it('of more than 12 MB', async () => {
    expect(
      await refused('POST', '/api/imports', { raw: `"${'x'.repeat(13 * 1024 * 1024)}"` }),
    ).toEqual([413, 'too_large'])
  })
})

describe('amounts and dates', () => {
  it.each([
    [{ amount: -1000 }],
    [{ amount: 0 }],
    [{ amount: 0.5 }],
    [{ amount: 1e12 }],
    [{ amount: '3' }],
    [{ amount: null }],
    [{ seenVersion: -1 }],
    [{ pocketId: 'lid' }],
  ])('%o is refused', async (over) => {
    expect(await refused('POST', `${lot()}/use`, { body: taking(over) })).toEqual([422, 'invalid'])
  })
  it('more than there is says how many there are', async () => {
    const answer = await send('POST', `${lot()}/use`, {
      caller: app.keeper,
      body: taking({ amount: 99_000 }),
    })
    const problem = await answer.json()
    expect([answer.status, problem.code, problem.facts.there]).toEqual([409, 'not_enough', 10_000])
    expect(problem.detail).toContain('10')
  })
  it.each(['2027-02-31', '31.12.2026', 'soon', '1899-12-31', '2027-2-1'])(
    '%s is no day',
    async (on) => {
      expect(await refused('POST', `${lot()}/open`, { body: taking({ on }) })).toEqual([
        422,
        'invalid',
      ])
    },
  )
  it('nothing can be opened tomorrow', async () => {
    expect(await refused('POST', `${lot()}/open`, { body: taking({ on: '2026-11-27' }) })).toEqual([
      422,
      'opened_in_future',
    ])
  })
})

describe('names', () => {
  const member = (name: unknown) =>
    refused('POST', '/api/members', { body: { name, species: 'person' } })
  it('that are empty, too long, of two lines or no text are refused', async () => {
    for (const name of ['', '   ', 'x'.repeat(121), 'a\nb', 'a\u0000b', 7])
      expect(await member(name)).toEqual([422, 'invalid'])
  })
  it('with markup, quotes or SQL in them are kept as they are', async () => {
    const name = `<script>alert(1)</script> O'Hara"; drop table lot; --`
    const answer = await send('POST', '/api/members', {
      caller: app.keeper,
      body: { name, species: 'person' },
    })
    expect(answer.status).toBe(200)
    const { members } = await (await send('GET', '/api/household', { caller: app.keeper })).json()
    expect(members.map((one: { name: string }) => one.name)).toContain(name)
  })
})

describe('addresses', () => {
  it('that cannot be an id are not found', async () => {
    for (const id of ['1', 'x', '00000000-0000-0000-0000-00000000000g', '../../etc/passwd'])
      expect((await refused('GET', `/api/lots/${encodeURIComponent(id)}`, {}))[0]).toBe(404)
  })
  it('with a query that cannot be are refused', async () => {
    expect(await refused('GET', '/api/watch?place=home', {})).toEqual([422, 'invalid'])
    expect(await refused('GET', `/api/find?q=${'x'.repeat(200)}`, {})).toEqual([422, 'invalid'])
  })
})

describe('two windows', () => {
  it('the later one is told who did what since, and which version to act on', async () => {
    const fresh = await stocked(app.world, app.keeper)
    const body = { pocketId: fresh.lid, amount: 1000, seenVersion: 1 }
    expect(
      (await send('POST', `/api/lots/${fresh.lotId}/use`, { caller: app.keeper, body })).status,
    ).toBe(200)
    const later = await send('POST', `/api/lots/${fresh.lotId}/discard`, {
      caller: app.keeper,
      body,
    })
    const problem = await later.json()
    expect([later.status, problem.code, problem.facts.version]).toEqual([
      409,
      'changed_meanwhile',
      2,
    ])
    expect(problem.facts.since).toMatchObject([{ who: 'Ilse', kind: 'used' }])
    expect(problem.detail).toContain('Ilse')
    const settled = await send('POST', `/api/lots/${fresh.lotId}/discard`, {
      caller: app.keeper,
      body: { ...body, seenVersion: 2 },
    })
    expect(settled.status).toBe(200)
  })
  it('a visit cannot end before it starts', async () => {
    expect(
      await refused('POST', `/api/places/${stock.placeId}/visits`, {
        body: { startsOn: '2027-01-02', endsOn: '2027-01-01' },
      }),
    ).toEqual([422, 'invalid'])
  })
})
