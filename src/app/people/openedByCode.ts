/** Which household a code opens, for whoever has it and no account. */
import type { HouseholdId } from '../../core/ids'
import { readInvitationCode } from '../../core/people/invitation'
import type { Db } from '../../db/frame/connect'
import type { AccountDesk } from '../account/desk'
import { mayTry } from '../account/guessing'
import { Refusal } from '../frame/refusal'

/**
 * Only what is wrong is counted for an address: whoever has the code asks again and again.
 * @param find which household such a code belongs to; null for one that nobody was given
 * @throws {Refusal} `code_not_right`; `too_many_tries`
 */
export async function openedByCode(
  desk: AccountDesk,
  typed: string,
  find: (db: Db, code: string) => Promise<HouseholdId | null>,
): Promise<{ readonly householdId: HouseholdId; readonly code: string }> {
  const code = readInvitationCode(typed)
  const householdId = code && (await find(desk.db, code))
  if (code && householdId) return { householdId, code }
  await mayTry(desk.db, desk.secret, 'invitation', desk.visitor, '')
  throw new Refusal({ code: 'code_not_right' })
}
