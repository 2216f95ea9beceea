/** A pack's own label, typed line by line. */
import { describe, expect, it } from 'vitest'
import { ask, portionOf } from '../../../../tests/support/care'
import { aPerson, DAY } from '../../../../tests/support/cover'
import type { CardId, DoseCard } from '../../../core/dosing/card'
import { EMPTY_LINE, emptyPack, type PackDraft, type PackLine, readPack } from './packDraft'

const child = aPerson(4, { kg: 16 })
const line = (more: Partial<PackLine>): PackLine => ({ ...EMPTY_LINE, ...more })
const draft = (lines: readonly PackLine[], more: Partial<PackDraft> = {}): PackDraft => ({
  ...emptyPack([child.id]),
  name: 'Paracetamol drops',
  substance: 'Paracetamol',
  strength: '100 mg/mL',
  lines,
  again: '6',
  mostDoses: '4',
  ...more,
})
const cardOf = (of: PackDraft): DoseCard => {
  const reading = readPack(of, DAY)
  if (reading.kind !== 'read') throw new Error(JSON.stringify(reading.faults))
  expect(reading.faults).toEqual([])
  return {
    ...reading.body,
    id: 'pack' as CardId,
    version: 1,
    for: { kind: 'members', memberIds: [child.id] },
  }
}
const ml = (card: DoseCard, member: typeof child) => {
  const portion = portionOf(ask(card, { ...member, id: child.id }))
  return portion === null ? null : portion / 1000
}

describe('the label of a pack', () => {
  it('by age, as printed: the last year is meant with all its months', () => {
    const card = cardOf(
      draft([
        line({ ageFrom: '4', ageTo: '5', amount: '2.4 mL' }),
        line({ ageFrom: '2', ageTo: '3', amount: '1.8' }),
      ]),
    )
    expect(card.bands.map(({ printed }) => printed)).toEqual(['2–3 years', '4–5 years'])
    expect([ml(card, aPerson(3.9)), ml(card, aPerson(4)), ml(card, aPerson(5.9))]).toEqual([
      1.8, 2.4, 2.4,
    ])
    expect(ml(card, aPerson(6.1))).toBeNull()
    expect(ml(card, aPerson(1.9))).toBeNull()
  })
  it('by weight, in kilograms or pounds', () => {
    const card = cardOf(
      draft([
        line({ weightFrom: '10', weightTo: '15', amount: '1.5' }),
        line({ weightFrom: '33.1', weightTo: '44', weightUnit: 'lb', amount: '2' }),
      ]),
    )
    expect(ml(card, aPerson(4, { kg: 12 }))).toBe(1.5)
    expect(ml(card, aPerson(4, { kg: 16 }))).toBe(2)
  })
  it('by both: neither alone will do', () => {
    const card = cardOf(
      draft([
        line({ ageFrom: '3', ageTo: '5', ageUnit: 'months', weightFrom: '5.001', amount: '0.6' }),
      ]),
    )
    expect(ml(card, aPerson(0.35, { kg: 6 }))).toBe(0.6)
    expect(ml(card, aPerson(0.35, { kg: 5 }))).toBeNull()
    expect(ml(card, aPerson(0.35))).toBeNull()
  })
  it('comes from our pack, asks its questions, and is no prescriber’s word', () => {
    const card = cardOf(draft([line({ ageFrom: '2', amount: '2' })]))
    expect(card.source).toEqual({ kind: 'pack', who: 'Paracetamol drops', on: DAY })
    const unasked = { ...aPerson(4), id: child.id }
    const answer = ask(card, { ...unasked, facts: { ...unasked.facts, told: {} } } as typeof child)
    expect(answer.kind === 'refused' && answer.refusals.map(({ code }) => code)).toEqual([
      'not_asked',
      'not_asked',
      'not_asked',
    ])
  })
  it('names what cannot be read, line by line', () => {
    const reading = readPack(
      draft(
        [
          line({ ageFrom: '5', ageTo: '3', amount: '1' }),
          line({ amount: '2' }),
          line({ ageFrom: '2', amount: 'much' }),
        ],
        { strength: 'strong', again: '', substance: 'pixie dust' },
      ),
      DAY,
    )
    expect(reading.kind === 'unread' && reading.faults).toEqual([
      { kind: 'field', field: 'substance' },
      { kind: 'field', field: 'strength' },
      { kind: 'field', field: 'again' },
      { kind: 'line', at: 0, field: 'age' },
      { kind: 'line', at: 1, field: 'empty' },
      { kind: 'line', at: 2, field: 'amount' },
    ])
  })
  it('two lines that both fit somebody are told', () => {
    const reading = readPack(
      draft([
        line({ ageFrom: '2', ageTo: '4', amount: '1' }),
        line({ ageFrom: '4', ageTo: '6', amount: '2' }),
      ]),
      DAY,
    )
    expect(reading.kind === 'read' && reading.faults.map(({ code }) => code)).toEqual([
      'bands_overlap',
    ])
  })
})
