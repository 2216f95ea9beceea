/** Every line of the printed labels, for weights and ages on and around each boundary. */
import { describe, expect, it } from 'vitest'
import { ask, codesOf, given, hoursLater, labelCard, portionOf } from '../../../tests/support/care'
import { aPerson } from '../../../tests/support/cover'
import type { Member } from '../household/member'
import { hours } from './card'
import { labelFaults } from './cardFaults'
import { ALL_LABELS } from './labels'

const POUND = 0.453592
/** A child of an age that fits no line by itself, so that weight alone decides. */
const weighing = (pounds: number): Member => aPerson(7, { kg: pounds * POUND })
const gramsOff = (pounds: number, grams: number): Member =>
  aPerson(7, { kg: (Math.round(pounds * POUND * 1000) + grams) / 1000 })
/** The line of the label, before it is measured out. */
const ml = (label: string, member: Member) => {
  const { steps } = ask(labelCard(label), member)
  const fixed = steps.find((step) => step.kind === 'fixed')
  return fixed?.amount.kind === 'portion' ? fixed.amount.portion.thousandths / 1000 : null
}

const CHILDRENS = [
  [24, 35, 5],
  [36, 47, 7.5],
  [48, 59, 10],
  [60, 71, 12.5],
  [72, 95, 15],
] as const

describe.each(['acetaminophen-liquid', 'ibuprofen-liquid'])('%s by weight', (label) => {
  it.each(CHILDRENS)('%d to %d lb: %d mL', (from, to, dose) => {
    for (const pounds of [from, from + 0.4, (from + to) / 2, to])
      expect([pounds, ml(label, weighing(pounds))]).toEqual([pounds, dose])
    expect(ml(label, gramsOff(from, 0))).toBe(dose)
    expect(ml(label, gramsOff(from, 1))).toBe(dose)
    expect(ml(label, gramsOff(to, 0))).toBe(dose)
  })
  it('takes the lower of two lines between which a weight lies', () => {
    for (const [at, [, to, dose]] of CHILDRENS.slice(0, -1).entries()) {
      expect(ml(label, gramsOff(to, 1))).toBe(dose)
      expect(ml(label, weighing(to + 0.6))).toBe(dose)
      // One gram below the next line is still this one.
      expect(ml(label, gramsOff(CHILDRENS[at + 1]?.[0] ?? 0, -1))).toBe(dose)
    }
  })
  it('refuses below the first line and above the last', () => {
    expect(codesOf(ask(labelCard(label), gramsOff(24, -1)))).toEqual(['too_light'])
    expect(codesOf(ask(labelCard(label), gramsOff(95, 1)))).toEqual(['above_bands'])
    expect(codesOf(ask(labelCard(label), weighing(96)))).toEqual(['above_bands'])
  })
  it.each([
    [2, 5],
    [3.99, 5],
    [4, 7.5],
    [5.99, 7.5],
    [6, 10],
    [8.99, 10],
    [9, 12.5],
    [10.99, 12.5],
    [11, 15],
    [11.99, 15],
  ])('goes by age where no weight is known: %d years, %d mL', (years, dose) => {
    expect(ml(label, aPerson(years + 0.003))).toBe(dose)
  })
  it('refuses below two years whatever the weight, and above by age', () => {
    expect(codesOf(ask(labelCard(label), aPerson(1.99, { kg: 13 })))).toContain('too_young')
    expect(codesOf(ask(labelCard(label), aPerson(12.01)))).toEqual(['above_bands'])
    expect(codesOf(ask(labelCard(label), aPerson(null)))).toContain('no_weight')
  })
})

it.each(['acetaminophen-liquid', 'ibuprofen-liquid'])('%s is printed as on the label', (label) => {
  expect(labelCard(label).bands.map(({ printed }) => printed)).toEqual([
    '24–35 lb (2–3 y)',
    '36–47 lb (4–5 y)',
    '48–59 lb (6–8 y)',
    '60–71 lb (9–10 y)',
    '72–95 lb (11 y)',
  ])
})

describe('what holds besides the amount', () => {
  it.each([
    ['acetaminophen-liquid', 4, 5],
    ['ibuprofen-liquid', 6, 4],
    ['diphenhydramine-liquid', 4, 6],
  ])('%s: again after %d h, %d doses a day', (label, again, most) => {
    const answer = ask(labelCard(label), aPerson(7, { kg: 23 }))
    expect(answer.kind === 'give' && [answer.again, answer.rule?.mostDoses]).toEqual([
      hours(again),
      most,
    ])
  })
  it('320 mg in 10 mL, and five of them are the most of a day', () => {
    const answer = ask(labelCard('acetaminophen-liquid'), aPerson(7, { kg: 22.4 }))
    expect(answer.kind === 'give' && answer.dose.measure).toEqual({
      unit: 'mg',
      thousandths: 320_000,
    })
    expect(answer.rule?.most).toEqual({ unit: 'mg', thousandths: 1_600_000 })
  })
})

