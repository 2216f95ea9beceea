/** How full a bag is, and what comes out of it because of how it travels. */
import { describe, expect, it } from 'vitest'
import { ALL_TOLD, aPerson } from '../../../tests/support/cover'
import { bagId, bagPocket, type Gone, goneOut } from '../../../tests/support/trips'
import { pantry } from '../cover/pantry'
import { total } from '../quantity/amount'
import { bagLoad, lyingIn } from './bagLoad'
import { toTakeOut, withoutRefused } from './takeOut'

const ida = aPerson(30, { name: 'Ida', kg: 60, facts: { told: ALL_TOLD } })
/** A long blade, cells, gauze and saline lie in the bag. */
const flight = (stowage: 'cabin' | 'hold' | 'with_us') => {
  const gone: Gone = {
    scene: {
      members: [ida],
      put: [
        { of: 'shears', count: 1 },
        { of: 'lamp-cells', count: 4 },
        { of: 'gauze', count: 10 },
        { of: 'saline-pods', count: 5 },
      ],
    },
    bags: [{ litres: 4, grams: 3000, carrier: ida.id, more: { stowage } }],
    stops: [{ members: [ida.id], travel: 'plane' }],
  }
  const { stock, trip } = goneOut(gone)
  const packed = {
    ...stock,
    holdings: stock.holdings.map((one) => ({ ...one, pocketId: bagPocket(0) })),
  }
  return { packed, trip, laid: pantry(packed) }
}

describe('what a way of travelling refuses', () => {
  it.each([
    ['cabin', ['blade']],
    ['hold', ['cells']],
    ['with_us', []],
  ] as const)('%s: comes out, and nobody counts on it', (stowage, why) => {
    const { packed, trip } = flight(stowage)
    expect(toTakeOut(packed, trip).map(({ because }) => because)).toEqual(why)
    expect(withoutRefused(packed, trip).holdings).toHaveLength(4 - why.length)
  })
  it('says nothing of what lies at home', () => {
    const { packed, trip } = flight('cabin')
    const atHome = {
      ...packed,
      holdings: packed.holdings.map((one) => ({
        ...one,
        pocketId: packed.pockets[0]?.id as never,
      })),
    }
    expect(toTakeOut(atHome, trip)).toEqual([])
  })
})

describe('how full a bag is', () => {
  it('is the sum of whole pieces, and of liquids only in a cabin', () => {
    const { laid, trip } = flight('cabin')
    const lying = lyingIn(laid, bagId(0))
    const whole = bagLoad(laid, lying, { stowage: 'cabin' }, trip.cabinRules)
    const one = bagLoad(laid, lying.slice(2, 3), { stowage: 'cabin' }, trip.cabinRules)
    const begun = lying.slice(2, 3).map((some) => ({ ...some, amount: total(9_100) }))
    expect(bagLoad(laid, begun, { stowage: 'cabin' }, trip.cabinRules)).toEqual(one)
    expect(whole.grams).toBeGreaterThan(one.grams)
    expect(whole.liquidMl).toBeGreaterThan(0)
    expect(bagLoad(laid, lying, { stowage: 'hold' }, trip.cabinRules).liquidMl).toBe(0)
  })
  it('is without what changes to another bag', () => {
    const { laid } = flight('cabin')
    const all = lyingIn(laid, bagId(0))
    const [first] = all
    if (!first) throw new Error('Something lies in it')
    expect(lyingIn(laid, bagId(0), [first])).toEqual(all.slice(1))
    const some = lyingIn(laid, bagId(0), [{ thing: first.thing, amount: total(400) }])
    expect(some[0]?.amount).toBe(first.amount - 400)
  })
})
