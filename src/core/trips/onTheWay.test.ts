/** Under way: what the party has is judged for the days that are left, and what lacks is bought or done without. */
import { describe, expect, it } from 'vitest'
import { ALL_TOLD, aPerson, DAY } from '../../../tests/support/cover'
import { bagPocket, type Gone, goneOut } from '../../../tests/support/trips'
import { addDays } from '../calendar/plainDate'
import type { CoverStock } from '../cover/pantry'
import { isUnderWay, planOnTheWay, toBuyOnTheWay } from './onTheWay'
import type { PlanGap } from './plan'
import { readinessOfTrip } from './readiness'

const ida = aPerson(30, { name: 'Ida', kg: 60, facts: { told: ALL_TOLD } })
const per = aPerson(40, { name: 'Per', kg: 80, facts: { told: ALL_TOLD } })
const FIRST = addDays(DAY, 7)

/** Dressings and a blister plaster at home; one of each lot has been packed into Ida's bag. */
const hills: Gone = {
  scene: {
    members: [ida, per],
    put: [
      { of: 'pressure-dressing', count: 2 },
      { of: 'plasters', count: 20 },
    ],
  },
  bags: [{ litres: 4, grams: 3000, carrier: ida.id }],
  stops: [
    { members: [ida.id, per.id], name: 'Valley', from: FIRST, to: addDays(FIRST, 1) },
    { members: [ida.id], name: 'Ridge', from: addDays(FIRST, 1), to: addDays(FIRST, 3) },
    { members: [per.id], name: 'Town', from: addDays(FIRST, 1), to: addDays(FIRST, 3) },
  ],
}
const { stock, trip } = goneOut(hills)
const packed = {
  ...stock,
  holdings: stock.holdings.map((one) => ({ ...one, pocketId: bagPocket(0) })),
}
const plan = (after: number, of: CoverStock = packed) =>
  planOnTheWay(of, trip, addDays(FIRST, after))

describe('a trip is under way', () => {
  it.each([
    [-1, 0, 3, false],
    [0, 3, 0, false],
    [0, 1, 3, false],
    [0, 0, 0, false],
    [0, 0, 3, true],
    [1, 2, 0, true],
    [3, 0, 0, true],
    [4, 0, 3, false],
  ])('on day %i with %i to pack and %i packed: %s', (after, toPack, inBags, is) => {
    expect(isUnderWay(trip, addDays(FIRST, after), { toPack, packed: inBags })).toBe(is)
  })
})

describe('what there is on the way', () => {
  it('is what the same board says of it, with nothing to pack', () => {
    const { laid } = goneOut(hills)
    expect(plan(0, stock)).toMatchObject({ lines: [], grams: 0, keptOut: [], notTaken: [] })
    expect(plan(0, stock).scenes.map(({ ready, of }) => [ready, of])).toEqual(
      readinessOfTrip(laid, trip).map(({ readiness }) => [readiness.ready, readiness.of]),
    )
  })

  it('is with whoever carries it: the other half has none of it', () => {
    const [valley, ridge, town] = plan(1).scenes
    expect(ridge?.ready).toBeGreaterThan(town?.ready ?? 0)
    expect(valley?.ready).toBeGreaterThan(0)
    const lacking = (scene: number) =>
      plan(1)
        .gaps.filter((gap) => gap.scene === scene)
        .map(({ needId }) => needId)
    const onlyInTown = lacking(2).filter((id) => !lacking(1).includes(id))
    expect(onlyInTown).toEqual(expect.arrayContaining(['bleed-limb', 'bleed-heavy']))
  })

  it('of a stop that is over nothing is asked any more', () => {
    const { scenes, gaps } = plan(2)
    expect(scenes.map(({ isOver }) => isOver ?? false)).toEqual([true, false, false])
    expect(gaps.length).toBeGreaterThan(0)
    expect(gaps.every(({ scene }) => scene > 0)).toBe(true)
  })

  it('what lies at home is no way out: whatever closes a gap is bought', () => {
    const steps = plan(1, stock).gaps.flatMap(({ closings }) =>
      closings.flatMap((closing) => closing.steps.map(({ kind }) => kind)),
    )
    expect(steps).toContain('buy')
    expect(steps).not.toContain('move')
  })
})

describe('what is bought on the way', () => {
  const gap = (name: string, titles: readonly (readonly [string, number])[]): PlanGap => ({
    scene: 0,
    needId: name,
    name,
    tier: 'urgent',
    members: [ida.id],
    because: 'lacking',
    closings: [
      {
        way: '',
        first: true,
        costMinor: 0,
        becomes: { state: 'covered', have: 1, need: 1 },
        steps: titles.map(([title, packs]) => ({
          kind: 'buy',
          title,
          itemId: null,
          entryId: title,
          packs,
          uses: 1,
          costMinor: null,
          spec: '',
        })),
      },
    ],
  })
  it('stands once, with everything that it is for, in as many packs as any of it takes', () => {
    expect(
      toBuyOnTheWay(
        [
          gap('Cuts', [['Gauze', 1]]),
          gap('Burns', [
            ['Gauze', 2],
            ['Film', 1],
          ]),
        ],
        trip.stops,
      ),
    ).toMatchObject([
      { title: 'Gauze', packs: 2, problems: ['Cuts', 'Burns'], members: [ida.id] },
      { title: 'Film', packs: 1, problems: ['Burns'] },
    ])
  })
  it('is nothing where a lesson would be needed too, or nothing is known that would do', () => {
    const [closing] = gap('Cuts', [['Gauze', 1]]).closings
    if (!closing) throw new Error('made above')
    const learn = { kind: 'learn' as const, skill: 'tourniquet' as const, title: 'Tourniquet' }
    const taught = { ...closing, steps: [...closing.steps, learn] }
    expect(toBuyOnTheWay([{ ...gap('Cuts', []), closings: [taught] }], trip.stops)).toEqual([])
    expect(toBuyOnTheWay([{ ...gap('Cuts', []), closings: [] }], trip.stops)).toEqual([])
  })
  it('is enough for both halves while they are apart, and not bought twice for what comes later', () => {
    const at = (scene: number, packs: number) => ({ ...gap('Cuts', [['Gauze', packs]]), scene })
    const packs = (...gaps: readonly PlanGap[]) => toBuyOnTheWay(gaps, trip.stops)[0]?.packs
    // Ridge and Town are on the same days; Valley is before them.
    expect(packs(at(1, 1), at(2, 2))).toBe(3)
    expect(packs(at(0, 2), at(1, 1))).toBe(2)
    expect(packs(at(0, 4), at(1, 1), at(2, 2))).toBe(4)
  })
})
