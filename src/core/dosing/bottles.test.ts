/** The bench points to no bottle that harms: what else is in it, whom it is for, how it may be cut. */
import { describe, expect, it } from 'vitest'
import { aRule, ask, codesOf, labelCard, portionOf } from '../../../tests/support/care'
import { aMember, aPerson, aStock, DAY, type Put } from '../../../tests/support/cover'
import type { OwnFacts } from '../catalogue/ownFacts'
import { pantry } from '../cover/pantry'
import { patientOn } from '../cover/suitability'
import type { Member } from '../household/member'
import type { DoseCard } from './card'
import { offersFor } from './lots'
import { asksOnly } from './workOut'

const offers = (member: Member, card: DoseCard, put: readonly Put[]) =>
  offersFor(pantry(aStock({ members: [member], put })), card, patientOn(member, [], DAY), null)
const dog = aMember('dog', { years: 5, kg: 16 })
const syrup = (own: OwnFacts = {}): Put => ({ of: 'cetirizine-syrup', days: 300, own })
const vetRule = (member: Member, more: object = {}): DoseCard =>
  aRule(member, { of: 'cetirizine', rate: '0.5 mg', strength: '1 mg/mL', ...more })

describe('a vet’s rule and the only bottle', () => {
  it('with xylitol is forbidden to a dog, and the bench says so instead of an amount', () => {
    const put = [syrup({ contains: ['xylitol'] })]
    const { good, barred } = offers(dog, vetRule(dog), put)
    expect(good).toEqual([])
    expect(barred[0]?.why).toMatchObject({
      code: 'lot_forbidden',
      title: 'Cetirizine syrup 1 mg/mL',
      objection: { code: 'rule', rule: 'dog-xylitol' },
    })
    const answer = ask(vetRule(dog), dog, { put })
    expect(answer.kind).toBe('refused')
    expect(codesOf(answer)).toEqual(['lot_forbidden'])
  })
  it('of which nobody has read what sweetens it is asked about, for a dog', () => {
    const { good, barred } = offers(dog, vetRule(dog), [syrup()])
    expect(good).toEqual([])
    expect(barred[0]?.why).toMatchObject({
      code: 'lot_ask',
      objection: { code: 'sweetener_unread' },
    })
    // Read, and there is none: it may be taken.
    expect(offers(dog, vetRule(dog), [syrup({ contains: [] })]).good).toHaveLength(1)
  })
  it('with any sweetener is forbidden to a rabbit', () => {
    const rabbit = aMember('rabbit', { years: 2, kg: 2 })
    const { good, barred } = offers(rabbit, vetRule(rabbit), [syrup()])
    expect(good).toEqual([])
    expect(barred[0]?.why).toMatchObject({
      objection: { code: 'rule', rule: 'rodent-sweetener' },
    })
  })
  it('that its vet has confirmed against a warning speaks of what acts, and of nothing else', () => {
    const card = aRule(dog, {
      of: 'acetaminophen',
      rate: '10 mg',
      strength: '160 mg/5 mL',
      confirmed: { who: 'Dr Fenwick', on: DAY, why: 'Asked twice' },
    })
    const bottle = (contains: OwnFacts['contains']): Put => ({
      of: 'acetaminophen-liquid',
      days: 300,
      own: { contains: contains ?? [] },
    })
    expect(offers(dog, card, [bottle([])]).good).toHaveLength(1)
    expect(offers(dog, card, [bottle(['xylitol'])]).barred[0]?.why).toMatchObject({
      code: 'lot_forbidden',
    })
  })
  it('made for another animal is not taken', () => {
    const cat = aMember('cat', { years: 5, kg: 4 })
    const card = aRule(cat, { of: 'simeticone', fixed: '20 mg', strength: '40 mg/mL' })
    const { barred } = offers(cat, card, [{ of: 'gas-drops-animal', days: 90 }])
    expect(barred[0]?.why).toMatchObject({ code: 'lot_forbidden', objection: { code: 'species' } })
  })
  it('that is recalled is forbidden, whatever the card says', () => {
    const child = aPerson(7, { kg: 22.4 })
    const { barred } = offers(child, labelCard('acetaminophen-liquid'), [
      {
        of: 'acetaminophen-liquid',
        days: 300,
        lot: { standing: { kind: 'held', reason: 'Recalled, B-2: glass', recall: 'B-2' } },
      },
    ])
    expect(barred[0]?.why).toMatchObject({
      code: 'lot_forbidden',
      objection: { code: 'recalled', bulletin: 'B-2' },
    })
  })
  it('the age that the keeper read on the pack stands against a label of the country', () => {
    const child = aPerson(3, { kg: 14 })
    const { barred } = offers(child, labelCard('acetaminophen-liquid'), [
      { of: 'acetaminophen-liquid', days: 300, own: { fromMonths: 72 } },
    ])
    expect(barred[0]?.why).toMatchObject({
      code: 'lot_forbidden',
      objection: { code: 'too_young', fromMonths: 72 },
    })
  })
  it('stands with its full name, strength and form beside the amount', () => {
    const child = aPerson(7, { kg: 22.4 })
    const [lot] = offers(child, labelCard('acetaminophen-liquid'), [
      { of: 'acetaminophen-liquid', days: 300 },
    ]).good
    expect([lot?.title, lot?.form]).toEqual(['Acetaminophen liquid 160 mg/5 mL', 'liquid'])
  })
})

