/** How long a round takes, learned from earlier ones. */
import type { PlainDate } from '../calendar/plainDate'
import { ITEM_KINDS, type ItemKind } from '../stock/itemKind'
import { asksOf } from './asks'
import type { RoundPocket } from './contents'

/** Seconds that were taken for so many things of a kind. */
export interface Timing {
  readonly kind: ItemKind
  readonly things: number
  readonly seconds: number
}

/** Seconds for one thing of each kind. */
export type Speed = Readonly<Record<ItemKind, number>>

/** Working figures of ours until the household's own rounds say better. */
export const FIRST_SPEED: Speed = {
  medicine: 10,
  sterile: 9,
  supply: 7,
  instrument: 8,
  sharp: 8,
  battery: 20,
  pressurised: 9,
  food: 8,
  paper: 5,
}
const SECONDS_A_POCKET = 20
/** The first figures weigh as much as so many things that were timed. */
const FIRST_WEIGHS = 8

/** The mean of what was timed and the first figures, which fade as more is timed. */
export function learnSpeed(timings: readonly Timing[]): Speed {
  const known = new Map(timings.map((timing) => [timing.kind, timing]))
  return Object.fromEntries(
    ITEM_KINDS.map((kind) => {
      const { things, seconds } = known.get(kind) ?? { things: 0, seconds: 0 }
      return [kind, (FIRST_SPEED[kind] * FIRST_WEIGHS + seconds) / (FIRST_WEIGHS + things)]
    }),
  ) as unknown as Speed
}

/** Seconds to take pockets out, answer what is asked, and put them back. */
export const secondsFor = (
  pockets: readonly Pick<RoundPocket, 'reachSeconds' | 'things'>[],
  speed: Speed,
  today: PlainDate,
): number =>
  Math.round(
    pockets.reduce(
      (total, { reachSeconds, things }) =>
        total +
        SECONDS_A_POCKET +
        (reachSeconds ?? 0) +
        things.reduce(
          (sum, thing) => sum + (asksOf(thing, today).length > 0 ? speed[thing.kind] : 0),
          0,
        ),
      0,
    ),
  )
