/** Every reason why a dose is not shown as something to give, by name. */
import { describe, expect, it } from 'vitest'
import {
  type Asked,
  aRule,
  ask,
  codesOf,
  day,
  given,
  hoursLater,
  labelCard,
  measure,
  minutes,
  type NOON,
} from '../../../tests/support/care'
import { aMember, aPerson, DAY } from '../../../tests/support/cover'
import { idOf } from '../../../tests/support/ids'
import { addDays } from '../calendar/plainDate'
import type { Member } from '../household/member'
import type { WeighingId } from '../ids'
import type { CardId, DoseCard, IngredientKey } from './card'
import { isQuestion, questionKey, type RefusalCode } from './refusal'

const child = aPerson(7, { kg: 22.4 })
const adult = aPerson(40, { kg: 70, facts: { swallowsTablets: true } })
const dog = aMember('dog', { years: 8, kg: 13.4 })
const cat = aMember('cat', { years: 8, kg: 4 })
const liquid = labelCard('acetaminophen-liquid')
const tablets = labelCard('acetaminophen-500')

const weighedLong = (member: Member, daysAgo: number, grams: number): Member => ({
  ...member,
  weighings: [{ id: idOf<WeighingId>(8, 900), on: addDays(DAY, -daysAgo), grams }],
})
const allergic = (substance: 'acetaminophen' | 'sorbitol') =>
  aPerson(7, { kg: 22.4, facts: { allergies: [{ kind: 'substance', substance }] } })

/** A child who is a guest, whose mother named one thing. */
const saidYes = (substance: 'acetaminophen' | 'ibuprofen', until = DAY) =>
  aPerson(7, {
    kg: 22.4,
    guestUntil: addDays(DAY, 2),
    facts: {
      word: {
        who: 'Mara Holt',
        phone: '555',
        substances: [substance],
        on: addDays(DAY, -3),
        until,
      },
    },
  })

