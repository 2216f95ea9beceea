import fc from 'fast-check'
import { beforeAll, describe, expect, it } from 'vitest'
import { highsSolver } from '../../solver/highs'
import { type Program, ProgramBuilder, type Solver } from '../solving/program'
import { branchAndBound, type Half, isWhole } from './branchAndBound'

let solver: Solver
beforeAll(async () => {
  solver = await highsSolver()
})

interface Pack {
  readonly units: number
  readonly price: number
}
/** So many units are wanted of each day's; each comes in packs; what lacks costs. */
interface Packing {
  readonly packs: readonly Pack[]
  readonly wanted: readonly number[]
  readonly lack: number
}

const packing = fc.record({
  packs: fc.array(
    fc.record({
      units: fc.integer({ min: 1, max: 7 }),
      price: fc.integer({ min: 1, max: 30 }),
    }),
    { minLength: 1, maxLength: 3 },
  ),
  wanted: fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 1, maxLength: 2 }),
  lack: fc.integer({ min: 1, max: 12 }),
})
const MOST = 3

/** Packs once bought serve every day from then on. */
function programOf({ packs, wanted, lack }: Packing): Program {
  const program = new ProgramBuilder()
  const there: (readonly [number, number])[] = []
  for (const want of wanted) {
    for (const { units, price } of packs)
      there.push([program.column({ cost: price, upper: MOST, whole: 'whole' }), units])
    const short = program.column({ cost: lack, whole: 'follows' })
    program.atLeast(want, [...there, [short, 1]])
  }
  return program
}

/** By trying every number of every pack on every day. */
function best({ packs, wanted, lack }: Packing, day = 0, there = 0): number {
  const want = wanted[day]
  if (want === undefined) return 0
  const tried = (index: number, units: number, cost: number): number => {
    const pack = packs[index]
    if (!pack)
      return (
        cost +
        lack * Math.max(0, want - there - units) +
        best({ packs, wanted, lack }, day + 1, there + units)
      )
    let least = Number.POSITIVE_INFINITY
    for (let count = 0; count <= MOST; count++)
      least = Math.min(
        least,
        tried(index + 1, units + count * pack.units, cost + count * pack.price),
      )
    return least
  }
  return tried(0, 0, 0)
}

function search(
  program: Program,
  { within = 1e-6, known = Number.POSITIVE_INFINITY, most = Number.POSITIVE_INFINITY } = {},
) {
  const prepared = solver.prepare(program)
  let relaxed = 0
  const relax = (half: Half | null) => {
    const [lower, upper] = [[...program.lower], [...program.upper]]
    for (let one = half; one; one = one.of) {
      lower[one.column] = Math.max(lower[one.column] as number, one.lower)
      upper[one.column] = Math.min(upper[one.column] as number, one.upper)
    }
    relaxed++
    return prepared.relax({ cost: program.cost, lower, upper })
  }
  const found = branchAndBound(program.whole, {
    within,
    known,
    relax,
    stopped: () => relaxed >= most,
  })
  prepared.dispose()
  return found
}

describe('branch and bound', () => {
  it('finds what trying everything finds, whole, and proves it', () => {
    fc.assert(
      fc.property(packing, (of) => {
        const program = programOf(of)
        const found = search(program)
        expect(found.best?.objective).toBeCloseTo(best(of), 5)
        expect(found.bound).toBeCloseTo(best(of), 5)
        expect(isWhole(program.whole, found.best?.values ?? [])).toBe(true)
      }),
      { seed: 11, numRuns: 150 },
    )
  })
  it('with some room is no further from the best than that, and no bound is above the best', () => {
    fc.assert(
      fc.property(packing, fc.integer({ min: 1, max: 10 }), (of, within) => {
        const found = search(programOf(of), { within })
        const least = best(of)
        expect(found.bound).toBeLessThanOrEqual(least + 1e-5)
        expect(found.best?.objective).toBeLessThanOrEqual(least + within + 1e-5)
      }),
      { seed: 12, numRuns: 150 },
    )
  })
  it('looks only for what is better than what is known', () => {
    fc.assert(
      fc.property(packing, fc.integer({ min: -3, max: 3 }), (of, over) => {
        const least = best(of)
        const { best: found, bound } = search(programOf(of), { known: least + over })
        if (over > 0) expect(found?.objective).toBeCloseTo(least, 5)
        else expect(found).toBeNull()
        expect(bound).toBeLessThanOrEqual(least + 1e-5)
      }),
      { seed: 13, numRuns: 150 },
    )
  })
  it('stopped half way gives what it has, with a bound that holds', () => {
    fc.assert(
      fc.property(packing, fc.integer({ min: 1, max: 9 }), (of, most) => {
        const { best: found, bound } = search(programOf(of), { most })
        expect(bound).toBeLessThanOrEqual(best(of) + 1e-5)
        if (found) expect(found.objective).toBeGreaterThanOrEqual(best(of) - 1e-5)
      }),
      { seed: 14, numRuns: 150 },
    )
  })
  it('says where nothing whole fulfils the rows', () => {
    const program = new ProgramBuilder()
    const pack = program.column({ cost: 1, whole: 'whole' })
    // Three units of packs of two.
    program.exactly(3, [[pack, 2]])
    expect(search(program)).toEqual({ best: null, bound: Number.POSITIVE_INFINITY })
  })
})
