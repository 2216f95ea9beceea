import { beforeAll, describe, expect, it } from 'vitest'
import { ProgramBuilder, type Solver, UnsolvedError } from '../core/solving/program'
import { highsSolver } from './highs'

let solver: Solver
beforeAll(async () => {
  solver = await highsSolver()
})

/** At least so many units, in packs of ten at 7 each or of three at 3 each. */
function packs(units: number) {
  const program = new ProgramBuilder()
  const ten = program.column({ cost: 7, whole: 'whole' })
  const three = program.column({ cost: 3, whole: 'whole' })
  const put = program.column({ upper: units, whole: 'follows' })
  program.atMost(0, [
    [put, 1],
    [ten, -10],
    [three, -3],
  ])
  program.atLeast(units, [[put, 1]])
  return program
}

describe('programs relaxed', () => {
  it('are solved without regard to what must be whole', () => {
    const program = packs(12)
    const prepared = solver.prepare(program)
    expect(prepared.relax(program)).toMatchObject({ objective: expect.closeTo(8.4, 6) })
    prepared.dispose()
  })
  it('follow a change of costs, bounds and one row, and go back', () => {
    const program = packs(10)
    program.atMost(Number.POSITIVE_INFINITY, [[0, 1]])
    const prepared = solver.prepare(program)
    const row = { index: program.rows.length - 1, lower: 0, upper: 0 }
    expect(prepared.relax({ ...program, row })?.objective).toBeCloseTo(10, 6)
    expect(prepared.relax(program)?.objective).toBeCloseTo(7, 6)
    expect(prepared.relax({ ...program, cost: [20, 3, 0] })?.objective).toBeCloseTo(10, 6)
    expect(prepared.relax({ ...program, lower: [0, 2, 0] })?.objective).toBeCloseTo(8.8, 6)
    expect(prepared.relax(program)?.values).toEqual([1, 0, 10])
    prepared.dispose()
  })
  it('that nothing fulfils say so, and are solved again once something does', () => {
    const program = packs(10)
    const prepared = solver.prepare(program)
    expect(prepared.relax({ ...program, upper: [0, 0, 10] })).toBeNull()
    expect(prepared.relax(program)?.objective).toBeCloseTo(7, 6)
    prepared.dispose()
  })
  it('without an end are an error that names how the solver ended', () => {
    const program = new ProgramBuilder()
    program.column({ cost: -1 })
    const prepared = solver.prepare(program)
    expect(() => prepared.relax(program)).toThrow(UnsolvedError)
    prepared.dispose()
  })
  it('with nothing to decide are solved', () => {
    const program = new ProgramBuilder()
    expect(solver.prepare(program).relax(program)).toEqual({ values: [], objective: 0 })
  })
})
