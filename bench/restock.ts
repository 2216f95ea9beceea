/**
 * Plans over all places: how long a large household takes and how near to the best it is proven,
 * what another budget takes, and by how much the plan beats the plain one over seeded households.
 */
import { Dealers } from '../src/core/restock/dealers'
import { greedyPlan } from '../src/core/restock/greedy'
import { Optimiser } from '../src/core/restock/optimise'
import { replay } from '../src/core/restock/replay'
import { highsSolver } from '../src/solver/highs'
import { LARGE, seededProblem, USUAL } from '../tests/support/restock'

const HOUSEHOLDS = 200
const LARGE_ONES = 5

const middle = (of: readonly number[]): number =>
  [...of].sort((a, b) => a - b)[Math.floor(of.length / 2)] ?? 0

/** @returns lines to print */
export async function comparePlans(): Promise<readonly string[]> {
  const solver = await highsSolver()
  const first: number[] = []
  const gaps: number[] = []
  const again: number[] = []
  for (let seed = 1; seed <= LARGE_ONES; seed++) {
    const problem = seededProblem(seed, LARGE)
    const optimiser = new Optimiser(problem, new Dealers(solver))
    let start = performance.now()
    const { decisions, gap } = optimiser.plan(null)
    first.push(performance.now() - start)
    gaps.push(gap)
    const { spentMinor } = replay(problem, decisions).cost
    optimiser.plan(spentMinor * 0.9)
    for (const share of [0.88, 0.92, 0.85]) {
      start = performance.now()
      const other = optimiser.plan(Math.round(spentMinor * share))
      again.push(performance.now() - start)
      gaps.push(other.gap)
    }
  }
  const saved: number[] = []
  const spent: number[] = []
  let worse = 0
  for (let seed = 1; seed <= HOUSEHOLDS; seed++) {
    const problem = seededProblem(seed, { ...USUAL, things: 12, lots: 48 })
    const { decisions } = new Optimiser(problem, new Dealers(solver)).plan(null)
    const best = replay(problem, decisions).cost
    const plain = replay(problem, greedyPlan(problem)).cost
    if (best.totalMinor > plain.totalMinor + 1) worse++
    saved.push(best.totalMinor / plain.totalMinor)
    spent.push(best.spentMinor / Math.max(1, plain.spentMinor))
  }
  return [
    `12 kits, 150 things, 2,000 lots, 24 months: median ${(middle(first) / 1000).toFixed(1)} s, widest gap ${(Math.max(...gaps) * 100).toFixed(2)} %`,
    `the same under another budget: median ${(middle(again) / 1000).toFixed(2)} s`,
    `${HOUSEHOLDS} households: cost ${middle(saved).toFixed(3)} of the plain plan's, spent ${middle(spent).toFixed(2)} of it (medians); worse ${worse} times`,
  ]
}
