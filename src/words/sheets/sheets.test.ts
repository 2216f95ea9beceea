import { describe, expect, it } from 'vitest'
import { plainDate } from '../../core/calendar/plainDate'
import type { SheetLine } from '../../core/sheet/lidSheet'
import { label, sheets } from './sheets'

const line = (change: object) =>
  ({
    par: 6000,
    good: 4000,
    expiry: { kind: 'month', month: '2027-03' },
    opened: false,
    ...change,
  }) as unknown as SheetLine
const day = plainDate('2026-11-28')

describe('a lid sheet', () => {
  it.each([
    [{}, '4 of 6'],
    [{ good: 0 }, '0 of 6'],
    [{ good: 9000 }, '9 of 6'],
    [{ par: 0 }, '4'],
    [{ par: 0, good: 500 }, '½'],
  ])('%j: %s there', (change, said) => {
    expect(sheets.count(line(change))).toBe(said)
  })
  it.each([
    [{}, 'Mar 2027'],
    [{ opened: true }, 'opened, Mar 2027'],
    [{ expiry: null }, 'none here'],
    [{ expiry: null, opened: true }, 'none here'],
    [{ expiry: { kind: 'day', day } }, '28 Nov 2026'],
  ])('%j: good until %s', (change, said) => {
    expect(sheets.expiry(line(change))).toBe(said)
  })
  it('one that nobody looked through says so', () => {
    expect(sheets.checked({ kind: 'never' })).toBe('not checked yet')
    const partly = { kind: 'partly', since: day, on: day, of: 9 } as const
    expect(sheets.checked({ ...partly, seen: 2 })).toBe(
      '2 of 9 things looked at, last on 28 Nov 2026',
    )
    expect(sheets.checked({ ...partly, seen: 9 })).toBe('every thing looked at since 28 Nov 2026')
    expect(sheets.checked({ kind: 'whole', on: day, by: 'Ilse' })).toBe('checked on 28 Nov 2026')
  })
  it('its cautions: call first, label and prescriber win, strangers get no medicine', () => {
    const all = sheets.cautions.join(' ')
    for (const said of [
      'Call the emergency number first',
      'call the poison line first',
      'The pack label, the prescriber and the vet win over this sheet',
      'It gives no doses',
      'Give strangers no medicine',
      'never one that vomits or cannot breathe',
    ])
      expect(all).toContain(said)
  })
  it('its foot', () => {
    expect(sheets.printed(day)).toBe('Vivid Satchel · printed 28 Nov 2026')
    expect(sheets.page(1, 3)).toBe('1 of 3')
    expect(sheets.belongsTo('Quill household')).toBe('Belongs to the Quill household')
  })
})

describe('a label', () => {
  it('says until when and of which batch', () => {
    expect([label.good('Mar 2027'), label.batch('L55')]).toEqual([
      'Good through Mar 2027',
      'Batch L55',
    ])
  })
})
