/** One request to the server: what is sent, and what each kind of answer becomes. */
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { z } from 'zod'
import { addressOf, endpoint } from '../../src/contract/endpoint'
import { readKits } from '../../src/contract/kits'
import { useLot } from '../../src/contract/stock'
import { answerIn, call, newKey, OfflineError, ProblemError } from '../../src/device/call'
import { connection, noteAnswer, onConnection } from '../../src/device/connection'
import { KEPT_AT } from '../../src/device/kept'

const LOT = '11111111-1111-4111-8111-111111111111'
const POCKET = '22222222-2222-4222-8222-222222222222'
const asked = {
  params: { lotId: LOT },
  body: { seenVersion: 3, pocketId: POCKET, amount: 1000 },
}
const json = (body: unknown, init: ResponseInit = {}): Response =>
  new Response(JSON.stringify(body), {
    ...init,
    headers: { 'content-type': 'application/json', ...init.headers },
  })

let sent: Request[] = []
let answer: () => Response | Promise<Response> = () => json({ actId: 'a' })
beforeEach(() => {
  sent = []
  answer = () => json({ actId: 'a' })
  vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
    sent.push(new Request(`http://home.example${path}`, init))
    return answer()
  })
  noteAnswer(json({}))
})
afterEach(() => vi.unstubAllGlobals())

describe('what is sent', () => {
  it('an act carries its key, how long ago it was done, and its body', async () => {
    await call(useLot, asked as never, { key: 'k-1', takenAgo: 1500.4 })
    const [one] = sent
    expect([one?.method, new URL(one?.url ?? '').pathname]).toEqual([
      'POST',
      `/api/lots/${LOT}/use`,
    ])
    expect(one?.headers.get('idempotency-key')).toBe('k-1')
    expect(one?.headers.get('taken-milliseconds-ago')).toBe('1500')
    expect(one?.headers.get('content-type')).toBe('application/json')
    expect(await one?.json()).toEqual(asked.body)
  })
  it('a read carries none of them', async () => {
    await call(readKits, {} as never)
    const [one] = sent
    expect(one?.method).toBe('GET')
    expect(one?.headers.has('idempotency-key')).toBe(false)
    expect(one?.headers.has('taken-milliseconds-ago')).toBe(false)
    expect(one?.headers.has('content-type')).toBe(false)
  })
  it('only words that were said stand in the query', async () => {
    const find = endpoint(
      'GET',
      '/api/find',
      'Finds',
      { query: z.object({ words: z.string(), place: z.string().optional() }) },
      z.object({}),
    )
    await call(find, { query: { words: 'eye & ear', place: undefined } })
    await call(find, { query: {} as never })
    expect(sent.map(({ url }) => new URL(url).search)).toEqual(['?words=eye+%26+ear', ''])
  })
  it('what stands in an address cannot leave its place', () => {
    expect(addressOf(useLot, { lotId: '../../account' })).toBe('/api/lots/..%2F..%2Faccount/use')
    expect(addressOf({ path: '/api/a/{b}/c/{d}' }, { b: 'x?y', d: 'ü' })).toBe(
      '/api/a/x%3Fy/c/%C3%BC',
    )
  })
  it('no two keys are the same', () => {
    const keys = Array.from({ length: 200 }, newKey)
    expect(new Set(keys).size).toBe(200)
    for (const key of keys) expect(z.uuid().safeParse(key).success).toBe(true)
  })
})

describe('what comes back', () => {
  it('an answer is handed on, and says that the server is there', async () => {
    answer = () => json({ actId: 'done' })
    expect(await call(useLot, asked as never)).toEqual({ actId: 'done' })
    expect(connection()).toEqual({ kind: 'there' })
  })
  it('a refusal keeps its number, its code, its words and its facts', async () => {
    answer = () =>
      json(
        {
          code: 'not_enough',
          title: 'There is less than that',
          detail: 'Three are there. Give three or fewer.',
          facts: { there: 3000 },
        },
        { status: 409, headers: { 'content-type': 'application/problem+json; charset=utf-8' } },
      )
    const problem = await call(useLot, asked as never).catch((error: unknown) => error)
    expect(problem).toBeInstanceOf(ProblemError)
    const { status, code, title, message, facts } = problem as ProblemError
    expect({ status, code, title, message, facts }).toEqual({
      status: 409,
      code: 'not_enough',
      title: 'There is less than that',
      message: 'Three are there. Give three or fewer.',
      facts: { there: 3000 },
    })
  })
  it('a refusal without words gets some that say what to do', async () => {
    answer = () => json({}, { status: 500 })
    const problem = (await call(useLot, asked as never).catch(
      (error: unknown) => error,
    )) as ProblemError
    expect([problem.code, problem.title, problem.message]).toEqual([
      'unexpected',
      'That did not work',
      'Try again in a moment.',
    ])
  })
  it.each([
    [
      'a page of a hotel',
      () => new Response('<html>', { headers: { 'content-type': 'text/html' } }),
    ],
    ['no kind at all', () => new Response('{}')],
    [
      'half an answer',
      () => new Response('{"actId":', { headers: { 'content-type': 'application/json' } }),
    ],
    [
      'another kind that begins alike',
      () => new Response('{}', { headers: { 'content-type': 'application/jsonp' } }),
    ],
  ])('%s is nobody of ours: it may be sent again', async (_, reply) => {
    answer = reply
    await expect(call(useLot, asked as never)).rejects.toBeInstanceOf(OfflineError)
    expect(connection().kind).toBe('away')
  })
  it('no answer at all is being away, and the next answer ends it', async () => {
    const heard: string[] = []
    const stop = onConnection(() => heard.push(connection().kind))
    answer = () => Promise.reject(new TypeError('failed to fetch'))
    await expect(call(useLot, asked as never)).rejects.toBeInstanceOf(OfflineError)
    await expect(call(useLot, asked as never)).rejects.toBeInstanceOf(OfflineError)
    answer = () => json({ actId: 'a' })
    await call(useLot, asked as never)
    stop()
    await call(useLot, asked as never)
    // Said when it changes, not at each request.
    expect(heard).toEqual(['away', 'there'])
  })
  it('an answer that was kept says since when', async () => {
    await answerIn(json({ lots: [] }, { headers: { [KEPT_AT]: '2026-11-26T08:00:00.000Z' } }))
    expect(connection()).toEqual({ kind: 'away', keptAt: '2026-11-26T08:00:00.000Z' })
    answer = () => Promise.reject(new TypeError('failed to fetch'))
    await call(useLot, asked as never).catch(() => null)
    // Silence afterwards does not forget it.
    expect(connection()).toEqual({ kind: 'away', keptAt: '2026-11-26T08:00:00.000Z' })
  })
})
