/**
 * Who does what, one thing after the other, so that what matters most is done whatever the time. What
 * matters less never delays what matters more: it is given out only when everything before it is.
 */
import type { MemberId } from '../ids'
import { type EvacuationTask, TIERS_OF_EVACUATION } from './tasks'

export interface Step {
  readonly task: EvacuationTask
  readonly by: MemberId
  /** Seconds from the first word to the beginning and the end. */
  readonly from: number
  readonly to: number
}

export interface Schedule {
  readonly steps: readonly Step[]
  /** There is no time for these, the most important first; never anybody of the people. */
  readonly leftOut: readonly EvacuationTask[]
  /** When the last step is done. */
  readonly done: number
}

/**
 * People are never left out, however long it takes. Who hides is shut in before everything else, unless
 * somebody would be out too late for it.
 * @param hands who can be sent; those who are named in a task do it themselves
 * @param limit seconds until the last step has to be done
 */
export function scheduleTasks(
  tasks: readonly EvacuationTask[],
  hands: readonly MemberId[],
  limit: number,
): Schedule {
  const orders = [byTail(tasks), byLength(tasks), [...tasks]].flatMap((order) => {
    const tiers = TIERS_OF_EVACUATION.flatMap((tier) => order.filter((task) => task.tier === tier))
    return [
      [...tiers.filter(({ isEarly }) => isEarly), ...tiers.filter(({ isEarly }) => !isEarly)],
      tiers,
    ]
  })
  const found = orders.map((order) => inOrder(order, hands, limit))
  return found.reduce((best, one) => (isBetter(one, best, limit) ? one : best))
}

/** People sooner where they would be late, then more of what matters, then sooner. */
function isBetter(a: Schedule, b: Schedule, limit: number): boolean {
  const ranks = (of: Schedule): readonly number[] => [
    Math.max(limit, ...of.steps.flatMap(({ task, to }) => (task.tier === 'people' ? [to] : []))),
    ...TIERS_OF_EVACUATION.map((tier) => of.leftOut.filter((task) => task.tier === tier).length),
    of.done,
  ]
  const before = ranks(b)
  const mine = ranks(a)
  const differs = mine.findIndex((rank, at) => rank !== before[at])
  return differs >= 0 && (mine[differs] ?? 0) < (before[differs] ?? 0)
}

/** What others wait for longest comes first. */
function byTail(tasks: readonly EvacuationTask[]): readonly EvacuationTask[] {
  const tail = new Map<string, number>()
  const tailOf = (task: EvacuationTask): number => {
    const known = tail.get(task.key)
    if (known !== undefined) return known
    const after = tasks.filter((one) => one.after.includes(task.key)).map(tailOf)
    const own = task.seconds + Math.max(0, ...after)
    tail.set(task.key, own)
    return own
  }
  return [...tasks].sort((a, b) => tailOf(b) - tailOf(a))
}

const byLength = (tasks: readonly EvacuationTask[]): readonly EvacuationTask[] =>
  [...tasks].sort((a, b) => b.seconds - a.seconds)

function inOrder(
  tasks: readonly EvacuationTask[],
  hands: readonly MemberId[],
  limit: number,
): Schedule {
  const free = new Map<MemberId, number>()
  const ended = new Map<string, number>()
  const steps: Step[] = []
  const leftOut: EvacuationTask[] = []
  for (const task of tasks) {
    const doers = task.by === null ? hands : [task.by]
    const before = task.after.map((key) => ended.get(key))
    // What it waits for is not done: then it is not either.
    const ready = before.includes(undefined)
      ? Number.POSITIVE_INFINITY
      : Math.max(0, ...before.map((at) => at ?? 0))
    const [soonest] = doers
      .map((by) => ({ by, from: Math.max(ready, free.get(by) ?? 0) }))
      .sort((a, b) => a.from - b.from || load(steps, a.by) - load(steps, b.by))
    const isInTime = soonest !== undefined && soonest.from + task.seconds <= limit
    if (!soonest || !(isInTime || task.tier === 'people')) {
      leftOut.push(task)
      continue
    }
    const to = soonest.from + task.seconds
    free.set(soonest.by, to)
    ended.set(task.key, to)
    steps.push({ task, by: soonest.by, from: soonest.from, to })
  }
  return { steps, leftOut, done: Math.max(0, ...steps.map(({ to }) => to)) }
}

const load = (steps: readonly Step[], by: MemberId): number =>
  steps.filter((step) => step.by === by).length
