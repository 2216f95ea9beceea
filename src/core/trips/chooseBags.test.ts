/** The choice of bags held against every choice there is, each packed for real. */
import fc from 'fast-check'
import { beforeAll, describe, expect, it } from 'vitest'
import { aMember, aPerson } from '../../../tests/support/cover'
import { bagId, type Gone, goneOut } from '../../../tests/support/trips'
import { highsSolver } from '../../solver/highs'
import type { MemberId } from '../ids'
import type { Solver } from '../solving/program'
import { bagLoad, lyingIn } from './bagLoad'
import { chooseBags, partiesOf } from './chooseBags'
import { layOutTrip } from './layOut'
import { packBags } from './loadout'
import type { Bag } from './trip'

let solver: Solver
beforeAll(async () => {
  solver = await highsSolver()
})
const LIMITS = { seconds: 60, gap: 0 }

const ilse = aPerson(40, { name: 'Ilse', helper: true })
const tove = aPerson(38, { name: 'Tove', helper: true })
const arlo = aPerson(9, { name: 'Arlo' })
const dog = aMember('dog', { name: 'Bracken' })

type Out = ReturnType<typeof goneOut>

/** What bags weigh in all once they are packed, and how much stays unprepared for. */
function packedWeight({ laid, trip, rooms }: Out, bags: readonly Bag[]) {
  const { problem } = layOutTrip(laid, { ...trip, bags }, rooms)
  const { grams, leftBehind, unmet, taken } = packBags(problem, solver, LIMITS)
  const own = bags.reduce(
    (sum, bag) =>
      sum +
      (rooms.get(bag.kitId)?.ownGrams ?? 400) +
      bagLoad(laid, lyingIn(laid, bag.kitId), bag, trip.cabinRules).grams,
    0,
  )
  return {
    grams: own + grams,
    moves: taken.some((one) => one.grams === 0),
    short: leftBehind.length + unmet.length,
  }
}

/** Every way to give each bag to one of them, or to leave it. */
function everyChoice(bags: readonly Bag[], carriers: readonly MemberId[]): readonly Bag[][] {
  const [first, ...others] = bags
  if (!first) return [[]]
  return everyChoice(others, carriers).flatMap((rest) => [
    rest,
    ...carriers.map((carrier) => [{ ...first, carrier }, ...rest]),
  ])
}

const FEW = ['pressure-dressing', 'gauze-roll', 'cohesive-wrap', 'saline-pods', 'plasters']

const aChoice = fc.record({
  counts: fc.array(fc.integer({ min: 0, max: 2 }), { minLength: 5, maxLength: 5 }),
  isSplit: fc.boolean(),
  carry: fc.array(fc.integer({ min: 100, max: 900 }), { minLength: 2, maxLength: 3 }),
  own: fc.array(fc.integer({ min: 20, max: 600 }), { minLength: 3, maxLength: 3 }),
})

const choiceOf = (
  { counts, isSplit, carry, own }: typeof aChoice extends fc.Arbitrary<infer T> ? T : never,
  kit?: number,
): Out =>
  goneOut({
    scene: {
      members: [ilse, tove],
      put: FEW.map((of, at) => ({
        of,
        count: counts[at] ?? 0,
        days: 300,
        ...(kit !== undefined && at % 2 === 0 && { kit }),
      })),
    },
    bags: carry.map((grams, at) => ({
      litres: null,
      grams,
      carrier: ilse.id,
      own: own[at] ?? 100,
    })),
    stops: isSplit
      ? [{ members: [ilse.id] }, { members: [tove.id] }]
      : [{ members: [ilse.id, tove.id] }],
  })

