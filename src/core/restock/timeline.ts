/** A plan as a line of time: what is done at each visit, in the order in which it is done. */
import type { BuyLine, CarryLine, RestockBoard, TakeOutLine } from './board'
import type { RestockProblem } from './problem'

/** One visit to one place, with all that is done there. */
export interface VisitStop {
  readonly day: number
  readonly stop: number
  /** To be had before going there, with what it is for. */
  readonly buys: readonly BuyLine[]
  readonly takes: readonly CarryLine[]
  readonly puts: readonly CarryLine[]
  readonly takeOuts: readonly TakeOutLine[]
  /** Spent from today through this visit. */
  readonly spentMinor: number
}

/** Visits on which something is done, by day, then in the order of the places. */
export function timeline(
  problem: Pick<RestockProblem, 'lines' | 'shelves' | 'stops' | 'offers'>,
  { buys, carries, takeOuts }: Pick<RestockBoard, 'buys' | 'carries' | 'takeOuts'>,
): readonly VisitStop[] {
  const visits = new Map<string, { -readonly [Key in keyof VisitStop]: VisitStop[Key] }>()
  const at = (day: number, stop: number) => {
    const key = `${day}/${stop}`
    const known = visits.get(key)
    if (known) return known
    const made = { day, stop, buys: [], takes: [], puts: [], takeOuts: [], spentMinor: 0 }
    visits.set(key, made)
    return made
  }
  for (const buy of buys) {
    const [first] = buy.goesTo
    const visit = at(buy.by, problem.lines[first?.line ?? -1]?.stop ?? 0)
    visit.buys = [...visit.buys, buy]
  }
  for (const carry of carries) {
    const to = problem.lines[carry.line]?.stop ?? 0
    const put = at(carry.putOn, to)
    put.puts = [...put.puts, carry]
    // On the same day it is one walk, told where it ends.
    if (carry.takeOn === carry.putOn) continue
    const take = at(carry.takeOn, problem.shelves[carry.shelf]?.stop ?? 0)
    take.takes = [...take.takes, carry]
  }
  for (const out of takeOuts) {
    if (out.on === null) continue
    const visit = at(out.on, out.stop)
    visit.takeOuts = [...visit.takeOuts, out]
  }
  let spent = 0
  return [...visits.values()]
    .sort((a, b) => a.day - b.day || a.stop - b.stop)
    .map((visit) => {
      spent += visit.buys.reduce((sum, { costMinor }) => sum + costMinor, 0)
      return { ...visit, spentMinor: spent }
    })
}
