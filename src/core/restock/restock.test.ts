import { describe, expect, it } from 'vitest'
import {
  ALWAYS,
  aKit,
  anItem,
  aPlace,
  aPocket,
  onDay,
  onePocket,
  surveyed,
  visits,
} from '../../../tests/support/household'
import { amount } from '../quantity/amount'
import { restockList } from './list'
import { shortfalls } from './shortfall'

describe('what to buy', () => {
  it('counts only what will still be good at the next check there', () => {
    const lots = [
      { units: 2, expiry: onDay('2026-12-10') },
      { units: 3, expiry: onDay('2027-03-15') },
    ]
    const missing = (presence: typeof ALWAYS) =>
      shortfalls(surveyed(onePocket(presence, 6, lots))).map(({ missing: lacks, turning }) => [
        lacks,
        turning,
      ])
    expect(missing(ALWAYS)).toEqual([[3000, 2000]])
    const cottage = visits(['2026-12-05', '2026-12-07'], ['2027-04-01', '2027-04-03'])
    expect(missing(cottage)).toEqual([[6000, 5000]])
    expect(missing(visits())).toEqual([[3000, 2000]])
  })
  it('buys whole packs and shares them along the list', () => {
    const item = anItem(1, {
      packSize: amount(10_000),
      packPriceMinor: 450,
      shop: 'Corner pharmacy',
    })
    const places = ['Attic', 'Barn', 'Cellar'].map((name, index) => aPlace(index + 1, name))
    const kits = places.map((place, index) => aKit(index + 1, place))
    const pockets = kits.map((kit, index) => aPocket(index + 1, kit))
    const survey = surveyed({
      places,
      kits,
      pockets,
      items: [item],
      lots: [],
      holdings: [],
      pars: pockets.map(({ id }, index) => ({
        itemId: item.id,
        pocketId: id,
        amount: amount(([4, 5, 4][index] as number) * 1000),
      })),
    })
    const [shop] = restockList(shortfalls(survey))
    expect(
      shop?.places.map(({ place, lines }) => [
        place.name,
        lines[0]?.units,
        lines[0]?.packs,
        lines[0]?.costMinor,
      ]),
    ).toEqual([
      ['Attic', 4, 1, 450],
      ['Barn', 5, 0, 0],
      ['Cellar', 4, 1, 450],
    ])
    expect(shop).toMatchObject({ shop: 'Corner pharmacy', costMinor: 900, unpriced: 0 })
  })
  it('says so where the pack or the price is not known', () => {
    const [shop] = restockList(shortfalls(surveyed(onePocket(ALWAYS, 1, []))))
    expect(shop).toMatchObject({ shop: '', costMinor: 0, unpriced: 1 })
    expect(shop?.places[0]?.lines[0]).toMatchObject({ units: 1, packs: null, costMinor: null })
  })
  it('buys half a bottle as a whole one', () => {
    const [shop] = restockList(
      shortfalls(
        surveyed({
          ...onePocket(ALWAYS, 1, []),
          pars: onePocket(ALWAYS, 1, []).pars.map((par) => ({ ...par, amount: amount(500) })),
        }),
      ),
    )
    expect(shop?.places[0]?.lines[0]?.units).toBe(1)
  })
})
