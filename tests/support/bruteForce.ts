/**
 * Every plan there is for one thing, tried out day by day: what the optimiser has to equal. Only
 * for households of a few units; each unit may go to any line on any day somebody is there.
 */

import { departure } from '../../src/core/restock/moving'
import type { Carry, Decisions, Put } from '../../src/core/restock/plan'
import type { RestockProblem } from '../../src/core/restock/problem'
import { replay } from '../../src/core/restock/replay'
import { endHere } from '../../src/core/restock/weather'

interface Tried {
  readonly spendMinor: number
  readonly costMinor: number
}

/** What can be had for one thing, by what it spends: the least cost for each sum. */
function triedOut(problem: RestockProblem, thing: number, mostPacks: number): readonly Tried[] {
  const best = new Map<number, number>()
  // The other things are left as they are; their cost is the same in every plan.
  const only = { ...problem, budgetMinor: null }
  for (const carries of allCarries(problem, thing))
    for (const { buys, puts } of allPurchases(problem, thing, mostPacks)) {
      const decisions: Decisions = { carries, buys, puts }
      const { cost, faults } = replay(only, decisions)
      if (faults.length > 0) continue
      const known = best.get(cost.spentMinor) ?? Number.POSITIVE_INFINITY
      if (cost.totalMinor < known) best.set(cost.spentMinor, cost.totalMinor)
    }
  return [...best].map(([spendMinor, costMinor]) => ({ spendMinor, costMinor }))
}

/** The least that a plan for the whole problem costs under its budget. */
export function bruteForce(problem: RestockProblem, mostPacks: number): number {
  const { costMinor: idle } = { costMinor: replay(problem, NOTHING).cost.totalMinor }
  let plans: readonly Tried[] = [{ spendMinor: 0, costMinor: idle }]
  problem.things.forEach((_, thing) => {
    const of = triedOut(problem, thing, mostPacks)
    plans = plans.flatMap((plan) =>
      of.map((one) => ({
        spendMinor: plan.spendMinor + one.spendMinor,
        costMinor: plan.costMinor + one.costMinor - idle,
      })),
    )
  })
  const budget = problem.budgetMinor ?? Number.POSITIVE_INFINITY
  return Math.min(
    ...plans.filter(({ spendMinor }) => spendMinor <= budget).map(({ costMinor }) => costMinor),
  )
}

const NOTHING: Decisions = { carries: [], buys: [], puts: [] }

/** Each lot stays or goes, whole, to one line on one day. */
function allCarries(problem: RestockProblem, thing: number): readonly (readonly Carry[])[] {
  let all: readonly (readonly Carry[])[] = [[]]
  problem.shelves.forEach((shelf, index) => {
    if (shelf.thing !== thing) return
    const from = { stop: shelf.stop, chances: problem.stops[shelf.stop]?.chances ?? [] }
    const ways = problem.lines.flatMap(({ thing: wanted, stop }, line): Carry[] => {
      const { last } = endHere(shelf)
      if (wanted !== thing || (shelf.stays !== null && line !== shelf.line)) return []
      return (problem.stops[stop]?.chances ?? []).flatMap(({ day }): Carry[] => {
        // Away from frost and heat, and back when it is over.
        if (line === shelf.line && day <= last) return []
        const taken = departure(from, { stop, day: Math.min(day, last) })
        if (!taken) return []
        return Array.from({ length: shelf.amount }, (_, amount) => ({
          shelf: index,
          line,
          amount: amount + 1,
          takeOn: taken.day,
          putOn: day,
        }))
      })
    })
    all = all.flatMap((carries) => [carries, ...ways.map((way) => [...carries, way])])
  })
  return all
}

function allPurchases(problem: RestockProblem, thing: number, mostPacks: number) {
  const lines = problem.lines.flatMap(({ thing: wanted, stop }, line) =>
    wanted === thing
      ? [{ line, days: (problem.stops[stop]?.chances ?? []).map(({ day }) => day) }]
      : [],
  )
  const days = [...new Set(lines.flatMap((one) => one.days))].sort((a, b) => a - b)
  const packs = problem.offers.flatMap((offer, index) =>
    offer.thing === thing
      ? days
          .filter((day) => day >= offer.leadDays)
          .map((by) => ({ offer: index, by, units: offer.units }))
      : [],
  )
  const bought: (typeof packs)[] = [[]]
  for (let count = 0, from = 0; count < mostPacks; count++) {
    const until = bought.length
    for (const before of bought.slice(from, until))
      for (const pack of packs) bought.push([...before, pack])
    from = until
  }
  return bought.flatMap((set) => {
    let puts: readonly (readonly Put[])[] = [[]]
    for (const { by, units } of set)
      for (let unit = 0; unit < units; unit++) {
        const ways = lines.flatMap(({ line, days: there }) =>
          there
            .filter((day) => day >= by)
            .map((putOn): Put => ({ thing, line, amount: 1, boughtBy: by, putOn })),
        )
        puts = puts.flatMap((before) => [before, ...ways.map((way) => [...before, way])])
      }
    return puts.map((put) => ({
      buys: set.map(({ offer, by }) => ({ offer, by, packs: 1 })),
      puts: put,
    }))
  })
}
