import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { columnsOf } from './columns'

describe('the columns of what is changed', () => {
  it('are named as the table names them, and JSON where a value has parts', () => {
    expect(
      columnsOf({
        name: 'Gauze',
        packSize: 10_000,
        packPriceMinor: null,
        essential: false,
        openedClock: { kind: 'unset' },
        pharmacyDays: [6, 7],
        note: '',
      }),
    ).toEqual({
      name: 'Gauze',
      pack_size: 10_000,
      pack_price_minor: null,
      essential: false,
      opened_clock: '{"kind":"unset"}',
      pharmacy_days: '[6,7]',
      note: '',
    })
  })
  it('leave out what is not said, and keep what is said to be nothing', () => {
    expect(columnsOf({ shop: undefined, verdict: null, packSize: 0 })).toEqual({
      verdict: null,
      pack_size: 0,
    })
  })
  it('no two fields share a column', () => {
    const names = fc.uniqueArray(fc.stringMatching(/^[a-z]+(?:[A-Z][a-z]+){0,3}$/), {
      maxLength: 8,
    })
    fc.assert(
      fc.property(names, (fields) => {
        const columns = columnsOf(Object.fromEntries(fields.map((field) => [field, field])))
        expect(Object.values(columns).sort()).toEqual([...fields].sort())
        for (const column of Object.keys(columns)) expect(column).toMatch(/^[a-z_]+$/)
      }),
    )
  })
})
