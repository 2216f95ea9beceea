/** Packing held against an independent judge, against every packing there is, and against a hand packer. */
import fc from 'fast-check'
import { beforeAll, describe, expect, it } from 'vitest'
import { aMember, aPerson, DAY } from '../../../tests/support/cover'
import { bagId, type Gone, goneOut } from '../../../tests/support/trips'
import { highsSolver } from '../../solver/highs'
import { addDays } from '../calendar/plainDate'
import { board } from '../cover/board'
import { type Pantry, pantry } from '../cover/pantry'
import { isGoodOn } from '../cover/taking'
import { isReady, readinessOf } from '../judgement/readiness'
import type { Solver } from '../solving/program'
import { isMet, packGreedily } from './greedy'
import { layOutTrip } from './layOut'
import { packBags } from './loadout'
import { planTripFrom } from './plan'
import type { LoadoutProblem } from './problem'
import { readinessOfTrip, withPacked } from './readiness'
import { goodThrough, questionOf } from './scenes'
import { withoutRefused } from './takeOut'
import type { TripWishes } from './trip'

let solver: Solver
beforeAll(async () => {
  solver = await highsSolver()
})

/** Position among the kits by which `put` means the first bag. */
const FIRST_BAG = 49
const LIMITS = { seconds: 120, gap: 0 }
function packed(gone: Gone) {
  const out = goneOut(gone)
  const { problem, scenes, stays } = layOutTrip(out.laid, out.trip, out.rooms)
  const loadout = packBags(problem, solver, LIMITS)
  const after = pantry(withoutRefused(withPacked(out.stock, loadout.taken, out.rooms), out.trip))
  const inBag = (bag: number) =>
    loadout.taken
      .filter((one) => one.bag === bagId(bag))
      .map(({ thing, amount }) => `${amount / 1000} ${out.laid.known[thing]?.item.name}`)
      .sort()
  return {
    ...out,
    problem,
    scenes,
    stays,
    loadout,
    after,
    inBag,
    judged: readinessOfTrip(after, out.trip),
  }
}
const wishes = (more: Partial<TripWishes>): TripWishes => ({
  keep: [],
  leave: [],
  without: [],
  mostGrams: null,
  marginDays: 2,
  bareHome: false,
  ...more,
})

const TAUGHT = { skills: [{ skill: 'tourniquet', until: null, by: 'Course' }] } as const
const ilse = aPerson(40, { name: 'Ilse', helper: true, facts: TAUGHT as never })
const tove = aPerson(38, {
  name: 'Tove',
  helper: true,
  facts: TAUGHT as never,
})
const arlo = aPerson(9, { name: 'Arlo', facts: { conditions: ['asthma'] } as never })
const dog = aMember('dog', { name: 'Bracken', kg: 14 })

const SHELF = [
  { of: 'pressure-dressing', count: 6 },
  { of: 'pressure-dressing-large', count: 2 },
  { of: 'tourniquet-windlass', count: 3 },
  { of: 'gauze', count: 30, days: 400 },
  { of: 'gauze-roll', count: 6 },
  { of: 'cohesive-wrap', count: 4 },
  { of: 'saline-pods', count: 30, days: 300 },
  { of: 'saline-bottle', count: 2, days: 300 },
  { of: 'tape-paper', count: 3 },
  { of: 'gloves-m', count: 20 },
  { of: 'scissors-blunt', count: 2 },
  { of: 'breathing-barrier', count: 2 },
  { of: 'reliever-inhaler', count: 3, days: 200 },
  { of: 'cetirizine-10', count: 20, days: 200 },
  { of: 'acetaminophen-500', count: 40, days: 200 },
  { of: 'non-stick-pad', count: 12, days: 300 },
  { of: 'plasters', count: 60 },
  { of: 'pen-card', count: 2 },
] as const

describe('a party that splits', () => {
  const made = () =>
    packed({
      scene: { members: [ilse, tove, arlo], put: SHELF },
      bags: [
        { litres: 8, grams: 4000, carrier: ilse.id },
        { litres: 8, grams: 4000, carrier: tove.id },
      ],
      stops: [
        { name: 'Hut', members: [tove.id], to: addDays(DAY, 9), minutesToHelp: 180 },
        { name: 'Lake house', members: [ilse.id, arlo.id], to: addDays(DAY, 9) },
      ],
    })
  it('can cope alone in each half: what saves a life goes twice', () => {
    const { inBag, judged } = made()
    expect(inBag(0)).toContain('1 Windlass tourniquet')
    expect(inBag(1)).toContain('1 Windlass tourniquet')
    for (const { readiness } of judged) {
      const isReady = (id: string) => readiness.problems.find((one) => one.id === id)?.isReady
      for (const id of ['bleed-limb', 'bleed-heavy']) expect([id, isReady(id)]).toEqual([id, true])
    }
  })
  it('takes the reliever where the child is, and nowhere else', () => {
    const { inBag } = made()
    expect(inBag(0).some((one) => one.includes('eliever'))).toBe(true)
    expect(inBag(1).some((one) => one.includes('eliever'))).toBe(false)
  })
  it('says what nothing in the household would meet', () => {
    const { loadout } = made()
    const missing = new Set(loadout.unmet.map(({ need }) => need.id))
    expect(missing.has('poison')).toBe(true)
    expect(missing.has('bleed-limb')).toBe(false)
  })
})

