/** In which of their households somebody sits down, and with which role. */
import type { HouseholdId } from '../../core/ids'
import { opensHousehold, type Role } from '../../core/people/role'
import type { Membership } from '../../db/people/memberships'
import { Refusal } from '../frame/refusal'

/** A page says by it which household it belongs to. */
export const HOUSEHOLD_HEADER = 'satchel-household'
/** Chooses what the next page opens. */
export const HOUSEHOLD_COOKIE = 'satchel.household'

export interface Seated {
  readonly householdId: HouseholdId
  readonly role: Role
  /** The role has ended: what was counted before may still arrive, and nothing else. */
  readonly late: boolean
}

/**
 * The household that is asked for by name, else the one chosen last, else the first.
 * @param named by the page that asks; "" where none does
 * @param chosen by the cookie; "" without one
 * @returns null for somebody who belongs to none that can be opened
 * @throws {Refusal} `not_in_household` for a household that is named and not theirs
 */
export function seatAmong(
  memberships: readonly Membership[],
  named: string,
  chosen: string,
): Seated | null {
  const open = memberships.filter(({ ended, role }) => !ended && opensHousehold(role))
  if (named !== '') {
    const known = memberships.find(({ householdId }) => householdId === named)
    if (!known || !opensHousehold(known.role)) throw new Refusal({ code: 'not_in_household' })
    return { householdId: known.householdId, role: known.role, late: known.ended }
  }
  const seat = open.find(({ householdId }) => householdId === chosen) ?? open[0]
  return seat ? { householdId: seat.householdId, role: seat.role, late: false } : null
}