describe('the bags that come along', () => {
  it('are the lightest in all of every choice there is', () => {
    let compared = 0
    fc.assert(
      fc.property(aChoice, (choice) => {
        const out = choiceOf(choice)
        const carriers = choice.isSplit ? [ilse.id, tove.id] : [ilse.id]
        const all = everyChoice(out.trip.bags, carriers).map((bags) => packedWeight(out, bags))
        const { bags, leftBehind } = chooseBags(out.stock, out.trip, out.rooms, solver, LIMITS)
        if (leftBehind > 0) return
        compared += 1
        const mine = packedWeight(out, bags)
        const short = Math.min(...all.map((one) => one.short))
        expect(mine.short).toBe(short)
        const lightest = all.filter((one) => one.short === short).map(({ grams }) => grams)
        expect(mine.grams).toBeCloseTo(Math.min(...lightest), 6)
      }),
      { numRuns: 30, seed: 31 },
    )
    expect(compared).toBeGreaterThan(15)
  })
  it('count what lies in them already: as light as any choice that moves nothing between bags', () => {
    let compared = 0
    fc.assert(
      fc.property(aChoice, (choice) => {
        // Every second thing lies in the first bag.
        const out = choiceOf(choice, 49)
        const carriers = choice.isSplit ? [ilse.id, tove.id] : [ilse.id]
        const { bags, leftBehind } = chooseBags(out.stock, out.trip, out.rooms, solver, LIMITS)
        if (leftBehind > 0) return
        compared += 1
        const mine = packedWeight(out, bags)
        for (const other of everyChoice(out.trip.bags, carriers)) {
          const one = packedWeight(out, other)
          if (one.moves || one.short > mine.short) continue
          expect(one.short).toBe(mine.short)
          expect(mine.grams).toBeLessThanOrEqual(one.grams + 1e-6)
        }
      }),
      { numRuns: 80, seed: 32 },
    )
    expect(compared).toBeGreaterThan(15)
  })
})

const OF_TWO: Gone = {
  scene: { members: [ilse, tove, arlo, dog], put: [{ of: 'pressure-dressing', count: 6 }] },
  bags: [
    { litres: 8, grams: 4000, carrier: ilse.id, own: 900 },
    { litres: 3, grams: 1500, carrier: ilse.id, own: 200 },
    { litres: 3, grams: 1500, carrier: arlo.id, own: 250 },
  ],
  stops: [{ members: [ilse.id, arlo.id, tove.id, dog.id] }],
}
const chosenFor = (gone: Gone, most: number | null = null) => {
  const out = goneOut(gone)
  return chooseBags(out.stock, out.trip, out.rooms, solver, LIMITS, most).bags
}

describe('who carries', () => {
  it('one small bag is enough for a party that stays together', () => {
    expect(chosenFor(OF_TWO).map(({ kitId, carrier }) => [kitId, carrier])).toEqual([
      [bagId(1), ilse.id],
    ])
  })
  it('each half of a party has a bag of its own', () => {
    const bags = chosenFor({
      ...OF_TWO,
      stops: [{ members: [ilse.id, arlo.id, dog.id] }, { members: [tove.id] }],
    })
    expect(new Set(bags.map(({ carrier }) => carrier))).toEqual(new Set([tove.id, arlo.id]))
    expect(new Set(bags.map(({ kitId }) => kitId)).size).toBe(2)
  })
  it('with one bag less, one half is told to lack something', () => {
    const out = goneOut({
      ...OF_TWO,
      stops: [{ members: [ilse.id, arlo.id, dog.id] }, { members: [tove.id] }],
    })
    const fewer = chooseBags(out.stock, out.trip, out.rooms, solver, LIMITS, 1)
    expect(fewer.bags).toHaveLength(1)
    expect(fewer.leftBehind).toBeGreaterThan(0)
  })
  it('a bag that comes as it is stays with whoever has it', () => {
    const asItIs = { ...OF_TWO.bags[2], more: { filled: false } } as Gone['bags'][number]
    expect(chosenFor({ ...OF_TWO, bags: [...OF_TWO.bags.slice(0, 2), asItIs] })[0]).toMatchObject({
      kitId: bagId(2),
      carrier: arlo.id,
      filled: false,
    })
  })
  it('nobody who goes: nothing is chosen', () => {
    expect(chosenFor({ ...OF_TWO, stops: [{ members: [dog.id] }] })).toEqual([])
  })
  it('parties are those who are together at every stop, helpers first, without animals', () => {
    const out = goneOut({
      ...OF_TWO,
      stops: [{ members: [arlo.id, ilse.id, tove.id] }, { members: [tove.id, dog.id] }],
    })
    expect(partiesOf(out.trip, out.stock)).toEqual([[ilse.id, arlo.id], [tove.id]])
  })
})
