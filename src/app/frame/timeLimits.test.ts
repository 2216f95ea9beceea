import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { plainDate } from '../../core/calendar/plainDate'
import { type Shop, ShopSilentError } from '../../core/shopping/shop'
import { fetchInTime, patientWith } from './timeLimits'
import { FeedSilentError } from './world'

beforeEach(() => void vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'performance'] }))
afterEach(() => void vi.useRealTimers())

const TODAY = plainDate('2026-11-25')
/** Answers everything after so long. */
const slow = (milliseconds: number): Shop => {
  const after = <Answer>(answer: Answer) =>
    new Promise<Answer>((resolve) => setTimeout(() => resolve(answer), milliseconds))
  return {
    name: 'A slow shop',
    deliversOn: [],
    isStandIn: true,
    quote: () => after([]),
    order: () => after({ reference: 'A-1', fates: [] }),
    track: () => after([]),
  }
}

describe('patience with a shop', () => {
  it('hears what comes in time, and leaves no timer behind', async () => {
    const asking = patientWith(slow(900), 1000).order('key', [], TODAY)
    await vi.advanceTimersByTimeAsync(900)
    expect(await asking).toMatchObject({ reference: 'A-1' })
    expect(vi.getTimerCount()).toBe(0)
  })
  it('ends for all that is asked together', async () => {
    const shop = patientWith(slow(600), 1000)
    const first = shop.track('A-1', [], TODAY)
    await vi.advanceTimersByTimeAsync(600)
    expect(await first).toEqual([])
    const second = shop.track('A-2', [], TODAY).catch((error: unknown) => error)
    await vi.advanceTimersByTimeAsync(400)
    expect(await second).toEqual(new ShopSilentError('A slow shop'))
  })
  it('passes on what the shop says is wrong', async () => {
    const broken = { ...slow(1), quote: () => Promise.reject(new RangeError('No such day')) }
    await expect(patientWith(broken).quote([], TODAY)).rejects.toThrow(RangeError)
  })
})

it('a feed that takes too long is silent', async () => {
  const never = {
    name: 'A test office',
    isStandIn: true,
    fetch: () => new Promise<string>(() => undefined),
  }
  const asking = fetchInTime(never, 1000).catch((error: unknown) => error)
  await vi.advanceTimersByTimeAsync(1000)
  expect(await asking).toBeInstanceOf(FeedSilentError)
})
