import { describe, expect, it } from 'vitest'
import { gamma, poisson, wholeNear } from './draws'
import { seeded } from './seeded'

const DRAWS = 20_000
const moments = (draw: () => number) => {
  const drawn = Array.from({ length: DRAWS }, draw)
  const mean = drawn.reduce((sum, one) => sum + one, 0) / DRAWS
  return { mean, variance: drawn.reduce((sum, one) => sum + (one - mean) ** 2, 0) / DRAWS }
}
/** Of a mean, so that one run in a million would fall outside; the seed makes it the same run. */
const near = (wanted: number, variance: number) => 5 * Math.sqrt(variance / DRAWS) + wanted * 1e-9

describe('how many happen where so many are expected', () => {
  it.each([0.05, 0.5, 1, 4, 30, 900])('%d: as many on the mean, and as scattered', (expected) => {
    const chance = seeded(11)
    const { mean, variance } = moments(() => poisson(expected, chance))
    expect(Math.abs(mean - expected)).toBeLessThan(near(expected, expected))
    expect(variance / expected).toBeGreaterThan(0.9)
    expect(variance / expected).toBeLessThan(1.1)
  })
  it('none where none are expected', () => {
    expect([poisson(0, () => 0.999), poisson(-1, () => 0.999)]).toEqual([0, 0])
  })
  it.each([
    // e^-1 = 0.3679, then 0.7358, 0.9197.
    [0.3678, 0],
    [0.368, 1],
    [0.7357, 1],
    [0.7359, 2],
    [0.9196, 2],
    [0.9198, 3],
  ])('where one is expected, a draw of %d is %i', (draw, count) => {
    expect(poisson(1, () => draw)).toBe(count)
  })
})

describe('a gamma number', () => {
  it.each([0.5, 1, 2.5, 12])('of shape %d: its mean and its variance are its shape', (shape) => {
    const chance = seeded(7)
    const { mean, variance } = moments(() => gamma(shape, chance))
    expect(Math.abs(mean - shape)).toBeLessThan(near(shape, shape))
    expect(variance / shape).toBeGreaterThan(0.9)
    expect(variance / shape).toBeLessThan(1.1)
  })
})

describe('a whole number near another', () => {
  it.each([
    [2, 0.99, 2],
    [2.25, 0.2, 3],
    [2.25, 0.3, 2],
    [0.5, 0.49, 1],
    // At least one: nothing is used by using it not at all.
    [0.5, 0.51, 1],
    [3, 0, 3],
  ])('%d at %d is %i', (value, draw, whole) => {
    expect(wholeNear(value, () => draw)).toBe(whole)
  })
  it('is the number itself on the mean', () => {
    const chance = seeded(3)
    expect(moments(() => wholeNear(1.3, chance)).mean).toBeCloseTo(1.3, 1)
  })
})