/** What is asked, and the first reason that has to be among those given. */
const CASES: readonly (readonly [string, DoseCard, Member, RefusalCode, Asked?])[] = [
  // whose rule it is
  ['a label, for a dog', liquid, dog, 'ask_vet'],
  ['a label, for a cat', tablets, cat, 'ask_vet'],
  [
    'a rule of another child',
    aRule(adult, { fixed: '5 mg', strength: '10 mg' }),
    child,
    'card_for_others',
  ],
  [
    'a rule for a dog that no vet wrote',
    aRule(dog, {
      fixed: '5 mg',
      strength: '10 mg',
      source: { kind: 'pharmacist', who: 'A shop', on: DAY },
    }),
    dog,
    'not_a_vet',
  ],
  [
    'a label their parents said yes to, of another thing',
    liquid,
    saidYes('ibuprofen'),
    'not_in_word',
  ],
  [
    'a label their parents said yes to until yesterday',
    liquid,
    saidYes('acetaminophen', addDays(DAY, -1)),
    'not_in_word',
  ],
  ['a label, for a guest', liquid, aPerson(7, { kg: 22.4, guestUntil: DAY }), 'stranger'],
  [
    'a rule that ended yesterday',
    aRule(dog, { fixed: '5 mg', strength: '10 mg', endsOn: addDays(DAY, -1) }),
    dog,
    'card_ended',
  ],
  [
    'a rule that was to be looked at again',
    aRule(dog, { fixed: '5 mg', strength: '10 mg', reviewOn: addDays(DAY, -1) }),
    dog,
    'card_review_over',
  ],
  [
    'a rule ten times above the label',
    aRule(adult, { of: 'acetaminophen', fixed: '10 g', strength: '500 mg' }),
    adult,
    'ten_times_off',
  ],
  [
    'a rule a tenth of the label',
    aRule(adult, { of: 'acetaminophen', fixed: '100 mg', strength: '500 mg' }),
    adult,
    'ten_times_off',
  ],
  [
    'a vet’s rule for what a dog must not have',
    aRule(dog, { of: 'acetaminophen', rate: '10 mg', strength: '500 mg' }),
    dog,
    'not_confirmed',
  ],
  // whom it suits
  [
    'by weight, of unknown weight',
    aRule(dog, { rate: '1 mg', strength: '10 mg' }),
    aMemberLike(dog),
    'no_weight',
  ],
  [
    'by weight, weighed half a year ago',
    aRule(dog, { rate: '1 mg', strength: '10 mg' }),
    weighedLong(dog, 200, 13_400),
    'stale_weight',
  ],
  ['a child of unknown age and weight', liquid, aPerson(null), 'no_weight'],
  [
    'a child of unknown age, weighed long ago',
    liquid,
    weighedLong(aPerson(null), 800, 20_000),
    'stale_weight',
  ],
  ['tablets, of unknown age', tablets, aPerson(null, { kg: 60 }), 'age_unknown'],
  ['a child of ten kilograms', liquid, aPerson(2.5, { kg: 10 }), 'too_light'],
  ['a child of one year', liquid, aPerson(1, { kg: 11 }), 'too_young'],
  ['a heavy child', liquid, aPerson(11, { kg: 50 }), 'above_bands'],
  ['allergic to what acts', liquid, allergic('acetaminophen'), 'allergy'],
  [
    'aspirin with a blood thinner',
    labelCard('aspirin-325'),
    aPerson(40, { facts: { bloodThinner: true } }),
    'rule',
  ],
  ['ibuprofen under six months', labelCard('ibuprofen-liquid'), aPerson(0.4, { kg: 7 }), 'rule'],
  ['taken every day already', tablets, adult, 'taken_already', { takes: ['acetaminophen'] }],
  [
    'a tablet for one who cannot swallow it',
    tablets,
    aPerson(13, { facts: { swallowsTablets: false } }),
    'cannot_swallow',
  ],
  [
    'loperamide with fever',
    labelCard('loperamide-2'),
    adult,
    'sign',
    { signs: new Set(['fever'] as const) },
  ],
  [
    'loperamide with blood in the stool',
    labelCard('loperamide-2'),
    adult,
    'sign',
    { signs: new Set(['bloody-stool'] as const) },
  ],
  [
    'aspirin, seventeen years, with flu',
    labelCard('aspirin-325'),
    aPerson(17),
    'sign',
    { signs: new Set(['flu-or-chickenpox'] as const) },
  ],
  [
    'fever medicine on the fourth day',
    liquid,
    child,
    'days_over',
    { given: [6, 30, 54].map((ago) => given('acetaminophen', '320 mg', ago)) },
  ],
  // the arithmetic
  ['an amount of what acts, strength unknown', aRule(dog, { rate: '1 mg' }), dog, 'no_strength'],
  [
    'milligrams for a product in units',
    aRule(dog, { rate: '1 mg', strength: '1000 IU' }),
    dog,
    'unit_differs',
  ],
  [
    'millilitres for a tablet',
    aRule(dog, {
      strength: '10 mg',
      band: { amount: { kind: 'portion', portion: { unit: 'mL', thousandths: 2000 } } },
    }),
    dog,
    'form_differs',
  ],
  [
    'a rule in millilitres whose product is a tablet',
    aRule(dog, { rate: '1 mg', strength: '10 mg', unit: 'mL' }),
    dog,
    'form_differs',
  ],
  [
    'twenty-five milligrams of a 500 mg tablet',
    aRule(adult, { of: 'loratadine', fixed: '25 mg', strength: '500 mg', cuts: 4 }),
    adult,
    'cannot_cut',
  ],
  [
    'half a tablet that must not be cut',
    aRule(adult, { of: 'loratadine', fixed: '5 mg', strength: '10 mg', cuts: 1 }),
    adult,
    'cannot_cut',
  ],
  [
    'less than the first mark of a syringe',
    aRule(dog, { fixed: '1 µg', strength: '10 mg/1 mL' }),
    dog,
    'too_little_to_measure',
  ],
  [
    'more than a mouth takes',
    aRule(dog, { fixed: '1 g', strength: '1 mg/mL' }),
    dog,
    'too_much_to_measure',
  ],
  // the clock
  [
    'two hours after the last',
    liquid,
    child,
    'interval_not_over',
    {
      given: [given('acetaminophen', '320 mg', 2, { title: liquid.name })],
    },
  ],
  [
    'two hours after a cold remedy with the same in it',
    liquid,
    child,
    'same_ingredient',
    {
      given: [given('acetaminophen', '250 mg', 2)],
    },
  ],
  [
    'a minute before the interval is over',
    liquid,
    child,
    'interval_not_over',
    {
      given: [given('acetaminophen', '320 mg', 4 - 1 / 60, { title: liquid.name })],
    },
  ],
  [
    'the longer interval of another card holds',
    liquid,
    child,
    'same_ingredient',
    {
      given: [
        given('acetaminophen', '320 mg', 5, {
          rule: {
            key: 'acetaminophen' as IngredientKey,
            again: minutes(360),
            mostDoses: null,
            most: null,
          },
        }),
      ],
    },
  ],
  [
    'the sixth in a day',
    liquid,
    child,
    'day_doses_reached',
    {
      given: [23, 19, 15, 11, 5].map((ago) => given('acetaminophen', '160 mg', ago)),
    },
  ],
  [
    'less than a full dose left of the day',
    liquid,
    child,
    'day_amount_reached',
    {
      given: [given('acetaminophen', '1400 mg', 10)],
    },
  ],
  [
    'given within a day, nobody knows how much',
    liquid,
    child,
    'unknown_amount_given',
    {
      given: [given('acetaminophen', null, 10)],
    },
  ],
  [
    'given in units that do not add up',
    liquid,
    child,
    'given_in_another_unit',
    {
      given: [given('acetaminophen', '400 IU', 10)],
    },
  ],
  ['at a time that has not come', liquid, child, 'in_the_future', { at: hoursLater(1) }],
  // what lies there
  [
    'only a bottle past its day',
    liquid,
    child,
    'lot_spent',
    { put: [{ of: 'acetaminophen-liquid', days: -2 }] },
  ],
  [
    'only a bottle that was frozen',
    liquid,
    child,
    'lot_spent',
    {
      put: [{ of: 'acetaminophen-liquid', days: 200, lot: { condition: 'frozen' } }],
    },
  ],
  [
    'only a bottle on hold',
    liquid,
    child,
    'lot_held',
    {
      put: [
        {
          of: 'acetaminophen-liquid',
          days: 200,
          lot: { standing: { kind: 'held', reason: 'ask' } },
        },
      ],
    },
  ],
  [
    'only a bottle that is lent',
    liquid,
    child,
    'lot_away',
    {
      put: [
        {
          of: 'acetaminophen-liquid',
          days: 200,
          lot: { standing: { kind: 'lent', to: 'Grete', since: DAY } },
        },
      ],
    },
  ],
  [
    'only a bottle with a sweetener that is not tolerated',
    liquid,
    allergic('sorbitol'),
    'lot_allergy',
    {
      put: [{ of: 'acetaminophen-liquid', days: 200 }],
    },
  ],
  [
    'only a bottle that was prescribed for somebody else',
    liquid,
    child,
    'somebody_elses',
    {
      put: [{ of: 'acetaminophen-liquid', days: 200 }],
      others: [adult],
      courses: [{ member: adult, of: 'acetaminophen-liquid' }],
    },
  ],
  [
    'only what is left over of an ended course',
    aRule(child, { of: 'acetaminophen', fixed: '320 mg', strength: '160 mg/5 mL' }),
    child,
    'left_over',
    {
      put: [{ of: 'acetaminophen-liquid', days: 200 }],
      courses: [{ member: child, of: 'acetaminophen-liquid', endsOn: addDays(DAY, -3) }],
    },
  ],
]

