import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { exact } from '../quantity/exact'
import type { Microlitres } from '../quantity/measure'
import { BARRELS, barrelById, drawSyringe, drawUp, proposeBarrel } from './barrel'

const nothing = { thick: false, atHand: new Set<string>() }
const proposed = (microlitres: number, atHand: readonly string[] = []) => {
  const way = proposeBarrel(exact(microlitres), { ...nothing, atHand: new Set(atHand) })
  return way && [way.barrel.id, ...way.fills]
}

describe('the barrel that is proposed', () => {
  it.each([
    [500, ['1', 500]],
    [2500, ['3', 2500]],
    [5000, ['5', 5000]],
    [7500, ['10', 7500]],
    [10_000, ['10', 10_000]],
    [10_100, ['20', 10_000]],
    [12_500, ['20', 12_000]],
    [20_500, ['20', 10_000, 10_000]],
    [25_000, ['20', 12_000, 12_000]],
    [40_100, null],
    [15_000, ['20', 15_000]],
    [4690, ['5', 4600]],
    [3, null],
    [15, null],
  ])('for %d µL', (microlitres, way) => {
    expect(proposed(microlitres)).toEqual(way)
  })
  it('is the smallest at hand that holds it in one fill, else two equal fills', () => {
    expect(proposed(4000, ['10', '5'])).toEqual(['5', 4000])
    expect(proposed(4000, ['10'])).toEqual(['10', 4000])
    expect(proposed(10_000, ['5'])).toEqual(['5', 5000, 5000])
    expect(proposed(5100, ['5'])).toEqual(['5', 2400, 2400])
    // Nothing at hand holds half of it.
    expect(proposed(7500, ['3'])).toEqual(['10', 7500])
    // What is at hand does not read it.
    expect(proposed(420, ['20'])).toEqual(['1', 420])
  })
  it('has a wide tip for what is thick', () => {
    expect(proposeBarrel(exact(10_000), { ...nothing, thick: true })?.barrel.id).toBe('12w')
    expect(proposeBarrel(exact(40_000), { ...nothing, thick: true })?.barrel.id).toBe('60w')
  })
  it('never draws up more than was asked, and fills add up', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 90_000 }),
        fc.constantFrom(...BARRELS),
        (microlitres, barrel) => {
          const way = drawUp(exact(microlitres), barrel)
          if (!way) return
          expect(way.total).toBeLessThanOrEqual(microlitres)
          expect(microlitres - way.total).toBeLessThan(barrel.mark * way.fills.length)
          expect(new Set(way.fills).size).toBe(1)
          expect(way.fills.reduce((sum, fill) => sum + fill, 0)).toBe(way.total)
          expect(Math.max(...way.fills)).toBeLessThanOrEqual(barrel.capacity)
        },
      ),
      { seed: 20261126 },
    )
  })
})

describe('a drawn syringe', () => {
  it('has its plunger on the mark of the volume', () => {
    for (const barrel of BARRELS) {
      const { marks } = drawSyringe(barrel, 0 as Microlitres, 420)
      for (const { at, microlitres } of marks)
        expect(drawSyringe(barrel, microlitres as Microlitres, 420).plunger).toBe(at)
      expect(marks.at(-1)).toEqual({ at: 420, microlitres: barrel.capacity, numbered: true })
      expect(marks.length).toBeLessThanOrEqual(61)
    }
  })
  it('stands at five sixths for 10 mL in 12 mL', () => {
    expect(drawSyringe(barrelById('12w'), 10_000 as Microlitres, 420).plunger).toBe(350)
  })
})
