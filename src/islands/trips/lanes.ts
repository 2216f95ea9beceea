/** Stops beside each other in time stand below each other on the screen. */
import type { Stop } from '../../core/trips/trip'

/**
 * The lane of each stop: the first in which nothing else is on the same days. The day on which
 * somebody moves from one to the other is shared.
 */
export function lanesOf(stops: readonly Pick<Stop, 'from' | 'to'>[]): readonly number[] {
  const lanes: number[] = []
  for (const [at, { from, to }] of stops.entries()) {
    const taken = new Set(
      stops.slice(0, at).flatMap((other, index) => {
        const isBeside =
          (other.from < to && from < other.to) || (other.from === from && other.to === to)
        return isBeside ? [lanes[index]] : []
      }),
    )
    let lane = 0
    while (taken.has(lane)) lane += 1
    lanes.push(lane)
  }
  return lanes
}

/** Pairs of stops between which somebody moves, by their positions. */
export function joinsOf(
  stops: readonly Pick<Stop, 'from' | 'members'>[],
): readonly (readonly [number, number])[] {
  const joins = new Map<string, readonly [number, number]>()
  for (const member of new Set(stops.flatMap(({ members }) => members))) {
    const own = stops
      .map((stop, at) => ({ stop, at }))
      .filter(({ stop }) => stop.members.includes(member))
      .sort((a, b) => (a.stop.from < b.stop.from ? -1 : 1))
    for (const [at, { at: before }] of own.entries()) {
      const after = own[at + 1]?.at
      if (after !== undefined) joins.set(`${before}/${after}`, [before, after])
    }
  }
  return [...joins.values()]
}
