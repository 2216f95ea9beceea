/** What a computed layout changes, thing by thing, and what each change is good for. */
import type { Layout, LayoutProblem } from './problem'
import { breakdown, COSTS, type Cost } from './score'

export interface LayoutMove {
  readonly key: string
  readonly title: string
  /** Indices of bays. */
  readonly from: number
  readonly to: number
  /** What gets better by it, the most first; empty where it only makes room. */
  readonly why: readonly Cost[]
  /** By how much the layout would be worse without it. */
  readonly gain: number
}

/** Each moved thing judged by putting it alone back where it lay. */
export function movesOf(problem: LayoutProblem, layout: Layout): readonly LayoutMove[] {
  const after = breakdown(problem, layout)
  return problem.things
    .flatMap((thing, index) => {
      const to = layout[index] ?? thing.at
      if (to === thing.at) return []
      const back = breakdown(
        problem,
        layout.map((at, other) => (other === index ? thing.at : at)),
      )
      const better = COSTS.map((cost) => ({ cost, by: back[cost] - after[cost] }))
      return [
        {
          key: thing.key,
          title: thing.title,
          from: thing.at,
          to,
          why: better
            .filter(({ cost, by }) => by > 0.5 && cost !== 'moved')
            .sort((a, b) => b.by - a.by)
            .map(({ cost }) => cost),
          gain: better.reduce((total, { by }) => total + by, 0),
        },
      ]
    })
    .sort((a, b) => b.gain - a.gain)
}
