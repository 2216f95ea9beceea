/** A letter that something went on hold: whoever is not looking at the screen is told as well. */
import type { Letter } from '../../core/account/letters'
import { emailOf } from '../../db/account/accounts'
import { tell } from '../account/desk'
import type { Caller, World } from '../frame/world'

/**
 * What was put on hold stays so whether the letter goes out or not.
 * @param letterTo what it says, to an address
 */
export async function tellHarmed(
  { db, services }: World,
  { userId }: Caller,
  letterTo: (to: string) => Letter,
): Promise<void> {
  const to = await emailOf(db, userId)
  if (to !== null) await tell(services, letterTo(to))
}
