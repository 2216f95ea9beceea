/** What a sitter is told and shown: nothing of anybody else, nothing that nobody asked taken for none. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aMember, aPerson } from '../../../tests/support/cover'
import { plainDate } from '../calendar/plainDate'
import { instantAt, toKnow } from './plan'

const day = plainDate('2026-11-26')
const told = { by: 'Ilse', on: plainDate('2026-11-01') }

describe('times of an evening', () => {
  it('are of the clock where the household lives, also when the clocks change', () => {
    const iso = (time: string, on = day) => {
      const at = instantAt(on, time, 'Europe/Oslo')
      return at === null ? null : new Date(at).toISOString()
    }
    expect(iso('18:00')).toBe('2026-11-26T17:00:00.000Z')
    expect(iso('18:00', plainDate('2026-07-01'))).toBe('2026-07-01T16:00:00.000Z')
    // The hour that comes twice is the earlier; the one that never comes is as before the change.
    expect(iso('02:30', plainDate('2026-10-25'))).toBe('2026-10-25T00:30:00.000Z')
    expect(iso('02:30', plainDate('2026-03-29'))).toBe('2026-03-29T01:30:00.000Z')
    expect([iso('9.05'), iso('24:00'), iso('12:60'), iso('noon'), iso('')]).toEqual([
      '2026-11-26T08:05:00.000Z',
      null,
      null,
      null,
      null,
    ])
  })
  it('go forward with the clock on any day', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1438 }), (minute) => {
        const time = (m: number) => `${Math.floor(m / 60)}:${String(m % 60).padStart(2, '0')}`
        const [a, b] = [minute, minute + 1].map((m) => instantAt(day, time(m), 'Europe/Oslo') ?? 0)
        expect((b ?? 0) - (a ?? 0)).toBe(60_000)
      }),
    )
  })
})

describe('what there is to know', () => {
  it('is what is noted, and of what nobody has asked that nobody has', () => {
    const ned = aPerson(8, {
      name: 'Ned',
      facts: { conditions: ['asthma'], told: { medicines: told } },
    })
    expect(toKnow(ned, [], day)).toEqual([
      { code: 'person', name: 'Ned', allergies: [], conditions: ['asthma'] },
      { code: 'not_asked', name: 'Ned', topics: ['allergies'] },
    ])
  })
  it('is nothing of somebody of whom everything was asked and there is nothing', () => {
    const all = { allergies: told, conditions: told, medicines: told }
    expect(toKnow(aPerson(8, { name: 'Runa', facts: { told: all } }), [], day)).toEqual([])
  })
  it('of an animal always says what it must not get', () => {
    const all = { allergies: told, conditions: told, medicines: told }
    const dog = aMember('dog', { name: 'Bracken', facts: { told: all } })
    expect(toKnow(dog, [], day)).toMatchObject([{ code: 'animal', name: 'Bracken' }])
  })
})