function aMemberLike(member: Member): Member {
  return { ...member, weighings: [] }
}

describe('a dose is refused', () => {
  it.each(CASES.map(([name, card, member, code, asked]) => ({ name, card, member, code, asked })))(
    '$name',
    ({ card, member, code, asked }) => {
      // A rule made for one dog holds for the dog of the case, unless that is what is asked.
      const about: DoseCard =
        card.for.kind === 'members' && code !== 'card_for_others'
          ? { ...card, for: { kind: 'members', memberIds: [member.id] } }
          : card
      const answer = ask(about, member, asked)
      expect(answer.kind).not.toBe('give')
      expect(codesOf(answer)).toContain(code)
      // Only time may stand between: everything else shows no amount.
      const waits = codesOf(answer).every((one) =>
        [
          'interval_not_over',
          'same_ingredient',
          'day_doses_reached',
          'day_amount_reached',
        ].includes(one),
      )
      expect(answer.kind).toBe(waits ? 'wait' : 'refused')
      expect('dose' in answer).toBe(waits)
    },
  )
  it('in at least thirty different ways', () => {
    expect(new Set(CASES.map(([, , , code]) => code)).size).toBeGreaterThanOrEqual(30)
  })
})

describe('and is not refused', () => {
  const fine: readonly (readonly [string, DoseCard, Member, Asked?])[] = [
    ['a child by weight', liquid, child],
    [
      'exactly when the interval is over',
      liquid,
      child,
      {
        given: [given('acetaminophen', '320 mg', 4, { title: liquid.name })],
      },
    ],
    [
      'exactly 24 hours after the first of five',
      liquid,
      child,
      {
        given: [24, 19, 15, 11, 5].map((ago) => given('acetaminophen', '320 mg', ago)),
      },
    ],
    [
      'aspirin at forty with flu: the warning is for teenagers',
      labelCard('aspirin-325'),
      adult,
      {
        signs: new Set(['flu-or-chickenpox'] as const),
      },
    ],
    [
      'a vet’s rule with a second word',
      {
        ...aRule(dog, {
          of: 'acetaminophen',
          rate: '10 mg',
          strength: '100 mg/1 mL',
          confirmed: { who: 'Dr Fenwick', on: DAY, why: 'Asked again by telephone' },
        }),
      },
      dog,
    ],
    [
      'a rule ten times off, confirmed with a reason',
      aRule(adult, {
        of: 'acetaminophen',
        fixed: '10 g',
        strength: '500 mg',
        confirmed: { who: 'Dr Aske', on: DAY, why: 'As written' },
      }),
      adult,
    ],
    ['an old weight where age decides', liquid, weighedLong(child, 400, 18_000)],
    [
      'a bottle on hold beside a good one',
      liquid,
      child,
      {
        put: [
          {
            of: 'acetaminophen-liquid',
            days: 200,
            lot: { standing: { kind: 'held', reason: 'ask' } },
          },
          { of: 'acetaminophen-liquid', days: 300 },
        ],
      },
    ],
    ['another ingredient an hour ago', liquid, child, { given: [given('ibuprofen', '200 mg', 1)] }],
  ]
  it.each(fine.map(([name, card, member, asked]) => ({ name, card, member, asked })))(
    '$name',
    ({ card, member, asked }) => {
      expect(codesOf(ask(card, member, asked))).toEqual([])
    },
  )
})