/** Label, years, hours since the first dose or null, lower and upper portion in tablets or mL. */
const TABLETS: readonly (readonly [string, number, number, number | null])[] = [
  ['acetaminophen-500', 12.01, 2, null],
  ['ibuprofen-200', 12.01, 1, 2],
  ['ibuprofen-200', 40, 1, 2],
  ['diphenhydramine-liquid', 6.01, 5, 10],
  ['diphenhydramine-liquid', 11.98, 5, 10],
  ['diphenhydramine-liquid', 12.01, 10, 20],
  ['cetirizine-syrup', 2.01, 2.5, null],
  ['cetirizine-syrup', 5.98, 2.5, null],
  ['cetirizine-syrup', 6.01, 5, 10],
  ['cetirizine-10', 6.01, 0.5, 1],
  ['loperamide-2', 12.01, 2, null],
  ['loperamide-2', 9.01, 1, null],
  ['loperamide-2', 6.01, 1, null],
  ['bismuth-262', 12.01, 2, null],
  ['meclizine-25', 12.01, 1, 2],
  ['aspirin-325', 16.01, 1, 2],
]

describe('the other labels', () => {
  it.each(TABLETS)('%s at %d years: %d, at most %s', (label, years, lower, upper) => {
    const card = labelCard(label)
    const swallows = aPerson(years, { facts: { swallowsTablets: true } })
    expect((portionOf(ask(card, swallows)) ?? 0) / 1000).toBe(lower)
    expect((portionOf(ask(card, swallows, { choice: 'upper' })) ?? 0) / 1000).toBe(upper ?? lower)
  })
  it.each([
    ['acetaminophen-500', 11.98, 'too_young'],
    ['ibuprofen-200', 11.98, 'too_young'],
    ['diphenhydramine-liquid', 5.98, 'too_young'],
    ['cetirizine-syrup', 1.98, 'too_young'],
    ['cetirizine-10', 5.98, 'too_young'],
    ['loperamide-2', 5.98, 'too_young'],
    ['bismuth-262', 11.98, 'too_young'],
    ['meclizine-25', 11.98, 'too_young'],
    ['aspirin-325', 15.98, 'too_young'],
  ])('%s not at %d years', (label, years, code) => {
    expect(codesOf(ask(labelCard(label), aPerson(years)))).toContain(code)
  })
  it('loperamide goes by weight in children, by age from twelve on', () => {
    const card = labelCard('loperamide-2')
    expect(codesOf(ask(card, aPerson(7, { kg: 21.771 })))).toEqual(['too_light'])
    expect(portionOf(ask(card, aPerson(7, { kg: 21.772 })))).toBe(1000)
    expect(portionOf(ask(card, aPerson(13, { kg: 35 })))).toBe(2000)
  })
  it.each([
    [7, 1000, 500],
    [10, 1000, 500],
    [30, 2000, 1000],
  ])('loperamide at %d years: the first %d thousandths, then %d', (years, first, then) => {
    const card = labelCard('loperamide-2')
    const member = aPerson(years)
    expect(portionOf(ask(card, member))).toBe(first)
    const before = [given('loperamide', '2 mg', 2)]
    expect(portionOf(ask(card, member, { given: before }))).toBe(then)
    expect(
      portionOf(ask(card, member, { given: before, at: hoursLater(22), now: hoursLater(22) })),
    ).toBe(first)
  })
  it.each([
    ['loperamide-2', 30, '8 mg'],
    ['loperamide-2', 10, '6 mg'],
    ['loperamide-2', 7, '4 mg'],
    ['acetaminophen-500', 30, '3000 mg'],
    ['ibuprofen-200', 30, '1200 mg'],
    ['cetirizine-10', 30, '10 mg'],
    ['cetirizine-syrup', 3, '5 mg'],
    ['meclizine-25', 30, '50 mg'],
    ['aspirin-325', 30, '3900 mg'],
    ['bismuth-262', 30, '4192 mg'],
    ['diphenhydramine-liquid', 8, '150 mg'],
  ])('%s at %d years: at most %s in 24 hours', (label, years, most) => {
    const { rule } = ask(labelCard(label), aPerson(years))
    expect(`${(rule?.most?.thousandths ?? 0) / 1000} mg`).toBe(most)
  })
  it('hang together', () => {
    for (const card of ALL_LABELS) expect([card.name, labelFaults(card)]).toEqual([card.name, []])
  })
})
