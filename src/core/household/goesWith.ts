/**
 * Kits that go with somebody: worn, in a school bag, on a collar. Where one of them is follows from
 * where they are, and it is there for them: nobody else can count on it.
 */
import type { PlainDate } from '../calendar/plainDate'
import type { MemberId, PlaceId } from '../ids'

export interface GoesWith {
  readonly memberId: MemberId
  /** Only to these places; everywhere they go where empty. */
  readonly to: readonly PlaceId[]
  /** Taken along on this day, until it is put back; null where it goes with them every day. */
  readonly since: PlainDate | null
}

/** Whether it comes along to a place when they are there. */
export const goesTo = ({ to }: Pick<GoesWith, 'to'>, placeId: PlaceId): boolean =>
  to.length === 0 || to.includes(placeId)
