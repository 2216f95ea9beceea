/** Sentences about what must not, may, or has yet to be asked: every case of the unions. */
import { describe, expect, it } from 'vitest'
import { NOON } from '../../../tests/support/care'
import { aMember, DAY } from '../../../tests/support/cover'
import type { Objection } from '../../core/cover/objections'
import { gradeOf } from '../../core/cover/objections'
import { GRADES } from '../../core/cover/suitability'
import { blankFacts } from '../../core/household/member'
import type { Incident } from '../../core/incident/entry'
import { handoverOf } from '../../core/incident/handover'
import { timelineOf } from '../../core/incident/timeline'
import { handoverParts } from './handover'
import { GRADE_NAMES, objectionText } from './objections'
import { kilograms, weight } from './weights'

/** One of every kind; the compiler says where one is missing. */
const EVERY: { readonly [Code in Objection['code']]: Extract<Objection, { code: Code }> } = {
  species: { code: 'species' },
  made_for_others: { code: 'made_for_others', species: ['dog', 'cat'] },
  too_young: { code: 'too_young', fromMonths: 144 },
  too_old: { code: 'too_old' },
  age_unknown: { code: 'age_unknown' },
  too_light: { code: 'too_light', fromGrams: 5000 },
  allergy: { code: 'allergy', to: 'penicillin' },
  taken_already: { code: 'taken_already', substance: 'ibuprofen' },
  rule: { code: 'rule', rule: 'r', reason: 'deadly to cats', source: 's', about: [] },
  ask_first: {
    code: 'ask_first',
    rule: 'r',
    reason: 'high blood pressure',
    source: 's',
    about: 'ibuprofen',
  },
  not_asked: { code: 'not_asked', topic: 'medicines' },
  note_says: { code: 'note_says', noted: { kind: 'thinner' } },
  sweetener_unread: { code: 'sweetener_unread' },
  cannot_swallow: { code: 'cannot_swallow' },
  wrong_size: { code: 'wrong_size', size: 'M' },
  lick_risk: { code: 'lick_risk' },
  unsigned: { code: 'unsigned' },
  not_confirmed: { code: 'not_confirmed', vet: 'Dr Aske' },
  left_over: { code: 'left_over', prescriber: '' },
  somebody_elses: { code: 'somebody_elses', whose: 'Ilse' },
  condition: { code: 'condition', condition: 'damaged' },
  opened_over: { code: 'opened_over' },
  opened_no_period: { code: 'opened_no_period', on: DAY },
  held: { code: 'held', reason: 'looks cloudy' },
  recalled: { code: 'recalled', bulletin: 'b', reason: 'Recalled: may hold glass' },
  lent: { code: 'lent', to: 'Tove' },
  unclean: { code: 'unclean' },
  not_judged: { code: 'not_judged' },
  missing: { code: 'missing' },
  spent: { code: 'spent', day: DAY },
  past_date: { code: 'past_date', day: DAY },
  goes_with: { code: 'goes_with', whose: 'Ida' },
  no_skill: { code: 'no_skill', skill: 'tourniquet' },
  no_companion: { code: 'no_companion', without: 'unsafe', roles: ['lick-guard'] },
}

describe('a reason against a thing', () => {
  it.each(Object.entries(EVERY))('%s is a whole clause with a grade', (_, reason) => {
    const text = objectionText(reason, DAY)
    expect(text).toMatch(/[a-z]{3}/)
    expect(text).not.toMatch(/undefined|null|NaN|\[object|_| {2}|^ | $/)
    expect(GRADES).toContain(gradeOf(reason))
  })
  it('no two say the same', () => {
    const said = Object.values(EVERY).map((reason) => objectionText(reason, DAY))
    expect(new Set(said).size).toBe(said.length)
  })
  it('only allergy, species, age, interaction, poison and recall are called forbidden', () => {
    const forbidden = Object.values(EVERY).filter((one) => gradeOf(one) === 'forbidden')
    expect(forbidden.map(({ code }) => code).sort()).toEqual([
      'allergy',
      // The vet agreed, and a poison rule speaks against it: barred until it is confirmed.
      'not_confirmed',
      'recalled',
      'rule',
      'species',
      'too_light',
      'too_young',
    ])
    expect(GRADE_NAMES.forbidden).toBe('Must not be used')
    expect(Object.values(GRADE_NAMES).filter((name) => /must not/i.test(name)).length).toBe(1)
  })
})

describe('a handover', () => {
  const pageOf = (member: ReturnType<typeof aMember>) => {
    const incident = {
      id: 'i',
      kind: 'fever',
      patient: { kind: 'member', memberId: member.id },
      placeId: null,
      startedAt: NOON,
      startedBy: 'Ilse',
    } as unknown as Incident
    return handoverOf(timelineOf(incident, []), member, [], () => '', DAY)
  }
  const at = { now: NOON, today: DAY, timeZone: 'Europe/Oslo', units: 'metric' } as const
  const lines = (member: ReturnType<typeof aMember>) =>
    handoverParts(pageOf(member), at).flatMap((part) => part.lines)

  it('a handover says what was not asked, and who said that there is nothing', () => {
    const asked = aMember('person', { years: 7, kg: 22 })
    expect(lines(asked)).toContain('Allergies: none, said Ilse on 26 Nov 2026')
    const blank = { ...asked, facts: blankFacts('person') }
    expect(lines(blank)).toEqual(
      expect.arrayContaining(['Allergies: not asked', 'Conditions: not asked']),
    )
    expect(lines(blank).join(' ')).not.toMatch(/none, said/)
    const half = {
      ...blank,
      facts: { ...blank.facts, told: { allergies: { by: 'Tove', on: DAY } } },
    }
    expect(lines(half)).toContain('Allergies: none, said Tove on 26 Nov 2026')
    expect(lines(half)).toContain('Conditions: not asked')
  })
})

describe('weights', () => {
  it('a small body is told in whole grams', () => {
    expect([42, 1050, 4999, 5000, 13_420].map(kilograms)).toEqual([
      '42 g',
      '1050 g',
      '4999 g',
      '5 kg',
      '13.4 kg',
    ])
    expect(weight(1050, 'us')).toBe('2.3 lb (1050 g)')
    expect(weight(42, 'us')).toBe('42 g')
  })
})
