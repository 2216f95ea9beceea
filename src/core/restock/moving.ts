/** What may go where, and when: the last visit that gets a thing there, what counts on a line. */
import type { Chance, RestockProblem, Shelf } from './problem'

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

/**
 * The days on which something may be put on a line, in order. Every chance counts: where money or
 * stock is short, the best day may be any of them.
 */
export const daysToPut = (
  { stops, lines, days }: Pick<RestockProblem, 'stops' | 'lines' | 'days'>,
  line: number,
): readonly number[] =>
  (stops[lines[line]?.stop ?? -1]?.chances ?? []).map(({ day }) => day).filter((day) => day < days)
