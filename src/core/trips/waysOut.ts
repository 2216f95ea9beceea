/** What cannot be met on a trip, told first, each with the cheapest way out that was tried. */
import { Asking } from '../cover/asking'
import type { Bounds } from '../cover/candidates'
import type { Closing } from '../cover/closing'
import { closingsFor } from '../cover/explain'
import type { Need } from '../cover/need'
import type { Pantry } from '../cover/pantry'
import type { MemberId } from '../ids'
import { missingIn } from '../judgement/readiness'
import type { SceneReadiness } from './readiness'
import { questionOf } from './scenes'
import type { Trip } from './trip'

export interface TripGap {
  readonly scene: number
  readonly need: Need
  /** Empty for whoever is there. */
  readonly members: readonly MemberId[]
  /** Cheapest first; empty where nothing that is known would do. */
  readonly closings: readonly Closing[]
}

/** As many ways as anybody reads. */
const FEW = 2

/**
 * Everything that counts and is not ready, the gravest first.
 * @param pantry as it is packed
 * @param bounds what may be fetched from elsewhere; absent: everything
 */
export function gapsOfTrip(
  pantry: Pantry,
  trip: Trip,
  judged: readonly SceneReadiness[],
  bounds?: Bounds,
): readonly TripGap[] {
  return judged.flatMap(({ scene, day, readiness }, at) => {
    const asking = new Asking(pantry, questionOf(scene, pantry.stock, trip.wishes, day))
    return missingIn(readiness).flatMap((problem) => {
      const byNeed = new Map<Need, MemberId[]>()
      for (const { need, cell } of problem.missing) {
        const members = byNeed.get(need) ?? []
        if (cell.memberId !== null) members.push(cell.memberId)
        byNeed.set(need, members)
      }
      return [...byNeed].map(([need, members]): TripGap => {
        const patients = asking.patients.filter(({ member }) => members.includes(member.id))
        return {
          scene: at,
          need,
          members,
          closings: closingsFor(
            asking,
            need,
            patients.length > 0 ? patients : [null],
            bounds,
          ).slice(0, FEW),
        }
      })
    })
  })
}