describe('regular medicines', () => {
  it('go along for the days away, both ends counted, and two more', () => {
    const { inBag } = packed({
      scene: {
        members: [ilse],
        put: [{ of: 'cetirizine-10', count: 60, days: 300 }],
        courses: [{ member: ilse, of: 'cetirizine-10', perDay: 2000 as never }],
      },
      bags: [{ litres: 3, grams: 2000, carrier: ilse.id }],
      stops: [{ members: [ilse.id], to: addDays(DAY, 13) }],
    })
    // Seven days and two, two tablets a day.
    expect(inBag(0)).toEqual(['18 Cetirizine'])
  })
})

describe('what is taken', () => {
  it('is good until the last day and the margin: what ends before stays', () => {
    const { loadout, laid, trip } = packed({
      scene: {
        members: [ilse],
        put: [
          { of: 'cetirizine-10', count: 4, days: 10 },
          { of: 'cetirizine-10', count: 4, days: 12 },
        ],
      },
      bags: [{ litres: 3, grams: 2000, carrier: ilse.id }],
      stops: [{ members: [ilse.id], to: addDays(DAY, 9) }],
    })
    expect(goodThrough(trip)).toBe(addDays(DAY, 11))
    for (const { lotId } of loadout.taken)
      expect(laid.shelves.find((one) => one.lotId === lotId)?.through).toBe(addDays(DAY, 12))
    expect(loadout.taken.length).toBeGreaterThan(0)
  })
  it('never uncovers those who stay, unless that is said', () => {
    const gone = (bareHome: boolean): Gone => ({
      scene: { members: [ilse, tove], put: [{ of: 'pressure-dressing', count: 3 }] },
      bags: [{ litres: 3, grams: 2000, carrier: ilse.id }],
      stops: [{ members: [ilse.id] }],
      trip: { wishes: wishes({ bareHome }) },
    })
    expect(packed(gone(false)).inBag(0)).toEqual([])
    expect(packed(gone(true)).inBag(0)).toEqual(['2 Pressure dressing'])
  })
  it('comes from everything where nobody stays', () => {
    expect(
      packed({
        scene: { members: [ilse], put: [{ of: 'pressure-dressing', count: 2 }] },
        bags: [{ litres: 3, grams: 2000, carrier: ilse.id }],
        stops: [{ members: [ilse.id] }],
      }).inBag(0),
    ).toEqual(['2 Pressure dressing'])
  })
  it('obeys the cabin: no large container, no long blade, a litre of liquids', () => {
    const cabin = (stowage: 'cabin' | 'hold') =>
      packed({
        scene: {
          members: [ilse],
          put: [
            { of: 'saline-bottle', count: 2, days: 300 },
            { of: 'shears', count: 1 },
            { of: 'lamp-cells', count: 8, days: 300 },
            { of: 'torch', count: 1 },
          ],
        },
        bags: [{ litres: 8, grams: 5000, carrier: ilse.id, more: { stowage } }],
        stops: [{ members: [ilse.id], travel: 'plane', traits: ['blades', 'vehicle'] }],
      })
    expect(
      cabin('cabin')
        .inBag(0)
        .filter((one) => /Saline|hears/.test(one)),
    ).toEqual([])
    expect(
      cabin('hold')
        .inBag(0)
        .filter((one) => /Saline/.test(one)),
    ).not.toEqual([])
    expect(
      cabin('hold')
        .inBag(0)
        .filter((one) => /cells/i.test(one)),
    ).toEqual([])
  })
  it('that a cabin refuses and that is missing is named with the reason, once', () => {
    const { stock, trip, rooms } = goneOut({
      scene: {
        members: [ilse],
        put: [{ of: 'saline-bottle', count: 2, days: 300 }, { of: 'mirror' }],
      },
      bags: [{ litres: 8, grams: 5000, carrier: ilse.id, more: { stowage: 'cabin' } }],
      stops: [{ members: [ilse.id], travel: 'plane', traits: [] }],
    })
    const named = (bags: typeof trip.bags) =>
      planTripFrom(stock, { ...trip, bags }, rooms, solver, LIMITS).keptOut
    const refused = named(trip.bags)
    expect(refused.map(({ because }) => because)).toEqual(['liquid_too_large'])
    expect(refused[0]?.title).toMatch(/^Saline/)
    expect(named(trip.bags.map((bag) => ({ ...bag, stowage: 'hold' as const })))).toEqual([])
  })
  it('is dropped from the least saving up where the bag is too small', () => {
    const grams = (most: number) =>
      packed({
        scene: { members: [ilse], put: SHELF },
        bags: [{ litres: 8, grams: most, carrier: ilse.id }],
        stops: [{ members: [ilse.id] }],
      })
    const small = grams(180)
    expect(small.loadout.grams).toBeLessThanOrEqual(180)
    expect(small.loadout.leftBehind.length).toBeGreaterThan(0)
    expect(
      small.loadout.leftBehind.filter(
        ({ need, isFirstChoice }) => need.tier === 'life' && !isFirstChoice,
      ),
    ).toEqual([])
    expect(grams(9000).loadout.leftBehind).toEqual([])
  })
  it('follows the wishes: keep, leave, not for this, no heavier than', () => {
    const plain = packed({
      scene: { members: [ilse], put: [...SHELF, { of: 'mirror', count: 1 }] },
      bags: [{ litres: 8, grams: 5000, carrier: ilse.id }],
      stops: [{ members: [ilse.id] }],
    })
    const item = (entry: string) =>
      plain.stock.items.find(({ facts }) => facts.entry?.id === entry)?.item.id as never
    const wished = packed({
      scene: { members: [ilse], put: [...SHELF, { of: 'mirror', count: 1 }] },
      bags: [{ litres: 8, grams: 5000, carrier: ilse.id }],
      stops: [{ members: [ilse.id] }],
      trip: { wishes: wishes({ keep: [item('mirror')], leave: [item('cetirizine-10')] }) },
    })
    expect(plain.inBag(0).some((one) => one.includes('irror'))).toBe(false)
    expect(wished.inBag(0).some((one) => one.includes('irror'))).toBe(true)
    expect(plain.inBag(0).some((one) => one.endsWith(' Cetirizine'))).toBe(true)
    expect(wished.inBag(0).some((one) => one.endsWith(' Cetirizine'))).toBe(false)
  })
})

