/** Endpoints of the people around a household: who belongs to it, invitations, one account in several. */
import { z } from 'zod'
import { email } from './account'
import { endpoint } from './endpoint'
import * as wire from './primitives'
import * as people from './values/people'

const code = z.object({ code: wire.typed(200).min(1, 'Type the code') })
const ofHousehold = z.object({ householdId: z.uuid() })
const ofPerson = z.object({ personId: wire.personId })

export const readPeople = endpoint(
  'GET',
  '/api/people',
  'Who belongs to the household, with which role, and who is invited',
  {},
  z.object({
    people: z.array(people.person),
    /** Empty for whoever may invite nobody. */
    invitations: z.array(people.invitation),
    role: people.role,
  }),
)

export const invite = endpoint(
  'POST',
  '/api/people/invitations',
  'Invite somebody: a code to read aloud, which is a link as well; a letter takes it along where an address is given',
  {
    right: 'settings',
    records: ['invited'],
    stays: true,
    body: z.object({
      forName: wire.givenName.min(1, 'Say who it is for'),
      role: people.role,
      email: email.optional(),
    }),
  },
  wire.done.extend({ invitationId: wire.invitationId, code: z.string() }),
)

export const withdrawInvitation = endpoint(
  'DELETE',
  '/api/people/invitations/{invitationId}',
  'Withdraw an invitation that nobody has used',
  {
    right: 'settings',
    records: ['invitation_withdrawn'],
    stays: true,
    params: z.object({ invitationId: wire.invitationId }),
  },
  wire.done,
)

export const giveRole = endpoint(
  'POST',
  '/api/people/{personId}/role',
  'Give somebody of the household another role',
  {
    right: 'settings',
    records: ['role_given'],
    stays: true,
    params: ofPerson,
    body: z.object({ role: people.role }),
  },
  wire.done,
)

export const endRole = endpoint(
  'DELETE',
  '/api/people/{personId}',
  'End somebody’s role, from now on',
  { right: 'settings', records: ['role_ended'], stays: true, params: ofPerson },
  wire.done,
)

export const readHouseholds = endpoint(
  'GET',
  '/api/account/households',
  'The households that this account belongs to, and how ready each is',
  { door: 'account' },
  z.object({ households: z.array(people.householdSeen) }),
)

export const openHousehold = endpoint(
  'POST',
  '/api/account/households/{householdId}/open',
  'Open one of the account’s households from now on',
  { door: 'account', params: ofHousehold },
  z.object({}),
)

export const beginHousehold = endpoint(
  'POST',
  '/api/account/households',
  'Begin another household, and open it',
  { door: 'account', body: z.object({ name: wire.givenName.min(1, 'Give it a name') }) },
  z.object({}),
)

export const readInvitation = endpoint(
  'POST',
  '/api/invitation',
  'Who invites whom into what, by the code',
  { door: 'open', body: code },
  z.object({
    household: z.string(),
    role: people.role,
    forName: z.string(),
    madeBy: z.string(),
    endsAt: z.string(),
  }),
)

export const join = endpoint(
  'POST',
  '/api/invitation/join',
  'Come in by a code, and open the household',
  { door: 'account', body: code },
  z.object({}),
)
