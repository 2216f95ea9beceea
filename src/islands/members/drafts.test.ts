/** A member's facts, courses and weights: what their forms send, and what they do not. */
import { describe, expect, it } from 'vitest'
import { aMember, aPerson } from '../../../tests/support/cover'
import { AN_ID, faulty, sent } from '../../../tests/support/forms'
import { plainDate } from '../../core/calendar/plainDate'
import type { Course } from '../../core/household/course'
import type { MemberId } from '../../core/ids'
import { type CourseDraft, courseDraft, readCourseDraft } from './courseDraft'
import { allergyOf, type FactsDraft, factsDraft, readFactsDraft } from './factsDraft'
import { jumps, readWeighingDraft, type WeighingDraft, weighingDraft } from './weighingDraft'

const today = plainDate('2026-11-28')
const MISSING = 'This is still missing.'
const NO_DAY = 'Write a whole day, like 28 Nov 2026.'

describe('facts', () => {
  const member = { ...aPerson(40), id: AN_ID(1) as MemberId, version: 3 }
  const read = (change: Partial<FactsDraft> = {}) =>
    readFactsDraft({ ...factsDraft(member), ...change }, { member, today })

  it('go back as they came, with the version that was seen', () => {
    const { params, body } = sent(read())
    expect(params).toEqual({ memberId: member.id })
    expect(body).toEqual({
      seenVersion: 3,
      name: member.name,
      born: member.born,
      helper: member.helper,
      note: member.note,
      facts: member.facts,
    })
  })
  it('a birthday that is wiped out is not known', () => {
    expect(sent(read({ born: '' })).body.born).toBeNull()
  })
  it.each([
    [{ name: '' }, { name: MISSING }],
    [{ born: '2026-11-29' }, { born: 'No later than 28 Nov 2026.' }],
    [{ born: 'May 1980' }, { born: NO_DAY }],
  ])('%j is not sent', (change, faults) => {
    expect(faulty(read(change))).toEqual(faults)
  })
  it('an allergy to a substance is known as one under each of its names', () => {
    expect(allergyOf('ibuprofen')).toEqual({ kind: 'substance', substance: 'ibuprofen' })
    expect(allergyOf('walnuts')).toEqual({ kind: 'named', name: 'walnuts' })
  })
})

describe('a course', () => {
  const memberId = AN_ID(1) as MemberId
  const course = {
    id: AN_ID(5),
    itemId: AN_ID(6),
    memberId,
    reason: 'thyroid',
    prescriber: 'Dr Fenwick',
    directions: 'with food',
    perDay: 1500,
    unit: 'tablet',
    startsOn: plainDate('2026-08-02'),
    endsOn: null,
    version: 2,
  } as unknown as Course
  const fresh = (change: Partial<CourseDraft>) =>
    readCourseDraft({ ...courseDraft(null, today), ...change }, { course: null, memberId })
  const changed = (change: Partial<CourseDraft>) =>
    readCourseDraft({ ...courseDraft(course, today), ...change }, { course, memberId })
  const itemId = course.itemId

  it('begins today and has no end unless somebody says so', () => {
    const { to, params, body } = sent(fresh({ itemId, perDay: '2 tablets' }))
    expect([to, params]).toEqual(['POST /api/members/{memberId}/courses', { memberId }])
    expect(body).toEqual({
      itemId,
      reason: '',
      prescriber: '',
      directions: '',
      perDay: 2000,
      unit: 'tablets',
      startsOn: today,
      endsOn: null,
    })
  })
  it('as needed has no number a day', () => {
    expect(sent(fresh({ itemId, perDay: ' ' })).body.perDay).toBeNull()
  })
  it('that is changed keeps what it was filled with', () => {
    const { to, body } = sent(changed({ directions: 'without food' }))
    expect(to).toBe('PATCH /api/courses/{courseId}')
    expect(body).toMatchObject({ seenVersion: 2, directions: 'without food', perDay: 1500 })
    expect(body).not.toHaveProperty('itemId')
  })
  it.each([
    [{ itemId: null }, { itemId: 'Pick one.' }],
    [{ itemId, startsOn: '' }, { startsOn: MISSING }],
    [{ itemId, startsOn: 'soon' }, { startsOn: NO_DAY }],
    [{ itemId, endsOn: '2026-11-27' }, { endsOn: 'No earlier than 28 Nov 2026.' }],
  ])('%j is not sent', (change, faults) => {
    expect(faulty(fresh(change))).toEqual(faults)
  })
  it('a number a day that cannot be read is not sent', () => {
    expect(Object.keys(faulty(fresh({ itemId, perDay: 'some' })))).toEqual(['perDay'])
  })
})

describe('a weight', () => {
  const member = {
    ...aMember('cat'),
    id: AN_ID(1) as MemberId,
    weighings: [{ id: AN_ID(2), on: plainDate('2026-10-01'), grams: 4200 }],
  } as unknown as ReturnType<typeof aMember>
  const read = (change: Partial<WeighingDraft>) =>
    readWeighingDraft({ ...weighingDraft(member, 'metric', today), ...change }, { member, today })

  it.each([
    ['4,3', 'kg', 4300],
    ['4300', 'g', 4300],
    ['9.5', 'lb', 4309],
  ] as const)('%s %s is %i g', (weight, unit, grams) => {
    expect(sent(read({ weight, unit })).body).toEqual({ on: today, grams, sure: false })
  })
  it('begins in pounds where the household counts so, and in grams for the smallest', () => {
    expect(weighingDraft(member, 'us', today).unit).toBe('lb')
    expect(weighingDraft(aMember('dog'), 'metric', today).unit).toBe('kg')
    expect(weighingDraft(aMember('hamster'), 'metric', today).unit).toBe('g')
  })
  it('that jumps is asked about, and sent when somebody is sure', () => {
    const far = { weight: '8.4', unit: 'kg' } as const
    expect(jumps({ ...weighingDraft(member, 'metric', today), ...far }, member)).toBe(true)
    expect(Object.keys(faulty(read(far)))).toEqual(['weight'])
    expect(sent(read({ ...far, sure: true })).body).toMatchObject({ grams: 8400, sure: true })
  })
  it('that nobody of its kind can have is not sent, however sure', () => {
    expect(Object.keys(faulty(read({ weight: '420', unit: 'kg', sure: true })))).toEqual(['weight'])
  })
  it.each([
    [{ weight: '' }, { weight: MISSING }],
    [{ weight: 'fat' }, { weight: 'Write a number.' }],
    [{ weight: '0' }, { weight: 'Write a number.' }],
    [{ weight: '4.3', on: '2026-11-29' }, { on: 'No later than 28 Nov 2026.' }],
    [{ weight: '4.3', on: '' }, { on: MISSING }],
  ])('%j is not sent', (change, faults) => {
    expect(faulty(read(change))).toEqual(faults)
  })
})
