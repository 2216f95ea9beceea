/** Leaving: a household that is to be deleted in a week, a household that others stay in, an account. */
import { randomUUID } from 'node:crypto'
import type { HouseholdId } from '../../core/ids'
import { may, type Right } from '../../core/people/role'
import { deleteAccount as removeAccount } from '../../db/account/accounts'
import {
  askForDeletion,
  countPeople,
  deletionOf,
  leaveHousehold as removePerson,
  withdrawDeletion,
} from '../../db/account/leaving'
import { inHousehold, inSnapshot, type Trx } from '../../db/frame/connect'
import { isEmpty } from '../../db/household/householdFile'
import {
  endRole,
  householdsOf,
  lockPeople,
  type Person,
  peopleOf,
} from '../../db/people/memberships'
import { act } from '../frame/act'
import { notFound, Refusal } from '../frame/refusal'
import type { World } from '../frame/world'
import { mustLeaveAKeeper } from '../people/peopleActs'
import type { Seated } from '../people/seats'
import { type AccountDesk, mustBeSignedIn, mustKnowPassword, mustOwn } from './desk'
import { seatOf } from './signIn'

export interface LeavingView {
  /** Whether other people belong to the household. */
  readonly others: boolean
  /** Whether nothing was ever kept in it. */
  readonly empty: boolean
  /** Set while the household waits to be deleted. */
  readonly deletion: {
    readonly askedBy: string
    readonly dueAt: string
    readonly withAccount: boolean
  } | null
}

export async function readLeaving(desk: AccountDesk): Promise<LeavingView> {
  const { user } = await mustBeSignedIn(desk)
  const { householdId } = await householdOf(desk, user.id)
  return inSnapshot(desk.db, householdId, async (trx) => {
    const deletion = await deletionOf(trx)
    return {
      others: (await countPeople(trx, householdId)) > 1,
      empty: await isEmpty(trx),
      deletion: deletion && {
        askedBy: deletion.askedBy,
        dueAt: deletion.dueAt.toISOString(),
        withAccount: deletion.accountId !== null,
      },
    }
  })
}

async function householdOf(desk: AccountDesk, userId: string): Promise<Seated> {
  const seat = await seatOf(desk.db, userId, desk.headers)
  if (!seat || seat.late) throw notFound()
  return seat
}

/** @throws {Refusal} `not_allowed` */
async function mustBe(right: Right, desk: AccountDesk, userId: string): Promise<HouseholdId> {
  const { householdId, role } = await householdOf(desk, userId)
  if (!may(role, right)) throw new Refusal({ code: 'not_allowed', role, right })
  return householdId
}

/**
 * Asks for the household to be deleted. For a week it stays as it is, and anybody in it can keep it.
 * @throws {Refusal} `wrong_password`; `demo_account`; `not_allowed`
 */
export async function deleteHousehold(desk: AccountDesk, password: string): Promise<void> {
  const { user } = await mustKnowPassword(desk, password)
  const householdId = await mustBe('own', desk, user.id)
  await inHousehold(desk.db, householdId, (trx) =>
    askForDeletion(trx, householdId, user.name, null),
  )
}

/** Keeps a household that was to be deleted, and the account that was to go with it. */
export async function keepHousehold(desk: AccountDesk): Promise<void> {
  const { user } = await mustOwn(desk)
  const { householdId } = await householdOf(desk, user.id)
  await inHousehold(desk.db, householdId, withdrawDeletion)
}

/**
 * Leaves a household in which others stay, and a keeper among them. What one did in it stays signed with
 * one's name.
 * @throws {Refusal} `nobody_stays`; `last_keeper`; `wrong_password`
 */
export async function leaveHousehold(
  world: World,
  desk: AccountDesk,
  password: string,
): Promise<void> {
  const { user } = await mustKnowPassword(desk, password)
  const seat = await householdOf(desk, user.id)
  await act(
    world,
    { userId: user.id, name: user.name, ...seat },
    { key: randomUUID(), kind: 'household_left', request: null, asHouse: true },
    async ({ trx, at }) => {
      const person = await mustNotBeNeeded(trx, user.id)
      if (!person) throw new Refusal({ code: 'nobody_stays' })
      await endRole(trx, person.id, at)
      return {}
    },
  )
}

/**
 * Whoever leaves at the same moment waits, so that not everybody goes because another stays.
 * @returns who leaves; null where nobody else stays
 * @throws {Refusal} `last_keeper` where others stay and none of them is keeper
 */
async function mustNotBeNeeded(trx: Trx, userId: string): Promise<Person | null> {
  await lockPeople(trx)
  const people = await peopleOf(trx)
  const person = people.find((one) => one.userId === userId)
  if (!person) throw notFound()
  if (people.length === 1) return null
  if (person.role === 'keeper') await mustLeaveAKeeper(trx, person.id)
  return person
}

/**
 * Deletes the account: at once where others stay in every household it belongs to, otherwise with the
 * households in which nobody stays, and after their week.
 * @throws {Refusal} `wrong_password`; `demo_account`; `last_keeper`
 */
export async function deleteAccount(
  desk: AccountDesk,
  password: string,
): Promise<{ readonly gone: 'now' | 'with_household' }> {
  const { user } = await mustKnowPassword(desk, password)
  const own = (await householdsOf(desk.db, user.id)).filter(({ ended }) => !ended)
  // All of it or nothing: a keeper who is still needed in one keeps the others too.
  for (const { householdId } of own)
    await inHousehold(desk.db, householdId, (trx) => mustNotBeNeeded(trx, user.id))
  let waits = false
  for (const { householdId } of own)
    await inHousehold(desk.db, householdId, async (trx) => {
      if (await mustNotBeNeeded(trx, user.id)) await removePerson(trx, householdId, user.id)
      else {
        await askForDeletion(trx, householdId, user.name, user.id)
        waits = true
      }
    })
  if (!waits) await removeAccount(desk.db, user.id)
  return { gone: waits ? 'with_household' : 'now' }
}
