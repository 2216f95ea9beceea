/** Where each part of a lot has been, read off the ledger: what it met is never lost by moving it. */
import type { LotId, PocketId } from '../ids'
import { effectOf, type Fact, type Movement } from '../stock/movement'

/** So long in one pocket. Minutes; null: still. */
export interface Stay {
  readonly pocketId: PocketId
  readonly from: number
  readonly to: number | null
}

/** One way by which part of a holding came to where it lies, the earliest stay first. */
export type Path = readonly Stay[]

export interface TimedMovement extends Pick<Movement, 'lotId' | 'fact'> {
  readonly minute: number
}

/** A step of a path with what came before it. */
interface Step {
  readonly pocketId: PocketId
  readonly from: number
  readonly before: Step | null
}

/** So many ways are kept apart; a lot that was moved about more often than this is rare. */
const MOST_PATHS = 64

class Trails {
  /** What lies there now. */
  readonly live = new Map<string, readonly Step[]>()
  /** What lay there last, for what is put back or split off in the same act. */
  private readonly gone = new Map<string, readonly Step[]>()
  private readonly amounts = new Map<string, number>()

  at(lotId: LotId, pocketId: PocketId): readonly Step[] {
    const key = `${lotId}/${pocketId}`
    return this.live.get(key) ?? this.gone.get(key) ?? []
  }

  /** Anywhere of a lot: where a part of it came from is not always said. */
  anywhere(lotId: LotId): readonly Step[] {
    const of = (all: ReadonlyMap<string, readonly Step[]>) =>
      [...all].flatMap(([key, steps]) => (key.startsWith(`${lotId}/`) ? steps : []))
    const live = of(this.live)
    return live.length > 0 ? live : of(this.gone)
  }

  add(lotId: LotId, pocketId: PocketId, steps: readonly Step[]): void {
    const key = `${lotId}/${pocketId}`
    const before = this.live.get(key) ?? []
    const all = [...before]
    for (const step of steps)
      if (
        !all.some(
          (one) =>
            one === step ||
            (one.pocketId === step.pocketId &&
              one.from === step.from &&
              one.before === step.before),
        )
      )
        all.push(step)
    this.live.set(key, all.slice(0, MOST_PATHS))
  }

  change(lotId: LotId, pocketId: PocketId, by: number): void {
    const key = `${lotId}/${pocketId}`
    const left = (this.amounts.get(key) ?? 0) + by
    this.amounts.set(key, left)
    if (left > 0) return
    const steps = this.live.get(key)
    if (steps) this.gone.set(key, steps)
    this.live.delete(key)
  }
}

/**
 * The paths of everything that lies somewhere after these movements, by "lot/pocket".
 * @param movements of all lots, in the order of the record
 */
export function pathsOf(movements: readonly TimedMovement[]): ReadonlyMap<string, readonly Path[]> {
  const trails = new Trails()
  for (const { lotId, fact, minute } of movements) follow(trails, lotId, fact, minute)
  return new Map(
    [...trails.live].map(([key, steps]) => [key, steps.map((step) => pathTo(step))] as const),
  )
}

function follow(trails: Trails, lotId: LotId, fact: Fact, minute: number): void {
  const changes = effectOf(fact)
  const [from] = changes.filter(({ by }) => by < 0)
  const into = changes.filter(({ by }) => by > 0)
  for (const { pocket } of into) {
    const before =
      fact.kind === 'split_from'
        ? [...trails.at(fact.outOf, pocket), ...cameFrom(trails, fact.outOf, pocket)]
        : from
          ? trails.at(lotId, from.pocket)
          : trails.at(lotId, pocket)
    trails.add(
      lotId,
      pocket,
      before.length === 0 ? [start(pocket, minute)] : onto(before, pocket, minute),
    )
  }
  for (const { pocket, by } of changes) trails.change(lotId, pocket, by)
}

const cameFrom = (trails: Trails, lotId: LotId, pocket: PocketId): readonly Step[] =>
  trails.at(lotId, pocket).length > 0 ? [] : trails.anywhere(lotId)

const start = (pocketId: PocketId, from: number): Step => ({ pocketId, from, before: null })

/** What lies there already goes on lying there. */
const onto = (steps: readonly Step[], pocketId: PocketId, minute: number): readonly Step[] =>
  steps.map((step) =>
    step.pocketId === pocketId
      ? step
      : { pocketId, from: Math.max(minute, step.from), before: step },
  )

function pathTo(last: Step): Path {
  const stays: Stay[] = []
  let to: number | null = null
  for (let step: Step | null = last; step; step = step.before) {
    stays.push({ pocketId: step.pocketId, from: step.from, to })
    to = step.from
  }
  return stays.reverse()
}
