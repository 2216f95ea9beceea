import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Expiry } from '../calendar/expiry'
import { addDays, monthOfDay, plainDate } from '../calendar/plainDate'
import { readCode, SEPARATOR } from './readCode'
import { writeCode } from './writeCode'

const TODAY = plainDate('2026-11-26')
const someDay = fc.integer({ min: 0, max: 3650 }).map((days) => addDays(TODAY, days))
const someExpiry = fc.oneof(
  someDay.map((day): Expiry => ({ kind: 'day', day })),
  someDay.map((day): Expiry => ({ kind: 'month', month: monthOfDay(day) })),
)
/** As a scanner sends it: no parentheses, elements of any length ended by a separator. */
const scanned = (text: string): string => `]d2${text.replace(/\((\d\d)\)/g, '$1')}`

describe('a lot’s own label', () => {
  it('is read back as it was written', () => {
    fc.assert(
      fc.property(someExpiry, fc.stringMatching(/^[A-Z0-9-]{1,20}$/), (expiry, batch) => {
        const text = writeCode(expiry, batch)
        expect(readCode(scanned(text ?? ''), TODAY)).toMatchObject({
          kind: 'read',
          fields: { expiry, batch },
        })
        expect(text).not.toContain(SEPARATOR)
      }),
    )
  })
  it('leaves out what no code can say', () => {
    expect(writeCode({ kind: 'none' }, '')).toBeNull()
    expect(writeCode({ kind: 'unknown' }, 'über 7')).toBeNull()
    expect(writeCode({ kind: 'none' }, 'B7')).toBe('(10)B7')
    expect(writeCode({ kind: 'day', day: TODAY }, 'a batch of more than twenty letters')).toBe(
      '(17)261126',
    )
  })
})
