import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { AN_ID, faulty, sent } from '../../../../tests/support/forms'
import { plainDate } from '../../../core/calendar/plainDate'
import { type Amount, formatAmount } from '../../../core/quantity/amount'
import {
  amountFault,
  EMPTY_LINE,
  type LineDraft,
  type PutDraft,
  putDraft,
  readLineDraft,
  readPutDraft,
  splitOf,
} from './lineDraft'
import type { Purchase } from './view'

const item = {
  id: AN_ID(1),
  name: 'Gauze',
  strength: '',
  unit: 'pad',
  shop: 'Corner pharmacy',
  packSize: 10_000,
  packPriceMinor: 399,
} as unknown as Parameters<typeof readLineDraft>[1][number]

describe('a line of the shopping list', () => {
  const read = (change: Partial<LineDraft>, of = item) =>
    readLineDraft({ ...EMPTY_LINE, itemId: item.id, ...change }, [of])
  it('is one pack at the shop of the thing, unless somebody says otherwise', () => {
    expect(sent(read({})).body).toEqual({
      itemId: item.id,
      shop: 'Corner pharmacy',
      packs: 1,
      packSize: 10_000,
      priceMinor: 399,
      wantedBy: null,
      goesTo: [],
    })
    expect(sent(read({ packs: '3', shop: '' })).body).toMatchObject({ packs: 3, shop: '' })
  })
  it.each([null, 0])('a pack of %s holds one', (packSize) => {
    expect(sent(read({}, { ...item, packSize } as never)).body.packSize).toBe(1000)
  })
  it.each([
    [{ itemId: null }, { itemId: 'Pick one.' }],
    [{ itemId: AN_ID(9) }, { itemId: 'Pick one.' }],
    [{ packs: '' }, { packs: 'This is still missing.' }],
    [{ packs: '0' }, { packs: 'Give whole packs, 1 to 1000' }],
    [{ packs: '1001' }, { packs: 'Give whole packs, 1 to 1000' }],
    [{ packs: '1.5' }, { packs: 'Give whole packs, 1 to 1000' }],
  ])('%j is not sent', (change, faults) => {
    expect(faulty(read(change))).toEqual(faults)
  })
})

describe('what was bought goes into its pockets', () => {
  const purchase = {
    id: AN_ID(2),
    item,
    packs: 2,
    packSize: 10_000,
    priceMinor: 798,
    proposed: [
      { pocketId: AN_ID(3), amount: 12_000 },
      { pocketId: AN_ID(4), amount: 8000 },
    ],
  } as unknown as Purchase
  const read = (change: Partial<PutDraft>, gtin: string | null = null) =>
    readPutDraft(
      { ...putDraft(purchase), ...change },
      { purchase, gtin, today: plainDate('2026-11-28'), order: 'day-first' },
    )
  it('as it is proposed, for what it was to cost', () => {
    expect(sent(read({ expiry: '05/2029', batch: 'K1' })).body).toEqual({
      puts: [
        { pocketId: AN_ID(3), amount: 12_000 },
        { pocketId: AN_ID(4), amount: 8000 },
      ],
      expiry: { kind: 'month', month: '2029-05' },
      batch: 'K1',
      priceMinor: 798,
      gtin: null,
      isAll: false,
    })
  })
  it('a pocket that gets none is left out', () => {
    expect(sent(read({ amounts: ['0', '8'] })).body.puts).toEqual([
      { pocketId: AN_ID(4), amount: 8000 },
    ])
  })
  it('"this was all" holds only while something is left over', () => {
    expect(sent(read({ amounts: ['4', '8'], isAll: true })).body.isAll).toBe(true)
    expect(sent(read({ isAll: true })).body.isAll).toBe(false)
  })
  it('the number of a code is learned with it', () => {
    expect(sent(read({}, '04006381333931')).body.gtin).toBe('04006381333931')
  })
  it.each([
    [{ amounts: ['0', '0'] }, ['amounts']],
    [{ amounts: ['some', '8'] }, ['amounts']],
    [{ price: 'cheap' }, ['price']],
    [{ expiry: '03/04/27' }, ['expiry']],
  ])('%j is not sent', (change, fields) => {
    expect(Object.keys(faulty(read(change)))).toEqual(fields)
  })
  it('put, left and too much add up to what was bought, however it is divided', () => {
    const some = fc.integer({ min: 0, max: 40 }).map((count) => count * 1000)
    fc.assert(
      fc.property(some, some, (a, b) => {
        const { puts, bought, left, over } = splitOf(
          [a, b].map((one) => formatAmount(one as Amount)),
          purchase,
        )
        const put = puts.reduce((total, { amount }) => total + amount, 0)
        expect(put).toBe(a + b)
        expect(put + left - over).toBe(bought)
        expect(Math.min(left, over)).toBe(0)
      }),
    )
  })
  it('says what is wrong with one of the amounts', () => {
    expect(amountFault('3')).toBeUndefined()
    expect(amountFault('lots')).toMatch(/\w+/)
  })
})
