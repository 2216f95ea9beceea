/** The one question, reason by reason and grade by grade. */
import { describe, expect, it } from 'vitest'
import { aMember, aPantry, aPerson, DAY, type Put, whyNot } from '../../../tests/support/cover'
import { addDays } from '../calendar/plainDate'
import type { Member, PersonFacts } from '../household/member'
import { ASK_FIRST } from './askFirst'
import { gradeOf, gravest, type Objection, objectionsTo } from './objections'
import { RULES, ruleFaults } from './rules'
import { patientOn, suitOf } from './suitability'

const adult = (facts: Partial<PersonFacts> = {}): Member => aPerson(40, { kg: 70, facts })
const about = (of: string, member: Member, more: Partial<Put> = {}): readonly Objection[] => {
  const laid = aPantry({ members: [member], put: [{ of, days: 300, ...more }] })
  const [shelf] = laid.shelves
  if (!shelf) throw new Error('Something lies there')
  return objectionsTo(laid, shelf, patientOn(member, [], DAY), DAY)
}
const grade = (of: string, member: Member, more: Partial<Put> = {}) =>
  gravest(about(of, member, more))

describe('what a label says to ask about first', () => {
  it.each<[string, string, Partial<PersonFacts>]>([
    ['ibuprofen-200', 'ask-nsaid-high-blood-pressure', { conditions: ['high-blood-pressure'] }],
    ['ibuprofen-200', 'ask-nsaid-heart-disease', { conditions: ['heart-disease'] }],
    ['ibuprofen-200', 'ask-nsaid-water-tablet', { conditions: ['water-tablet'] }],
    ['naproxen-220', 'ask-nsaid-liver-disease', { conditions: ['liver-disease'] }],
    ['aspirin-325', 'ask-nsaid-stroke', { conditions: ['stroke'] }],
    ['ibuprofen-200', 'ask-nsaid-stomach-bleed', { conditions: ['stomach-bleed'] }],
    ['ibuprofen-200', 'ask-nsaid-asthma', { conditions: ['asthma'] }],
    ['acetaminophen-500', 'ask-acetaminophen-liver-disease', { conditions: ['liver-disease'] }],
    ['acetaminophen-500', 'ask-acetaminophen-drinks', { conditions: ['drinks'] }],
    ['diphenhydramine-liquid', 'ask-sedating-glaucoma', { conditions: ['glaucoma'] }],
    ['diphenhydramine-liquid', 'ask-sedating-urine-trouble', { conditions: ['urine-trouble'] }],
  ])('%s: %s', (entry, rule, facts) => {
    expect(whyNot(entry, adult(facts))).toEqual([rule])
    expect(grade(entry, adult(facts))).toBe('ask_first')
  })
  it('from sixty years on, on the day', () => {
    const born = (days: number) => ({
      ...adult(),
      born: addDays(DAY, -Math.round(60 * 365.25) + days),
    })
    expect(whyNot('ibuprofen-200', born(-3))).toEqual(['ask-nsaid-sixty'])
    expect(whyNot('ibuprofen-200', born(3))).toEqual([])
  })
  it('is not asked where a bar about the same thing holds: the bar wins', () => {
    const member = adult({ conditions: ['kidney-disease', 'high-blood-pressure'] })
    expect(whyNot('ibuprofen-200', member)).toEqual(['nsaid-kidney'])
    expect(grade('ibuprofen-200', member)).toBe('forbidden')
  })
  it('is settled by a doctor’s word for a year, or until the day that was said', () => {
    const word = (on: number, until: number | null) =>
      adult({
        conditions: ['high-blood-pressure'],
        settled: [
          {
            rule: 'ask-nsaid-high-blood-pressure',
            substance: 'ibuprofen',
            who: 'Dr Aske',
            on: addDays(DAY, on),
            until: until === null ? null : addDays(DAY, until),
          },
        ],
      })
    const why = (member: Member) => whyNot('ibuprofen-200', member)
    expect(why(word(-365, null))).toEqual([])
    expect(why(word(-366, null))).toEqual(['ask-nsaid-high-blood-pressure'])
    expect(why(word(-10, 0))).toEqual([])
    expect(why(word(-10, -1))).toEqual(['ask-nsaid-high-blood-pressure'])
    // It is about ibuprofen, and about nothing else.
    expect(whyNot('naproxen-220', word(-1, null))).toEqual(['ask-nsaid-high-blood-pressure'])
  })
  it('makes a thing a second choice, and a doctor’s word makes it the first again', () => {
    const member = adult({ conditions: ['high-blood-pressure'] })
    const laid = aPantry({ members: [member], put: [{ of: 'ibuprofen-200', days: 300 }] })
    const [thing] = laid.things
    if (!thing) throw new Error('There is a thing')
    expect(suitOf(thing, patientOn(member, [], DAY), laid.house)).toBe('asked_first')
  })
  it('holds together like the bars', () => {
    expect(ruleFaults(ASK_FIRST)).toEqual([])
    const ids = new Set(RULES.map(({ id }) => id))
    expect(ASK_FIRST.filter(({ id }) => ids.has(id))).toEqual([])
  })
})

