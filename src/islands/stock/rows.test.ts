import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  EVERYTHING,
  filtered,
  filterFromAddress,
  filterInAddress,
  grouped,
  rowKey,
  type StockFilter,
  type StockRow,
  sorted,
} from './rows'

const row = (n: number, more: Partial<StockRow> = {}): StockRow =>
  ({
    lotId: `lot-${n}`,
    pocketId: 'lid',
    title: `Thing ${n}`,
    kind: 'supply',
    place: 'House',
    placeId: 'house',
    kit: 'Hall drawers',
    pocket: 'Lid',
    forMember: null,
    judged: { state: 'sound', lastGood: { kind: 'open_ended', why: 'none_printed' } },
    batch: '',
    boughtAt: '',
    sure: 50,
    worthMinor: null,
    keeping: { storage: null, source: null, frostHarms: false },
    ...more,
  }) as StockRow
const keys = (rows: readonly StockRow[]) => rows.map(({ lotId }) => lotId)
const turning = (day: string) => ({ state: 'turning', day, clock: 'printed' }) as StockRow['judged']

describe('a view of the stock', () => {
  const rows = [
    row(10, {
      title: 'Gauze 10 cm',
      judged: turning('2027-01-01'),
      placeId: 'car' as never,
      place: 'Car',
    }),
    row(2, { title: 'Gauze 5 cm', batch: 'B7', forMember: 'ned' as never }),
    row(3, { title: 'Tape', judged: turning('2026-12-01'), worthMinor: 280 }),
  ]
  it('finds all words, wherever they stand', () => {
    expect(keys(filtered(rows, { ...EVERYTHING, words: 'gauze car' }, null))).toEqual(['lot-10'])
    expect(keys(filtered(rows, { ...EVERYTHING, words: 'b7' }, null))).toEqual(['lot-2'])
    expect(filtered(rows, { ...EVERYTHING, words: 'gauze tape' }, null)).toEqual([])
  })
  it('narrows by state, place, patient and sort together', () => {
    expect(keys(filtered(rows, { ...EVERYTHING, states: ['turning'] }, 'house'))).toEqual(['lot-3'])
    expect(keys(filtered(rows, { ...EVERYTHING, patient: 'ned' as never }, null))).toEqual([
      'lot-2',
    ])
    expect(filtered(rows, { ...EVERYTHING, kinds: ['medicine'] }, null)).toEqual([])
  })
  it('narrows by how things are kept, and finds the class by its words', () => {
    const kept = [
      row(1, { keeping: { storage: 'fridge', source: 'label', frostHarms: true } }),
      row(2, { keeping: { storage: 'below-25', source: 'catalogue', frostHarms: false } }),
      row(3),
    ]
    const by = (storage: StockFilter['storage']) =>
      keys(filtered(kept, { ...EVERYTHING, storage }, null))
    expect(by('fridge')).toEqual(['lot-1'])
    expect(by('frost')).toEqual(['lot-1'])
    expect(by('unknown')).toEqual(['lot-3'])
    expect(keys(filtered(kept, { ...EVERYTHING, words: 'below 25' }, null))).toEqual(['lot-2'])
  })
  it('counts numbers as numbers, and what never ends as last', () => {
    expect(keys(sorted(rows, { sort: 'title', down: false }))).toEqual(['lot-2', 'lot-10', 'lot-3'])
    expect(keys(sorted(rows, { sort: 'end', down: false }))).toEqual(['lot-3', 'lot-10', 'lot-2'])
    expect(keys(sorted(rows, { sort: 'worth', down: true }))[0]).toBe('lot-3')
  })
  it('puts every row under exactly one heading', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(5), { maxLength: 40 }), (places) => {
        const many = places.map((place, n) => row(n, { place: `P${place}` }))
        const lines = grouped(many, ({ place }) => place)
        const shown = lines.flatMap((line) => (line.kind === 'row' ? [rowKey(line.row)] : []))
        expect(shown.sort()).toEqual(many.map(rowKey).sort())
        const counted = lines.reduce(
          (sum, line) => sum + (line.kind === 'heading' ? line.count : 0),
          0,
        )
        expect(counted).toBe(many.length)
      }),
    )
  })
})

describe('a filter in the address', () => {
  it('comes back as it was, whatever was chosen', () => {
    for (const filter of [
      EVERYTHING,
      { ...EVERYTHING, words: 'eye & “drops”', states: ['turning', 'spent'] as const, down: true },
      { ...EVERYTHING, group: 'place' as const },
    ])
      expect(filterFromAddress(filterInAddress(filter as StockFilter))).toEqual(filter)
    expect(filterInAddress(EVERYTHING)).toBeNull()
  })
  it.each(['', 'nonsense', '{', '[1]', '{"group":"colour"}', '{"words":7}', null])(
    'shows everything for %j',
    (text) => {
      expect(filterFromAddress(text)).toEqual(EVERYTHING)
    },
  )
})
