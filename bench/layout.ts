/** Computed layouts against plain first-fit on the published score, over seeded kits. */
import { arrange } from '../src/core/layout/arrange'
import { firstFit } from '../src/core/layout/firstFit'
import { scoreOf } from '../src/core/layout/score'
import { aLayoutProblem } from '../tests/support/layout'

export interface LayoutComparison {
  readonly cases: number
  /** Score of the computed layout over that of first-fit; less is better. */
  readonly mean: number
  readonly worst: number
  readonly best: number
  /** Cases in which it is not better than first-fit. */
  readonly even: number
  readonly proven: number
  /** Milliseconds a kit. */
  readonly median: number
  readonly longest: number
}

/** Kits of 8 to 40 things in every template. */
export function compareLayouts(cases: number): LayoutComparison {
  const ratios: number[] = []
  const times: number[] = []
  let proven = 0
  for (let seed = 0; seed < cases; seed++) {
    const problem = aLayoutProblem(seed, 8 + (seed % 33))
    const start = performance.now()
    const found = arrange(problem, seed)
    times.push(performance.now() - start)
    if (found.proven) proven += 1
    ratios.push(found.score / scoreOf(problem, firstFit(problem)))
  }
  const sorted = [...times].sort((a, b) => a - b)
  return {
    cases,
    mean: ratios.reduce((sum, ratio) => sum + ratio, 0) / cases,
    worst: Math.max(...ratios),
    best: Math.min(...ratios),
    even: ratios.filter((ratio) => ratio > 1 - 1e-9).length,
    proven,
    median: sorted[Math.floor(cases / 2)] ?? 0,
    longest: sorted.at(-1) ?? 0,
  }
}