// ---- against an independent judge ---------------------------------------------------------------

/** What lies in a bag: grams and cubic millimetres, whole pieces counted. */
function loadOf(of: Pantry, bag: number) {
  let grams = 0
  let volume = 0
  for (const shelf of of.shelves) {
    const size = of.things[shelf.thing]?.facts.entry?.size
    if (of.stock.kits[shelf.kit]?.id !== bagId(bag) || !size) continue
    const count = Math.ceil(shelf.amount / 1000)
    grams += count * size.grams
    volume += count * size.mm[0] * size.mm[1] * size.mm[2]
  }
  return { grams, volume }
}

/** Trips of every kind from a seed: who goes, splits, cabins, small bags, what lies at home. */
const aTrip = fc
  .record({
    stock: fc.array(fc.integer({ min: 0, max: 3 }), {
      minLength: SHELF.length,
      maxLength: SHELF.length,
    }),
    who: fc.subarray([ilse, tove, arlo, dog], { minLength: 1 }),
    stays: fc.boolean(),
    split: fc.boolean(),
    days: fc.integer({ min: 0, max: 20 }),
    far: fc.boolean(),
    litres: fc.option(fc.integer({ min: 1, max: 6 })),
    grams: fc.option(fc.integer({ min: 100, max: 3000 })),
    cabin: fc.boolean(),
    /** Every so manieth thing lies in the first bag already. */
    inBag: fc.option(fc.integer({ min: 2, max: 5 })),
    mostGrams: fc.option(fc.integer({ min: 50, max: 2500 })),
    /** Who takes something every day: some of it is on the shelf, nobody has Arlo’s. */
    takes: fc.subarray([ilse, arlo, tove]),
  })
  .filter(({ who }) => who.some((one) => one.species === 'person'))
  .map(
    ({
      stock,
      who,
      stays,
      split,
      days,
      far,
      litres,
      grams,
      cabin,
      mostGrams,
      inBag,
      takes,
    }): Gone => {
      const people = who.filter((one) => one.species === 'person')
      const [first, second] = [people[0] ?? ilse, people[1]]
      const to = addDays(DAY, 7 + days)
      const near = { to, minutesToHelp: far ? 200 : 20 } as const
      const others = who.filter((one) => one !== second).map(({ id }) => id)
      const isSplit = split && second !== undefined
      return {
        scene: {
          members: [...who, ...(stays ? [aPerson(70, { name: 'Grete' })] : [])],
          courses: takes
            .filter((one) => who.includes(one))
            .map((member) => ({
              member,
              of: member === arlo ? 'omeprazole-20' : 'cetirizine-10',
            })),
          put: SHELF.map((one, at) => ({
            ...one,
            count: one.count * (stock[at] ?? 0) * 0.5,
            ...(inBag !== null && at % inBag === 0 && { kit: FIRST_BAG }),
          })),
        },
        bags: [
          { litres, grams, carrier: first.id, more: { stowage: cabin ? 'cabin' : 'with_us' } },
          ...(second ? [{ litres: litres && 4, grams: 2000, carrier: second.id }] : []),
        ],
        stops: isSplit
          ? [
              { ...near, members: others },
              { ...near, members: [second.id], minutesToHelp: null },
            ]
          : [{ ...near, members: who.map(({ id }) => id) }],
        trip: { wishes: wishes({ mostGrams }) },
      }
    },
  )

