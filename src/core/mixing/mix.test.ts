import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type BarrelId, barrelById } from '../dosing/barrel'
import { exact, exactText } from '../quantity/exact'
import { millilitres, readConcentration } from '../quantity/measure'
import {
  assistedFeed,
  dilute,
  diluteAll,
  diluteByParts,
  drink,
  type FeedRule,
  inVessels,
  salineSalt,
} from './mix'
import { SHIPPED_RECIPES, volumesFor } from './recipe'

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
  it('is only made where every spoon comes out; what is offered does', () => {
    const rehydration = SHIPPED_RECIPES.find(({ id }) => id === 'recipe:rehydration')
    if (!rehydration) throw new Error('It ships')
    expect(volumesFor(rehydration.body)).toEqual([250, 500, 750, 1000])
    for (const ml of volumesFor(rehydration.body))
      expect([ml, drink(millilitres(ml), SUGAR_AND_SALT).kind]).toEqual([ml, 'mixed'])
    expect(drink(millilitres(310), SUGAR_AND_SALT)).toEqual({
      kind: 'refused',
      fault: { code: 'not_spooned', near: [250_000, 500_000] },
    })
    expect(drink(millilitres(100), SUGAR_AND_SALT)).toEqual({
      kind: 'refused',
      fault: { code: 'not_spooned', near: [250_000] },
    })
  })
  it('never has more or less salt than a litre has', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 4000 }), (ml) => {
        const mixed = drink(millilitres(ml), SUGAR_AND_SALT)
        if (mixed.kind === 'mixed') expect((mixed.mix.lines[1]?.eighths ?? 0) / ml).toBe(4 / 1000)
      }),
    )
  })
})

describe('all ways of asking', () => {
  it('all that there is: 30 mL of 10 % become 300 mL of 1 %', () => {
    const mixed = diluteAll(10_000, 1000, millilitres(30))
    expect(mixed.kind === 'mixed' && [mixed.mix.water, mixed.mix.total]).toEqual([270_000, 300_000])
  })
  it('parts to parts tells what it comes to, also where that is too strong', () => {
    const mixed = diluteByParts(4000, exact(9), millilitres(100))
    expect(mixed.kind === 'mixed' && [mixed.mix.stock, exactText(mixed.mix.strength, 0)]).toEqual([
      10_000,
      '400',
    ])
  })
  it.each([
    ['20 mg/mL', 2000],
    ['4 %', 4000],
    ['1 g/10 mL', 10_000],
    ['0.5 mg/mL', 50],
    ['20 mg', null],
    ['strong', null],
  ] as const)('%s is %s thousandths of a per cent', (written, percent) => {
    const reading = readConcentration(written)
    expect(reading.kind === 'read' ? reading.value : null).toBe(percent)
  })
  it('all that there is is never stronger than wanted either', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 20_000 }),
        fc.integer({ min: 1, max: 20_000 }),
        fc.integer({ min: 1, max: 500 }),
        (stock, wanted, ml) => {
          const mixed = diluteAll(stock, wanted, millilitres(ml))
          if (mixed.kind === 'refused') return
          expect(mixed.mix.strength.compare(wanted)).toBeLessThanOrEqual(0)
          expect(mixed.mix.stock + mixed.mix.water).toBe(mixed.mix.total)
        },
      ),
      { seed: 20261128 },
    )
  })
})

describe('assisted feeding', () => {
  const rule: FeedRule = { powderParts: 1, waterParts: 2, perKg: millilitres(20), feedsADay: 4 }
  const fed = (of: FeedRule, grams: number | null, barrel: BarrelId | null = null) => {
    const mixed = assistedFeed(of, grams, barrel && barrelById(barrel))
    return mixed.kind === 'mixed' ? mixed.mix : mixed.fault.code
  }
  it('is so much for each kilogram and feed, in equal fills of a wide syringe', () => {
    expect(fed({ ...rule, makes: 2.5 }, 900)).toMatchObject({
      feed: 18_000,
      day: 72_000,
      powder: 7200,
      water: 14_400,
      makesKnown: true,
      measuring: { barrel: { id: '60w' }, fills: [18_000] },
    })
    expect(fed({ ...rule, makes: 2.5 }, 900, '12w')).toMatchObject({
      feed: 18_000,
      measuring: { fills: [9000, 9000] },
    })
  })
  it('makes enough, however much powder and water make together', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 1, max: 8 }),
        fc.integer({ min: 0, max: 100 }),
        fc.integer({ min: 20, max: 4000 }),
        (powderParts, waterParts, swallowed, grams) => {
          // In truth they make no less than the larger of the two.
          const least = Math.max(powderParts, waterParts)
          const truth = least + ((powderParts + waterParts - least) * swallowed) / 100
          const mix = fed({ ...rule, powderParts, waterParts }, grams)
          if (typeof mix === 'string') return
          const made = (mix.powder / powderParts) * truth
          expect(made).toBeGreaterThanOrEqual(mix.feed - 1e-6)
        },
      ),
      { seed: 20261128 },
    )
  })
  it('of a hamster is drawn to the hundredth: 0.42 mL', () => {
    expect(fed({ ...rule, perKg: millilitres(14) }, 30)).toMatchObject({
      feed: 420,
      measuring: { barrel: { id: '1' } },
    })
  })
  it('is nothing without a weight', () => {
    expect(fed(rule, null)).toBe('no_weight')
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
