/** Programs solved by HiGHS, compiled to WebAssembly; one thread, one answer to one program. */
import loadHighs, { type Highs, type Model } from 'highs'
import type { Prepared, Program, Solved, SolveOptions, Solver } from '../core/restock/program'

export interface HighsSource {
  /** Where the WebAssembly lies, in a browser; Node finds it beside the package. */
  readonly wasm?: string
}

/** Loads the solver once; every program is solved by an instance of its own. */
export async function highsSolver({ wasm }: HighsSource = {}): Promise<Solver> {
  const highs = await loadHighs(wasm === undefined ? {} : { locateFile: () => wasm })
  return { prepare: (program) => prepare(highs, program) }
}

const NOTHING_TO_DECIDE: Solved = { kind: 'solved', values: [], objective: 0, bound: 0 }

/** Its own measure of the gap counts what cannot be helped; ours does not. */
const COMMON = { output_flag: false, mip_rel_gap: 0 } as const

/** What helps with large programs takes longer than solving those of one family. */
const FOR_FAMILIES = {
  mip_heuristic_effort: 0,
  mip_detect_symmetry: false,
  mip_allow_restart: false,
  mip_root_presolve_only: true,
  mip_heuristic_run_feasibility_jump: false,
  mip_heuristic_run_rins: false,
  mip_heuristic_run_rens: false,
  mip_heuristic_run_root_reduced_cost: false,
} as const

/** A hundredth of the smallest unit of money is as good as nothing. */
const EXACT = 0.01

function solve(highs: Highs, program: Program, options: SolveOptions): Solved {
  const enough = Math.max(EXACT, options.within ?? 0)
  const half = { ...options, within: enough / 2 }
  const first = run(highs, program, half, ({ whole }, column) => whole[column] === 'whole')
  if (first.kind === 'nothing' || isWhole(program, first.values)) return first
  // What is decided in whole packs stands; what was to follow is made whole within it.
  const decided = first.values.map((value, column) =>
    program.whole[column] === 'whole' ? Math.round(value) : null,
  )
  const fixed = {
    ...program,
    lower: program.lower.map((lower, column) => decided[column] ?? lower),
    upper: program.upper.map((upper, column) => decided[column] ?? upper),
  }
  const second = run(highs, fixed, half, isInteger)
  if (second.kind === 'solved' && second.objective - first.bound <= enough)
    return { ...second, bound: first.bound }
  return run(highs, program, options, isInteger)
}

type Must = (program: Program, column: number) => boolean
const isInteger: Must = ({ whole }, column) => whole[column] !== 'any'
const nothingWhole: Must = () => false

function isWhole(program: Program, values: readonly number[]): boolean {
  return values.every(
    (value, column) => !isInteger(program, column) || Math.abs(value - Math.round(value)) < WHOLE,
  )
}

function run(highs: Highs, program: Program, options: SolveOptions, must: Must): Solved {
  const model = highs.createModel(dataOf(highs, program, must))
  try {
    model.options.set({
      ...COMMON,
      ...FOR_FAMILIES,
      mip_abs_gap: options.within ?? EXACT,
    })
    const { stop } = options
    model.run(
      stop
        ? {
            [highs.constants.callbackType.mipInterrupt](event) {
              if (stop()) event.interrupt()
            },
          }
        : {},
    )
    return answerOf(highs, model, true)
  } finally {
    model.dispose()
  }
}

/** How far from whole a number may be and still be one. */
const WHOLE = 1e-6

/** Keeps the relaxation, which starts from where it ended last. */
function prepare(highs: Highs, program: Program): Prepared {
  if (program.cost.length === 0)
    return {
      relax: () => ({ solved: NOTHING_TO_DECIDE, isWhole: true }),
      solve: () => NOTHING_TO_DECIDE,
      dispose: () => undefined,
    }
  const model = highs.createModel(dataOf(highs, program, nothingWhole))
  model.options.set({ ...COMMON, ...FOR_FAMILIES, presolve: 'off' })
  let changed: number | null = null
  const changeRow = (
    index: number,
    row: { readonly lower: number; readonly upper: number } | undefined,
  ) => {
    if (row) model.changeRowBounds(index, row.lower, row.upper)
  }
  const all = { kind: 'range', from: 0, to: program.cost.length - 1 } as const
  return {
    relax({ cost, upper, row }) {
      model.changeColsCost(all, cost)
      model.changeColsBounds(all, program.lower, upper)
      if (changed !== null) changeRow(changed, program.rows[changed])
      if (row) changeRow(row.index, row)
      changed = row?.index ?? null
      model.run()
      const solved = answerOf(highs, model, false)
      return { solved, isWhole: solved.kind === 'nothing' || isWhole(program, solved.values) }
    },
    solve: ({ cost, upper, row }, options = {}) => {
      const rows = row
        ? program.rows.map((one, index) => (index === row.index ? { ...one, ...row } : one))
        : program.rows
      return solve(highs, { ...program, cost, upper, rows }, options)
    },
    dispose: () => model.dispose(),
  }
}

function dataOf(highs: Highs, program: Program, must: Must) {
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
  const { continuous, integer } = highs.constants.variableType
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
    ...(must !== nothingWhole && {
      integrality: program.cost.map((_, column) => (must(program, column) ? integer : continuous)),
    }),
  }
}

function answerOf(highs: Highs, model: Model, whole: boolean): Solved {
  const status = model.getModelStatus()
  const { infeasible, unboundedOrInfeasible, optimal } = highs.constants.modelStatus
  if (status === infeasible || status === unboundedOrInfeasible)
    return { kind: 'nothing', why: 'infeasible' }
  const feasible =
    model.info.get('primal_solution_status') === highs.constants.solutionStatus.feasible
  if (!feasible) return { kind: 'nothing', why: 'time' }
  const objective = model.getObjectiveValue()
  return {
    kind: 'solved',
    values: Array.from(model.getSolution().colValue),
    objective,
    bound:
      whole && status !== optimal
        ? Number(model.info.get('mip_dual_bound'))
        : Math.min(objective, whole ? Number(model.info.get('mip_dual_bound')) : objective),
  }
}
