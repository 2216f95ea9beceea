/** What happens at a stop is answered by what the party carries, and by the numbers of that country. */
import { describe, expect, it } from 'vitest'
import { ALL_TOLD, aPerson, DAY } from '../../../tests/support/cover'
import { idOf } from '../../../tests/support/ids'
import { bagId, bagPocket, type Gone, goneOut, HOME } from '../../../tests/support/trips'
import { addDays } from '../calendar/plainDate'
import { pantry } from '../cover/pantry'
import type { MemberId, PlaceId } from '../ids'
import { atHand } from '../incident/atHand'
import { numbersAt } from './numbers'
import { daysElsewhere, type Stop } from './trip'
import { asPlace, stopOf, stopsOn, withStop, withStops } from './underWay'

const ida = aPerson(9, { name: 'Ida', kg: 30, facts: { conditions: ['asthma'], told: ALL_TOLD } })
const per = aPerson(40, { name: 'Per', kg: 80, facts: { told: ALL_TOLD } })
const DRESSING = 'pressure-dressing'

const FIRST = addDays(DAY, 7)
/** Dressings at home, with Per, and in the bag that Per carries; after two days he goes on to a hut. */
const lake: Gone = {
  scene: {
    members: [ida, per],
    usuallyThere: [ida.id, per.id],
    put: [
      { of: DRESSING, count: 1, kit: 0 },
      { of: DRESSING, count: 2, kit: 1 },
      { of: DRESSING, count: 3, kit: 0 },
    ],
    kits: [{}, { placeId: HOME, goesWith: { memberId: per.id, to: [], since: null } }],
  },
  bags: [{ litres: 4, grams: 3000, carrier: per.id }],
  stops: [
    { members: [ida.id, per.id], name: 'Lake house', from: FIRST, to: addDays(FIRST, 2) },
    { members: [per.id], name: 'Hut', from: addDays(FIRST, 2), to: addDays(FIRST, 4) },
  ],
}
const [house, hut] = goneOut(lake).trip.stops as [Stop, Stop]

describe('a stop', () => {
  const { trip } = goneOut(lake)

  it('is of a day: both, on the day on which one goes on', () => {
    const names = (after: number) =>
      stopsOn([trip], addDays(FIRST, after)).map(({ stop }) => stop.name)
    expect([-1, 0, 2, 3, 4, 5].map(names)).toEqual([
      [],
      ['Lake house'],
      ['Lake house', 'Hut'],
      ['Hut'],
      ['Hut'],
      [],
    ])
  })

  it('has the bags of those who are there, and no others', () => {
    const alone = goneOut({ ...lake, stops: [{ members: [ida.id] }] }).trip
    expect(stopsOn([alone], alone.stops[0]?.from ?? DAY)[0]?.bags).toEqual([])
    expect(stopsOn([trip], FIRST)[0]?.bags).toEqual([bagId(0)])
  })

  it('is where somebody is: the last one they went on to; a guest where all are', () => {
    const stops = [house, hut].map((stop) => ({ trip: 'Lake', stop, bags: [] }))
    const people = [ida.id, per.id]
    expect(stopOf(stops, per.id, people)?.stop.name).toBe('Hut')
    expect(stopOf([...stops].reverse(), per.id, people)?.stop.name).toBe('Hut')
    expect(stopOf(stops, ida.id, people)?.stop.name).toBe('Lake house')
    expect(stopOf(stops, null, people)?.stop.name).toBe('Lake house')
    expect(stopOf(stops, null, [...people, idOf<MemberId>(8, 77)])).toBeNull()
    expect(stopOf(stops, null, [])).toBeNull()
    expect(stopOf([], per.id, people)).toBeNull()
  })
})

describe('what lies at a stop', () => {
  /** The third lot has been packed into the bag. */
  const packed = (() => {
    const { stock, trip } = goneOut(lake)
    return {
      ...stock,
      places: stock.places.map((place) => ({
        ...place,
        elsewhere: daysElsewhere([trip], place.id),
      })),
      kits: stock.kits.map((kit) => (kit.id === bagId(0) ? { ...kit, isAway: true } : kit)),
      holdings: stock.holdings.map((one, at) =>
        at === 2 ? { ...one, pocketId: bagPocket(0) } : one,
      ),
    }
  })()
  const lotsAt = (here: PlaceId, day = FIRST) => {
    const laid = pantry(withStops(packed, stopsOn([goneOut(lake).trip], day), day))
    const { ways } = atHand(laid, { patient: ida, kind: 'bleeding', here, date: day })
    const lots = ways.flatMap(({ parts }) => parts.flatMap((part) => part.lots))
    const one = (lot: string) => lots.find(({ lotId }) => lotId === lot)
    return packed.lots.map(({ id }) => one(id))
  }

  it('is here at the stop; what stayed at home is not', () => {
    const there = asPlace(house.id)
    expect(lotsAt(there)).toMatchObject([
      { isHere: false, placeId: HOME, carrier: null },
      { isHere: true, placeId: there, carrier: 'Per' },
      { isHere: true, placeId: there, carrier: null },
    ])
  })

  it('is not at home while the party is away', () => {
    const isHere = (after: number) => lotsAt(HOME, addDays(FIRST, after)).map((lot) => lot?.isHere)
    expect(isHere(1)).toEqual([true, false, false])
    // On the day on which they leave they may still be there; the bag is on its way.
    expect(isHere(0)).toEqual([true, true, false])
  })

  it('goes on with whoever carries it, and lies at home again afterwards', () => {
    const third = addDays(FIRST, 3)
    expect(lotsAt(asPlace(hut.id), third).map((lot) => lot?.isHere)).toEqual([false, true, true])
    // The bag says itself that it is away, until its trip is over.
    expect(lotsAt(HOME, addDays(FIRST, 9)).map((lot) => lot?.isHere)).toEqual([true, true, false])
  })

  it('holds what goes with somebody only where it goes', () => {
    const cottage = idOf<PlaceId>(1, 2)
    const goes = (to: readonly PlaceId[], placeId: PlaceId | null) =>
      withStop(
        {
          ...packed,
          kits: packed.kits.map((kit) =>
            kit.goesWith ? { ...kit, goesWith: { ...kit.goesWith, to } } : kit,
          ),
        },
        { stop: { ...house, placeId }, bags: [] },
      ).kits.filter((kit) => kit.goesWith && kit.placeId === asPlace(house.id)).length
    expect([goes([], null), goes([cottage], null), goes([cottage], cottage)]).toEqual([1, 0, 1])
  })

  it('stands once among the places, however often it is laid out', () => {
    const at = { stop: house, bags: [bagId(0)] }
    const once = withStop(packed, at)
    expect(withStop(once, at)).toEqual(once)
    expect(once.places).toHaveLength(packed.places.length + 1)
  })
})

describe('whom to call at a stop', () => {
  const household = { country: 'SE', emergencyNumber: '112', poisonNumber: '555 01 00' }
  it('is one’s own at home, and the country’s own elsewhere', () => {
    for (const country of ['', 'SE'])
      expect(numbersAt({ country }, household)).toMatchObject({ poison: '555 01 00' })
    const { emergency, poison } = numbersAt({ country: 'NO' }, household)
    expect(emergency).toBe('113')
    expect(poison).not.toBe('555 01 00')
  })
  it('is not known where nobody knows the country', () => {
    expect(numbersAt({ country: 'XX' }, household)).toEqual({ emergency: null, poison: null })
  })
})
