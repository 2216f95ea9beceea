/** A trip worked out whole: what goes where and why, how ready each part is, what is still missing. */
import type { Closing } from '../cover/closing'
import type { Tier } from '../cover/need'
import { type CoverStock, pantry } from '../cover/pantry'
import type { ItemId, KitId, MemberId } from '../ids'
import { missingIn } from '../judgement/readiness'
import type { Solver } from '../solving/program'
import { type KeptOut, keptOutOf } from './keptOut'
import { layOutTrip } from './layOut'
import { type PackLine, packLines } from './lines'
import { type LeftBehind, type LoadoutLimits, packBags } from './loadout'
import { readinessOfTrip, withPacked } from './readiness'
import type { BagRoom } from './room'
import { type TakeOut, toTakeOut, withoutRefused } from './takeOut'
import type { Trip } from './trip'
import { gapsOfTrip } from './waysOut'

/** A problem that a part of the party is not ready for. */
export interface PlanGap {
  readonly scene: number
  readonly needId: string
  readonly name: string
  readonly tier: Tier
  /** Empty for whoever is there. */
  readonly members: readonly MemberId[]
  /** Nobody has it; or there is no room for it; or those who stay need it where it is. */
  readonly because: 'lacking' | 'room' | 'home'
  readonly closings: readonly Closing[]
}

export interface PlanScene {
  readonly ready: number
  readonly of: number
  readonly missing: readonly string[]
  /** They have gone on from there. */
  readonly isOver?: true
}

export interface TripPlan {
  readonly lines: readonly PackLine[]
  readonly grams: number
  readonly provenGrams: number
  readonly isProven: boolean
  readonly scenes: readonly PlanScene[]
  /** What saves a life first. */
  readonly gaps: readonly PlanGap[]
  /** Problems for which only the second choice comes along. */
  readonly secondChoice: readonly { readonly scene: number; readonly name: string }[]
  /** Would do, and no bag may take it through the cabin or the hold. */
  readonly keptOut: readonly KeptOut[]
  /** Lies in a bag that may not travel with it: it comes out, and is not counted. */
  readonly takeOut: readonly TakeOut[]
  /** Wished for, and no bag takes it. */
  readonly notTaken: readonly ItemId[]
}

/** Each problem once; what is not met at all is told as such. */
function secondChoices(
  left: readonly LeftBehind[],
  gaps: readonly PlanGap[],
): TripPlan['secondChoice'] {
  const missing = new Set(gaps.map(({ scene, needId }) => `${scene}/${needId}`))
  const found = new Map<string, TripPlan['secondChoice'][number]>()
  for (const { scene, need, isFirstChoice } of left)
    if (isFirstChoice && !missing.has(`${scene}/${need.id}`))
      found.set(`${scene}/${need.id}`, { scene, name: need.name })
  return [...found.values()]
}

const TIERS: Readonly<Record<Tier, number>> = { life: 0, urgent: 1, comfort: 2 }

/**
 * Works a trip out from what lies on the household's shelves and in its bags today.
 * @throws {UnsolvedError} where the solver finds nothing in the time that it has
 */
export function planTripFrom(
  stock: CoverStock,
  trip: Trip,
  rooms: ReadonlyMap<KitId, BagRoom>,
  solver: Solver,
  limits: LoadoutLimits,
): TripPlan {
  const laid = pantry(stock)
  const { problem } = layOutTrip(laid, trip, rooms)
  const loadout = packBags(problem, solver, limits)
  const after = pantry(withoutRefused(withPacked(stock, loadout.taken, rooms), trip))
  const judged = readinessOfTrip(after, trip)
  const squeezed = new Map(
    loadout.leftBehind.flatMap(({ scene, need, isFirstChoice, isForHome }) =>
      isFirstChoice
        ? []
        : [[`${scene}/${need.id}`, isForHome ? ('home' as const) : ('room' as const)] as const],
    ),
  )
  const tripGaps = gapsOfTrip(after, trip, judged)
  const gaps = tripGaps.map(
    ({ scene, need, members, closings }): PlanGap => ({
      scene,
      needId: need.id,
      name: need.name,
      tier: need.tier,
      members,
      because: squeezed.get(`${scene}/${need.id}`) ?? 'lacking',
      closings,
    }),
  )
  return {
    lines: packLines(after, trip, loadout.taken, rooms),
    grams: loadout.grams,
    provenGrams: loadout.provenGrams,
    isProven: loadout.isProven,
    scenes: judged.map(({ readiness }) => ({
      ready: readiness.ready,
      of: readiness.of,
      missing: missingIn(readiness).map(({ name }) => name),
    })),
    gaps: [...gaps].sort((a, b) => TIERS[a.tier] - TIERS[b.tier]),
    secondChoice: secondChoices(loadout.leftBehind, gaps),
    keptOut: keptOutOf(laid, trip, [...new Set(tripGaps.map(({ need }) => need))]),
    takeOut: toTakeOut(withPacked(stock, loadout.taken, rooms), trip),
    notTaken: loadout.notTaken.flatMap((thing) => laid.things[thing]?.itemId ?? []),
  }
}
