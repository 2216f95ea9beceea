/**
 * The chances that are worth deciding about. Nothing is gained by putting something on a line
 * long before it lacks, so that only the last chance before each drop counts, and the first one
 * after it, for what would not last from before; and a thing is taken from where it lies on the
 * last visit that gets it there.
 */
import type { Family } from './family'
import type { Chance, RestockProblem, Shelf } from './problem'

/** The last chance on or before a day, or the first one where none is. */
function chanceBy(chances: readonly Chance[], day: number): Chance | undefined {
  let found = chances[0]
  for (const chance of chances) {
    if (chance.day > day) break
    found = chance
  }
  return found
}

/** The last visit to one stop from which something is at another by a day; null for none. */
export function departure(
  from: { readonly stop: number; readonly chances: readonly Chance[] },
  to: { readonly stop: number; readonly day: number },
): Chance | null {
  let found: Chance | null = null
  for (const chance of from.chances)
    if ((from.stop === to.stop ? chance.day : chance.leaves) <= to.day) found = chance
  return found
}

/** Whether a thing counts on a line: it is what belongs there, or it may stand in. */
export const countsOn = (problem: RestockProblem, line: number, thing: number): boolean => {
  const wanted = problem.lines[line]?.thing
  return (
    wanted === thing ||
    (wanted !== undefined && (problem.things[wanted]?.standIns.includes(thing) ?? false))
  )
}

/** Good through this day; without an end for what never turns. */
export const lastOf = ({ lastDay }: Pick<Shelf, 'lastDay'>): number =>
  lastDay ?? Number.POSITIVE_INFINITY

/** Of each par line of a family, by position, the days worth deciding about, in order. */
export function usefulDays(
  problem: RestockProblem,
  family: Family,
): ReadonlyMap<number, readonly number[]> {
  const { days, stops, lines, shelves, things } = problem
  const useful = new Map(family.lines.map((line) => [line, new Set<number>()]))
  const chancesOf = (line: number) => stops[lines[line]?.stop ?? -1]?.chances ?? []
  const add = (line: number, drop: number): boolean => {
    const known = useful.get(line)
    if (!known || drop >= days) return false
    const before = known.size
    const after = chancesOf(line).find(({ day }) => day >= drop)
    for (const chance of [chanceBy(chancesOf(line), drop), after]) if (chance) known.add(chance.day)
    return known.size > before
  }
  for (const line of family.lines) {
    add(line, 0)
    for (const { day } of lines[line]?.uses ?? []) add(line, day + 1)
    for (const index of family.shelves) {
      const shelf = shelves[index]
      if (shelf && countsOn(problem, line, shelf.thing)) add(line, Math.max(0, lastOf(shelf) + 1))
    }
  }
  // What is taken away, and what is bought and turns again, makes drops of its own.
  for (let grew = true; grew; ) {
    grew = false
    const bought = new Set([...useful.values()].flatMap((of) => [...of]))
    for (const line of family.lines) {
      for (const thing of family.things) {
        const { freshDays } = things[thing] ?? { freshDays: null }
        if (freshDays === null || !countsOn(problem, line, thing)) continue
        for (const day of bought) if (add(line, day + freshDays + 1)) grew = true
      }
      for (const index of family.shelves) {
        const shelf = shelves[index]
        if (!shelf || shelf.line !== line || shelf.stays !== null) continue
        const from = { stop: shelf.stop, chances: chancesOf(line) }
        for (const other of family.lines) {
          const to = lines[other]
          if (!to || other === line || !countsOn(problem, other, shelf.thing)) continue
          for (const day of useful.get(other) ?? []) {
            const taken = departure(from, { stop: to.stop, day })
            if (taken && taken.day <= lastOf(shelf) && add(line, taken.day)) grew = true
          }
        }
      }
    }
  }
  return new Map([...useful].map(([line, of]) => [line, [...of].sort((a, b) => a - b)]))
}
