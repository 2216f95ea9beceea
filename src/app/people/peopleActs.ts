/** Inviting people, giving them roles, ending them. */
import { randomUUID } from 'node:crypto'
import { DEMO_EMAIL } from '../../core/account/demo'
import { type Letter, LetterNotSentError } from '../../core/account/letters'
import type { InvitationId, PersonId } from '../../core/ids'
import { INVITATION_DAYS, readInvitationCode } from '../../core/people/invitation'
import { may, mayGive, type Role } from '../../core/people/role'
import { accountByEmail } from '../../db/account/accounts'
import type { Trx } from '../../db/frame/connect'
import * as invitations from '../../db/people/invitations'
import * as memberships from '../../db/people/memberships'
import { type Acting, act } from '../frame/act'
import { notFound, Refusal } from '../frame/refusal'
import { type Caller, reading, type World } from '../frame/world'
import { codeFrom } from './codes'

const DAY_MILLISECONDS = 86_400_000

const codeOf = (secret: string, id: InvitationId): string => codeFrom(secret, `invitation ${id}`)

export interface PersonView {
  readonly id: PersonId
  readonly name: string
  readonly role: Role
  readonly since: string
  readonly isYou: boolean
}

export const readPeople = (world: World, caller: Caller, secret: string) =>
  reading(world, caller, async ({ trx }) => ({
    role: caller.role,
    people: (await memberships.peopleOf(trx)).map(({ id, name, role, since, userId }) => ({
      id,
      name,
      role,
      since: since.toISOString(),
      isYou: userId === caller.userId,
    })),
    invitations: may(caller.role, 'settings')
      ? (await invitations.invitationsOf(trx, world.now())).map(({ endsAt, ...one }) => ({
          ...one,
          endsAt: endsAt.toISOString(),
          code: one.state === 'open' ? codeOf(secret, one.id) : null,
        }))
      : [],
  }))

export interface Inviting {
  readonly key: string
  readonly forName: string
  readonly role: Role
}

/**
 * Invites somebody. Sent again under the same key it is the same invitation, with the same code.
 * @throws {Refusal} `not_allowed` for a keeper invited by somebody who is none; `demo_account`
 */
export async function invite(
  world: World,
  caller: Caller,
  { key, forName, role }: Inviting,
  secret: string,
) {
  mustGive(caller, role)
  const made = await act(
    world,
    caller,
    { key, kind: 'invited', why: forName, request: { forName, role } },
    async ({ trx, householdId, at, who }) => {
      if (role === 'keeper') await mustNotBeDemo(world, caller)
      const invitationId = randomUUID() as InvitationId
      await invitations.addInvitation(trx, {
        id: invitationId,
        householdId,
        code: codeOf(secret, invitationId),
        role,
        forName,
        by: who,
        at,
        endsAt: new Date(at.getTime() + INVITATION_DAYS * DAY_MILLISECONDS),
      })
      return { invitationId }
    },
  )
  return { ...made, code: codeOf(secret, made.invitationId) }
}

/** A letter takes the code along; where it does not go out, the code is there to be read aloud. */
export async function sendInvitation({ services }: World, letter: Letter): Promise<void> {
  try {
    await services.letters.send(letter)
  } catch (error) {
    if (!(error instanceof LetterNotSentError)) throw error
  }
}

export const withdrawInvitation = (
  world: World,
  caller: Caller,
  { key, invitationId }: { readonly key: string; readonly invitationId: InvitationId },
) =>
  act(
    world,
    caller,
    { key, kind: 'invitation_withdrawn', request: invitationId },
    async ({ trx, at }) => {
      if (!(await invitations.withdrawInvitation(trx, invitationId, at))) throw notFound()
      return {}
    },
  )

/** @throws {Refusal} `not_allowed`; `last_keeper`; `demo_account` */
export const giveRole = (
  world: World,
  caller: Caller,
  {
    key,
    personId,
    role,
  }: { readonly key: string; readonly personId: PersonId; readonly role: Role },
) =>
  onPerson(world, caller, personId, 'role_given', { key, role }, async ({ trx }, person) => {
    mustGive(caller, role, person.role)
    if (person.role === 'keeper' && role !== 'keeper') await mustLeaveAKeeper(trx, personId)
    await memberships.setRole(trx, personId, role)
  })

/** @throws {Refusal} `not_allowed`; `last_keeper`; `demo_account` */
export const endRole = (
  world: World,
  caller: Caller,
  { key, personId }: { readonly key: string; readonly personId: PersonId },
) =>
  onPerson(world, caller, personId, 'role_ended', { key }, async ({ trx, at }, person) => {
    mustGive(caller, person.role)
    if (person.role === 'keeper') await mustLeaveAKeeper(trx, personId)
    await memberships.endRole(trx, personId, at)
  })

async function onPerson(
  world: World,
  caller: Caller,
  personId: PersonId,
  kind: 'role_given' | 'role_ended',
  { key, ...more }: { readonly key: string; readonly role?: Role },
  work: (acting: Acting, person: memberships.Person) => Promise<void>,
) {
  // Looked up first, so that the act is called after whom it is about.
  const known = await reading(world, caller, ({ trx }) => personIn(trx, personId))
  return act(
    world,
    caller,
    { key, kind, why: known.name, request: { personId, ...more } },
    async (acting) => {
      await memberships.lockPeople(acting.trx)
      const person = await personIn(acting.trx, personId)
      if (person.role === 'keeper') await mustNotBeDemo(world, caller)
      await work(acting, person)
      return {}
    },
  )
}

async function personIn(trx: Trx, personId: PersonId): Promise<memberships.Person> {
  const person = (await memberships.peopleOf(trx)).find(({ id }) => id === personId)
  if (!person) throw notFound()
  return person
}

function mustGive(caller: Caller, ...roles: readonly Role[]): void {
  if (mayGive(caller.role, ...roles)) return
  throw new Refusal({
    code: 'not_allowed',
    role: caller.role,
    right: roles.includes('keeper') ? 'own' : 'settings',
  })
}

/** @throws {Refusal} `last_keeper` where nobody else is one */
export async function mustLeaveAKeeper(trx: Trx, personId: PersonId): Promise<void> {
  const people = await memberships.peopleOf(trx)
  if (people.every(({ id, role }) => id === personId || role !== 'keeper'))
    throw new Refusal({ code: 'last_keeper' })
}

/** The demo belongs to everybody who looks at it: nobody is made its keeper, and its keeper stays. */
async function mustNotBeDemo({ db }: World, { userId }: Caller): Promise<void> {
  const demo = await accountByEmail(db, DEMO_EMAIL)
  if (demo?.id === userId) throw new Refusal({ code: 'demo_account' })
}

/** What was typed, as a code. @throws {Refusal} `code_not_right` */
export function mustBeCode(typed: string): string {
  const code = readInvitationCode(typed)
  if (!code) throw new Refusal({ code: 'code_not_right' })
  return code
}