describe('when it may be given again', () => {
  it('is elapsed time', () => {
    const answer = ask(liquid, child, {
      given: [given('acetaminophen', '320 mg', 1, { title: liquid.name })],
    })
    expect(answer.kind === 'wait' && answer.until).toBe(hoursLater(3))
  })
  it('waits for the day’s limit where that is later', () => {
    const answer = ask(liquid, child, {
      given: [20, 15, 10, 6, 4.5].map((ago) => given('acetaminophen', '320 mg', ago)),
    })
    expect(answer.kind === 'wait' && answer.until).toBe(hoursLater(4))
  })
  it('is four hours across the night on which clocks go back', () => {
    // 25 October 2026, 00:30 UTC is 02:30 in Oslo, and an hour later it is 02:30 again.
    const first = Date.parse('2026-10-25T00:30:00Z') as typeof NOON
    const before = [given('acetaminophen', '320 mg', 0, { at: first, title: liquid.name })]
    const at = (hours: number) => hoursLater(hours, first)
    const young = {
      ...child,
      weighings: [{ id: idOf<WeighingId>(8, 901), on: day('2026-10-01'), grams: 22_400 }],
    }
    expect(ask(liquid, young, { given: before, at: at(3.9), now: at(3.9) }).kind).toBe('wait')
    expect(ask(liquid, young, { given: before, at: at(4), now: at(4) }).kind).toBe('give')
  })
})

