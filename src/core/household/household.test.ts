/** Weights, ages, prescriptions and normal vital signs. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { idOf } from '../../../tests/support/ids'
import { addDays, plainDate } from '../calendar/plainDate'
import type { CourseId, ItemId, MemberId, WeighingId } from '../ids'
import { amount, NOTHING, units } from '../quantity/amount'
import { type Course, courseState } from './course'
import { belongsOn, blankFacts, skillsOn } from './member'
import { SPECIES } from './species'
import { customaryVitals } from './vitals'
import {
  ageInMonths,
  ageInYears,
  bornAt,
  monthsSaid,
  type SaidAge,
  weightFault,
  weightOn,
} from './weight'

const today = plainDate('2026-11-26')
const weighed = (daysAgo: number, grams: number) => ({
  id: idOf<WeighingId>(8, daysAgo),
  on: addDays(today, -daysAgo),
  grams,
})

describe('age', () => {
  it('counts a birthday on its day', () => {
    expect(ageInYears(plainDate('2014-11-26'), today)).toBe(12)
    expect(ageInYears(plainDate('2014-11-27'), today)).toBe(11)
    expect(ageInMonths(plainDate('2026-10-27'), today)).toBe(0)
    expect(ageInMonths(null, today)).toBeNull()
  })
  it('of a short month the last day counts', () => {
    expect(ageInMonths(plainDate('2026-11-30'), plainDate('2027-02-27'))).toBe(2)
    expect(ageInMonths(plainDate('2026-11-30'), plainDate('2027-02-28'))).toBe(3)
  })
  it('is kept as it is said: 91 days and 13 weeks are three months', () => {
    const cases: readonly (readonly [SaidAge, number])[] = [
      [{ count: 90, unit: 'days' }, 2],
      [{ count: 91, unit: 'days' }, 3],
      [{ count: 12, unit: 'weeks' }, 2],
      [{ count: 13, unit: 'weeks' }, 3],
      [{ count: 181, unit: 'days' }, 5],
      [{ count: 26, unit: 'weeks' }, 6],
      [{ count: 5, unit: 'months' }, 5],
      [{ count: 2, unit: 'years' }, 24],
      [{ count: 0, unit: 'years' }, 0],
    ]
    for (const [said, months] of cases) {
      expect([said, monthsSaid(said)]).toEqual([said, months])
      expect([said, ageInMonths(bornAt(said, today), today)]).toEqual([said, months])
    }
  })
})

describe('weight', () => {
  it('outside what the species can weigh is refused, with the range', () => {
    expect(weightFault('cat', { on: today, grams: 42_000 }, [])).toEqual({
      code: 'weight_out_of_range',
      from: 60,
      to: 15_000,
    })
    expect(weightFault('hamster', { on: today, grams: 120 }, [])).toBeNull()
  })
  it('a jump is asked about: a slipped comma, a pound for a kilogram', () => {
    const before = [weighed(60, 14_000)]
    expect(weightFault('dog', { on: today, grams: 30_800 }, before)?.code).toBe('weight_jumps')
    expect(weightFault('dog', { on: today, grams: 13_400 }, before)).toBeNull()
    expect(weightFault('person', { on: today, grams: 9_800 }, [weighed(400, 6_000)])).toBeNull()
  })
  it('goes stale by age and species', () => {
    const states = (species: (typeof SPECIES)[number], years: number, daysAgo: number) =>
      weightOn(
        species,
        addDays(today, -Math.round(years * 365.25)),
        [weighed(daysAgo, 5_000)],
        today,
      ).kind
    expect(states('person', 0.5, 31)).toBe('stale')
    expect(states('person', 2, 80)).toBe('fresh')
    expect(states('person', 2, 100)).toBe('stale')
    expect(states('person', 40, 400)).toBe('fresh')
    expect(states('dog', 6, 119)).toBe('fresh')
    expect(states('dog', 6, 121)).toBe('stale')
    expect(weightOn('dog', null, [], today).kind).toBe('unknown')
  })
  it('is the last one that is not in the future', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: -50, max: 400 }), { minLength: 1 }), (days) => {
        const all = days.map((ago) => weighed(ago, 1000 + ago))
        const state = weightOn('horse', null, all, today)
        const past = days.filter((ago) => ago >= 0)
        if (past.length === 0) expect(state.kind).toBe('unknown')
        else expect(state).toMatchObject({ weighing: { grams: 1000 + Math.min(...past) } })
      }),
    )
  })
})

describe('a prescription', () => {
  const course = (fields: Partial<Course>): Course => ({
    id: idOf<CourseId>(7, 1),
    memberId: idOf<MemberId>(6, 1),
    itemId: idOf<ItemId>(4, 1),
    reason: 'Ear',
    prescriber: 'Dr Fenwick',
    directions: '',
    perDay: units(2),
    startsOn: addDays(today, -3),
    endsOn: addDays(today, 6),
    release: null,
    confirmedAgainstWarning: false,
    version: 1,
    ...fields,
  })
  it('says early that it will not finish, and from which day', () => {
    expect(courseState(course({}), units(14), today)).toEqual({
      kind: 'finishes',
      days: 7,
      over: 0,
    })
    expect(courseState(course({}), units(9), today)).toEqual({
      kind: 'falls_short',
      missing: 5000,
      from: addDays(today, 4),
    })
  })
  it('a regular one has so many days left', () => {
    expect(courseState(course({ endsOn: null }), units(39), today)).toEqual({
      kind: 'regular',
      days: 19,
      lastDay: addDays(today, 18),
    })
    expect(courseState(course({ endsOn: null }), NOTHING, today)).toMatchObject({
      days: 0,
      lastDay: null,
    })
    expect(courseState(course({ perDay: null }), units(3), today)).toEqual({ kind: 'as_needed' })
  })
  it('what is left over waits for the prescriber', () => {
    const ended = { endsOn: addDays(today, -1) }
    expect(courseState(course(ended), units(11), today)).toEqual({
      kind: 'left_over',
      amount: 11000,
    })
    const release = { by: 'Dr Fenwick', on: today, words: 'Keep for the other ear' }
    expect(courseState(course({ ...ended, release }), units(11), today).kind).toBe('released')
    expect(courseState(course(ended), NOTHING, today)).toEqual({ kind: 'ended' })
  })
  it('never promises a day that the count does not hold', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 100_000 }),
        fc.integer({ min: 1, max: 9_000 }),
        fc.integer({ min: 0, max: 40 }),
        (there, perDay, ahead) => {
          const state = courseState(
            course({ perDay: amount(perDay), endsOn: addDays(today, ahead) }),
            amount(there),
            today,
          )
          const needed = perDay * (ahead + 1)
          if (state.kind === 'finishes') expect(there - state.over).toBe(needed)
          else expect(state).toMatchObject({ kind: 'falls_short', missing: needed - there })
        },
      ),
    )
  })
})

describe('members', () => {
  it('a guest is gone after the visit, and a skill after its day', () => {
    expect(belongsOn({ guestUntil: today }, today)).toBe(true)
    expect(belongsOn({ guestUntil: addDays(today, -1) }, today)).toBe(false)
    const facts = {
      ...blankFacts('person'),
      skills: [
        { skill: 'splinting', until: today, by: '' },
        { skill: 'staples', until: addDays(today, -1), by: '' },
        { skill: 'tourniquet', until: null, by: '' },
      ],
    } as ReturnType<typeof blankFacts>
    expect(skillsOn({ facts }, today)).toEqual(['splinting', 'tourniquet'])
  })
  it('vital signs follow age and species; where none is known none is shown', () => {
    expect(customaryVitals('person', 30 * 12)?.pulse).toEqual({ from: 60, to: 100 })
    expect(customaryVitals('person', 13)?.breathing).toEqual({ from: 22, to: 37 })
    expect(customaryVitals('person', 0)?.pulse).toEqual({ from: 100, to: 205 })
    expect(customaryVitals('person', 3)?.pulse).toEqual({ from: 100, to: 180 })
    expect(customaryVitals('ferret', 20)?.temperature).toEqual({ from: 37.8, to: 40 })
    expect(customaryVitals('ferret', 20)?.pulse).toBeNull()
    expect(customaryVitals('horse', null)?.pulse).toEqual({ from: 28, to: 44 })
    expect(customaryVitals('person', null)).toBeNull()
    expect(customaryVitals('bird', 36)).toBeNull()
    for (const species of SPECIES)
      expect(blankFacts(species).kind).toBe(species === 'person' ? 'person' : 'animal')
  })
})
