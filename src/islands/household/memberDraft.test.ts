import { describe, expect, it } from 'vitest'
import { faulty, sent } from '../../../tests/support/forms'
import { plainDate } from '../../core/calendar/plainDate'
import { emptyMember, hasMoreToSay, type MemberDraft, readMemberDraft } from './memberDraft'

const today = plainDate('2026-11-28')
const read = (draft: Partial<MemberDraft>, isGuest = false) =>
  readMemberDraft({ ...emptyMember(today), ...draft }, { today, isGuest })

describe('a new member', () => {
  it('is a name and a species; what nobody has said is not said for them', () => {
    const { to, body } = sent(read({ name: 'Juniper', species: 'cat' }))
    expect(to).toBe('POST /api/members')
    expect(body).toMatchObject({
      name: 'Juniper',
      species: 'cat',
      born: null,
      grams: null,
      guestUntil: null,
      facts: { kind: 'animal', told: {} },
    })
  })
  it('is weighed in kilograms with a point or a comma, and kept in grams', () => {
    expect(sent(read({ name: 'Moth', species: 'cat', kg: '4,25' })).body.grams).toBe(4250)
    expect(sent(read({ name: 'Pip', species: 'bird', kg: '0.035' })).body.grams).toBe(35)
    expect(sent(read({ name: 'Dapple', species: 'horse', kg: '1100' })).body.grams).toBe(1_100_000)
  })
  it('"none" is written down with the day it was said; "later" and "some" are not', () => {
    const { body } = sent(read({ name: 'Ada', allergies: 'none', conditions: 'some' }))
    expect((body.facts as { told: object }).told).toEqual({
      allergies: { by: expect.any(String), on: today },
    })
    expect(hasMoreToSay({ ...emptyMember(today), conditions: 'some' })).toBe(true)
    expect(hasMoreToSay({ ...emptyMember(today), conditions: 'none' })).toBe(false)
  })
  it('a guest goes after a day, two days on unless somebody says otherwise', () => {
    expect(sent(read({ name: 'Guest' }, true)).body.guestUntil).toBe('2026-11-30')
    expect(sent(read({ name: 'Guest', until: '2026-12-24' }, true)).body.guestUntil).toBe(
      '2026-12-24',
    )
    expect(sent(read({ name: 'No guest', until: 'rubbish' })).body.guestUntil).toBeNull()
  })
  it.each([
    [{ name: '  ' }, { name: 'This is still missing.' }],
    [{ name: 'A', kg: '0' }, { kg: 'Give kilograms such as 4.2' }],
    [{ name: 'A', kg: 'four' }, { kg: 'Give kilograms such as 4.2' }],
    [{ name: 'A', kg: '5000' }, { kg: 'Give kilograms such as 4.2' }],
    [{ name: 'A', born: '2026-11-29' }, { born: 'No later than 28 Nov 2026.' }],
    [{ name: 'A', born: 'spring' }, { born: 'Write a whole day, like 28 Nov 2026.' }],
  ] as const)('%j is not sent', (draft, faults) => {
    expect(faulty(read(draft))).toEqual(faults)
  })
  it.each([
    ['', 'This is still missing.'],
    ['2026-11-27', 'No earlier than 28 Nov 2026.'],
  ])('a guest until %j is not sent', (until, fault) => {
    expect(faulty(read({ name: 'Guest', until }, true))).toEqual({ until: fault })
  })
})
