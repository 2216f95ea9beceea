/** A layout while it is searched: one thing is moved at a time and only what that touches is scored again. */
import type { Layout, LayoutProblem, Thing } from './problem'
import { acrossOf, type Cost, homeOf, shared, sumAcross, unary } from './score'

const sum = (costs: Partial<Record<Cost, number>>): number => {
  let total = 0
  for (const cost in costs) total += costs[cost as Cost] ?? 0
  return total
}

export class Board {
  readonly layout: number[]
  /** By thing and bay. */
  private readonly alone: readonly (readonly number[])[]
  private readonly inBay: Thing[][]
  private readonly together: number[]
  private readonly across: ReturnType<typeof acrossOf>
  score: number

  constructor(
    private readonly problem: LayoutProblem,
    start: Layout,
  ) {
    const { things, bays } = problem
    this.layout = [...start]
    this.across = acrossOf(problem)
    this.alone = things.map((thing) => {
      const home = homeOf(thing, problem)
      return bays.map((bay, at) => sum(unary(thing, bay, at, home)))
    })
    this.inBay = bays.map((_, at) => things.filter((_, index) => start[index] === at))
    this.together = bays.map((bay, at) => sum(shared(this.inBay[at] ?? [], bay)))
    this.score = this.whole()
  }

  private whole(): number {
    let total = 0
    for (let index = 0; index < this.layout.length; index++)
      total += this.alone[index]?.[this.layout[index] ?? 0] ?? 0
    for (const cost of this.together) total += cost
    return total + sumAcross(this.across(this.layout))
  }

  /** The least a thing can cost, wherever it goes. */
  leastOf = (index: number): number => Math.min(...(this.alone[index] ?? [0]))
  costAlone = (index: number, at: number): number => this.alone[index]?.[at] ?? 0

  /** Puts things into other bays; takes it back when the score then is not accepted. */
  tryMoves(
    moves: readonly (readonly [index: number, to: number])[],
    accepts: (after: number) => boolean,
  ): boolean {
    const before = moves.map(([index]) => [index, this.layout[index] ?? 0] as const)
    const kept = this.score
    this.apply(moves)
    if (accepts(this.score)) return true
    this.apply(before)
    this.score = kept
    return false
  }

  private apply(moves: readonly (readonly [index: number, to: number])[]): void {
    const touched = new Set<number>()
    for (const [index, to] of moves) {
      const thing = this.problem.things[index]
      const from = this.layout[index]
      if (!thing || from === undefined || from === to) continue
      this.inBay[from] = (this.inBay[from] ?? []).filter((one) => one !== thing)
      this.inBay[to]?.push(thing)
      this.layout[index] = to
      touched.add(from).add(to)
    }
    for (const at of touched) {
      const bay = this.problem.bays[at]
      if (bay) this.together[at] = sum(shared(this.inBay[at] ?? [], bay))
    }
    this.score = this.whole()
  }
}
