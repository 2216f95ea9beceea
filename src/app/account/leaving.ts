/** Leaving: a household that is to be deleted in a week, a household that others stay in, an account. */
import type { HouseholdId } from '../../core/ids'
import { deleteAccount as removeAccount } from '../../db/account/accounts'
import {
  askForDeletion,
  countPeople,
  deletionOf,
  leaveHousehold as removePerson,
  withdrawDeletion,
} from '../../db/account/leaving'
import { householdOfUser, inHousehold, inSnapshot, type Trx } from '../../db/frame/connect'
import { isEmpty, lockHousehold } from '../../db/household/householdFile'
import { notFound, Refusal } from '../frame/refusal'
import { type AccountDesk, mustBeSignedIn, mustKnowPassword, mustOwn } from './desk'

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
  const householdId = await householdOf(desk, user.id)
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

async function householdOf(desk: AccountDesk, userId: string) {
  const householdId = await householdOfUser(desk.db, userId)
  if (!householdId) throw notFound()
  return householdId
}

/**
 * Asks for the household to be deleted. For a week it stays as it is, and anybody in it can keep it.
 * @throws {Refusal} `wrong_password`; `demo_account`
 */
export async function deleteHousehold(desk: AccountDesk, password: string): Promise<void> {
  const { user } = await mustKnowPassword(desk, password)
  const householdId = await householdOf(desk, user.id)
  await inHousehold(desk.db, householdId, (trx) =>
    askForDeletion(trx, householdId, user.name, null),
  )
}

/** Keeps a household that was to be deleted, and the account that was to go with it. */
export async function keepHousehold(desk: AccountDesk): Promise<void> {
  const { user } = await mustOwn(desk)
  const householdId = await householdOf(desk, user.id)
  await inHousehold(desk.db, householdId, withdrawDeletion)
}

/**
 * Leaves a household in which others stay. What one did in it stays signed with one's name.
 * @throws {Refusal} `nobody_stays`; `wrong_password`
 */
export async function leaveHousehold(desk: AccountDesk, password: string): Promise<void> {
  const { user } = await mustKnowPassword(desk, password)
  const householdId = await householdOf(desk, user.id)
  await inHousehold(desk.db, householdId, async (trx) => {
    if (!(await othersStay(trx, householdId))) throw new Refusal({ code: 'nobody_stays' })
    await removePerson(trx, householdId, user.id)
  })
}

/** Whoever leaves at the same moment waits, so that not everybody goes because another stays. */
async function othersStay(trx: Trx, householdId: HouseholdId): Promise<boolean> {
  await lockHousehold(trx)
  return (await countPeople(trx, householdId)) > 1
}

/**
 * Deletes the account: at once where others stay in the household, otherwise with the household
 * and after its week.
 * @throws {Refusal} `wrong_password`; `demo_account`
 */
export async function deleteAccount(
  desk: AccountDesk,
  password: string,
): Promise<{ readonly gone: 'now' | 'with_household' }> {
  const { user } = await mustKnowPassword(desk, password)
  const householdId = await householdOf(desk, user.id)
  const stays = await inHousehold(desk.db, householdId, async (trx) => {
    if (await othersStay(trx, householdId)) {
      await removePerson(trx, householdId, user.id)
      return true
    }
    await askForDeletion(trx, householdId, user.name, user.id)
    return false
  })
  if (stays) await removeAccount(desk.db, user.id)
  return { gone: stays ? 'now' : 'with_household' }
}
