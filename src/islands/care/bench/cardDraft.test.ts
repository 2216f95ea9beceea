/** Rules as they are typed: read, told what is missing, and shown again as they were. */
import { describe, expect, it } from 'vitest'
import { aRule } from '../../../../tests/support/care'
import { aMember, DAY } from '../../../../tests/support/cover'
import type { DoseCard } from '../../../core/dosing/card'
import { type CardDraft, draftOf, emptyDraft, readDraft } from './cardDraft'

const dog = aMember('dog', { years: 8, kg: 13.4 })
const typed = (more: Partial<CardDraft> = {}): CardDraft => ({
  ...emptyDraft(dog.id, DAY, true),
  name: 'Cetirizine',
  substance: 'cetirizine',
  strength: '10 mg',
  amount: '5 mg',
  again: '12',
  who: 'Dr Fenwick',
  ...more,
})
const fieldsOf = (draft: CardDraft) => {
  const reading = readDraft(draft, ['dog'], DAY)
  return reading.kind === 'unread'
    ? Object.keys(reading.fields).sort()
    : reading.faults.map(({ code }) => code)
}

describe('a rule as it is typed', () => {
  it('is read', () => {
    const reading = readDraft(
      typed({ mostDoses: '2', stop: 'swollen\n\nnoisy breathing ' }),
      ['dog'],
      DAY,
    )
    expect(reading.kind === 'read' && reading.faults).toEqual([])
    expect(reading.kind === 'read' && reading.body).toMatchObject({
      about: { kind: 'substance', substance: 'cetirizine' },
      strength: { kind: 'each', holds: { unit: 'mg', thousandths: 10_000 } },
      bands: [{ again: 720, mostDoses: 2, amount: { kind: 'measure' } }],
      stop: ['swollen', 'noisy breathing'],
      source: { kind: 'vet', who: 'Dr Fenwick', on: DAY },
    })
  })
  it.each<readonly [string, Partial<CardDraft>, readonly string[]]>([
    ['an amount without a unit', { amount: '5' }, ['amount']],
    ['millilitres where milligrams belong', { amount: '5 mL' }, ['amount']],
    ['an interval of nothing', { again: '0' }, ['again']],
    ['an interval in words', { again: 'often' }, ['again']],
    ['a strength that is none', { strength: '7.5 cm' }, ['strength']],
    ['a substance nobody knows', { substance: 'moonshine' }, ['substance']],
    ['a day that is none', { reviewOn: '2026-02-30' }, ['reviewOn']],
    ['half a dose a day', { mostDoses: '0.5' }, ['mostDoses']],
    [
      'nothing at all',
      { name: '', substance: '', amount: '', again: '' },
      ['again', 'amount', 'name', 'substance'],
    ],
    ['nobody who says so', { who: '' }, ['who_says']],
    ['a limit below the dose', { most: '2 mg' }, ['limit_below_dose']],
    ['a liquid given in tablets', { strength: '10 mg/mL' }, ['form_differs']],
    ['a doctor for a dog', { source: 'doctor' }, ['needs_vet']],
  ])('%s is told', (_, more, told) => {
    expect(fieldsOf(typed(more))).toEqual(told)
  })
  it.each<readonly [string, DoseCard]>([
    [
      'a rate',
      aRule(dog, { rate: '0.35 mg', strength: '1 mg/mL', again: 8, mostDoses: 3, cuts: 1 }),
    ],
    ['a fixed amount', aRule(dog, { fixed: '5 mg', strength: '10 mg', most: '10 mg' })],
    [
      'half tablets',
      aRule(dog, {
        band: { amount: { kind: 'portion', portion: { unit: 'tablet', thousandths: 500 } } },
      }),
    ],
  ])('%s is shown again as it was', (_, card) => {
    const reading = readDraft(draftOf(card), ['dog'], DAY)
    const { id: _id, version: _version, for: _for, ...body } = card
    expect(reading.kind === 'read' && reading.body).toEqual(body)
  })
})
