/** How soon a thing is in the hand: the way to its kit, and out of its pocket. */
import type { Kit } from '../household/places'
import type { Pocket } from '../household/pocket'

/** Nobody timed the pocket: it is taken for one that is not at hand. */
const UNTIMED_SECONDS = 60

/** The way to the kit and out of the pocket; null where nobody has said either. */
export function secondsTo(
  kit: Pick<Kit, 'minutesAway'> | undefined,
  { reachSeconds }: Pick<Pocket, 'reachSeconds'>,
): number | null {
  const away = kit?.minutesAway ?? null
  if (away === null) return reachSeconds
  return away * 60 + (reachSeconds ?? UNTIMED_SECONDS)
}

interface Reached {
  readonly seconds: number | null
}

export const reachedFirst = (a: Reached, b: Reached): number =>
  (a.seconds ?? UNTIMED_SECONDS) - (b.seconds ?? UNTIMED_SECONDS)

/** Further than this a life-saver is not at hand: somebody else's at hand comes before one's own. */
const AT_HAND_SECONDS = 5 * 60

export const isAtHand = ({ seconds }: Reached): boolean =>
  (seconds ?? UNTIMED_SECONDS) <= AT_HAND_SECONDS

/**
 * How many minutes away the nearest of it lies, where that is further than at hand; null where it is
 * at hand, or where there is none.
 */
export function minutesBeyondHand(sources: readonly Reached[]): number | null {
  if (sources.length === 0) return null
  if (sources.some(isAtHand)) return null
  const nearest = Math.min(...sources.map(({ seconds }) => seconds ?? UNTIMED_SECONDS))
  return Math.round(nearest / 60)
}
