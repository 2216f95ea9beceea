/** Linear programs solved by HiGHS, compiled to WebAssembly; one thread, one answer to one program. */
import loadHighs, { type Highs, type Model } from 'highs'
import {
  type Change,
  type Prepared,
  type Program,
  type Solution,
  type Solver,
  type Stopped,
  UnsolvedError,
  type WholeLimits,
} from '../core/solving/program'

export interface HighsSource {
  /** Where the WebAssembly lies, in a browser; Node finds it beside the package. */
  readonly wasm?: string
}

/** Loads the solver once; every program is solved by an instance of its own. */
export async function highsSolver({ wasm }: HighsSource = {}): Promise<Solver> {
  const highs = await loadHighs(wasm === undefined ? {} : { locateFile: () => wasm })
  return {
    prepare: (program) =>
      program.cost.length === 0 ? NOTHING_TO_DECIDE : new Kept(highs, program),
    best: (program, limits) => bestOf(highs, program, limits),
  }
}

/** Solves a whole program once, by the solver's own branch and bound. */
function bestOf(highs: Highs, program: Program, limits: WholeLimits): Stopped | null {
  if (program.cost.length === 0)
    return program.rows.every(({ lower, upper }) => lower <= 0 && upper >= 0)
      ? { values: [], objective: 0, bound: 0, isOptimal: true }
      : null
  const { continuous, integer } = highs.constants.variableType
  const { infeasible, optimal, timeLimit, unboundedOrInfeasible } = highs.constants.modelStatus
  const model = highs.createModel({
    ...dataOf(program),
    integrality: program.whole.map((one) => (one === 'any' ? continuous : integer)),
  })
  try {
    model.options.set({
      output_flag: false,
      time_limit: limits.seconds,
      mip_rel_gap: limits.gap,
      random_seed: 0,
    })
    model.run()
    const status = model.getModelStatus()
    // Nothing here is without an end: every column and every cost is bounded from below.
    if (status === infeasible || status === unboundedOrInfeasible) return null
    const objective = model.getObjectiveValue()
    if (status !== optimal && (status !== timeLimit || !Number.isFinite(objective)))
      throw new UnsolvedError(String(status))
    const bound = Number(model.info.get('mip_dual_bound'))
    return {
      values: Array.from(model.getSolution().colValue),
      objective,
      bound,
      isOptimal: status === optimal && objective - bound <= 1e-6 * Math.max(1, objective),
    }
  } finally {
    model.dispose()
  }
}

const NOTHING_TO_DECIDE: Prepared = {
  relax: () => ({ values: [], objective: 0 }),
  dispose: () => undefined,
}

/** A program with the basis at which it ended last: only what differs is told and worked out. */
class Kept implements Prepared {
  private readonly model: Model
  private readonly all: { readonly kind: 'range'; readonly from: 0; readonly to: number }
  private cost: readonly number[]
  private row: Change['row']

  constructor(
    private readonly highs: Highs,
    private readonly program: Program,
  ) {
    this.model = highs.createModel(dataOf(program))
    // From the second time on there is a basis, which presolve would throw away.
    this.model.options.set({ output_flag: false, presolve: 'off' })
    this.all = { kind: 'range', from: 0, to: program.cost.length - 1 }
    this.cost = program.cost
  }

  relax({ cost, lower, upper, row }: Change): Solution | null {
    const { model } = this
    if (cost !== this.cost) model.changeColsCost(this.all, cost)
    this.cost = cost
    model.changeColsBounds(this.all, lower, upper)
    const before = this.row && this.program.rows[this.row.index]
    if (this.row && before) model.changeRowBounds(this.row.index, before.lower, before.upper)
    if (row) model.changeRowBounds(row.index, row.lower, row.upper)
    this.row = row
    const solved = this.run()
    return solved === undefined ? this.fromTheStart() : solved
  }

  dispose(): void {
    this.model.dispose()
  }

  private fromTheStart(): Solution | null {
    this.model.clearSolver()
    const solved = this.run()
    if (solved !== undefined) return solved
    throw new UnsolvedError(String(this.model.getModelStatus()))
  }

  /** Null where there is no solution; undefined where the solver cannot tell. */
  private run(): Solution | null | undefined {
    const { model } = this
    const { infeasible, optimal } = this.highs.constants.modelStatus
    model.run()
    const status = model.getModelStatus()
    if (status === infeasible) return null
    if (status !== optimal) return undefined
    return {
      values: Array.from(model.getSolution().colValue),
      objective: model.getObjectiveValue(),
    }
  }
}

function dataOf(program: Program) {
  const starts = [0]
  const indices: number[] = []
  const values: number[] = []
  for (const { entries } of program.rows) {
    const factors = new Map<number, number>()
    for (const [column, factor] of entries) factors.set(column, (factors.get(column) ?? 0) + factor)
    for (const [column, factor] of factors) {
      indices.push(column)
      values.push(factor)
    }
    starts.push(indices.length)
  }
  return {
    numCols: program.cost.length,
    numRows: program.rows.length,
    colCost: program.cost,
    colLower: program.lower,
    colUpper: program.upper,
    rowLower: program.rows.map(({ lower }) => lower),
    rowUpper: program.rows.map(({ upper }) => upper),
    matrix: {
      format: 'csr' as const,
      numCols: program.cost.length,
      numRows: program.rows.length,
      starts,
      indices,
      values,
    },
  }
}
