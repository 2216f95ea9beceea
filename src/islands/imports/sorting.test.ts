import { describe, expect, it } from 'vitest'
import { TODAY } from '../../../tests/support/household'
import type { Known } from '../../core/interchange/known'
import { type Cells, readLine } from '../../core/interchange/readLine'
import { amount } from '../../core/quantity/amount'
import { isShown, sortList } from './sorting'

const fallback = { place: 'Home', kit: 'Hall box', pocket: 'Lid' }
const known: Known = {
  items: [{ id: 'pads', name: 'Pads', strength: '', unit: '' }],
  pockets: [{ id: 'lid', ...fallback }],
  lots: [
    {
      itemId: 'pads',
      pocketId: 'lid',
      amount: amount(3000),
      expiry: '2028-03',
      openedOn: null,
      batch: '',
    },
  ],
  pars: [],
}
const rows = (...lines: Cells[]) =>
  lines.map((cells, index) => ({
    line: index + 2,
    cells,
    reading: readLine(cells, { order: 'day-first', today: TODAY }),
  }))
const LIST = rows(
  { item: 'Pads', amount: '3', expiry: '03/28' },
  { item: 'Pads', amount: '5', expiry: '04/28' },
  { item: 'Tape', expiry: '03/04/27' },
  { item: 'Cream', amount: '-1' },
  { item: 'Gloves' },
  { item: 'Pads', amount: '2 boxes' },
)

describe('the lines of a list', () => {
  it('are sorted by what becomes of them, each counted once', () => {
    const { counts, fates } = sortList({ rows: LIST, leftOut: new Set() }, known, fallback)
    expect(counts).toEqual({ already: 1, ready: 3, ask: 1, fault: 1, differ: 0 })
    expect(Object.values(counts).reduce((sum, n) => sum + n)).toBe(LIST.length)
    expect(fates.get(6)).toMatchObject({ kind: 'read', remarks: ['amount_taken_as_one'] })
  })
  it('left out are neither counted nor planned, and shown only among all', () => {
    const { counts, fates, newKits } = sortList(
      { rows: LIST, leftOut: new Set([3, 4, 5, 6, 7]) },
      known,
      fallback,
    )
    expect(counts).toEqual({ already: 1, ready: 0, ask: 0, fault: 0, differ: 0 })
    expect(newKits).toEqual([])
    const fate = fates.get(4)
    expect(fate && [isShown(fate, 'all'), isShown(fate, 'needs')]).toEqual([true, false])
  })
  it('that need somebody are those asked about, wrong, or different from what is here', () => {
    const differing = rows({ item: 'Pads', amount: '4', expiry: '03/28' })
    const { fates, counts } = sortList({ rows: differing, leftOut: new Set() }, known, fallback)
    expect(counts.differ).toBe(1)
    const fate = fates.get(2)
    expect(fate && isShown(fate, 'needs')).toBe(true)
  })
})
