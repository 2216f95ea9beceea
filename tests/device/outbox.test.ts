/** What waits on a device: written down first, sent in order, once each, whatever the network does. */
import 'fake-indexeddb/auto'
import fc from 'fast-check'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { readStrap } from '../../src/contract/places'
import { sayEntry } from '../../src/contract/rounds'
import { amendLot, useLot } from '../../src/contract/stock'
import { connection } from '../../src/device/connection'
import {
  dropWaiting,
  keepAct,
  NoHolderError,
  readWaiting,
  type SendingEnd,
  sendAgain,
  sendWaiting,
  watchWaiting,
} from '../../src/device/outbox'
import { importKey, seal } from '../../src/device/seal'
import { store } from '../../src/device/store'
import type { WaitingRow } from '../../src/device/tables'
import { DeviceFullError, forgetUnkept, unkeptNow } from '../../src/device/unkept'

const LOT = '11111111-1111-4111-8111-111111111111'
const POCKET = '22222222-2222-4222-8222-222222222222'
const ROUND = '33333333-3333-4333-8333-333333333333'
const A_KEY = btoa('k'.repeat(32))
const ANOTHER_KEY = btoa('x'.repeat(32))

interface Heard {
  readonly method: string
  readonly path: string
  readonly key: string | null
  readonly takenAgo: number
  readonly body: { readonly amount?: number; readonly seenVersion?: number }
}
type Answer = (heard: Heard) => Response | 'silence'

let heard: Heard[] = []
let answer: Answer = () => done()

const json = (status: number, value: object, type = 'application/json'): Response =>
  new Response(JSON.stringify(value), { status, headers: { 'content-type': type } })
const done = (): Response => json(200, { actId: '44444444-4444-4444-8444-444444444444' })
const problem = (status: number, code: string, facts: object = {}): Response =>
  json(
    status,
    { code, title: 'Not like this', detail: 'Look again.', facts },
    'application/problem+json',
  )

/** One lock, as a browser has it over all windows. */
const locks = {
  isTaken: false,
  async request<T>(_: string, __: object, work: (lock: object | null) => Promise<T>): Promise<T> {
    if (locks.isTaken) return work(null)
    locks.isTaken = true
    try {
      return await work({})
    } finally {
      locks.isTaken = false
    }
  },
}

beforeEach(async () => {
  heard = []
  answer = () => done()
  vi.stubGlobal('navigator', { locks })
  vi.stubGlobal('fetch', async (path: string, { method, headers, body }: RequestInit) => {
    const sent = headers as Record<string, string>
    const one: Heard = {
      method: method ?? '',
      path,
      key: sent['idempotency-key'] ?? null,
      takenAgo: Number(sent['taken-milliseconds-ago'] ?? 0),
      body: JSON.parse(String(body ?? '{}')),
    }
    const said = answer(one)
    if (said === 'silence') throw new TypeError('Failed to fetch')
    heard.push(one)
    return said
  })
  await (await store()).waiting.clear()
  await signIn('ilse', A_KEY)
})
afterEach(() => {
  vi.unstubAllGlobals()
  forgetUnkept()
})

const signIn = async (userId: string, key: string): Promise<void> => {
  const sealing = await importKey(key)
  await (await store()).holder.put({
    id: 'me',
    userId,
    name: userId,
    key: sealing,
    state: '',
    keptAt: 0,
  })
}
const use = (amount: number, more: { key?: string; takenAt?: number } = {}) =>
  keepAct(
    useLot,
    { params: { lotId: LOT }, body: { pocketId: POCKET, amount, seenVersion: 1 } },
    { key: `use-${amount}`, title: `Used ${amount}`, ...more },
  )
const amend = () =>
  keepAct(
    amendLot,
    { params: { lotId: LOT }, body: { seenVersion: 1, note: 'By the door' } },
    { key: 'amend-it', title: 'Changed' },
  )
const say = (key: string) =>
  keepAct(
    sayEntry,
    { params: { roundId: ROUND }, body: { entryId: key } as never },
    { key, title: key },
  )
const keys = () => heard.map(({ key }) => key)
const waiting = async () =>
  (await readWaiting()).map(({ key, state, problem: why }) => [key, state, why?.title ?? null])

