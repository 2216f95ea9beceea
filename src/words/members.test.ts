import { describe, expect, it } from 'vitest'
import { plainDate } from '../core/calendar/plainDate'
import type { CourseState } from '../core/household/course'
import type { WeightState } from '../core/household/weight'
import { householdText } from './household/household'
import { member } from './members'

const day = plainDate('2026-11-30')

describe('how a course stands', () => {
  it.each([
    [{ kind: 'coming', inDays: 1 }, 'begins in 1 day'],
    [{ kind: 'coming', inDays: 3 }, 'begins in 3 days'],
    [{ kind: 'as_needed' }, 'as needed'],
    [{ kind: 'regular', days: 0, lastDay: null }, 'none left'],
    [{ kind: 'regular', days: 1, lastDay: day }, '1 day left, through 30 Nov 2026'],
    [{ kind: 'regular', days: 12, lastDay: day }, '12 days left, through 30 Nov 2026'],
    [{ kind: 'finishes', days: 1, over: 0 }, 'will finish; 1 day to go'],
    [{ kind: 'finishes', days: 5, over: 2000 }, 'will finish; 5 days to go'],
    [
      { kind: 'falls_short', missing: 3000, from: day },
      'will not finish: 3 tablets missing from 30 Nov 2026',
    ],
    [
      { kind: 'left_over', amount: 4000 },
      'ended; 4 tablets left over, on hold until the prescriber says',
    ],
    [{ kind: 'released', amount: 4000 }, 'ended; 4 tablets left, released'],
    [{ kind: 'ended' }, 'ended'],
  ])('%j', (state, said) => {
    expect(member.course(state as unknown as CourseState, 'tablet')).toBe(said)
  })
  it('the prescriber’s word stands with who said it and when', () => {
    expect(member.released('Dr Fenwick', day, 'keep two')).toBe(
      'Dr Fenwick, 30 Nov 2026: “keep two”',
    )
  })
})

describe('a weight', () => {
  const weighing = { id: 'x', on: day, grams: 13_400 }
  it.each([
    [{ kind: 'unknown' }, 'never weighed'],
    [{ kind: 'fresh', weighing }, '13.4 kg, weighed 30 Nov 2026'],
    [{ kind: 'stale', weighing }, '13.4 kg on 30 Nov 2026: out of date, weigh again'],
  ])('%j', (state, said) => {
    expect(member.weighed(state as unknown as WeightState, 'metric')).toBe(said)
  })
  it('in pounds where the household counts so', () => {
    const said = member.weighed({ kind: 'fresh', weighing } as unknown as WeightState, 'us')
    expect(said).toMatch(/lb/)
    expect(said).not.toMatch(/13\.4 kg/)
  })
})

describe('what is known of a member', () => {
  it('none is somebody’s word of a day, and not the same as not asked', () => {
    expect(member.none('Ilse', day)).toBe('none, said Ilse on 30 Nov 2026')
    expect(member.toldBy('Ilse', day)).toBe('said Ilse on 30 Nov 2026')
    expect(member.notAskedYet).toBe('not asked yet')
    expect(householdText.notAsked(['allergies', 'conditions'])).toBe(
      'Not asked yet: allergies, conditions',
    )
  })
  it.each([
    [0, 'everything holds', 'Holds for 0 needs'],
    [1, 'one gap', 'Holds for one need'],
    [4, '4 gaps', 'Holds for 4 needs'],
  ])('%i', (count, gaps, holds) => {
    expect([member.gaps(count), member.holds(count)]).toEqual([gaps, holds])
  })
  it('a guest goes on a day', () => {
    expect(member.isGuest(day)).toBe('guest until 30 Nov 2026')
  })
  it('its sheet says that it is no advice', () => {
    expect(member.cautionLine).toContain(
      'This sheet organises; it is not medical or veterinary advice. Call first. The pack label and the prescriber win.',
    )
    expect(member.agreedHint).toContain('No amount is worked out from them.')
  })
})

describe('when somebody is at a place', () => {
  it.each([
    [{ kind: 'always' }, 'always somebody there'],
    [{ kind: 'visits' }, 'only on visits'],
    [{ kind: 'weekdays', days: [1, 2, 3, 4, 5] }, 'on weekdays'],
    [{ kind: 'weekdays', days: [2, 4] }, 'on Tuesday and Thursday'],
    [
      { kind: 'weekdays', days: [1, 2, 3, 4, 5, 6] },
      'on Monday, Tuesday, Wednesday, Thursday, Friday and Saturday',
    ],
    [
      { kind: 'season', days: [6, 7], fromMonth: 11, toMonth: 2 },
      'Sat, Sun from November to February',
    ],
  ])('%j', (rhythm, said) => {
    expect(householdText.rhythm(rhythm as never)).toBe(said)
  })
  it.each([
    [40, '1 months'],
    [700, '22 months'],
    [730, '1 years'],
    [12_000, '32 years'],
  ])('%i days old is %s', (days, said) => {
    expect(householdText.age(days)).toBe(said)
  })
  it('whose labels are followed, and that the pack wins', () => {
    for (const set of ['us', 'uk'] as const)
      expect(householdText.labelsHelp[set]).toContain('The pack in your hand wins.')
    expect(householdText.labelsHelp.none).toContain(
      'We have no labels for you. Doses asks you to copy the label of your own pack.',
    )
  })
})