describe('every packing', () => {
  it('holds before a judge that knows nothing of it: cover, days, weights, sizes, those who stay', () => {
    fc.assert(
      fc.property(aTrip, (gone) => {
        const { loadout, judged, after, laid, trip, rooms, stays, scenes, problem } = packed(gone)
        // What is neither told as unmet nor as left behind is ready, in every half and on every day.
        for (const [at, { readiness }] of judged.entries()) {
          const told = [...loadout.unmet, ...loadout.leftBehind].filter(({ scene }) => scene === at)
          // What one of them lacks is told of that one, and excuses nothing that another lacks.
          for (const { need, cell } of readiness.problems.flatMap((one) => one.missing)) {
            const isTold = told.some(
              (one) =>
                one.need.id === need.id &&
                (cell.memberId === null || one.members.includes(cell.memberId)),
            )
            if (!isTold) throw new Error(`${need.id} for ${cell.memberId} is told nowhere`)
          }
        }
        // What is told of somebody as lacking, nothing of the household's would have met.
        const isRoomy = gone.bags.every(
          ({ litres, more }) => litres === null && more?.stowage !== 'cabin',
        )
        if (isRoomy)
          for (const { scene: at, need, members, day } of loadout.unmet) {
            const scene = scenes[at]
            if (!scene) continue
            const all = laid.stock.kits.map(({ id }) => id)
            const { rows } = board(laid, questionOf(scene, laid.stock, trip.wishes, day, all))
            const cells = rows.find((row) => row.need.id === need.id)?.cells ?? []
            for (const cell of cells)
              if (isReady(cell) && members.some((one) => one === cell.memberId))
                throw new Error(`${need.id} for ${cell.memberId} could be met`)
          }
        for (const { lotId, from, amount, bag } of loadout.taken) {
          const shelf = laid.shelves.find((one) => one.lotId === lotId && one.pocket.id === from)
          expect(shelf && isGoodOn(shelf, goodThrough(trip))).toBe(true)
          expect(amount).toBeLessThanOrEqual(shelf?.amount ?? 0)
          expect(rooms.has(bag)).toBe(true)
        }
        for (const [bag, { carryGrams, pockets }] of [...rooms.values()].entries()) {
          const [before, now] = [loadOf(laid, bag), loadOf(after, bag)]
          const most = Math.max(before.grams, carryGrams ?? Number.POSITIVE_INFINITY)
          expect(now.grams).toBeLessThanOrEqual(most)
          const inner = pockets[0]?.inner
          const room = inner ? inner[0] * inner[1] * inner[2] * 0.8 + 1 : Number.POSITIVE_INFINITY
          expect(now.volume).toBeLessThanOrEqual(Math.max(before.volume, room))
        }
        expect(loadout.grams).toBeLessThanOrEqual(trip.wishes.mostGrams ?? Number.POSITIVE_INFINITY)
        // Those who stay are as ready as they were.
        for (const { question } of stays) {
          const before = readinessOf(board(laid, question).rows)
          const now = readinessOf(board(after, question).rows)
          const lacking = (of: typeof now) =>
            of.problems.flatMap((one) =>
              one.missing.map(({ need, cell }) => `${need.id}/${cell.memberId}`),
            )
          const lacked = new Set(lacking(before))
          if (problem.requirements.length > 0)
            expect(lacking(now).filter((one) => !lacked.has(one))).toEqual([])
        }
      }),
      { numRuns: 300, seed: 23 },
    )
  })
  it('is never heavier than what a hand packer takes for the same', () => {
    let heavier = 0
    let lighter = 0
    fc.assert(
      fc.property(aTrip, (gone) => {
        const { loadout, problem } = packed({ ...gone, trip: {} })
        const greedy = packGreedily(problem)
        if (greedy.missed.length > 0 || loadout.leftBehind.length > 0) return
        expect(loadout.grams).toBeLessThanOrEqual(greedy.grams)
        if (loadout.grams < greedy.grams) lighter += 1
        else heavier += 1
      }),
      { numRuns: 100, seed: 24 },
    )
    expect(lighter).toBeGreaterThan(heavier / 4)
  })
})