describe('what is written down', () => {
  it('is sent in the order in which it was done, each under its key', async () => {
    for (const amount of [3, 1, 2]) await use(amount)
    expect(await waiting()).toEqual([
      ['use-3', 'waiting', null],
      ['use-1', 'waiting', null],
      ['use-2', 'waiting', null],
    ])
    expect(await sendWaiting()).toBe('all_sent')
    expect(keys()).toEqual(['use-3', 'use-1', 'use-2'])
    expect(heard[0]).toMatchObject({
      method: 'POST',
      path: `/api/lots/${LOT}/use`,
      body: { pocketId: POCKET, amount: 3, seenVersion: 1 },
    })
    expect(await waiting()).toEqual([])
  })
  it('is written down once under one key', async () => {
    await use(1)
    await use(1)
    await sendWaiting()
    expect(keys()).toEqual(['use-1'])
  })
  it('cannot be read without the key of its owner', async () => {
    await use(1)
    const [row] = await (await store()).waiting.toArray()
    expect(new TextDecoder().decode((row as WaitingRow).sealed.data)).not.toContain('amount')
    await signIn('ilse', ANOTHER_KEY)
    expect(await waiting()).toEqual([])
    expect(await sendWaiting()).toBe('all_sent')
    expect(heard).toEqual([])
  })
  it('is shown from here until the server shows it, where that is how it is done', async () => {
    await say('entry-one')
    await use(1)
    await sendWaiting()
    expect(await waiting()).toEqual([['entry-one', 'sent', null]])
    await dropWaiting(['entry-one'])
    expect(await waiting()).toEqual([])
  })
  it('tells how long ago it was done, by the device’s pace', async () => {
    await use(1, { takenAt: Date.now() - 60_000 })
    await use(2)
    await sendWaiting()
    expect(heard[0]?.takenAgo).toBeGreaterThanOrEqual(60_000)
    expect(heard[0]?.takenAgo).toBeLessThan(120_000)
    expect(heard[1]?.takenAgo).toBe(0)
  })
  it('is told to whoever watches, now and when it changes', async () => {
    const seen: string[][] = []
    const stop = watchWaiting((all) => seen.push(all.map(({ key }) => key)))
    await vi.waitFor(() => expect(seen.at(-1)).toEqual([]))
    await use(1)
    await vi.waitFor(() => expect(seen.at(-1)).toEqual(['use-1']))
    await sendWaiting()
    await vi.waitFor(() => expect(seen.at(-1)).toEqual([]))
    stop()
  })
  it('needs somebody who has been signed in here', async () => {
    await (await store()).holder.clear()
    await expect(use(1)).rejects.toBeInstanceOf(NoHolderError)
    expect(await readWaiting()).toEqual([])
    expect(await sendWaiting()).toBe('signed_out')
  })
})

describe('when the server', () => {
  it('is silent, everything stays and goes later, in order', async () => {
    answer = () => 'silence'
    await use(1)
    await use(2)
    expect(await sendWaiting()).toBe('no_connection')
    expect(connection().kind).toBe('away')
    expect((await waiting()).length).toBe(2)
    answer = () => done()
    expect(await sendWaiting()).toBe('all_sent')
    expect(keys()).toEqual(['use-1', 'use-2'])
    expect(connection().kind).toBe('there')
  })
  it.each([408, 425, 429, 502, 503, 504])('says %i, it is asked again later', async (status) => {
    answer = () => problem(status, 'away')
    await use(1)
    expect(await sendWaiting()).toBe('no_connection')
    expect(await waiting()).toEqual([['use-1', 'waiting', null]])
  })
  it('is none of ours but a hotel’s page, it waits', async () => {
    answer = () => new Response('<h1>Welcome</h1>', { headers: { 'content-type': 'text/html' } })
    await use(1)
    expect(await sendWaiting()).toBe('no_connection')
    expect(await waiting()).toEqual([['use-1', 'waiting', null]])
  })
  it('knows nobody any more, it waits sealed and goes once its owner is back', async () => {
    answer = () => problem(401, 'not_signed_in')
    await use(1)
    expect(await sendWaiting()).toBe('signed_out')
    expect(await (await store()).holder.count()).toBe(0)
    await signIn('tove', ANOTHER_KEY)
    answer = () => done()
    expect(await sendWaiting()).toBe('all_sent')
    expect(heard.filter(({ key }) => key === 'use-1')).toHaveLength(1)
    await signIn('ilse', A_KEY)
    expect(await sendWaiting()).toBe('all_sent')
    expect(keys()).toEqual(['use-1', 'use-1'])
  })
  it.each([400, 404, 409, 413, 422, 500])(
    'answers %i, it is set aside with its sentence and the rest goes on',
    async (status) => {
      answer = ({ key }) => (key === 'use-1' ? problem(status, 'not_enough') : done())
      await use(1)
      await use(2)
      expect(await sendWaiting()).toBe('all_sent')
      expect(keys()).toEqual(['use-1', 'use-2'])
      expect(await waiting()).toEqual([['use-1', 'refused', 'Not like this']])
    },
  )
  it('has another version meanwhile, what adds up goes again with that one', async () => {
    answer = ({ body }) =>
      body.seenVersion === 7 ? done() : problem(409, 'changed_meanwhile', { version: 7 })
    await use(1)
    expect(await sendWaiting()).toBe('all_sent')
    expect(heard.map(({ key, body }) => [key, body.seenVersion])).toEqual([
      ['use-1', 1],
      ['use-1', 7],
    ])
    expect(await waiting()).toEqual([])
  })
  it('has another version meanwhile, what does not add up is set aside', async () => {
    answer = () => problem(409, 'changed_meanwhile', { version: 7 })
    await amend()
    expect(await sendWaiting()).toBe('all_sent')
    expect(await waiting()).toEqual([['amend-it', 'refused', 'Not like this']])
  })
  it('has another version, what an earlier version wrote down is set aside and not lost', async () => {
    const { key } = (await (await store()).holder.get('me')) as { key: CryptoKey }
    const old = { method: 'POST', path: useLot.path, asked: { params: { lotId: LOT }, body: {} } }
    await (await store()).waiting.add({
      key: 'of-before',
      userId: 'ilse',
      state: 'waiting',
      takenAt: Date.now(),
      sealed: await seal(key, { ...old, title: 'Used one', problem: null }),
    })
    answer = () => problem(409, 'changed_meanwhile', { version: 7 })
    expect(await sendWaiting()).toBe('all_sent')
    expect(await waiting()).toEqual([['of-before', 'refused', 'Not like this']])
  })
})