describe('what nobody has asked', () => {
  const unasked = adult({ told: {} })
  it('is asked before anything is swallowed, and never taken for none', () => {
    expect(about('acetaminophen-500', unasked).map((one) => 'topic' in one && one.topic)).toEqual([
      'allergies',
      'conditions',
      'medicines',
    ])
    expect(grade('acetaminophen-500', unasked)).toBe('ask_first')
  })
  it('stands in the way of nothing else', () => {
    expect(grade('gauze', unasked)).toBeNull()
    expect(grade('rehydration-sachets', unasked)).toBeNull()
    expect(grade('adrenaline-03', unasked)).toBeNull()
  })
  it('a note that names a blood thinner is asked about', () => {
    const noted = { ...adult(), note: 'takes a blood thinner' }
    expect(about('ibuprofen-200', noted)).toEqual([
      { code: 'note_says', noted: { kind: 'thinner' } },
    ])
  })
  it('an age nobody knows is asked, not forbidden by itself', () => {
    expect(about('acetaminophen-500', aPerson(null)).map((one) => gradeOf(one))).toContain(
      'ask_first',
    )
  })
})

describe('grades', () => {
  it.each<[string, string, Member, Partial<Put>, ReturnType<typeof gravest>]>([
    [
      'an allergy',
      'ibuprofen-200',
      adult({ allergies: [{ kind: 'named', name: 'ibuprofen' }] }),
      {},
      'forbidden',
    ],
    [
      'an allergy by its other name',
      'acetaminophen-500',
      adult({ allergies: [{ kind: 'named', name: 'Paracetamol' }] }),
      {},
      'forbidden',
    ],
    ['a species', 'permethrin-spot-on', aMember('cat'), {}, 'forbidden'],
    ['an age', 'acetaminophen-500', aPerson(8), {}, 'forbidden'],
    ['a vet who wrote nothing', 'cetirizine-10', aMember('dog'), {}, 'ask_first'],
    ['past its date', 'acetaminophen-500', adult(), { days: -1 }, 'not_as_it_is'],
    [
      'held',
      'acetaminophen-500',
      adult(),
      { lot: { standing: { kind: 'held', reason: 'ask' } } },
      'not_as_it_is',
    ],
    [
      'recalled in words of before',
      'acetaminophen-500',
      adult(),
      { lot: { standing: { kind: 'held', reason: 'Recalled, X-1: glass' } } },
      'forbidden',
    ],
    [
      'tablets for who cannot swallow them',
      'acetaminophen-500',
      adult({ swallowsTablets: false }),
      {},
      'not_as_it_is',
    ],
    ['gloves of another size', 'gloves-l', adult({ gloveSize: 'S' }), {}, 'remark'],
    ['a plain thing past its date', 'elastic-bandage', adult(), { days: -4 }, 'remark'],
    ['people’s thermometer for a dog', 'thermometer', aMember('dog'), {}, 'not_as_it_is'],
    ['nothing', 'acetaminophen-500', adult(), {}, null],
  ])('%s', (_, entry, member, more, expected) => {
    expect(grade(entry, member, more)).toBe(expected)
  })
  it('a life-saver taken every day is for the attack all the same', () => {
    const member = adult({ conditions: ['asthma'] })
    const laid = aPantry({ members: [member], put: [{ of: 'reliever-inhaler', days: 300 }] })
    const [shelf] = laid.shelves
    if (!shelf) throw new Error('It lies there')
    expect(objectionsTo(laid, shelf, patientOn(member, ['salbutamol'], DAY), DAY)).toEqual([])
  })
  it('a vet’s dose card is the same word as an agreement', () => {
    const dog = aMember('dog', { kg: 14 })
    const signed = {
      memberId: dog.id,
      substance: 'cetirizine' as const,
      vet: 'Dr Fenwick',
      until: null,
      confirmedAgainstWarning: false,
    }
    const put: readonly Put[] = [{ of: 'cetirizine-10', days: 90 }]
    const codes = (cards: readonly (typeof signed)[]) => {
      const laid = aPantry({ members: [dog], put, signed: cards })
      const [shelf] = laid.shelves
      return shelf
        ? objectionsTo(laid, shelf, patientOn(dog, [], DAY), DAY).map(({ code }) => code)
        : []
    }
    expect(codes([])).toEqual(['unsigned'])
    expect(codes([signed])).toEqual([])
    expect(codes([{ ...signed, until: addDays(DAY, -1) as never }])).toEqual(['unsigned'])
  })
})
