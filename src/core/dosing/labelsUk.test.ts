/** The labels of the United Kingdom and Ireland, line by line; and that no set lends to another. */
import { describe, expect, it } from 'vitest'
import {
  type Asked,
  ask,
  codesOf,
  given,
  hoursLater,
  labelCard,
  portionOf,
} from '../../../tests/support/care'
import { aPerson, whyNot } from '../../../tests/support/cover'
import { catalogue } from '../catalogue/catalogue'
import { isProposedIn, labelAges } from '../catalogue/labelAges'
import { labelSetOf } from '../household/labelSet'
import type { DoseCard } from './card'
import { ALL_LABELS, LABELS } from './labels'

const UK: Asked = { labels: 'uk' }
const line = (card: DoseCard, years: number, kg?: number) => {
  const { steps } = ask(card, aPerson(years, kg === undefined ? {} : { kg }), UK)
  const fixed = steps.find((step) => step.kind === 'fixed')
  if (fixed?.amount.kind === 'portion') return fixed.amount.portion.thousandths / 1000
  return fixed?.amount.kind === 'measure' ? fixed.amount.measure.thousandths / 1000 : null
}
const MONTH = 1 / 12

describe('labels by age', () => {
  it.each<[string, number, number | null]>([
    ['uk-paracetamol-120', 2.9 * MONTH, null],
    ['uk-paracetamol-120', 3.1 * MONTH, 2.5],
    ['uk-paracetamol-120', 5.9 * MONTH, 2.5],
    ['uk-paracetamol-120', 6.1 * MONTH, 5],
    ['uk-paracetamol-120', 1.95, 5],
    ['uk-paracetamol-120', 2.05, 7.5],
    ['uk-paracetamol-120', 4.05, 10],
    ['uk-paracetamol-120', 6.05, null],
    ['uk-paracetamol-250', 5.9, null],
    ['uk-paracetamol-250', 6.05, 5],
    ['uk-paracetamol-250', 8.05, 7.5],
    ['uk-paracetamol-250', 10.05, 10],
    ['uk-paracetamol-250', 12.05, 10],
    ['uk-paracetamol-250', 16.05, 10],
    ['uk-paracetamol-500', 9.9, null],
    ['uk-paracetamol-500', 10.05, 1],
    ['uk-paracetamol-500', 16.05, 1],
    ['uk-ibuprofen-100', 6.1 * MONTH, 2.5],
    ['uk-ibuprofen-100', 1.05, 5],
    ['uk-ibuprofen-100', 4.05, 7.5],
    ['uk-ibuprofen-100', 7.05, 10],
    ['uk-ibuprofen-100', 10.05, 15],
    ['uk-ibuprofen-100', 12.05, null],
    ['uk-ibuprofen-200', 11.9, null],
    ['uk-ibuprofen-200', 12.05, 1],
    ['uk-cetirizine-syrup', 2.05, 2.5],
    ['uk-cetirizine-syrup', 6.05, 5],
    ['uk-cetirizine-syrup', 12.05, 10],
    ['uk-loperamide-2', 11.9, null],
    ['uk-loperamide-2', 12.05, 2],
  ])('%s at %d years: %s', (id, years, amount) => {
    expect(line(labelCard(id), years)).toBe(amount)
  })
  it('ibuprofen from three to five months only above 5 kg, and not of unknown weight', () => {
    const card = labelCard('uk-ibuprofen-100')
    const at = (kg?: number) =>
      codesOf(ask(card, aPerson(0.35, kg === undefined ? {} : { kg }), UK))
    expect(at()).toEqual(['no_weight'])
    expect(at(5)).toContain('too_light')
    expect(at(5.001)).toEqual([])
    expect(codesOf(ask(card, aPerson(0.2, { kg: 6 }), UK))).toContain('too_young')
  })
  it('says how much in a day: four doses, three of ibuprofen, six tablets of loperamide', () => {
    const rule = (id: string, years: number) => ask(labelCard(id), aPerson(years), UK).rule
    expect(rule('uk-paracetamol-120', 3)?.mostDoses).toBe(4)
    expect(rule('uk-ibuprofen-100', 3)?.mostDoses).toBe(3)
    expect(rule('uk-loperamide-2', 30)?.most).toEqual({ unit: 'mg', thousandths: 12_000 })
  })
})