describe('what was set aside', () => {
  it('is tried again under the same key, or given up', async () => {
    answer = () => problem(422, 'not_enough')
    await use(1)
    await use(2)
    await sendWaiting()
    answer = () => done()
    expect(await sendAgain('use-1')).toBe('all_sent')
    expect(keys()).toEqual(['use-1', 'use-2', 'use-1'])
    expect(await waiting()).toEqual([['use-2', 'refused', 'Not like this']])
    await dropWaiting(['use-2'])
    expect(await waiting()).toEqual([])
  })
})

describe('two windows', () => {
  it('send as one', async () => {
    for (const amount of [1, 2, 3]) await use(amount)
    const ends = await Promise.all([sendWaiting(), sendWaiting()])
    expect(ends.sort()).toEqual(['all_sent', 'elsewhere'] satisfies SendingEnd[])
    expect(keys()).toEqual(['use-1', 'use-2', 'use-3'])
  })
})

describe('what was sent long ago', () => {
  it('is forgotten, and what still waits is not', async () => {
    const before = Date.now() - 8 * 86_400_000
    await say('entry-one')
    await sendWaiting()
    await (await store()).waiting.toCollection().modify({ takenAt: before })
    answer = () => 'silence'
    await use(1, { takenAt: before })
    await sendWaiting()
    expect(await waiting()).toEqual([['use-1', 'waiting', null]])
  })
})

describe('a device without room', () => {
  const full = () =>
    vi.spyOn(IDBObjectStore.prototype, 'add').mockImplementation(() => {
      throw new DOMException('No room', 'QuotaExceededError')
    })
  afterEach(() => vi.restoreAllMocks())

  it('sends at once, under the same key', async () => {
    full()
    await use(1)
    expect(keys()).toEqual(['use-1'])
    expect(unkeptNow()).toBeNull()
  })
  it('says what is not done when nobody answers', async () => {
    full()
    answer = () => 'silence'
    await expect(use(1)).rejects.toBeInstanceOf(DeviceFullError)
    expect(unkeptNow()).toEqual({ title: 'Used 1', problem: null })
  })
  it('says why, when it was refused', async () => {
    full()
    answer = () => problem(409, 'not_enough')
    await expect(use(1)).rejects.toBeInstanceOf(DeviceFullError)
    expect(unkeptNow()).toEqual({
      title: 'Used 1',
      problem: { title: 'Not like this', detail: 'Look again.' },
    })
  })
})

describe('a network that loses requests, answers and patience', () => {
  it('each act is done once, in order, whatever it does', async () => {
    const mood = fc.constantFrom('well', 'well', 'request lost', 'answer lost', 'busy')
    await fc.assert(
      fc.asyncProperty(
        fc.integer({ min: 1, max: 5 }),
        fc.array(mood, { maxLength: 25 }),
        async (count, moods) => {
          await (await store()).waiting.clear()
          const record: string[] = []
          const left = [...moods]
          answer = ({ key }) => {
            const now = left.shift() ?? 'well'
            if (now === 'request lost') return 'silence'
            if (now === 'busy') return problem(503, 'away')
            // The server does an act once, however often it is asked under its key.
            if (key && !record.includes(key)) record.push(key)
            return now === 'answer lost' ? 'silence' : done()
          }
          for (let amount = 1; amount <= count; amount++) await use(amount)
          let end: SendingEnd = 'no_connection'
          for (let tries = 0; end !== 'all_sent' && tries <= moods.length + 1; tries++)
            end = await sendWaiting()
          expect(end).toBe('all_sent')
          expect(record).toEqual(Array.from({ length: count }, (_, at) => `use-${at + 1}`))
          expect(await readWaiting()).toEqual([])
        },
      ),
      { numRuns: 40 },
    )
  })
})

it('a read is no act and cannot be written down', () => {
  expect(readStrap.offline).toBeNull()
  expect([useLot.offline, sayEntry.offline, amendLot.offline]).toEqual([
    'adds_up',
    'device_first',
    null,
  ])
})