// ---- against every packing there is -------------------------------------------------------------

function lightestByTryingAll(problem: LoadoutProblem): number | null {
  const { pieces, bags, requirements } = problem
  const counts = pieces.map(() => bags.map(() => 0))
  let best: number | null = null
  const try_ = (at: number, grams: number): void => {
    if (best !== null && grams >= best) return
    if (at === pieces.length * bags.length) {
      if (requirements.every((one) => isMet(problem, counts, one))) best = grams
      return
    }
    const piece = pieces[Math.floor(at / bags.length)]
    const row = counts[Math.floor(at / bags.length)]
    const bag = at % bags.length
    if (!piece || !row) return
    const left = piece.count - row.reduce((sum, one) => sum + one, 0)
    for (let some = 0; some <= (piece.bags.includes(bag) ? left : 0); some++) {
      row[bag] = some
      const own = pieces.reduce(
        (sum, one, index) => sum + one.grams * (counts[index]?.[bag] ?? 0),
        0,
      )
      if (own <= (bags[bag]?.freeGrams ?? Number.POSITIVE_INFINITY))
        try_(at + 1, grams + some * piece.grams)
    }
    row[bag] = 0
  }
  try_(0, 0)
  return best
}

describe('what lies in a bag already', () => {
  it('changes to the bag of whoever needs it, where the party splits', () => {
    const { inBag, loadout } = packed({
      scene: {
        members: [ilse, tove, arlo],
        put: [{ of: 'reliever-inhaler', count: 1, days: 200, kit: FIRST_BAG }],
      },
      bags: [
        { litres: 4, grams: 2000, carrier: tove.id },
        { litres: 4, grams: 2000, carrier: ilse.id },
      ],
      stops: [{ members: [tove.id] }, { members: [ilse.id, arlo.id] }],
    })
    expect(inBag(1).some((one) => one.includes('eliever'))).toBe(true)
    expect(loadout.grams).toBe(0)
  })
  it('of a bag that comes as it is stays in it', () => {
    const { loadout } = packed({
      scene: {
        members: [ilse, tove, arlo],
        put: [{ of: 'reliever-inhaler', count: 1, days: 200, kit: FIRST_BAG }],
      },
      bags: [
        { litres: 4, grams: 2000, carrier: tove.id, more: { filled: false } },
        { litres: 4, grams: 2000, carrier: ilse.id },
      ],
      stops: [{ members: [tove.id] }, { members: [ilse.id, arlo.id] }],
    })
    expect(loadout.taken).toEqual([])
  })
})

describe('a small packing', () => {
  it('is as light as the lightest of all that there are', () => {
    const few = [
      'pressure-dressing',
      'tourniquet-windlass',
      'gauze-roll',
      'cohesive-wrap',
      'plasters',
    ]
    let compared = 0
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 2 }), { minLength: few.length, maxLength: few.length }),
        fc.boolean(),
        fc.integer({ min: 60, max: 600 }),
        (counts, two, grams) => {
          const { problem, loadout } = packed({
            scene: {
              members: [ilse, tove],
              put: few.map((of, at) => ({ of, count: counts[at] ?? 0 })),
            },
            bags: [
              { litres: null, grams, carrier: ilse.id },
              ...(two ? [{ litres: null, grams, carrier: tove.id }] : []),
            ],
            stops: two
              ? [{ members: [ilse.id] }, { members: [tove.id] }]
              : [{ members: [ilse.id, tove.id] }],
          })
          const lightest = lightestByTryingAll(problem)
          if (lightest === null) {
            expect(loadout.leftBehind.length).toBeGreaterThan(0)
            return
          }
          compared += 1
          expect(loadout.grams).toBe(lightest)
          expect(loadout.isProven).toBe(true)
        },
      ),
      { numRuns: 60, seed: 25 },
    )
    expect(compared).toBeGreaterThan(20)
  })
})