describe('loperamide', () => {
  it('ends two days after the first of a series; a day without ends the series', () => {
    for (const id of ['loperamide-2', 'uk-loperamide-2']) {
      const card = labelCard(id)
      const member = aPerson(30)
      const at = (hoursAgo: readonly number[]) =>
        codesOf(
          ask(card, member, { given: hoursAgo.map((hours) => given('loperamide', '2 mg', hours)) }),
        )
      expect([id, at([47, 24.5, 10])]).toEqual([id, []])
      expect([id, at([48, 30, 10])]).toEqual([id, ['days_over']])
      // 24 hours without it: another series.
      expect([id, at([50, 40, 24])]).toEqual([id, []])
      expect(hoursLater(1)).toBeGreaterThan(0)
    }
  })
})

describe('a set of labels', () => {
  it('follows the country, or what was chosen; else there is none', () => {
    const of = (country: string, labels: 'us' | 'uk' | 'none' | null = null) =>
      labelSetOf({ country, labels })
    expect([of('US'), of('GB'), of('IE'), of('NO'), of('')]).toEqual([
      'us',
      'uk',
      'uk',
      'none',
      'none',
    ])
    expect([of('NO', 'uk'), of('GB', 'none')]).toEqual(['uk', 'none'])
  })
  it('has nothing of another country', () => {
    const ids = (set: keyof typeof LABELS) => LABELS[set].map(({ id }) => id)
    expect(ids('none')).toEqual([])
    expect(ids('us').filter((id) => ids('uk').includes(id))).toEqual([])
    expect(new Set(ALL_LABELS.map(({ id }) => id)).size).toBe(ALL_LABELS.length)
  })
  it('decides whom a thing is for: loperamide is not ready for eight years where it is not sold so', () => {
    const eight = aPerson(8, { kg: 27 })
    expect(whyNot('loperamide-2', eight, {}, [], 'us')).toEqual([])
    expect(whyNot('loperamide-2', eight, {}, [], 'uk')).toEqual([
      'loperamide-young-uk',
      'too_young',
    ])
    const baby = aPerson(0.35, { kg: 6 })
    expect(whyNot('ibuprofen-liquid', baby, {}, [], 'uk')).toEqual([])
    expect(whyNot('ibuprofen-liquid', baby, {}, [], 'us')).toContain('nsaid-infant')
  })
  it('gives ages that agree with its cards', () => {
    const youngest = (id: string) =>
      Math.min(...labelCard(id).bands.map(({ months }) => months?.from ?? 0))
    expect(labelAges('loperamide-2', 'uk')?.fromMonths).toBe(youngest('uk-loperamide-2'))
    expect(labelAges('ibuprofen-liquid', 'uk')?.fromMonths).toBe(youngest('uk-ibuprofen-100'))
    expect(labelAges('acetaminophen-500', 'uk')?.fromMonths).toBe(youngest('uk-paracetamol-500'))
    expect(labelAges('cetirizine-10', 'uk')?.fromMonths).toBe(youngest('uk-cetirizine-10'))
    expect(labelAges('loperamide-2', 'us')).toBeNull()
  })
  it('proposes the strength that is sold there', () => {
    const proposed = (id: string, labels: 'us' | 'uk') => {
      const entry = catalogue().get(id)
      return entry !== undefined && isProposedIn(entry, labels)
    }
    expect(proposed('acetaminophen-120-in-5-liquid', 'uk')).toBe(true)
    expect(proposed('acetaminophen-liquid', 'uk')).toBe(false)
    expect(proposed('acetaminophen-liquid', 'us')).toBe(true)
    expect(proposed('acetaminophen-120-in-5-liquid', 'us')).toBe(false)
  })
  it('measures what it prints, and falls no fifth below it', () => {
    for (const card of LABELS.uk)
      for (const years of [0.4, 1.5, 3, 5, 7, 9, 11, 14, 30]) {
        const answer = ask(card, aPerson(years, { kg: 3 + years * 3 }), UK)
        const portion = portionOf(answer)
        const printed = line(card, years, 3 + years * 3)
        if (
          portion !== null &&
          printed !== null &&
          card.unit === 'mL' &&
          card.bands[0].amount.kind === 'portion'
        )
          expect(portion / 1000 / printed).toBeGreaterThanOrEqual(0.8)
      }
  })
})
