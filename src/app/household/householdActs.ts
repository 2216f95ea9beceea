/** The household itself: settings, members, items. */
import type { z } from 'zod'
import type { readHousehold as readHouseholdEndpoint } from '../../contract/household'
import type { Household } from '../../core/household/household'
import type { ItemId } from '../../core/ids'
import { opensHousehold } from '../../core/people/role'
import type { Item } from '../../core/stock/item'
import { columnsOf } from '../../db/frame/columns'
import { type Db, inHousehold } from '../../db/frame/connect'
import { editRecord } from '../../db/frame/records'
import { createHouseholdOf, type NewHousehold } from '../../db/household/household'
import { readItems as itemsByName } from '../../db/items/items'
import { readSites } from '../../db/kits/sites'
import { readMembersAndGuests } from '../../db/members/members'
import { householdsOf, lockAccount } from '../../db/people/memberships'
import { holdHarmed } from '../exposure/holdHarmed'
import { type Acting, act, mustEdit } from '../frame/act'
import { type Caller, reading, type World } from '../frame/world'
import { mustHoldTogether } from '../items/catalogueActs'

type HouseholdView = z.infer<(typeof readHouseholdEndpoint)['result']>

/** A household with nothing in it, and the account it belongs to. */
export async function createHousehold(
  db: Db,
  household: NewHousehold,
  user: { readonly id: string; readonly name: string },
): Promise<void> {
  await inHousehold(db, household.id, async (trx) => {
    await createHouseholdOf(trx, household, user)
  })
}

/** The household that an account gets of itself; nothing where it can open one already. */
export async function createFirstHousehold(
  db: Db,
  household: NewHousehold,
  user: { readonly id: string; readonly name: string },
): Promise<void> {
  await inHousehold(db, household.id, async (trx) => {
    await lockAccount(trx, user.id)
    const known = await householdsOf(trx, user.id)
    if (known.some(({ ended, role }) => !ended && opensHousehold(role))) return
    await createHouseholdOf(trx, household, user)
  })
}

/** So many earlier guests are offered; who came longer ago is added anew. */
const MOST_GUESTS = 12

export const readHousehold = (world: World, caller: Caller): Promise<HouseholdView> =>
  reading(world, caller, async ({ trx, household, today }) => {
    const { places } = await readSites(trx)
    const { members, earlierGuests } = await readMembersAndGuests(trx, today)
    return {
      household,
      members: [...members],
      earlierGuests: earlierGuests
        .slice(0, MOST_GUESTS)
        .map(({ id, name, species, guestUntil, version }) => ({
          id,
          name,
          species,
          until: guestUntil,
          version,
        })),
      places: places.map(({ presence, ...place }) => ({
        ...place,
        rhythm: presence.rhythm,
        visits: presence.visits as HouseholdView['places'][number]['visits'],
      })),
    } as HouseholdView
  })

export const changeHousehold = (
  world: World,
  caller: Caller,
  {
    key,
    seenVersion,
    ...patch
  }: { key: string; seenVersion: number } & Partial<
    Omit<Household, 'id' | 'version' | 'evacuation'>
  >,
) =>
  act(
    world,
    caller,
    { key, kind: 'household_changed', request: { seenVersion, patch } },
    async (acting) => {
      mustEdit(
        await editRecord(
          acting,
          'household',
          acting.householdId,
          columnsOf({
            ...patch,
            ...(patch.schools && { schools: { ...acting.household.schools, ...patch.schools } }),
          }),
          seenVersion,
        ),
      )
      return {}
    },
  )

export const readItems = (world: World, caller: Caller): Promise<{ items: Item[] }> =>
  reading(world, caller, async ({ trx }) => ({ items: [...(await itemsByName(trx))] }))

/** What may be changed of an item; what is not said stays as it is. */
export type ItemPatch = {
  readonly [Name in keyof Omit<Item, 'id' | 'version'>]?: Item[Name] | undefined
}

export const changeItem = (
  world: World,
  caller: Caller,
  {
    key,
    itemId,
    seenVersion,
    ...patch
  }: ItemPatch & { key: string; itemId: ItemId; seenVersion: number },
) =>
  act(
    world,
    caller,
    { key, kind: 'item_changed', request: { itemId, seenVersion, patch } },
    async (acting) => {
      await editItem(acting, itemId, patch, seenVersion)
      // What its label says may make of what it met a reason to ask.
      if (patch.own !== undefined || patch.catalogueId !== undefined) await holdHarmed(acting)
      return {}
    },
  )

/**
 * Edits an item within an act.
 * @param of "item" where the act is about something else, so that its version is told apart
 * @throws {Refusal} `changed_meanwhile`; `own_facts`; `not_in_catalogue`
 */
export async function editItem(
  acting: Acting,
  itemId: ItemId,
  patch: ItemPatch,
  seenVersion: number,
  of?: 'item',
): Promise<void> {
  const { own, ...same } = patch
  await mustHoldTogether(acting.trx, itemId, patch)
  mustEdit(
    await editRecord(
      acting,
      'item',
      itemId,
      { ...columnsOf(same), ...columnsOf({ ownFacts: own }) },
      seenVersion,
    ),
    of,
  )
}
