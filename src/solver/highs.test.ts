import { beforeAll, describe, expect, it } from 'vitest'
import { ProgramBuilder, type Solver } from '../core/restock/program'
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

describe('programs solved', () => {
  it('are relaxed first, and whole where that is asked', () => {
    const program = packs(12)
    const prepared = solver.prepare(program)
    const easy = prepared.relax(program)
    expect(easy).toMatchObject({ isWhole: false, solved: { kind: 'solved' } })
    const whole = prepared.solve(program)
    expect(whole).toMatchObject({ kind: 'solved', objective: 10 })
    if (whole.kind === 'solved') {
      expect(whole.values.map(Math.round)).toEqual([1, 1, 12])
      expect(whole.bound).toBeCloseTo(10, 6)
    }
    prepared.dispose()
  })
  it('follow a change of costs, bounds and one row, and go back', () => {
    const program = packs(10)
    program.atMost(Number.POSITIVE_INFINITY, [[0, 1]])
    const prepared = solver.prepare(program)
    const row = { index: program.rows.length - 1, lower: 0, upper: 0 }
    expect(prepared.solve({ ...program, row })).toMatchObject({ objective: 12 })
    expect(prepared.relax({ ...program, row }).solved).toMatchObject({ objective: 10 })
    expect(prepared.relax(program)).toMatchObject({ isWhole: true, solved: { objective: 7 } })
    expect(prepared.relax({ ...program, cost: [20, 3, 0] }).solved).toMatchObject({ objective: 10 })
    prepared.dispose()
  })
  it('that nothing fulfils say so', () => {
    const program = packs(10)
    const prepared = solver.prepare(program)
    expect(prepared.relax({ cost: program.cost, upper: [0, 0, 10] }).solved).toEqual({
      kind: 'nothing',
      why: 'infeasible',
    })
    prepared.dispose()
  })
  it('with nothing to decide are solved', () => {
    const prepared = solver.prepare(new ProgramBuilder())
    expect(prepared.relax({ cost: [], upper: [] })).toMatchObject({ isWhole: true })
    prepared.dispose()
  })
})
