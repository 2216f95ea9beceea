import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { isPlainDate, plainDate } from '../calendar/plainDate'
import { amount, total } from '../quantity/amount'
import { type Course, courseState } from './course'

const TODAY = plainDate('2026-11-26')

describe('a course', () => {
  it('stands on a day of the calendar, however much of it there is', () => {
    const endsOn = fc.option(fc.constantFrom('2026-11-26', '2027-01-01', '2199-12-31'))
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 100_000_000 }),
        fc.oneof(fc.integer({ min: 0, max: 10 ** 12 }), fc.integer({ min: 0, max: 5000 })),
        endsOn,
        (perDay, there, ends) => {
          const course = {
            startsOn: TODAY,
            endsOn: ends === null ? null : plainDate(ends),
            perDay: amount(perDay),
            release: null,
          } as Course
          const state = courseState(course, total(there), TODAY)
          if (state.kind === 'regular' && state.lastDay !== null)
            expect(isPlainDate(state.lastDay)).toBe(true)
          if (state.kind === 'falls_short') {
            expect(isPlainDate(state.from)).toBe(true)
            expect(state.missing).toBeGreaterThan(0)
          }
        },
      ),
    )
  })
})
