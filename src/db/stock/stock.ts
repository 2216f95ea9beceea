/** Reads a household’s whole stock for the survey. */
import type { ItemId, LotId, PocketId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import type { Lot } from '../../core/stock/lot'
import type { HouseholdStock } from '../../core/watch/survey'
import type { Trx } from '../frame/connect'
import { LOT_COLUMNS, toItem, toLot } from '../frame/rows'
import { readSites } from '../kits/sites'
import { readCourses } from '../members/members'

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

/** The record of how many of an item belong in a pocket; undefined where nobody has said. */
export const parAt = (trx: Trx, itemId: ItemId, pocketId: PocketId) =>
  trx
    .selectFrom('par')
    .select('id')
    .where('item_id', '=', itemId)
    .where('pocket_id', '=', pocketId)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