describe('a tablet that must not be cut', () => {
  const child = aPerson(8, { facts: { swallowsTablets: true } })
  const card = labelCard('cetirizine-10')
  const tablets = (own: OwnFacts): readonly Put[] => [{ of: 'cetirizine-10', days: 90, own }]
  it('is not halved because a table speaks of a half: the form that needs no cut is named', () => {
    const answer = ask(card, child, { put: tablets({ scored: false }) })
    expect(answer.kind === 'refused' && answer.refusals).toEqual([
      {
        code: 'must_not_cut',
        title: 'Cetirizine 10 mg',
        instead: ['Cetirizine syrup, 1 mg in 1 mL'],
      },
    ])
  })
  it('of which nobody has looked is asked about', () => {
    const answer = ask(card, child, { put: tablets({}) })
    expect(codesOf(answer)).toEqual(['cut_unknown'])
    // Somebody can look: it is asked, on the bench and at an incident, and not hidden as a no.
    expect(asksOnly(answer)).toBe(true)
    expect(asksOnly(ask(card, child, { put: tablets({ scored: false }) }))).toBe(false)
  })
  it('is halved where it is scored, and given whole where the label allows the larger amount', () => {
    expect(portionOf(ask(card, child, { put: tablets({ scored: true }) }))).toBe(500)
    expect(portionOf(ask(card, child, { put: tablets({ scored: false }), choice: 'upper' }))).toBe(
      1000,
    )
  })
  it('takes the scored one of two', () => {
    const put = [
      { of: 'cetirizine-10', days: 30, own: { scored: true } },
      { of: 'cetirizine-5-tablet', days: 30 },
    ]
    expect(ask(card, child, { put }).kind).toBe('give')
  })
})

describe('a rate for each pound', () => {
  it('is kept as it was said and worked out exactly', () => {
    const member = aMember('dog', { years: 5, kg: 9.07184 })
    const card: DoseCard = {
      ...aRule(member, { of: 'cetirizine', strength: '10 mg', fixed: '1 mg' }),
    }
    const [band] = card.bands
    const perPound: DoseCard = {
      ...card,
      bands: [
        {
          ...band,
          amount: { kind: 'pound_rate', perPound: { unit: 'mg', thousandths: 500 } },
        },
      ],
    }
    const answer = ask(perPound, member)
    // 9.072 kg are 20.0003… lb: ten milligrams and a breath, one tablet.
    expect(portionOf(answer)).toBe(1000)
    expect(answer.steps.some(({ kind }) => kind === 'pound_rate')).toBe(true)
  })
})
