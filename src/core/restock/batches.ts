/** Lots that lie together and last alike are one to a plan; which of them goes is said afterwards. */
import type { Family } from './family'
import { lastOf } from './moving'
import type { Carry } from './plan'
import type { RestockProblem } from './problem'
import { endHere } from './weather'

export interface Batch {
  /** Soonest turning first. */
  readonly shelves: readonly number[]
  readonly thing: number
  readonly stop: number
  readonly line: number | null
  readonly amount: number
  /** The end of what is looked ahead for all that outlasts it. */
  readonly last: number
  /** Good through this day if it stays where it lies. */
  readonly here: number
  readonly stays: boolean
  /** Carried in whole units only. */
  readonly whole: boolean
  /** Lines that the keeper does not want it on. */
  readonly notTo: readonly number[]
}

/** What is good still of a family, in batches. */
export function batchesOf(problem: RestockProblem, family: Family): readonly Batch[] {
  const batches = new Map<string, number[]>()
  const wished = new Set(problem.wishes.flatMap((wish) => ('shelf' in wish ? [wish.shelf] : [])))
  for (const index of family.shelves) {
    const shelf = problem.shelves[index]
    if (!shelf || lastOf(shelf) < 0) continue
    const { thing, stop, line, stays, amount } = shelf
    const last = Math.min(lastOf(shelf), problem.days)
    const alone = wished.has(index) || !Number.isInteger(amount) ? index : ''
    const here = Math.min(endHere(shelf).last, problem.days)
    const key = [thing, stop, line, last, here, stays !== null, alone].join('/')
    batches.set(key, [...(batches.get(key) ?? []), index])
  }
  return [...batches.values()].map((indices): Batch => {
    const shelves = indices.sort(
      (a, b) => lastOf(shelfOf(problem, a)) - lastOf(shelfOf(problem, b)) || a - b,
    )
    const { thing, stop, line, stays, lastDay, here } = shelfOf(problem, shelves[0] as number)
    const amount = shelves.reduce((sum, index) => sum + shelfOf(problem, index).amount, 0)
    return {
      shelves,
      thing,
      stop,
      line,
      amount,
      last: Math.min(lastOf({ lastDay }), problem.days),
      here: Math.min(endHere({ lastDay, here }).last, problem.days),
      stays: stays !== null,
      whole: Number.isInteger(amount),
      notTo: problem.wishes.flatMap((wish) =>
        wish.kind === 'no_carry' && shelves.includes(wish.shelf) ? [wish.line] : [],
      ),
    }
  })
}

const shelfOf = (problem: RestockProblem, index: number) =>
  problem.shelves[index] as RestockProblem['shelves'][number]

/** Names the lots that are carried, the soonest turning first. */
export function outOfBatches(
  problem: RestockProblem,
  carries: readonly (Omit<Carry, 'shelf'> & { readonly batch: Batch })[],
): readonly Carry[] {
  const left = new Map<number, number>()
  return [...carries]
    .sort((a, b) => a.takeOn - b.takeOn || a.line - b.line)
    .flatMap(({ batch, amount, ...carry }): Carry[] => {
      const parts: Carry[] = []
      let due = amount
      for (const shelf of batch.shelves) {
        const there = left.get(shelf) ?? shelfOf(problem, shelf).amount
        const part = Math.min(due, there)
        if (part <= 0) continue
        left.set(shelf, there - part)
        due -= part
        parts.push({ ...carry, shelf, amount: part })
      }
      return parts
    })
}
