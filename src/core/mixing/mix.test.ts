import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { exact, exactText } from '../quantity/exact'
import { millilitres } from '../quantity/measure'
import { assistedFeed, dilute, drink, inVessels, salineSalt } from './mix'
import { SHIPPED_RECIPES } from './recipe'

const SUGAR_AND_SALT = [
  { name: 'sugar', eighths: 48, never: 'either' },
  { name: 'salt', eighths: 4, never: 'more' },
] as const

describe('dilution, C1·V1 = C2·V2', () => {
  it('10 % povidone-iodine to 1 % is one and nine', () => {
    const mixed = dilute(10_000, 1000, millilitres(100))
    expect(mixed.kind === 'mixed' && [mixed.mix.stock, mixed.mix.water]).toEqual([10_000, 90_000])
    expect(mixed.kind === 'mixed' && exactText(mixed.mix.parts, 2)).toBe('9')
  })
  it('2 % chlorhexidine to 0.05 % is one and thirty-nine, 2.5 mL in 100 mL', () => {
    const mixed = dilute(2000, 50, millilitres(100))
    expect(mixed.kind === 'mixed' && [mixed.mix.stock, exactText(mixed.mix.parts, 2)]).toEqual([
      2500,
      '39',
    ])
  })
  it.each([
    ['too_weak', 40, 50, 100],
    ['too_little', 10_000, 50, 5],
    ['nothing', 10_000, 50, 0],
  ] as const)('is refused: %s', (code, stock, wanted, ml) => {
    const mixed = dilute(stock, wanted, millilitres(ml))
    expect(mixed.kind === 'refused' && mixed.fault.code).toBe(code)
  })
  it('is never stronger than wanted, and adds up', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 20_000 }),
        fc.integer({ min: 1, max: 20_000 }),
        fc.integer({ min: 1, max: 5000 }),
        (stock, wanted, ml) => {
          const mixed = dilute(stock, wanted, millilitres(ml))
          if (mixed.kind === 'refused') return
          const { mix } = mixed
          expect(mix.stock + mix.water).toBe(mix.total)
          expect(mix.strength.compare(wanted)).toBeLessThanOrEqual(0)
          expect(mix.strength.equals(exact(stock).mul(mix.stock).div(mix.total))).toBe(true)
        },
      ),
      { seed: 20261126 },
    )
  })
})

describe('the rehydration drink', () => {
  it('is six level teaspoons of sugar and half of salt in a litre', () => {
    const mixed = drink(millilitres(1000), SUGAR_AND_SALT)
    expect(mixed.kind === 'mixed' && mixed.mix.lines.map(({ eighths }) => eighths)).toEqual([48, 4])
  })
  it('is one and a half and an eighth in a quarter of it', () => {
    const mixed = drink(millilitres(250), SUGAR_AND_SALT)
    expect(mixed.kind === 'mixed' && mixed.mix.lines.map(({ eighths }) => eighths)).toEqual([12, 1])
  })
  it('is not made so small that the salt cannot be measured, nor ever saltier', () => {
    expect(drink(millilitres(200), SUGAR_AND_SALT).kind).toBe('refused')
    fc.assert(
      fc.property(fc.integer({ min: 250, max: 4000 }), (ml) => {
        const mixed = drink(millilitres(ml), SUGAR_AND_SALT)
        const salt = mixed.kind === 'mixed' ? (mixed.mix.lines[1]?.eighths ?? 0) : 0
        expect(salt / ml).toBeLessThanOrEqual(4 / 1000)
      }),
    )
  })
})

describe('assisted feeding', () => {
  const rule = { powderParts: 1, waterParts: 2, perKg: millilitres(20), feedsADay: 4 }
  it('is so much for each kilogram and feed, in fills of the wide syringe', () => {
    const mixed = assistedFeed(rule, 900, millilitres(12))
    expect(mixed.kind === 'mixed' && mixed.mix).toMatchObject({
      feed: 18_000,
      day: 72_000,
      powder: 6000,
      water: 12_000,
      fills: 2,
    })
  })
  it('is nothing without a weight', () => {
    expect(assistedFeed(rule, null, millilitres(12))).toEqual({
      kind: 'refused',
      fault: { code: 'no_weight' },
    })
  })
})

describe('the rest', () => {
  it('isotonic saline is 9 g in a litre', () => {
    expect(salineSalt(millilitres(1000))).toBe(9000)
    expect(salineSalt(millilitres(250))).toBe(2250)
  })
  it('cups, spoons and what is left add up', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 3_000_000 }), (microlitres) => {
        const { cups, tablespoons, teaspoons, rest } = inVessels(microlitres as never)
        expect(cups * 236_600 + tablespoons * 15_000 + teaspoons * 5000 + rest).toBe(microlitres)
      }),
    )
  })
  it('every shipped recipe names its source and how long it keeps', () => {
    for (const { name, source, keepHours } of SHIPPED_RECIPES)
      expect([name, source.who !== '', keepHours > 0]).toEqual([name, true, true])
  })
})
