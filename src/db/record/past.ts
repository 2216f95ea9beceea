/** The record as it stood at the end of a past day: summed up from the ledger, not kept. */
import { sql } from 'kysely'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { KitId, LotId, PlaceId, PocketId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import type { Holding, Lot, LotDetails } from '../../core/stock/lot'
import { detailsBefore, type Fact } from '../../core/stock/movement'
import type { HouseholdStock } from '../../core/watch/survey'
import type { Trx } from '../frame/connect'
import { LOT_COLUMNS, toItem, toLot } from '../frame/rows'
import { readSites } from '../kits/sites'

/**
 * What lay where by the end of a day, as it had been recorded by then: an act that was taken
 * back later still counts on the days before. Pars are today's business and are left out.
 */
export async function readStockOn(trx: Trx, day: PlainDate): Promise<HouseholdStock> {
  const sites = await readSites(trx)
  const holdings = await holdingsOn(trx, day)
  const places = await kitPlacesOn(trx, day)
  const present = new Set(sites.pockets.map(({ id }) => id))
  const there = holdings.filter(({ pocketId }) => present.has(pocketId))
  const lots = await lotsOn(trx, day, [...new Set(there.map(({ lotId }) => lotId))])
  const items = await trx
    .selectFrom('item')
    .selectAll()
    .where(
      'id',
      'in',
      lots.length > 0 ? lots.map(({ itemId }) => itemId) : ['00000000-0000-0000-0000-000000000000'],
    )
    .execute()
  const known = new Set(sites.places.map(({ id }) => id))
  return {
    places: sites.places,
    pockets: sites.pockets,
    // A kit that has moved house since stood where it stood then, if that place is still kept.
    kits: sites.kits.map((kit) => {
      const then = places.get(kit.id)
      return then && known.has(then) ? { ...kit, placeId: then } : kit
    }),
    items: items.map(toItem),
    pars: [],
    lots,
    holdings: there,
  }
}

async function holdingsOn(trx: Trx, day: PlainDate): Promise<readonly Holding[]> {
  const { rows } = await sql<{ lot_id: string; pocket_id: string; amount: number }>`
    select lot_id, pocket_id, sum(by)::bigint as amount
    from (
      select m.lot_id, m.to_pocket_id as pocket_id, m.amount as by
      from movement m join act a on a.id = m.act_id
      where a.on_day <= ${day} and m.to_pocket_id is not null
      union all
      select m.lot_id, m.from_pocket_id, -m.amount
      from movement m join act a on a.id = m.act_id
      where a.on_day <= ${day} and m.from_pocket_id is not null
    ) moves
    group by lot_id, pocket_id having sum(by) > 0`.execute(trx)
  return rows.map(({ lot_id, pocket_id, amount }) => ({
    lotId: lot_id as LotId,
    pocketId: pocket_id as PocketId,
    amount: Number(amount) as Amount,
  }))
}

/** Lots with what was recorded of them then: what was changed since is taken back, newest first. */
async function lotsOn(trx: Trx, day: PlainDate, lotIds: readonly LotId[]): Promise<readonly Lot[]> {
  if (lotIds.length === 0) return []
  const rows = await trx
    .selectFrom('lot')
    .select(LOT_COLUMNS)
    .where('id', 'in', [...lotIds])
    .execute()
  const later = await trx
    .selectFrom('movement')
    .innerJoin('act', 'act.id', 'movement.act_id')
    .select(['movement.lot_id', 'movement.fact'])
    .where('act.on_day', '>', day)
    .where('movement.kind', 'in', ['amended', 'undone'])
    .where('movement.lot_id', 'in', [...lotIds])
    .orderBy('movement.position', 'desc')
    .execute()
  const before = new Map<string, Partial<LotDetails>>()
  for (const { lot_id, fact } of later)
    before.set(lot_id, { ...before.get(lot_id), ...detailsBefore(fact as Fact) })
  return rows.map((row) => ({ ...toLot(row), ...before.get(row.id) }))
}

/** Where kits stood that have been taken to another place since. */
async function kitPlacesOn(trx: Trx, day: PlainDate): Promise<ReadonlyMap<KitId, PlaceId>> {
  const changes = await trx
    .selectFrom('record_change')
    .innerJoin('act', 'act.id', 'record_change.act_id')
    .select(['record_change.record_id', 'record_change.before'])
    .where('record_change.record', '=', 'kit')
    .where('act.on_day', '>', day)
    .orderBy('act.at', 'desc')
    .execute()
  const then = new Map<KitId, PlaceId>()
  for (const { record_id, before } of changes) {
    const { place_id } = before as { place_id?: string }
    if (place_id) then.set(record_id as KitId, place_id as PlaceId)
  }
  return then
}
