/** Doses noted without a card add up with those given by one. */
import { describe, expect, it } from 'vitest'
import { idOf } from '../../../tests/support/ids'
import type { ItemId } from '../ids'
import { amount } from '../quantity/amount'
import { heldByHand } from './byHand'

const item = (name: string, strength: string) => ({ id: idOf<ItemId>(4, 1), name, strength })
const acetaminophen = { substance: 'acetaminophen', strength: '500 mg' } as const
const phenylephrine = { substance: 'phenylephrine', strength: '5 mg' } as const

describe('what a dose noted by hand holds', () => {
  it('is what so many pieces hold', () => {
    expect(heldByHand(item('Acetaminophen', '500 mg'), [acetaminophen], amount(1500))).toEqual([
      { key: 'acetaminophen', measure: { unit: 'mg', thousandths: 750_000 } },
    ])
  })
  it('follows the strength on the pack and not that of the reference list', () => {
    const [held] = heldByHand(item('Acetaminophen', '325 mg'), [acetaminophen], amount(2000))
    expect(held?.measure).toEqual({ unit: 'mg', thousandths: 650_000 })
  })
  it('names each of several ingredients, by the reference list', () => {
    expect(
      heldByHand(item('Cold remedy', '500 mg'), [acetaminophen, phenylephrine], amount(1000)),
    ).toEqual([
      { key: 'acetaminophen', measure: { unit: 'mg', thousandths: 500_000 } },
      { key: 'phenylephrine', measure: { unit: 'mg', thousandths: 5_000 } },
    ])
  })
  it('is rounded up, so that no limit is passed unseen', () => {
    const [held] = heldByHand(item('Acetaminophen', '0.001 mg'), [acetaminophen], amount(1))
    expect(held?.measure?.thousandths).toBe(1)
  })
  it.each([['160 mg/5 mL'], ['']])('is given, and nobody knows how much: %s', (strength) => {
    const liquid = { ...acetaminophen, strength }
    expect(heldByHand(item('Acetaminophen liquid', strength), [liquid], amount(1000))).toEqual([
      { key: 'acetaminophen', measure: null },
    ])
  })
  it('is the item itself, where nobody matched it with the reference list', () => {
    const own = item('Night drops', '')
    expect(heldByHand(own, [], amount(1000))).toEqual([{ key: `item:${own.id}`, measure: null }])
  })
})
