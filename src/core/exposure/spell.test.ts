import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, plainDate } from '../calendar/plainDate'
import { comingAt } from './ahead'
import { LIMITS } from './limits'
import type { Modelled } from './model'
import { daysAhead, spellOf } from './spell'
import type { Keeping } from './storage'

const today = plainDate('2026-11-28')
const cottage: Modelled = {
  climate: 'unheated',
  year: { coldestMonth: 1, coldest: -4, hottestMonth: 7, hottest: 17 },
}
const car: Modelled = { ...cottage, climate: 'car' }
const keeping = (fields: Partial<Keeping> = {}): Keeping => ({
  storage: 'below-30',
  source: 'label',
  frostHarms: false,
  millilitres: null,
  ...fields,
})
const any = fc.record({
  climate: fc.constantFrom<Modelled['climate']>('unheated', 'car', 'heated'),
  year: fc.record({
    coldestMonth: fc.constantFrom(12, 1, 2),
    coldest: fc.integer({ min: -15, max: 8 }),
    hottestMonth: fc.constantFrom(6, 7, 8),
    hottest: fc.integer({ min: 10, max: 30 }),
  }),
})
const anyKeeping = fc.record({
  storage: fc.constantFrom(null, 'room', 'below-25', 'below-30', 'fridge', 'no-limit', 'keep-dry'),
  source: fc.constant('label'),
  frostHarms: fc.boolean(),
  millilitres: fc.constant(null),
}) as fc.Arbitrary<Keeping>

describe('how long a thing lasts where it is put', () => {
  it('ends the day before the frost that the screen names', () => {
    const [frost] = comingAt(cottage, today)
    const spell = spellOf(daysAhead(cottage, today, 365), keeping({ frostHarms: true }))
    expect(frost?.code).toBe('frost')
    expect(addDays(today, (spell?.until[0] ?? 0) + 1)).toBe(frost?.on)
    expect(spell?.by[0]).toBe('f')
  })
  it('says nothing of what neither frost nor heat harms', () => {
    expect(spellOf(daysAhead(car, today, 365), keeping({ storage: 'no-limit' }))).toBeNull()
    expect(spellOf(daysAhead(car, today, 365), keeping({ storage: null }))).toBeNull()
  })
  it('lets heat be borne for a day in all, and nothing above 40 °C', () => {
    const days = daysAhead(car, today, 365)
    const spell = spellOf(days, keeping())
    const first = days.high.findIndex((high) => high > 3000)
    const last = spell?.until[0] ?? 0
    expect(last).toBeGreaterThan(first)
    const hours = days.hours.subarray(0, (last + 1) * 24).filter((one) => one > 3000).length
    const more = days.hours.subarray(0, (last + 2) * 24).filter((one) => one > 3000).length
    expect(hours).toBeLessThanOrEqual(24)
    expect(more > 24 || (days.high[last + 1] ?? 0) > 4000).toBe(true)
  })
  it('is shorter by what a thing has borne already', () => {
    const days = daysAhead(car, today, 365)
    const [fresh, worn] = [spellOf(days, keeping()), spellOf(days, keeping(), 23 * 60)]
    expect(worn?.until[0]).toBeLessThan(fresh?.until[0] ?? 0)
  })
  it('never ends later for what was borne, nor sooner for later where there is no mean', () => {
    fc.assert(
      fc.property(any, anyKeeping, fc.integer({ min: 0, max: 2000 }), (of, how, borne) => {
        const days = daysAhead(of, today, 200)
        const spell = spellOf(days, how)
        const worn = spellOf(days, how, borne)
        const end = (one: number | null | undefined) => one ?? Number.POSITIVE_INFINITY
        spell?.until.forEach((until, day) => {
          expect(end(until)).toBeGreaterThanOrEqual(day - 1)
          const hasMean = how.storage !== null && LIMITS[how.storage]?.mean != null
          if (day > 0 && !hasMean)
            expect(end(until)).toBeGreaterThanOrEqual(end(spell.until[day - 1]))
          expect(end(worn?.until[day])).toBeLessThanOrEqual(end(until))
        })
      }),
      { numRuns: 40 },
    )
  })
})
