/**
 * A trip that has begun: what the party has with it is judged as it lies, for the days that are left.
 * Nothing comes out of the house any more; what lacks can be bought, or done without.
 */
import { later, type PlainDate } from '../calendar/plainDate'
import { type CoverStock, type Pantry, pantry } from '../cover/pantry'
import type { MemberId } from '../ids'
import { missingIn } from '../judgement/readiness'
import type { PlanGap, TripPlan } from './plan'
import { readinessOfScene, type SceneReadiness } from './readiness'
import { scenesOf } from './scenes'
import { firstDay, lastDay, type Stop, type Trip } from './trip'
import { gapsOfTrip } from './waysOut'

/**
 * Whether a trip is under way. On its first day they may still be packing: it is once nothing waits.
 * @param toPack lines of its list that wait
 */
export const isUnderWay = (
  trip: Pick<Trip, 'stops'>,
  today: PlainDate,
  { toPack, packed }: { readonly toPack: number; readonly packed: number },
): boolean => {
  const first = firstDay(trip)
  if (today > lastDay(trip) || today < first) return false
  return today > first || (toPack === 0 && packed > 0)
}

/** What is ready from today on, stop by stop; null for a stop that is over. */
const readinessFrom = (
  laid: Pantry,
  trip: Trip,
  today: PlainDate,
): readonly (SceneReadiness | null)[] =>
  scenesOf(trip, laid.stock).map((scene) =>
    scene.to < today ? null : readinessOfScene(laid, trip, scene, later(scene.from, today)),
  )

/** The plan of a trip that is under way: nothing to pack, and what each part of the party now lacks. */
export function planOnTheWay(stock: CoverStock, trip: Trip, today: PlainDate): TripPlan {
  const laid = pantry(stock)
  const judged = readinessFrom(laid, trip, today)
  const left = judged.flatMap((one, scene) => (one ? [{ one, scene }] : []))
  const gaps = gapsOfTrip(
    laid,
    trip,
    left.map(({ one }) => one),
    // What stayed at home cannot be fetched.
    { spare: () => 0 },
  )
  return {
    lines: [],
    grams: 0,
    provenGrams: 0,
    isProven: true,
    scenes: judged.map((one) =>
      one
        ? {
            ready: one.readiness.ready,
            of: one.readiness.of,
            missing: missingIn(one.readiness).map(({ name }) => name),
          }
        : { ready: 0, of: 0, missing: [], isOver: true },
    ),
    gaps: gaps.map(
      ({ scene, need, members, closings }): PlanGap => ({
        scene: left[scene]?.scene ?? 0,
        needId: need.id,
        name: need.name,
        tier: need.tier,
        members,
        because: 'lacking',
        closings,
      }),
    ),
    secondChoice: [],
    keptOut: [],
    takeOut: [],
    notTaken: [],
  }
}

/** Something to buy on the way. */
export interface ToBuy {
  readonly title: string
  readonly spec: string
  readonly packs: number
  /** What it is for. */
  readonly problems: readonly string[]
  readonly members: readonly MemberId[]
}

/**
 * What a pharmacy or a shop on the way could close: each thing once, what saves a life first. Parts of the
 * party that are apart at the same time each need their own; later the same serves again.
 * @param stops of the trip, in the order of its scenes
 */
export function toBuyOnTheWay(
  gaps: readonly PlanGap[],
  stops: readonly Pick<Stop, 'from' | 'to'>[],
): readonly ToBuy[] {
  const found = new Map<string, ToBuy>()
  const packsAt = new Map<string, Map<number, number>>()
  for (const { scene, name, members, closings } of gaps) {
    const closing = closings.find(({ steps }) => steps.every(({ kind }) => kind === 'buy'))
    for (const step of closing?.steps ?? []) {
      if (step.kind !== 'buy') continue
      const known = found.get(step.title)
      const at = packsAt.get(step.title) ?? new Map<number, number>()
      packsAt.set(step.title, at.set(scene, Math.max(at.get(scene) ?? 0, step.packs)))
      found.set(step.title, {
        title: step.title,
        spec: step.spec,
        packs: mostAtOnce(at, stops),
        problems: [...new Set([...(known?.problems ?? []), name])],
        members: [...new Set([...(known?.members ?? []), ...members])],
      })
    }
  }
  return [...found.values()]
}

/** The most packs of all stops that last at the same time. */
const mostAtOnce = (
  packs: ReadonlyMap<number, number>,
  stops: readonly Pick<Stop, 'from' | 'to'>[],
): number =>
  Math.max(
    ...[...packs.keys()].map((one) =>
      [...packs].reduce(
        (sum, [other, some]) => (areAtOnce(stops[one], stops[other]) ? sum + some : sum),
        0,
      ),
    ),
  )

/** The day on which somebody goes on from one to the other is no time at both. */
const areAtOnce = (
  one: Pick<Stop, 'from' | 'to'> | undefined,
  other: Pick<Stop, 'from' | 'to'> | undefined,
): boolean =>
  one === other ||
  (one !== undefined && other !== undefined && one.from < other.to && other.from < one.to) ||
  (one?.from === other?.from && one?.to === other?.to)
