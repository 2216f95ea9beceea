/**
 * One choice of each family under a budget, relaxed: the steps that save most for what they
 * cost are taken until the budget is used up, the last of them in part.
 */

export interface Priced {
  readonly spendMinor: number
  readonly costMinor: number
}

/** From one choice of a family to a dearer one that saves more. */
interface Step {
  readonly family: number
  readonly to: number
  readonly spend: number
  readonly saves: number
}

export interface Relaxed {
  /** What a hundredth more to spend would save. */
  readonly price: number
  readonly costMinor: number
  /** The family whose step is taken in part, with what it then spends; null where none is. */
  readonly parted: { readonly family: number; readonly spendMinor: number } | null
  /** By how much even the least of all together is above the budget; 0 where it is not. */
  readonly over: number
  /** The choice of each family, by position, with that step left out and smaller ones taken. */
  readonly taken: readonly number[]
}

/** The cheapest choices on the way from spending least to saving most, by position. */
function hullOf(choices: readonly Priced[]): readonly number[] {
  const at = (index: number): Priced => choices[index] as Priced
  const rate = (a: number, b: number): number =>
    (at(a).costMinor - at(b).costMinor) / (at(b).spendMinor - at(a).spendMinor)
  const sorted = choices
    .map((_, index) => index)
    .sort((a, b) => at(a).spendMinor - at(b).spendMinor || at(a).costMinor - at(b).costMinor)
  const hull: number[] = []
  for (const index of sorted) {
    const last = hull.at(-1)
    if (last !== undefined && at(index).costMinor >= at(last).costMinor) continue
    while (hull.length >= 2) {
      const [a, b] = [hull.at(-2) as number, hull.at(-1) as number]
      if (rate(a, b) > rate(b, index)) break
      hull.pop()
    }
    hull.push(index)
  }
  return hull
}

/**
 * @param families the choices that are known of each; each has at least one
 * @throws {RangeError} for a family without any choice
 */
export function relaxed(families: readonly (readonly Priced[])[], budgetMinor: number): Relaxed {
  let left = budgetMinor
  let costMinor = 0
  const steps: Step[] = []
  const taken = families.map((choices, family) => {
    const hull = hullOf(choices)
    const [first] = hull
    const start = first === undefined ? undefined : choices[first]
    if (first === undefined || !start) throw new RangeError('A family without any choice')
    left -= start.spendMinor
    costMinor += start.costMinor
    hull.slice(1).forEach((to, index) => {
      const before = choices[hull[index] as number] as Priced
      const after = choices[to] as Priced
      steps.push({
        family,
        to,
        spend: after.spendMinor - before.spendMinor,
        saves: before.costMinor - after.costMinor,
      })
    })
    return first
  })
  const over = Math.max(0, -left)
  steps.sort((a, b) => b.saves / b.spend - a.saves / a.spend || a.family - b.family)
  let price = 0
  let parted: Relaxed['parted'] = null
  const missed = new Set<number>()
  for (const { family, to, spend, saves } of over > 0 ? [] : steps) {
    if (missed.has(family)) continue
    if (spend <= left) {
      left -= spend
      taken[family] = to
      if (!parted) costMinor -= saves
      continue
    }
    missed.add(family)
    if (parted) continue
    price = saves / spend
    costMinor -= price * left
    const before = families[family]?.[taken[family] as number]
    parted = { family, spendMinor: (before?.spendMinor ?? 0) + left }
  }
  return { price, costMinor, parted, over, taken }
}
