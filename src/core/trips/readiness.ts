/** How ready each part of the party is: as it is packed now, or as it would be. */
import type { PlainDate } from '../calendar/plainDate'
import { board } from '../cover/board'
import type { CoverStock, Pantry } from '../cover/pantry'
import type { KitId, PocketId } from '../ids'
import { type Readiness, readinessOf } from '../judgement/readiness'
import { type Amount, add, less, NOTHING, upToMost } from '../quantity/amount'
import type { Taken } from './loadout'
import type { BagRoom } from './room'
import { daysToJudge, questionOf, type Scene, scenesOf } from './scenes'
import type { Trip } from './trip'

export interface SceneReadiness {
  readonly scene: Scene
  /** On the day on which least is ready. */
  readonly day: PlainDate
  readonly readiness: Readiness
}

/** Judges every part of the party by the household's own board, on each day on which it may differ. */
export const readinessOfTrip = (pantry: Pantry, trip: Trip): readonly SceneReadiness[] =>
  scenesOf(trip, pantry.stock).map((scene) => readinessOfScene(pantry, trip, scene, scene.from))

/** The same of one part, from a day on. */
export function readinessOfScene(
  pantry: Pantry,
  trip: Trip,
  scene: Scene,
  from: PlainDate,
): SceneReadiness {
  const days = [...new Set([...daysToJudge(pantry, { from, to: scene.to }), scene.to])]
  return days
    .map((day) => ({
      scene,
      day,
      readiness: readinessOf(board(pantry, questionOf(scene, pantry.stock, trip.wishes, day)).rows),
    }))
    .reduce((low, one) =>
      one.readiness.of - one.readiness.ready > low.readiness.of - low.readiness.ready ? one : low,
    )
}

/** The stock as it lies once everything is in its bag. */
export function withPacked<Stock extends Pick<CoverStock, 'holdings'>>(
  stock: Stock,
  taken: readonly Taken[],
  rooms: ReadonlyMap<KitId, BagRoom>,
): Stock {
  const there = new Map<string, CoverStock['holdings'][number]>(
    stock.holdings.map((one) => [`${one.lotId}/${one.pocketId}`, one]),
  )
  const put = (lotId: Taken['lotId'], pocketId: PocketId, change: (before: Amount) => Amount) => {
    const key = `${lotId}/${pocketId}`
    const before = there.get(key)?.amount ?? NOTHING
    there.set(key, { lotId, pocketId, amount: change(before) })
  }
  for (const { lotId, from, bag, amount } of taken) {
    const into = rooms.get(bag)?.pockets[0]?.id
    if (into === undefined) continue
    put(lotId, from, (before) => less(before, amount))
    put(lotId, into, (before) => upToMost(add(before, amount)))
  }
  return { ...stock, holdings: [...there.values()].filter(({ amount }) => amount > 0) }
}
