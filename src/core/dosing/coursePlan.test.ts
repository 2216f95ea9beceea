import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DAY } from '../../../tests/support/cover'
import { addDays, type PlainDate } from '../calendar/plainDate'
import { type CourseQuestion, coursePlan } from './coursePlan'

const asked = (more: Partial<CourseQuestion> = {}): CourseQuestion => ({
  today: DAY,
  endsOn: addDays(DAY, 6),
  dose: 1000,
  dosesADay: 2,
  givenToday: 0,
  supply: [{ amount: 10_000, through: null }],
  openOn: [1, 2, 3, 4, 5],
  orderDays: 0,
  drawnKeepsDays: null,
  ...more,
})

describe('a course ahead', () => {
  it('says early that it will not finish, and by when to ask', () => {
    // Ten tablets are five days; Thursday 26 November to Monday 30 November.
    expect(coursePlan(asked())).toMatchObject({
      dosesThere: 10,
      dosesNeeded: 14,
      lastFullDay: '2026-11-30',
      finishes: false,
      missing: 4,
      askBy: '2026-12-01',
      tooLate: false,
    })
  })
  it('asks before the weekend where it runs out on it', () => {
    // Three days: through Saturday. Sunday is bare and the pharmacy is shut.
    const plan = coursePlan(asked({ supply: [{ amount: 6000, through: null }] }))
    expect([plan.lastFullDay, plan.askBy]).toEqual(['2026-11-28', '2026-11-27'])
  })
  it('asks earlier where it has to be ordered', () => {
    expect(coursePlan(asked({ orderDays: 2 })).askBy).toBe('2026-11-27')
  })
  it('is too late where the last open day has passed', () => {
    const plan = coursePlan(asked({ supply: [], orderDays: 1 }))
    expect([plan.lastFullDay, plan.tooLate, plan.askBy]).toEqual([null, true, null])
  })
  it('does not count what turns before it is given', () => {
    const supply = [
      { amount: 10_000, through: addDays(DAY, 1) },
      { amount: 6000, through: null },
    ]
    // Four of the ten in two days, then three days of the six: the rest of the ten is past.
    expect(coursePlan(asked({ supply }))).toMatchObject({
      dosesThere: 10,
      lastFullDay: '2026-11-30',
    })
  })
  it('counts what was given today', () => {
    expect(
      coursePlan(asked({ givenToday: 2, supply: [{ amount: 12_000, through: null }] })).finishes,
    ).toBe(true)
  })
  it('draws up no more than keeps, and no more than is there', () => {
    const plan = coursePlan(
      asked({ dose: 2500, drawnKeepsDays: 3, supply: [{ amount: 60_000, through: null }] }),
    )
    expect(plan.drawUp).toEqual({ syringes: 6, each: 2500, through: addDays(DAY, 2) })
    expect(coursePlan(asked({ drawnKeepsDays: null })).drawUp).toBeNull()
  })
  it('never promises more doses than there are', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.integer({ min: 0, max: 50_000 }), fc.option(fc.integer({ min: 0, max: 30 }))),
          { maxLength: 4 },
        ),
        fc.integer({ min: 1, max: 6000 }),
        fc.integer({ min: 1, max: 4 }),
        (lots, dose, dosesADay) => {
          const supply = lots.map(([amount, days]) => ({
            amount,
            through: days === null ? null : (addDays(DAY, days) as PlainDate),
          }))
          const plan = coursePlan(asked({ supply, dose, dosesADay, endsOn: null }))
          const all = lots.reduce((sum, [amount]) => sum + amount, 0)
          expect(plan.dosesThere * dose).toBeLessThanOrEqual(all)
        },
      ),
      { seed: 20261126 },
    )
  })
})
