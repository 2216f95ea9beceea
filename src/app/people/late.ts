/** What was counted on a device before a role ended, and is heard of after it. */
import { LATE_COUNT_DAYS } from '../../core/people/invitation'
import { inHousehold } from '../../db/frame/connect'
import { endOf } from '../../db/people/memberships'
import { Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'

const DAY_MILLISECONDS = 86_400_000

/** @throws {Refusal} `role_ended` for what was done after it ended, or is heard of too late */
export async function mustBeFromBefore(world: World, caller: Caller): Promise<void> {
  const ended = await inHousehold(world.db, caller, (trx) => endOf(trx, caller.userId))
  const now = world.now().getTime()
  const done = now - (caller.takenAgo ?? 0)
  const inTime =
    ended !== null &&
    done < ended.getTime() &&
    now - ended.getTime() < LATE_COUNT_DAYS * DAY_MILLISECONDS
  if (!inTime) throw new Refusal({ code: 'role_ended' })
}
