import { describe, expect, it } from 'vitest'
import {
  ALWAYS,
  aKit,
  aLot,
  anItem,
  aPlace,
  aPocket,
  surveyed,
  TODAY,
} from '../../../tests/support/household'
import { addDays } from '../calendar/plainDate'
import { catalogue } from '../catalogue/catalogue'
import type { ItemId } from '../ids'
import { units } from '../quantity/amount'
import type { Item } from '../stock/item'
import type { HouseholdStock } from '../watch/survey'
import { review, type Use } from './review'

const house = aPlace(1, 'House', ALWAYS)
const car = aPlace(2, 'Car', ALWAYS)
const kits = [aKit(1, house), aKit(2, car)] as const
const pockets = [aPocket(1, kits[0]), aPocket(2, kits[1])] as const
const OLD = addDays(TODAY, -400)

/** So many of an item in each of the two kits, received that day, with pars. */
function kept(
  item: Item,
  counts: readonly [number, number],
  pars: readonly [number, number],
  receivedOn = OLD,
): HouseholdStock {
  const held = [0, 1].filter((at) => (counts[at] ?? 0) > 0) as (0 | 1)[]
  const lots = held.map((at) => aLot(at + 1, item, { receivedOn, unitPriceMinor: 100 }))
  return {
    places: [house, car],
    kits,
    pockets,
    items: [item],
    pars: ([0, 1] as const).flatMap((at) =>
      pars[at] > 0 ? [{ itemId: item.id, pocketId: pockets[at].id, amount: units(pars[at]) }] : [],
    ),
    lots,
    holdings: held.map((at, index) => ({
      lotId: lots[index]?.id as never,
      pocketId: pockets[at].id,
      amount: units(counts[at]),
    })),
  }
}
const reviewed = (stock: HouseholdStock, uses: ReadonlyMap<ItemId, Use> = new Map()) =>
  review(surveyed(stock), uses, catalogue())

describe('the review', () => {
  it('finds the same thing in two kits beyond what belongs there, with what the surplus takes', () => {
    const gauze = anItem(1, { catalogueId: 'gauze' })
    const [line] = reviewed(kept(gauze, [5, 4], [3, 2]))
    expect(line?.reason).toEqual({ kind: 'duplicate', kits: 2, surplus: 4000 })
    expect(line?.burden.minor).toBe(400)
    expect(line?.burden.grams).toBe(4 * (catalogue().get('gauze')?.size.grams ?? 0))
  })
  it('says nothing where every one belongs somewhere, or all of it lies in one kit', () => {
    const gauze = anItem(1, { catalogueId: 'gauze' })
    expect(reviewed(kept(gauze, [3, 2], [3, 2]))).toEqual([])
    expect(reviewed(kept(gauze, [9, 0], [3, 0]))).toEqual([])
  })
  it('asks about what lay a year unused, and not about what was used or saves lives', () => {
    const comfort = anItem(1)
    expect(reviewed(kept(comfort, [1, 0], [1, 0]))[0]?.reason).toEqual({ kind: 'idle', since: OLD })
    expect(reviewed(kept(comfort, [1, 0], [1, 0], TODAY))).toEqual([])
    expect(
      reviewed(kept(comfort, [1, 0], [1, 0]), new Map([[comfort.id, { last: TODAY, times: 1 }]])),
    ).toEqual([])
    expect(
      reviewed(kept(anItem(1, { catalogueId: 'tourniquet-windlass' }), [1, 0], [1, 0])),
    ).toEqual([])
    expect(reviewed(kept(anItem(1, { essential: true }), [1, 0], [1, 0]))).toEqual([])
  })
  it('puts what did not work first', () => {
    const refused = anItem(1, { verdict: { kind: 'refused', words: 'spits it out', on: TODAY } })
    const [line] = reviewed(kept(refused, [1, 0], [0, 0]))
    expect(line).toMatchObject({ reason: { kind: 'verdict' }, burden: { minor: 100, unknown: 1 } })
  })
})
