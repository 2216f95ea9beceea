import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readNumber } from './readNumber'

const upToTen = { least: 0, most: 10 }

describe('a number as it is typed', () => {
  it.each([
    ['2.5', 2.5],
    [' 2,5 ', 2.5],
    ['.5', 0.5],
    ['0', 0],
    ['10', 10],
    ['', 'none'],
    ['   ', 'none'],
    ['10.1', 'wrong'],
    ['-1', 'wrong'],
    ['1e1', 'wrong'],
    ['0x5', 'wrong'],
    ['2,5,1', 'wrong'],
    ['two', 'wrong'],
    ['Infinity', 'wrong'],
  ] as const)('%j is %s', (text, read) => {
    expect(readNumber(text, upToTen)).toBe(read)
  })

  it('takes only whole ones where parts mean nothing, and a minus where one can be meant', () => {
    expect(readNumber('2.5', { ...upToTen, whole: true })).toBe('wrong')
    expect(readNumber('2.0', { ...upToTen, whole: true })).toBe(2)
    expect(readNumber('−7', { least: -40, most: 60 })).toBe(-7)
  })

  it('reads every number between its limits, and no other', () => {
    fc.assert(
      fc.property(fc.integer({ min: -5000, max: 15000 }), (thousandths) => {
        const value = thousandths / 1000
        const read = readNumber(String(value), upToTen)
        expect(read).toBe(value < 0 || value > 10 || /e/.test(String(value)) ? 'wrong' : value)
      }),
    )
  })
})
