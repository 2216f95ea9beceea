import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Millimetres } from '../household/pocket'
import { readMeasures, writeMeasures } from './readMeasures'

describe('measures', () => {
  it.each([
    ['30 x 18 x 6', [300, 180, 60]],
    ['6 × 30 × 18 cm', [300, 180, 60]],
    ['12,5*8*2.5', [125, 80, 25]],
    ['20 20 20', [200, 200, 200]],
  ])('%s', (text, expected) => {
    expect(readMeasures(text)).toEqual(expected)
  })
  it.each(['30 x 18', '1 x 2 x 3 x 4', '0 x 1 x 1', 'a x b x c', '-3 x 4 x 5', '900 x 2 x 2'])(
    '%s is refused',
    (text) => {
      expect(readMeasures(text)).toBe('wrong')
    },
  )
  it('nothing is nothing, and what is written is read back', () => {
    expect(readMeasures('  ')).toBe('none')
    expect(writeMeasures(null)).toBe('')
    const edge = fc.integer({ min: 1, max: 5000 })
    fc.assert(
      fc.property(fc.tuple(edge, edge, edge), (edges) => {
        const mm = [...edges].sort((a, b) => b - a) as unknown as Millimetres
        expect(readMeasures(writeMeasures(mm))).toEqual(mm)
      }),
    )
  })
})
