import { describe, expect, it } from 'vitest'
import { plainDate } from './plainDate'
import { readPrintedDate } from './readPrintedDate'

const options = { order: 'day-first', today: plainDate('2026-11-26') } as const

describe('reading a printed date', () => {
  it.each([
    ['03/27', { kind: 'month', month: '2027-03' }],
    ['2027-03', { kind: 'month', month: '2027-03' }],
    ['Mar 2027', { kind: 'month', month: '2027-03' }],
    ['15 MAR 2027', { kind: 'day', day: '2027-03-15' }],
    ['EXP 27.03.2027', { kind: 'day', day: '2027-03-27' }],
    ['none', { kind: 'none' }],
    ['', { kind: 'unknown' }],
  ])('%s', (written, expiry) => {
    expect(readPrintedDate(written, options)).toEqual({ kind: 'read', expiry })
  })
  it('asks where two senses fit', () => {
    expect(readPrintedDate('03/04/27', options)).toMatchObject({ kind: 'ask', why: 'two_ways' })
  })
  it('refuses 31 February', () => {
    expect(readPrintedDate('31/02/2027', options)).toEqual({
      kind: 'refused',
      refusal: { code: 'no_such_day' },
    })
  })
})
