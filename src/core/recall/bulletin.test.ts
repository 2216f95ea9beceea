import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Batches, isRecalled } from './bulletin'

const one = (batch: string): Batches => ({ kind: 'one', batch })
const range = (from: string, to: string): Batches => ({ kind: 'range', from, to })

describe('a batch', () => {
  it.each<[string, readonly Batches[], boolean]>([
    ['G-310', [one('g 310')], true],
    ['G310', [one('G311')], false],
    ['', [one('G310')], false],
    ['-', [one('-')], false],
    ['W3116', [range('W3100', 'W3199')], true],
    ['w-3199', [range('W3100', 'W3199')], true],
    ['W3200', [range('W3100', 'W3199')], false],
    ['V3116', [range('W3100', 'W3199')], false],
    // Another number of digits is another series.
    ['W31160', [range('W3100', 'W3199')], false],
    ['W316', [range('W3100', 'W3199')], false],
    ['77A', [range('77A', '77C')], true],
    ['77B', [range('77A', '77C')], false],
    ['0042', [range('0001', '0100')], true],
  ])('"%s" of %j: %s', (batch, batches, expected) => {
    expect(isRecalled({ batches }, batch)).toBe(expected)
  })
  it('is found however it was typed', () => {
    const number = fc.integer({ min: 1000, max: 9999 })
    fc.assert(
      fc.property(number, number, number, fc.constantFrom('', ' ', '-', '/'), (a, b, at, gap) => {
        const [from, to] = [Math.min(a, b), Math.max(a, b)]
        const batches = [range(`K${from}`, `K${to}`)]
        expect(isRecalled({ batches }, `k${gap}${at}`)).toBe(at >= from && at <= to)
      }),
    )
  })
})
