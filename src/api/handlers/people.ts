/** The people around a household. */
import * as joining from '../../app/people/joining'
import * as peopleActs from '../../app/people/peopleActs'
import type * as contract from '../../contract/people'
import type { HouseholdId } from '../../core/ids'
import * as words from '../../words'
import type { HandlersOf } from '../handler'
import { runtime } from '../runtime'

export const people: HandlersOf<typeof contract> = {
  ...peopleActs,
  readPeople: (world, caller) => peopleActs.readPeople(world, caller, runtime().secret),
  invite: async (world, caller, { email, ...asked }) => {
    const { secret, origin } = runtime()
    const made = await peopleActs.invite(world, caller, asked, secret)
    if (email)
      await peopleActs.sendInvitation(
        world,
        words.letters.invited(email, caller.name, `${origin}/join/${made.code}`),
      )
    return made
  },
  readHouseholds: (desk) => joining.readHouseholds(runtime().world, desk),
  openHousehold: (desk, { householdId }) => joining.openHousehold(desk, householdId as HouseholdId),
  beginHousehold: (desk, { name }) => joining.beginHousehold(desk, name),
  readInvitation: (desk, { code }) => joining.readInvitation(runtime().world, desk, code),
  join: (desk, { code }) => joining.join(runtime().world, desk, code),
}
