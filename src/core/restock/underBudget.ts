/**
 * The best choice of each family under one budget, by branch and bound. A price on money gives
 * what no plan can be below; where the relaxation would take a step of one family in part, that
 * family either spends less or spends more, and each is looked at on its own.
 */
import { type Priced, type Relaxed, relaxed } from './choices'

/** What a family may spend. */
export interface Spending {
  readonly least: number
  readonly most: number
}

export const ANY_SPENDING: Spending = { least: 0, most: Number.POSITIVE_INFINITY }

/** One family as the budget sees it: its choices so far, and the best of all at a price. */
export interface Dealer<Choice extends Priced> {
  readonly choices: readonly Choice[]
  /** Finds the best at a price of money, adds it to the choices, and says what none is below. */
  bound(price: number, spending: Spending): number
}

export interface UnderBudget<Choice> {
  readonly chosen: readonly Choice[]
  readonly costMinor: number
  readonly boundMinor: number
  readonly fits: boolean
}

interface Node {
  readonly spending: ReadonlyMap<number, Spending>
  readonly bound: number
  readonly parted: Relaxed['parted']
}

const MOST_ROUNDS = 12
const MOST_NODES = 2000

/** @param enough whether a gap of so much is small enough at such a cost */
export function chooseUnder<Choice extends Priced>(
  dealers: readonly Dealer<Choice>[],
  budget: number,
  enough: (gap: number, cost: number) => boolean,
  stopped: () => boolean,
): UnderBudget<Choice> {
  let best: readonly Choice[] = dealers.map(({ choices }) => leastOf(choices))
  let cost = sum(best, 'costMinor')
  const fits = sum(best, 'spendMinor') <= budget

  const look = (spending: ReadonlyMap<number, Spending>, parent: number): Node => {
    let bound = parent
    let parted: Relaxed['parted'] = null
    let price = -1
    for (let round = 0; round < MOST_ROUNDS; round++) {
      const allowed = dealers.map(({ choices }, family) => {
        const { least, most } = spending.get(family) ?? ANY_SPENDING
        return choices.filter((one) => one.spendMinor >= least && one.spendMinor <= most)
      })
      if (allowed.some((choices) => choices.length === 0))
        return { spending, bound: Number.POSITIVE_INFINITY, parted: null }
      const at = relaxed(allowed, budget)
      const taken = allowed.map((choices, family) => choices[at.taken[family] ?? 0] as Choice)
      if (sum(taken, 'spendMinor') <= budget && sum(taken, 'costMinor') < cost) {
        best = taken
        cost = sum(taken, 'costMinor')
      }
      parted = at.parted
      // Where even the least is above the budget, so dear that what is over costs more than all.
      const next = at.over > 0 ? (cost + 1) / at.over : at.price
      if (next === price) break
      price = next
      const lower = dealers.reduce(
        (total, dealer, family) => total + dealer.bound(next, spending.get(family) ?? ANY_SPENDING),
        -next * budget,
      )
      bound = Math.max(bound, lower)
      if (bound >= cost || stopped()) break
      if (at.over === 0 && enough(at.costMinor - bound, cost)) break
    }
    return { spending, bound, parted }
  }

  const open = fits ? [look(new Map(), Number.NEGATIVE_INFINITY)] : []
  // What nodes that are not divided any more are not below.
  let closed = Number.POSITIVE_INFINITY
  const bound = (): number => Math.min(cost, closed, ...open.map((node) => node.bound))
  for (let nodes = 0; open.length > 0 && nodes < MOST_NODES; nodes++) {
    if (enough(cost - bound(), cost) || stopped()) break
    open.sort((a, b) => b.bound - a.bound)
    const node = open.pop() as Node
    const { parted } = node
    if (!parted) {
      closed = Math.min(closed, node.bound)
      continue
    }
    const { least, most } = node.spending.get(parted.family) ?? ANY_SPENDING
    const cut = Math.floor(parted.spendMinor)
    for (const half of [
      { least, most: Math.min(most, cut) },
      { least: Math.max(least, cut + 1), most },
    ]) {
      if (half.least > half.most) continue
      const child = look(new Map(node.spending).set(parted.family, half), node.bound)
      if (child.bound < cost) open.push(child)
    }
  }
  return { chosen: best, costMinor: cost, boundMinor: bound(), fits }
}

const leastOf = <Choice extends Priced>(choices: readonly Choice[]): Choice =>
  choices.reduce((least, one) =>
    one.spendMinor < least.spendMinor ||
    (one.spendMinor === least.spendMinor && one.costMinor < least.costMinor)
      ? one
      : least,
  )

const sum = (of: readonly Priced[], what: keyof Priced): number =>
  of.reduce((total, one) => total + one[what], 0)
