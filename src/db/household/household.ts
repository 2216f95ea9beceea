/** The household itself. */
import type { Household } from '../../core/household/household'
import type { HouseholdId } from '../../core/ids'
import type { Trx } from '../frame/connect'
import { toHousehold } from '../frame/rows'

export async function readHousehold(trx: Trx): Promise<Household> {
  return toHousehold(await trx.selectFrom('household').selectAll().executeTakeFirstOrThrow())
}

/** Counts the household's acts; the same number means the same record. */
export async function readRevision(trx: Trx): Promise<number> {
  const row = await trx.selectFrom('household').select('revision').executeTakeFirstOrThrow()
  return row.revision
}

export interface NewHousehold {
  readonly id: HouseholdId
  readonly name: string
  readonly timeZone: string
  readonly country?: string
  readonly labels?: Household['labels']
  readonly emergencyNumber?: string
  readonly poisonNumber?: string
  readonly beginning?: Household['beginning']
}

/** A household with nothing in it, and whose it is. */
export async function createHouseholdOf(
  trx: Trx,
  household: NewHousehold,
  user: { readonly id: string; readonly name: string },
): Promise<void> {
  await trx
    .insertInto('household')
    .values({
      id: household.id,
      name: household.name,
      time_zone: household.timeZone,
      date_order: 'day-first',
      week_start: 'monday',
      units: 'metric',
      country: household.country ?? '',
      labels: household.labels ?? null,
      emergency_number: household.emergencyNumber ?? '',
      poison_number: household.poisonNumber ?? '',
      currency: 'EUR',
      lookahead_days: 30,
      beginning: household.beginning ?? 'over',
      created_by_act: null,
    })
    .execute()
  await trx
    .insertInto('household_user')
    .values({ household_id: household.id, user_id: user.id, name: user.name })
    .execute()
}
