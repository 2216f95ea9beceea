/** Which lot a dose is taken from, and how much of the count it takes. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aRule, labelCard } from '../../../tests/support/care'
import { aPerson, aStock, DAY, type Put } from '../../../tests/support/cover'
import { idOf } from '../../../tests/support/ids'
import { pantry } from '../cover/pantry'
import { patientOn } from '../cover/suitability'
import type { PlaceId } from '../ids'
import type { DoseCard } from './card'
import { offersFor, unitsTaken } from './lots'

const child = aPerson(7, { kg: 22.4 })
const offered = (
  put: readonly Put[],
  here: PlaceId | null = null,
  card: DoseCard = labelCard('acetaminophen-liquid'),
) => offersFor(pantry(aStock({ members: [child], put })), card, patientOn(child, [], DAY), here)

describe('the lot to take it from', () => {
  it('is the first to end, where the stock is kept', () => {
    const { good } = offered([
      { of: 'acetaminophen-liquid', days: 400 },
      { of: 'acetaminophen-liquid', days: 90 },
      { of: 'acetaminophen-liquid', days: 10, kit: 1 },
    ])
    const ends = good.map(({ through }) => through)
    expect(ends[0]).toBe([...ends.slice(0, 2)].sort()[0])
    expect(ends.length).toBe(3)
  })
  it('is what lies here, before what ends sooner elsewhere', () => {
    const put = [
      { of: 'acetaminophen-liquid', days: 10 },
      { of: 'acetaminophen-liquid', days: 400, kit: 1 },
    ]
    const places = offered(put).good.map(({ placeId }) => placeId)
    expect(new Set(places).size).toBe(2)
    for (const here of places) expect(offered(put, here).good[0]?.placeId).toBe(here)
  })
  it('is never another strength or form: those stand beside it', () => {
    const { good, others } = offered([
      { of: 'acetaminophen-liquid', days: 90 },
      { of: 'acetaminophen-500', count: 20, days: 90 },
      { of: 'cold-remedy', count: 10, days: 90 },
      { of: 'ibuprofen-liquid', days: 90 },
    ])
    expect(good.map(({ title }) => title)).toEqual(['Acetaminophen liquid 160 mg/5 mL'])
    expect(others.map(({ title }) => title).sort()).toEqual([
      'Acetaminophen 500 mg',
      'Cold remedy with acetaminophen',
    ])
  })
  it('is none where nothing of it is kept', () => {
    const { good, barred, others } = offered(
      [{ of: 'gauze', count: 3 }],
      idOf<PlaceId>(1, 1),
      aRule(child, { fixed: '5 mg', strength: '10 mg' }),
    )
    expect([good, barred, others]).toEqual([[], [], []])
  })
})

describe('how much of the count a dose takes', () => {
  const bottle = { unit: 'bottle', unitMillilitres: 120 }
  const tablets = { unit: 'tablet', unitMillilitres: null }
  it.each([
    [bottle, 'mL', 10_000, 83],
    [bottle, 'mL', 120_000, 1000],
    [tablets, 'tablet', 500, 500],
    [{ unit: '', unitMillilitres: null }, 'tablet', 2000, 2000],
    [tablets, 'mL', 5000, null],
    [{ unit: 'strip', unitMillilitres: null }, 'tablet', 1000, null],
    [bottle, 'drop', 3000, null],
  ] as const)('%o, %s %d', (lot, unit, thousandths, taken) => {
    expect(unitsTaken(lot, { unit, thousandths })).toBe(taken)
  })
  it('of a bottle is right to a thousandth of it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 200, max: 120_000 }), (microlitres) => {
        const taken = unitsTaken(bottle, { unit: 'mL', thousandths: microlitres }) ?? 0
        expect(Math.abs(taken - microlitres / 120)).toBeLessThanOrEqual(1)
      }),
      { seed: 20261126 },
    )
  })
})
