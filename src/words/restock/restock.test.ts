import { describe, expect, it } from 'vitest'
import { plainDate } from '../../core/calendar/plainDate'
import { restockText } from './restock'

const total = (count: number) => (count * 1000) as never

describe('what is restocked in words', () => {
  it.each([
    [0, 0, 'Nothing to buy'],
    [1, 0, 'One line to buy'],
    [3, 1, 'Three lines to buy, one in the bag'],
    [12, 10, '12 lines to buy, 10 in the bag'],
  ])('%i lines, %i bought', (lines, bought, said) => {
    expect(restockText.headline(lines, bought)).toBe(said)
  })
  it.each([
    [null, total(1), 'pad', ''],
    [2, null, 'pad', ''],
    [0, total(10), 'pad', 'from the pack above'],
    [1, total(10), 'pad', '1 pack of 10'],
    [2, total(10), 'pad', '2 packs of 10'],
    [2, total(1), 'bottle', '2 packs of 1 bottle'],
    [2, total(1), '', '2 packs of 1'],
  ])('%s packs of %s %s: %j', (packs, size, unit, said) => {
    expect(restockText.packs(packs, size, unit)).toBe(said)
  })
  it.each([
    [total(2), total(6), total(0), '2 of 6 there'],
    [total(2), total(6), total(2), '2 of 6 there, turning'],
    [total(2), total(6), total(1), '2 of 6 there, 1 of them turning'],
    [total(0), total(6), total(0), '0 of 6 there'],
  ])('%s of %s with %s turning', (good, par, turning, said) => {
    expect(restockText.why(good, par, turning)).toBe(said)
  })
  it('what has no price is said beside the sum', () => {
    expect(restockText.total('€12', 0)).toBe('about €12')
    expect(restockText.total('€12', 2)).toBe('about €12 and 2 without a price')
  })
  it('what is in the bag goes to its kit', () => {
    expect(restockText.bag(0)).toMatch(/^Tick what is in the bag/)
    expect(restockText.bag(1)).toMatch(/^One line is in the bag/)
    expect(restockText.bag(2)).toMatch(/^Two lines are in the bag/)
  })
  it('days and needs', () => {
    expect(restockText.printed(plainDate('2026-11-28'))).toBe('As of 28 Nov 2026')
    expect(restockText.need(3, 'pad')).toBe('3 pads')
    expect(restockText.receive('Gauze')).toBe('Put away: Gauze')
  })
})
