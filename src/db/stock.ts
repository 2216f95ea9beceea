/** Reads a household's whole stock for the survey. */
import type { Expression } from 'kysely'
import type { PlainDate } from '../core/calendar/plainDate'
import type { Visit } from '../core/calendar/presence'
import type { Course } from '../core/household/course'
import type { Household } from '../core/household/household'
import { belongsOn, type Member } from '../core/household/member'
import type { Weighing } from '../core/household/weight'
import type { ItemId, LotId, PlaceId, PocketId, PurchaseId, WeighingId } from '../core/ids'
import type { Amount } from '../core/quantity/amount'
import type { Item } from '../core/stock/item'
import type { Lot } from '../core/stock/lot'
import type { HouseholdStock } from '../core/watch/survey'
import type { Trx } from './connect'
import {
  LOT_COLUMNS,
  toCourse,
  toHousehold,
  toItem,
  toKit,
  toLot,
  toMember,
  toPlace,
  toPocket,
} from './rows'

export async function readHousehold(trx: Trx): Promise<Household> {
  return toHousehold(await trx.selectFrom('household').selectAll().executeTakeFirstOrThrow())
}

/** Counts the household's acts; the same number means the same record. */
export async function readRevision(trx: Trx): Promise<number> {
  const row = await trx.selectFrom('household').select('revision').executeTakeFirstOrThrow()
  return row.revision
}

/** Who belongs to the household on a day, guests included; people first, the oldest first. */
export async function readMembers(trx: Trx, today: PlainDate): Promise<readonly Member[]> {
  const rows = await trx
    .selectFrom('member')
    .selectAll()
    .where('removed_by_act', 'is', null)
    .orderBy((order) => order.case().when('species', '=', 'person').then(0).else(1).end())
    .orderBy('species')
    .orderBy('born')
    .orderBy('id')
    .execute()
  const weighings = await trx
    .selectFrom('weighing')
    .select(['id', 'member_id', 'on_day', 'grams', 'noted_at'])
    .where('removed_by_act', 'is', null)
    .orderBy('on_day')
    .orderBy('noted_at')
    .orderBy('id')
    .execute()
  const of = new Map<string, Weighing[]>()
  for (const { id, member_id, on_day, grams, noted_at } of weighings)
    of.set(member_id, [
      ...(of.get(member_id) ?? []),
      { id: id as WeighingId, on: on_day as PlainDate, grams, notedAt: noted_at.getTime() },
    ])
  return rows
    .map((row) => toMember(row, of.get(row.id) ?? []))
    .filter((member) => belongsOn(member, today))
}

/** Prescriptions of who still belongs to the household. */
export async function readCourses(trx: Trx): Promise<readonly Course[]> {
  const rows = await trx
    .selectFrom('course')
    .innerJoin('member', 'member.id', 'course.member_id')
    .selectAll('course')
    .where('course.removed_by_act', 'is', null)
    .where('member.removed_by_act', 'is', null)
    .orderBy('course.starts_on')
    .orderBy('course.id')
    .execute()
  return rows.map(toCourse)
}

/** What the keeper decided about proposed lines, by place and line. */
export async function readListDecisions(trx: Trx) {
  const rows = await trx
    .selectFrom('list_decision')
    .select(['place_id', 'line_key', 'decision', 'note'])
    .where('removed_by_act', 'is', null)
    .execute()
  return rows.map((row) => ({
    placeId: row.place_id as PlaceId,
    key: row.line_key,
    decision: row.decision as 'accepted' | 'overruled',
    note: row.note,
  }))
}

/** Places, kits and pockets that have not been removed, in the household's order. */
export async function readSites(trx: Trx) {
  const here = <T extends 'place' | 'kit' | 'pocket' | 'visit'>(table: T) => trx.selectFrom(table)
  const places = await here('place')
    .selectAll()
    .where('removed_by_act', 'is', null)
    .orderBy('position')
    .orderBy('id')
    .execute()
  const visits = await here('visit')
    .selectAll()
    .where('removed_by_act', 'is', null)
    .orderBy('starts_on')
    .orderBy('id')
    .execute()
  const kits = await here('kit')
    .selectAll()
    .where('removed_by_act', 'is', null)
    .orderBy('name')
    .orderBy('id')
    .execute()
  const checks = await trx
    .selectFrom('kit_check')
    .distinctOn('kit_id')
    .select(['kit_id', 'on_day', 'by_whom'])
    .where('removed_by_act', 'is', null)
    .orderBy('kit_id')
    .orderBy('on_day', 'desc')
    .execute()
  const pockets = await here('pocket')
    .selectAll()
    .where('removed_by_act', 'is', null)
    .orderBy('cell_row')
    .orderBy('cell_column')
    .orderBy('id')
    .execute()
  const visitsOf = new Map<string, (Visit & { id: string })[]>()
  for (const row of visits)
    visitsOf.set(row.place_id, [
      ...(visitsOf.get(row.place_id) ?? []),
      {
        id: row.id,
        startsOn: row.starts_on as PlainDate,
        endsOn: row.ends_on as PlainDate,
        label: row.label,
      },
    ])
  const lastCheck = new Map(checks.map((row) => [row.kit_id, row]))
  return {
    places: places.map((row) => toPlace(row, visitsOf.get(row.id) ?? [])),
    kits: kits.map((row) => toKit(row, lastCheck.get(row.id))),
    pockets: pockets.map(toPocket),
  }
}

