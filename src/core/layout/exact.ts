/**
 * Branch and bound over all layouts. Every cost only grows as more things are put down, so
 * what is down plus the least that each remaining thing must cost is a lower bound.
 */
import { Board } from './board'
import type { Layout, LayoutProblem } from './problem'
import { acrossOf, type Cost, shared, sumAcross } from './score'

export interface Exact {
  readonly layout: Layout
  readonly score: number
  /** Nothing better exists; false when the search was cut short. */
  readonly proven: boolean
}

const sum = (costs: Partial<Record<Cost, number>>): number =>
  Object.values(costs).reduce((total, cost) => total + (cost ?? 0), 0)

/** Differences smaller than this are rounding. */
export const EPSILON = 1e-6

/**
 * @param best a layout known already; only better ones are looked for
 * @param mostNodes gives up after so many; then the best so far is not proven
 */
export function searchAll(problem: LayoutProblem, best: Layout, mostNodes: number): Exact {
  const { things, bays } = problem
  const board = new Board(problem, best)
  const across = acrossOf(problem)
  const acrossNow = (): number => sumAcross(across(layout))
  let found: Layout = [...best]
  let least = board.score
  let nodes = 0
  const free = things.flatMap(({ pinned }, index) => (pinned ? [] : [index]))
  // The most costly choices first: they cut the most.
  const order = [...free].sort((a, b) => board.leastOf(b) - board.leastOf(a) || a - b)
  const remaining = [0]
  for (const index of [...order].reverse())
    remaining.push((remaining.at(-1) ?? 0) + board.leastOf(index))
  remaining.reverse()

  const layout: number[] = things.map(({ pinned, at }) => (pinned ? at : -1))
  const bayCost = (at: number): number => {
    const bay = bays[at]
    return bay
      ? sum(
          shared(
            things.filter((_, index) => layout[index] === at),
            bay,
          ),
        )
      : 0
  }
  const alone = things.reduce(
    (total, { pinned, at }, index) => total + (pinned ? board.costAlone(index, at) : 0),
    0,
  )

  function visit(depth: number, aloneSoFar: number, together: readonly number[]): boolean {
    nodes += 1
    if (nodes > mostNodes) return false
    const index = order[depth]
    if (index === undefined) {
      const whole = aloneSoFar + together.reduce((total, cost) => total + cost, 0) + acrossNow()
      if (whole < least - EPSILON) {
        least = whole
        found = [...layout]
      }
      return true
    }
    const choices = bays
      .map((_, at) => ({ at, cost: board.costAlone(index, at) }))
      .sort((a, b) => a.cost - b.cost || a.at - b.at)
    for (const { at, cost } of choices) {
      layout[index] = at
      const here = bayCost(at)
      const next = together.map((one, other) => (other === at ? here : one))
      const bound =
        aloneSoFar +
        cost +
        next.reduce((total, one) => total + one, 0) +
        acrossNow() +
        (remaining[depth + 1] ?? 0)
      const complete = bound >= least - EPSILON || visit(depth + 1, aloneSoFar + cost, next)
      layout[index] = -1
      if (!complete) return false
    }
    return true
  }

  const proven = visit(
    0,
    alone,
    bays.map((_, at) => bayCost(at)),
  )
  return { layout: found, score: least, proven }
}
