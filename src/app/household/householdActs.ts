/** The household itself: settings, members, items. */
import type { z } from 'zod'
import type { readHousehold as readHouseholdEndpoint } from '../../contract/household'
import type { OwnFacts } from '../../core/catalogue/ownFacts'
import type { Household } from '../../core/household/household'
import type { ItemId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import type { OpenedClock } from '../../core/shelf-life/openedClock'
import type { Item } from '../../core/stock/item'
import type { Verdict } from '../../core/stock/verdict'
import { type Db, inHousehold } from '../../db/frame/connect'
import { editRecord } from '../../db/frame/records'
import { createHouseholdOf, type NewHousehold } from '../../db/household/household'
import { readItems as itemsByName } from '../../db/items/items'
import { readSites } from '../../db/kits/sites'
import { readMembers } from '../../db/members/members'
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

export const readHousehold = (world: World, caller: Caller): Promise<HouseholdView> =>
  reading(world, caller, async ({ trx, household, today }) => {
    const { places } = await readSites(trx)
    return {
      household,
      members: [...(await readMembers(trx, today))],
      places: places.map(({ presence, ...place }) => ({
        ...place,
        rhythm: presence.rhythm,
        visits: presence.visits as HouseholdView['places'][number]['visits'],
      })),
    } as HouseholdView
  })

const HOUSEHOLD_COLUMNS = {
  name: 'name',
  timeZone: 'time_zone',
  dateOrder: 'date_order',
  weekStart: 'week_start',
  units: 'units',
  country: 'country',
  labels: 'labels',
  emergencyNumber: 'emergency_number',
  poisonNumber: 'poison_number',
  currency: 'currency',
  lookaheadDays: 'lookahead_days',
  roundPace: 'round_pace',
} as const satisfies Partial<Record<keyof Household, string>>

export const changeHousehold = (
  world: World,
  caller: Caller,
  {
    key,
    seenVersion,
    ...patch
  }: { key: string; seenVersion: number } & Partial<Omit<Household, 'id' | 'version'>>,
) =>
  act(
    world,
    caller,
    { key, kind: 'household_changed', request: { seenVersion, patch } },
    async (acting) => {
      const columns = Object.entries(HOUSEHOLD_COLUMNS).flatMap(([name, column]) => {
        const value = patch[name as keyof typeof patch]
        return value === undefined ? [] : [[column, value] as const]
      })
      mustEdit(
        await editRecord(
          acting,
          'household',
          acting.householdId,
          {
            ...Object.fromEntries(columns),
            ...(patch.pharmacyDays && { pharmacy_days: JSON.stringify(patch.pharmacyDays) }),
            ...(patch.schools && {
              schools: JSON.stringify({ ...acting.household.schools, ...patch.schools }),
            }),
          },
          seenVersion,
        ),
      )
      return {}
    },
  )

export const readItems = (world: World, caller: Caller): Promise<{ items: Item[] }> =>
  reading(world, caller, async ({ trx }) => ({ items: [...(await itemsByName(trx))] }))

export interface ItemPatch {
  readonly name?: string | undefined
  readonly strength?: string | undefined
  readonly unit?: string | undefined
  readonly kind?: Item['kind'] | undefined
  readonly purpose?: string | undefined
  readonly forWhom?: string | undefined
  readonly essential?: boolean | undefined
  readonly openedClock?: OpenedClock | undefined
  readonly packSize?: Amount | null | undefined
  readonly packPriceMinor?: number | null | undefined
  readonly shop?: string | undefined
  readonly note?: string | undefined
  readonly catalogueId?: string | null | undefined
  readonly own?: OwnFacts | undefined
  readonly verdict?: Verdict | null | undefined
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
  const { forWhom, openedClock, packSize, packPriceMinor, catalogueId, own, verdict, ...same } =
    patch
  await mustHoldTogether(acting.trx, itemId, patch)
  const given = Object.fromEntries(Object.entries(same).filter(([, value]) => value !== undefined))
  mustEdit(
    await editRecord(
      acting,
      'item',
      itemId,
      {
        ...given,
        ...(forWhom !== undefined && { for_whom: forWhom }),
        ...(openedClock && { opened_clock: JSON.stringify(openedClock) }),
        ...(packSize !== undefined && { pack_size: packSize }),
        ...(packPriceMinor !== undefined && { pack_price_minor: packPriceMinor }),
        ...(catalogueId !== undefined && { catalogue_id: catalogueId }),
        ...(own && { own_facts: JSON.stringify(own) }),
        ...(verdict !== undefined && { verdict: verdict && JSON.stringify(verdict) }),
      },
      seenVersion,
    ),
    of,
  )
}
