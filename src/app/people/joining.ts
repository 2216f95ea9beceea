/** Coming into a household by an invitation; one account in several households. */
import { randomUUID } from 'node:crypto'
import { firstHouseholdName } from '../../core/household/householdName'
import type { HouseholdId } from '../../core/ids'
import { may, opensHousehold, type Role } from '../../core/people/role'
import type { Db } from '../../db/frame/connect'
import { inHousehold } from '../../db/frame/connect'
import { createHouseholdOf } from '../../db/household/household'
import * as invitations from '../../db/people/invitations'
import * as memberships from '../../db/people/memberships'
import { type AccountDesk, type LetIn, mustBeSignedIn, mustOwn } from '../account/desk'
import { mayTry } from '../account/guessing'
import { seatOf, zoneIn } from '../account/signIn'
import { act } from '../frame/act'
import { notFound, Refusal } from '../frame/refusal'
import { reading, type World } from '../frame/world'
import { strapAt } from '../watch/readWatch'
import { mustBeCode } from './peopleActs'
import { HOUSEHOLD_COOKIE } from './seats'

export interface InvitationView {
  readonly household: string
  readonly role: Role
  readonly forName: string
  readonly madeBy: string
  readonly endsAt: string
}

/** @throws {Refusal} `code_not_right`; `invitation_gone`; `too_many_tries` */
export async function readInvitation(
  world: World,
  desk: AccountDesk,
  typed: string,
): Promise<InvitationView> {
  const householdId = await mustKnowCode(desk, typed)
  return reading(world, householdId, async ({ trx, household }) => {
    const { role, forName, madeBy, endsAt } = mustBeOpen(
      await invitations.invitationOf(trx, mustBeCode(typed), world.now()),
    )
    return { household: household.name, role, forName, madeBy, endsAt: endsAt.toISOString() }
  })
}

/**
 * Comes in by a code, and opens the household. The act is the household's own: whoever comes in has no
 * rights there yet.
 * @throws {Refusal} `code_not_right`; `invitation_gone`; `already_there`; `demo_account`; `too_many_tries`
 */
export async function join(world: World, desk: AccountDesk, typed: string): Promise<LetIn> {
  const { user } = await mustOwn(desk)
  const householdId = await mustKnowCode(desk, typed)
  const code = mustBeCode(typed)
  await act(
    world,
    { householdId, userId: user.id, name: user.name, role: 'viewer' },
    { key: randomUUID(), kind: 'joined', request: null, asHouse: true },
    async ({ trx, at }) => {
      const known = (await memberships.peopleOf(trx)).find(({ userId }) => userId === user.id)
      if (known) throw new Refusal({ code: 'already_there', role: known.role })
      const { id, role } = mustBeOpen(await invitations.lockInvitation(trx, code, world.now()))
      const person = { householdId, userId: user.id, name: user.name, role }
      await memberships.addPerson(trx, person)
      await invitations.useInvitation(trx, id, user.name, at)
      return {}
    },
  )
  return opened(desk, householdId)
}

/** Tries are counted before anything is looked up: a guess costs as much as a right one. */
async function mustKnowCode(desk: AccountDesk, typed: string): Promise<HouseholdId> {
  await mayTry(desk.db, desk.secret, 'invitation', desk.visitor, '')
  const householdId = await invitations.householdOfCode(desk.db, mustBeCode(typed))
  if (!householdId) throw new Refusal({ code: 'code_not_right' })
  return householdId
}

function mustBeOpen(found: invitations.KeptInvitation | null): invitations.KeptInvitation {
  if (!found) throw new Refusal({ code: 'code_not_right' })
  if (found.state !== 'open') throw new Refusal({ code: 'invitation_gone', state: found.state })
  return found
}

export interface HouseholdSeen {
  readonly householdId: HouseholdId
  readonly household: string
  readonly role: Role
  readonly isThis: boolean
  readonly opens: boolean
  readonly places:
    | {
        readonly name: string
        readonly ready: {
          readonly ready: number
          readonly of: number
          readonly missingLife: number
        } | null
      }[]
    | null
}

/** Every household that one belongs to, from outside: how ready it is, and nothing of what is in it. */
export async function readHouseholds(
  world: World,
  desk: AccountDesk,
): Promise<{ households: HouseholdSeen[] }> {
  const { user } = await mustBeSignedIn(desk)
  const known = await memberships.householdsOf(desk.db, user.id)
  const seat = await seatOf(desk.db, user.id, desk.headers)
  const households: HouseholdSeen[] = []
  // One after the other: a family office with forty of them must not take every connection.
  for (const { householdId, household, role, ended } of known)
    if (!ended)
      households.push({
        householdId,
        household,
        role,
        isThis: seat?.householdId === householdId,
        opens: opensHousehold(role),
        places: may(role, 'readiness') ? await readinessOf(world, householdId) : null,
      })
  return { households }
}

/** Judged as the household itself judges, and told as figures. */
const readinessOf = (world: World, householdId: HouseholdId) =>
  reading(world, householdId, async (at) =>
    (await strapAt(at)).places.map(({ name, ready }) => ({
      name,
      ready: ready && {
        ready: ready.ready,
        of: ready.of,
        missingLife: ready.missing.filter(({ isLife }) => isLife).length,
      },
    })),
  )

/** @throws {Refusal} `not_found` for one that they do not belong to, or may not open */
export async function openHousehold(desk: AccountDesk, householdId: HouseholdId): Promise<LetIn> {
  const { user } = await mustBeSignedIn(desk)
  const known = await memberships.householdsOf(desk.db, user.id)
  const isOpen = known.some(
    (one) => one.householdId === householdId && !one.ended && opensHousehold(one.role),
  )
  if (!isOpen) throw notFound()
  return opened(desk, householdId)
}

/** Begins another household, whose keeper one is. @throws {Refusal} `demo_account` */
export async function beginHousehold(desk: AccountDesk, name: string): Promise<LetIn> {
  const { user } = await mustOwn(desk)
  const householdId = randomUUID() as HouseholdId
  await createIn(
    desk.db,
    householdId,
    name || firstHouseholdName(user.name),
    zoneIn(desk.headers),
    {
      id: user.id,
      name: user.name,
    },
  )
  return opened(desk, householdId)
}

const createIn = (
  db: Db,
  id: HouseholdId,
  name: string,
  timeZone: string,
  user: { readonly id: string; readonly name: string },
): Promise<void> =>
  inHousehold(db, id, (trx) =>
    createHouseholdOf(trx, { id, name, timeZone, beginning: 'open' }, user),
  )

const YEAR_SECONDS = 365 * 86_400

/** The next page shows it. */
const opened = ({ origin }: AccountDesk, householdId: HouseholdId): LetIn => ({
  cookies: [
    `${HOUSEHOLD_COOKIE}=${householdId}; Path=/; HttpOnly; SameSite=Lax; Max-Age=${YEAR_SECONDS}${origin.startsWith('https:') ? '; Secure' : ''}`,
  ],
})
