/** Families that were looked at before: what has not changed since is not worked out again. */

import type { Solver } from '../solving/program'
import { FamilyDealer } from './dealer'
import type { Family } from './family'
import type { RestockProblem } from './problem'

export class Dealers {
  private readonly kept = new Map<string, FamilyDealer>()

  constructor(private readonly solver: Solver) {}

  of(problem: RestockProblem, family: Family): FamilyDealer {
    const key = keyOf(problem, family)
    const known = this.kept.get(key)
    if (known) return known
    const made = new FamilyDealer(problem, family, this.solver)
    this.kept.set(key, made)
    return made
  }

  /** Gives back the memory of all but these. */
  keepOnly(dealers: readonly FamilyDealer[]): void {
    const still = new Set(dealers)
    for (const [key, dealer] of this.kept)
      if (!still.has(dealer)) {
        dealer.dispose()
        this.kept.delete(key)
      }
  }
}

/** All that a family's plan depends on, positions included. */
function keyOf(problem: RestockProblem, family: Family): string {
  const { today, days, comfortMinor, things, lines, shelves, offers, stops, wishes } = problem
  const { spoils, spells } = problem
  const { things: own } = family
  const about = new Set(own)
  return JSON.stringify([
    today,
    days,
    comfortMinor,
    family,
    own.map((index) => things[index]),
    family.lines.map((index) => lines[index]),
    family.shelves.map((index) => shelves[index]),
    offers.map((offer, index) => (about.has(offer.thing) ? [index, offer] : 0)).filter(Boolean),
    stops,
    spoils
      .filter(({ line }) => family.lines.includes(line))
      .map(({ spell, ...one }) => [one, spells[spell]]),
    wishes.filter((wish) => {
      if ('thing' in wish) return about.has(wish.thing)
      if ('offer' in wish) return about.has(offers[wish.offer]?.thing ?? -1)
      return about.has(shelves[wish.shelf]?.thing ?? -1)
    }),
  ])
}