/** Everything there is to judge, in an order that stays when rows are rewritten. */
export async function readStock(trx: Trx): Promise<HouseholdStock> {
  const sites = await readSites(trx)
  const items = await trx
    .selectFrom('item')
    .selectAll()
    .where('removed_by_act', 'is', null)
    .orderBy('id')
    .execute()
  const pars = await trx
    .selectFrom('par')
    .innerJoin('pocket', 'pocket.id', 'par.pocket_id')
    .select(['par.item_id', 'par.pocket_id', 'par.amount'])
    .where('par.removed_by_act', 'is', null)
    .where('pocket.removed_by_act', 'is', null)
    .orderBy('par.item_id')
    .orderBy('par.pocket_id')
    .execute()
  const rows = await trx
    .selectFrom('balance')
    .innerJoin('lot', 'lot.id', 'balance.lot_id')
    .select(LOT_COLUMNS)
    .select(['balance.pocket_id', 'balance.amount'])
    .orderBy('balance.lot_id')
    .orderBy('balance.pocket_id')
    .execute()
  return {
    ...sites,
    courses: await readCourses(trx),
    items: items.map(toItem),
    pars: pars.map((row) => ({
      itemId: row.item_id as ItemId,
      pocketId: row.pocket_id as PocketId,
      amount: row.amount as Amount,
    })),
    lots: [...new Map(rows.map((row) => [row.id, toLot(row)])).values()],
    holdings: rows.map((row) => ({
      lotId: row.id as LotId,
      pocketId: row.pocket_id as PocketId,
      amount: row.amount as Amount,
    })),
  }
}

/** Errands put off, by key, with the day they come back. */
export async function readDeferrals(
  trx: Trx,
  today: PlainDate,
): Promise<ReadonlyMap<string, PlainDate>> {
  const rows = await trx
    .selectFrom('errand_deferral')
    .select(['errand_key', 'until_day'])
    .where('removed_by_act', 'is', null)
    .where('until_day', '>', today)
    .execute()
  return new Map(rows.map((row) => [row.errand_key, row.until_day as PlainDate]))
}

/** A lot by itself, also one of which nothing is left; undefined when the household has no such lot. */
export async function readLotRow(trx: Trx, lotId: LotId): Promise<Lot | undefined> {
  const row = await trx
    .selectFrom('lot')
    .select(LOT_COLUMNS)
    .where('id', '=', lotId)
    .executeTakeFirst()
  return row && toLot(row)
}

/** Every lot of an item of which something lies in a pocket. */
export async function lotsBeside(
  trx: Trx,
  itemId: ItemId,
  pocketId: PocketId,
): Promise<readonly Lot[]> {
  const rows = await trx
    .selectFrom('balance')
    .innerJoin('lot', 'lot.id', 'balance.lot_id')
    .select(LOT_COLUMNS)
    .where('lot.item_id', '=', itemId)
    .where('balance.pocket_id', '=', pocketId)
    .execute()
  return rows.map(toLot)
}

/** The kinds of thing that have not been removed, by name. */
export async function readItems(trx: Trx): Promise<readonly Item[]> {
  const rows = await trx
    .selectFrom('item')
    .selectAll()
    .where('removed_by_act', 'is', null)
    .orderBy('name')
    .orderBy('strength')
    .execute()
  return rows.map(toItem)
}

/** An item, or undefined when the household has no such item, or no longer. */
export async function itemNow(trx: Trx, itemId: ItemId): Promise<Item | undefined> {
  const row = await trx
    .selectFrom('item')
    .selectAll()
    .where('id', '=', itemId)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
  return row && toItem(row)
}

/** The item of a line of the shopping list, also of one that was taken off. */
export const itemOfPurchase = (trx: Trx, purchaseId: PurchaseId) =>
  itemThat(
    trx,
    trx.selectFrom('purchase').select('item_id').where('id', '=', purchaseId).$asScalar(),
  )

/** The item of a lot, or undefined when the household has no such lot. */
export const itemOfLot = (trx: Trx, lotId: LotId) =>
  itemThat(trx, trx.selectFrom('lot').select('item_id').where('id', '=', lotId).$asScalar())

async function itemThat(trx: Trx, isOf: Expression<string>): Promise<Item | undefined> {
  const row = await trx.selectFrom('item').selectAll().where('id', '=', isOf).executeTakeFirst()
  return row && toItem(row)
}
