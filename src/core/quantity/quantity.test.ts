import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  type Amount,
  add,
  amount,
  formatAmount,
  InvalidAmountError,
  less,
  MOST,
  packsFor,
  units,
} from './amount'
import { readAmount } from './readAmount'

const anAmount = fc.integer({ min: 0, max: MOST }).map(amount)

const read = (written: string) => {
  const reading = readAmount(written)
  if (reading.kind !== 'read') throw new Error(`${written}: ${reading.refusal.code}`)
  return reading
}
const refusal = (written: string) => {
  const reading = readAmount(written)
  return reading.kind === 'refused' ? reading.refusal.code : 'read'
}

describe('reading an amount as people write it', () => {
  it.each([
    ['12', 12, ''],
    ['1 roll', 1, 'roll'],
    ['2 x 10', 20, ''],
    ['2x10 tablets', 20, 'tablets'],
    ['half a bottle', 0.5, 'bottle'],
    ['1½', 1.5, ''],
    ['1 1/2 rolls', 1.5, 'rolls'],
    ['2,5 mL', 2.5, 'ml'],
    ['0.25', 0.25, ''],
    ['a pair', 1, 'pair'],
    ['two', 2, ''],
    ['ca. 30', 30, ''],
    ['10 tablets of 500 mg', 10, 'tablets'],
    ['0', 0, ''],
  ])('%s', (written, thing, unit) => {
    expect(read(written)).toMatchObject({ amount: Math.round(thing * 1000), unit })
  })
  it('learns the pack from "2 x 10" and the par from "6 of 8"', () => {
    expect(read('2 x 10').packSize).toBe(10_000)
    expect(read('6 of 8 pairs')).toMatchObject({ amount: 6000, par: 8000, unit: 'pairs' })
    expect(read('6/8')).toMatchObject({ amount: 6000, par: 8000 })
    expect(read('1/2').par).toBeNull()
  })
  it.each([
    ['-3', 'negative'],
    ['−1', 'negative'],
    ['lots', 'no_number'],
    ['', 'no_number'],
    ['999999999999', 'too_many'],
    ['100001', 'too_many'],
    ['0.00001', 'too_fine'],
    ['1,000', 'comma_two_ways'],
  ])('%s is refused: %s', (written, code) => {
    expect(refusal(written)).toBe(code)
  })
  it('reads every amount back as it is written, with any unit', () => {
    fc.assert(
      fc.property(
        anAmount,
        fc.constantFrom('', 'tablet', 'pair', 'bottle', 'mL'),
        (value, unit) => {
          const text = unit === '' ? formatAmount(value) : `${formatAmount(value)} ${unit}`
          expect(read(text)).toMatchObject({ amount: value, unit: unit.toLowerCase(), par: null })
        },
      ),
    )
  })
  it('never throws, whatever is written', () => {
    fc.assert(fc.property(fc.string(), (text) => void readAmount(text)))
  })
})

describe('amounts', () => {
  it('are whole thousandths from nothing to a hundred thousand', () => {
    for (const bad of [-1, 0.5, MOST + 1, Number.NaN, Number.POSITIVE_INFINITY])
      expect(() => amount(bad)).toThrow(InvalidAmountError)
  })
  it('add and take away exactly, and never fall below nothing', () => {
    fc.assert(
      fc.property(anAmount, anAmount, (a, b) => {
        fc.pre(a + b <= MOST)
        expect(less(add(a, b), b)).toBe(a)
        expect(less(a, b)).toBeGreaterThanOrEqual(0)
      }),
    )
  })
  it('buys the fewest packs that hold what is needed', () => {
    fc.assert(
      fc.property(anAmount, fc.integer({ min: 1, max: MOST }), (needed, size) => {
        const packs = packsFor(needed, size as Amount)
        expect(packs * size).toBeGreaterThanOrEqual(needed)
        expect((packs - 1) * size).toBeLessThan(Math.max(needed, 1))
      }),
    )
    expect(() => packsFor(units(1), 0 as Amount)).toThrow(InvalidAmountError)
  })
})
