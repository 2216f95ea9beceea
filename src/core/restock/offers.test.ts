import { describe, expect, it } from 'vitest'
import type { Entries } from '../layout/ofKit'
import type { Item } from '../stock/item'
import type { ShopOffer } from './household'
import { offersFor, sameShop } from './offers'

const item = (change: object = {}): Item =>
  ({
    id: 'gauze',
    shop: 'Corner pharmacy',
    packSize: 10_000,
    packPriceMinor: 399,
    catalogueId: null,
    ...change,
  }) as unknown as Item
const offer = (change: object = {}): ShopOffer =>
  ({
    itemId: 'gauze',
    shop: 'Market',
    packSize: 5000,
    priceMinor: 250,
    leadDays: 3,
    ...change,
  }) as unknown as ShopOffer
const entries = new Map([
  ['gauze-pad', { id: 'gauze-pad', pack: { units: 5, priceMinor: 499 } }],
]) as unknown as Entries
const known = { catalogueId: 'gauze-pad' }

describe('where a thing can be had', () => {
  it('first as it is usually bought, then elsewhere', () => {
    const { offers, faults } = offersFor([item()], [offer()], entries)
    expect(offers).toEqual([
      { itemId: 'gauze', shop: 'Corner pharmacy', packSize: 10_000, priceMinor: 399, leadDays: 0 },
      offer(),
    ])
    expect(faults).toEqual([])
  })
  it('what a shop says of itself wins over what stands on the thing, however its name is written', () => {
    const told = offer({ shop: 'corner PHARMACY', priceMinor: 410 })
    expect(offersFor([item()], [told], entries).offers).toEqual([told])
    expect([sameShop('Market', 'MARKET'), sameShop('Market', 'Markt')]).toEqual([true, false])
  })
  it('without any price the catalogue guesses, and it is said', () => {
    const { offers, faults } = offersFor(
      [item({ packPriceMinor: null, ...known })],
      [offer({ priceMinor: null })],
      entries,
    )
    expect(offers).toEqual([
      offer({ priceMinor: null }),
      { itemId: 'gauze', shop: 'Corner pharmacy', packSize: 5000, priceMinor: 499, leadDays: 0 },
    ])
    expect(faults).toEqual([{ code: 'guide_price', itemId: 'gauze' }])
  })
  it('one price that somebody knows keeps the guess away', () => {
    const { offers, faults } = offersFor(
      [item({ packPriceMinor: null, ...known })],
      [offer()],
      entries,
    )
    expect(offers.map(({ priceMinor }) => priceMinor)).toEqual([null, 250])
    expect(faults).toEqual([])
  })
  it('a plain thing of no known pack is to be had nowhere', () => {
    expect(offersFor([item({ packSize: null })], [], entries)).toEqual({ offers: [], faults: [] })
    expect(
      offersFor([item({ packSize: null, catalogueId: 'not there' })], [], entries).offers,
    ).toEqual([])
  })
  it('offers of other things are theirs', () => {
    const other = offer({ itemId: 'tape' })
    expect(offersFor([item()], [other], entries).offers).toHaveLength(1)
  })
})
