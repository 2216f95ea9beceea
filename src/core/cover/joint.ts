/**
 * Several demands at once from the same supplies, nothing promised twice. A supply that can
 * serve two demands serves each with a part of itself, never both with the same part.
 */

/** So many uses, from any of these supplies (by their position). */
export interface Demand {
  readonly uses: number
  readonly from: readonly number[]
}

/** Some demands together need more than everything that could serve any of them. */
export interface Shortage {
  readonly have: number
  readonly need: number
  /** Positions of the demands that are short together. */
  readonly demands: readonly number[]
}

/** Up to here every subset is looked at; beyond it the flow decides. */
const FEW = 8

/**
 * The worst shortage, or null when all demands can be met at once. Exact: by Hall's condition
 * for few demands, by maximum flow for many.
 * @param supply whole uses of each supply
 */
export function shortage(demands: readonly Demand[], supply: readonly number[]): Shortage | null {
  return demands.length <= FEW ? bySubsets(demands, supply) : byFlow(demands, supply)
}

function bySubsets(demands: readonly Demand[], supply: readonly number[]): Shortage | null {
  const serves = new Map<number, number>()
  demands.forEach(({ from }, position) => {
    for (const one of from) serves.set(one, (serves.get(one) ?? 0) | (1 << position))
  })
  const capacity = new Map<number, number>()
  for (const [one, mask] of serves)
    capacity.set(mask, (capacity.get(mask) ?? 0) + (supply[one] ?? 0))
  let worst: Shortage | null = null
  for (let subset = 1; subset < 1 << demands.length; subset++) {
    let have = 0
    for (const [mask, uses] of capacity) if (mask & subset) have += uses
    let need = 0
    for (let position = 0; position < demands.length; position++)
      if (subset & (1 << position)) need += demands[position]?.uses ?? 0
    if (have < need && (worst === null || have / need < worst.have / worst.need))
      worst = { have, need, demands: demands.flatMap((_, at) => (subset & (1 << at) ? [at] : [])) }
  }
  return worst
}

/** How much each demand gets of each supply when as much as possible is served. */
export type Promises = readonly ReadonlyMap<number, number>[]

function byFlow(demands: readonly Demand[], supply: readonly number[]): Shortage | null {
  const { promises, reached } = flow(demands, supply)
  const served = promises.map((given) => sumOf(given.values()))
  if (demands.every(({ uses }, at) => (served[at] ?? 0) >= uses)) return null
  // What is still reachable from an unserved demand is the cut: those demands are short together.
  const short = demands.flatMap((_, at) => (reached.has(at) ? [at] : []))
  const from = new Set(short.flatMap((at) => demands[at]?.from ?? []))
  return {
    have: sumOf([...from].map((one) => supply[one] ?? 0)),
    need: sumOf(short.map((at) => demands[at]?.uses ?? 0)),
    demands: short,
  }
}

/**
 * Promises supplies to demands: a maximum flow by augmenting paths. Earlier supplies in a
 * demand's list are taken first where that costs the others nothing.
 */
export const promise = (demands: readonly Demand[], supply: readonly number[]): Promises =>
  flow(demands, supply).promises

function flow(demands: readonly Demand[], supply: readonly number[]) {
  const left = [...supply]
  const given = demands.map(() => new Map<number, number>())
  /** Finds a way from a demand to a supply with something left, through demands that can yield. */
  const path = (start: number): { steps: [number, number][]; reached: Set<number> } => {
    const cameFrom = new Map<number, [demand: number, supply: number]>()
    const reached = new Set([start])
    const seen = new Set<number>()
    const queue = [start]
    for (let at = queue.shift(); at !== undefined; at = queue.shift())
      for (const one of demands[at]?.from ?? []) {
        if (seen.has(one)) continue
        seen.add(one)
        if ((left[one] ?? 0) > 0) {
          const steps: [number, number][] = [[at, one]]
          for (let back = cameFrom.get(at); back; back = cameFrom.get(back[0])) steps.push(back)
          return { steps, reached }
        }
        given.forEach((taken, other) => {
          if (!reached.has(other) && (taken.get(one) ?? 0) > 0) {
            reached.add(other)
            cameFrom.set(other, [at, one])
            queue.push(other)
          }
        })
      }
    return { steps: [], reached }
  }
  demands.forEach(({ uses }, start) => {
    let missing = uses
    while (missing > 0) {
      const { steps } = path(start)
      const [last] = steps
      if (!last) return
      let amount = Math.min(missing, left[last[1]] ?? 0)
      // Along the way each demand takes from the next supply and yields what it had of the one before.
      for (let at = 0; at < steps.length - 1; at++)
        amount = Math.min(amount, given[steps[at]?.[0] ?? 0]?.get(steps[at + 1]?.[1] ?? 0) ?? 0)
      steps.forEach(([demand, one], at) => {
        const taken = given[demand]
        taken?.set(one, (taken.get(one) ?? 0) + amount)
        const yielded = steps[at + 1]?.[1]
        if (yielded !== undefined) taken?.set(yielded, (taken.get(yielded) ?? 0) - amount)
      })
      left[last[1]] = (left[last[1]] ?? 0) - amount
      missing -= amount
    }
  })
  for (const taken of given) for (const [one, uses] of taken) if (uses === 0) taken.delete(one)
  // The demands reachable from any that went without, over the final promises.
  const reached = new Set<number>()
  demands.forEach(({ uses }, at) => {
    if (sumOf(given[at]?.values() ?? []) < uses)
      for (const one of path(at).reached) reached.add(one)
  })
  return { promises: given as Promises, reached }
}

function sumOf(values: Iterable<number>): number {
  let sum = 0
  for (const value of values) sum += value
  return sum
}
