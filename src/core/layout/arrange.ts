/**
 * Arranges a kit: annealing from the layouts at hand, then descent, then branch and bound for
 * as long as it pays. Small kits are arranged as well as can be, and proven so; large ones
 * never worse than they are or than plain first-fit.
 */
import { seeded } from '../chance/seeded'
import { Board } from './board'
import { EPSILON, searchAll } from './exact'
import { firstFit } from './firstFit'
import { asItLies, type Layout, type LayoutProblem } from './problem'
import { scoreOf } from './score'

export interface Arranged {
  readonly layout: Layout
  readonly score: number
  /** The score of the kit as it lies. */
  readonly before: number
  readonly proven: boolean
}

export type ArrangeProgress = (done: number, total: number) => void

const STEPS_A_THING = 300
const STARTS = 3
const HOT = 60
const COLD = 0.4
const CHUNKS = 20
const NODES = 120_000

/** @param seed the same seed gives the same layout */
export function arrange(
  problem: LayoutProblem,
  seed = 1,
  progress: ArrangeProgress = () => {},
): Arranged {
  const lies = asItLies(problem)
  const before = scoreOf(problem, lies)
  const free = problem.things.flatMap(({ pinned }, index) => (pinned ? [] : [index]))
  if (free.length === 0 || problem.bays.length < 2)
    return { layout: lies, score: before, before, proven: true }
  const random = seeded(seed)
  const starts = [lies, firstFit(problem)]
  const total = STARTS * CHUNKS + 1
  let best: { layout: Layout; score: number } = { layout: lies, score: before }
  for (let start = 0; start < STARTS; start++) {
    const board = new Board(problem, starts[start] ?? best.layout)
    descend(board, problem, free)
    if (board.score < best.score - EPSILON) best = { layout: [...board.layout], score: board.score }
    anneal(board, problem, free, random, (chunk) => progress(start * CHUNKS + chunk, total))
    descend(board, problem, free)
    if (board.score < best.score - EPSILON) best = { layout: [...board.layout], score: board.score }
  }
  const exact = searchAll(problem, best.layout, NODES)
  progress(total, total)
  return { layout: exact.layout, score: exact.score, before, proven: exact.proven }
}

function anneal(
  board: Board,
  { bays }: LayoutProblem,
  free: readonly number[],
  random: () => number,
  progress: (chunk: number) => void,
): void {
  const steps = STEPS_A_THING * free.length
  const pick = (count: number): number => Math.floor(random() * count)
  for (let step = 0; step < steps; step++) {
    if (step % Math.ceil(steps / CHUNKS) === 0) progress(Math.floor((CHUNKS * step) / steps))
    const heat = HOT * (COLD / HOT) ** (step / steps)
    const index = free[pick(free.length)] ?? 0
    const other = free[pick(free.length)] ?? 0
    const from = board.layout[index] ?? 0
    const to = board.layout[other] ?? 0
    const swaps = random() < 0.4 && from !== to
    const moves = swaps
      ? ([
          [index, to],
          [other, from],
        ] as const)
      : ([[index, pick(bays.length)]] as const)
    const now = board.score
    board.tryMoves(moves, (after) => after <= now || random() < Math.exp((now - after) / heat))
  }
}

/** Takes every single move and every swap that helps, until none does. */
function descend(board: Board, { bays }: LayoutProblem, free: readonly number[]): void {
  let helped = true
  while (helped) {
    helped = false
    for (const index of free) {
      for (let at = 0; at < bays.length; at++) {
        const now = board.score
        if (board.tryMoves([[index, at]], (after) => after < now - EPSILON)) helped = true
      }
      for (const other of free) {
        const from = board.layout[index] ?? 0
        const to = board.layout[other] ?? 0
        if (other <= index || from === to) continue
        const now = board.score
        const swap = [
          [index, to],
          [other, from],
        ] as const
        if (board.tryMoves(swap, (after) => after < now - EPSILON)) helped = true
      }
    }
  }
}
