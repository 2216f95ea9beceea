/** The first and last days of stops, moved one at a time: whoever goes on that day goes with it. */
import { addDays, daysBetween, earlier, later, type PlainDate } from '../calendar/plainDate'
import type { StopId } from '../ids'
import type { Stop } from './trip'

export type Edge = 'from' | 'to'

interface End {
  readonly stop: StopId
  readonly edge: Edge
}

const opposite = (edge: Edge): Edge => (edge === 'from' ? 'to' : 'from')

/** Ends of stops between which somebody goes on that day: they are one day, and move as one. */
function joinedTo(stops: readonly Stop[], { stop: stopId, edge }: End): readonly End[] {
  const found = new Map<string, End>()
  const open: End[] = [{ stop: stopId, edge }]
  for (let end = open.pop(); end; end = open.pop()) {
    const key = `${end.stop}/${end.edge}`
    const own = stops.find(({ id }) => id === end?.stop)
    if (!own || found.has(key)) continue
    found.set(key, end)
    const other = opposite(end.edge)
    for (const one of stops)
      if (
        one.id !== own.id &&
        one[other] === own[end.edge] &&
        one.members.some((member) => own.members.includes(member))
      )
        open.push({ stop: one.id, edge: other })
  }
  return [...found.values()]
}

/** A stop with a night keeps one: else it would be gone between two others. */
const nights = ({ from, to }: Stop): number => (from === to ? 0 : 1)

/**
 * Moves an end of a stop to a day, as far as each stop keeps a night that had one; everything that is joined
 * to it moves along.
 */
export function withEdgeOn(
  stops: readonly Stop[],
  stopId: StopId,
  edge: Edge,
  day: PlainDate,
): readonly Stop[] {
  const joined = joinedTo(stops, { stop: stopId, edge })
  const moved = (one: Stop, end: Edge): boolean =>
    joined.some(({ stop, edge: its }) => stop === one.id && its === end)
  // A stop of which both ends move stays as long as it is.
  const alone = stops.filter((one) => moved(one, 'from') !== moved(one, 'to'))
  const kept = alone.reduce(
    (on, one) =>
      moved(one, 'to')
        ? later(on, addDays(one.from, nights(one)))
        : earlier(on, addDays(one.to, -nights(one))),
    day,
  )
  const by = daysBetween(stops.find(({ id }) => id === stopId)?.[edge] ?? kept, kept)
  return by === 0
    ? stops
    : stops.map((one) => ({
        ...one,
        from: moved(one, 'from') ? addDays(one.from, by) : one.from,
        to: moved(one, 'to') ? addDays(one.to, by) : one.to,
      }))
}