describe('steps of the sum', () => {
  it('go from the weight to the mark on the syringe', () => {
    const answer = ask(aRule(dog, { rate: '0.35 mg', strength: '1 mg/mL' }), dog)
    expect(answer.steps.map(({ kind }) => kind)).toEqual([
      'weight',
      'rate',
      'volume',
      'rounded',
      'holds',
    ])
    // 13.4 kg × 0.35 mg = 4.69 mg = 4.69 mL, down to 4.6 mL on the 0.2 mL marks.
    expect(answer.kind === 'give' && answer.dose.portion.thousandths).toBe(4600)
    expect(answer.kind === 'give' && answer.dose.measure).toEqual(measure('4.6 mg'))
  })
  it('say where the largest single amount caps it', () => {
    const answer = ask(
      aRule(dog, { rate: '2 mg', strength: '10 mg', largest: measure('20 mg') }),
      dog,
    )
    expect(answer.steps.map(({ kind }) => kind)).toContain('capped')
    expect(answer.kind === 'give' && answer.dose.measure).toEqual(measure('20 mg'))
  })
  it('say when rounding leaves clearly less than the rule, and refuse more than a fifth less', () => {
    const of = (kg: number) => {
      const member = aMember('dog', { years: 8, kg })
      return ask(
        aRule(member, { id: 'r' as CardId, rate: '1 mg', strength: '10 mg', cuts: 1 }),
        member,
      )
    }
    const near = of(12)
    expect(near.kind === 'give' && [near.dose.portion.thousandths, near.muchLess]).toEqual([
      1000,
      true,
    ])
    expect(of(12.5).kind).toBe('give')
    const far = of(12.6)
    expect(far.kind === 'refused' && far.refusals).toEqual([
      {
        code: 'rounds_too_far',
        wanted: measure('12.6 mg'),
        comes: measure('10 mg'),
        atLeast: measure('10.08 mg'),
      },
    ])
  })
})

describe('a question that is answered', () => {
  const unasked = aPerson(40, { kg: 70, facts: { swallowsTablets: true, told: {} } })
  const questions = (answered: readonly string[]) => {
    const answer = ask(tablets, unasked, { answered: new Set(answered) })
    return answer.kind === 'give' ? [] : answer.refusals.filter(isQuestion)
  }
  it('is asked no more, and the others still are', () => {
    const all = questions([])
    expect(all.length).toBeGreaterThan(1)
    for (const one of all) {
      const left = questions([questionKey(one)])
      expect(left.map(questionKey)).toEqual(
        all.map(questionKey).filter((key) => key !== questionKey(one)),
      )
    }
    expect(questions(all.map(questionKey))).toEqual([])
    expect(ask(tablets, unasked, { answered: new Set(all.map(questionKey)) }).kind).toBe('give')
  })
  it('answers nothing that is no question', () => {
    const keys = questions([]).map(questionKey)
    expect(codesOf(ask(liquid, allergic('acetaminophen'), { answered: new Set(keys) }))).toContain(
      'allergy',
    )
  })
})

describe('a child who is a guest', () => {
  it('is given by the label what their parents named, like any child, until the word ends', () => {
    const own = ask(liquid, aPerson(7, { kg: 22.4 }))
    const guest = ask(liquid, saidYes('acetaminophen'))
    expect(guest.kind).toBe('give')
    expect(guest.kind === 'give' && guest.dose).toEqual(own.kind === 'give' && own.dose)
  })
})
