/** Places, kits and pockets. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Visit } from '../../core/calendar/presence'
import type { Pocket } from '../../core/household/pocket'
import type { KitId, PlaceId, PocketId } from '../../core/ids'
import type { Trx } from '../frame/connect'
import { toKit, toPlace, toPocket } from '../frame/rows'

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
  const checks = await lastChecks(trx)
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

/** When each kit was last looked through, and by whom; kits that never were are not in it. */
export const lastChecks = (trx: Trx) =>
  trx
    .selectFrom('kit_check')
    .distinctOn('kit_id')
    .select(['kit_id', 'on_day', 'by_whom'])
    .where('removed_by_act', 'is', null)
    .orderBy('kit_id')
    .orderBy('on_day', 'desc')
    .execute()

/** The pockets of a kit, as they are drawn. */
export async function pocketsOf(trx: Trx, kitId: KitId): Promise<readonly Pocket[]> {
  const rows = await trx
    .selectFrom('pocket')
    .selectAll()
    .where('kit_id', '=', kitId)
    .where('removed_by_act', 'is', null)
    .execute()
  return rows.map(toPocket)
}

/** A pocket, or undefined when the household has no such pocket, or no longer. */
export async function pocketNow(trx: Trx, pocketId: PocketId): Promise<Pocket | undefined> {
  const row = await trx
    .selectFrom('pocket')
    .selectAll()
    .where('id', '=', pocketId)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
  return row && toPocket(row)
}

/** Whether a pocket is in a kit of a place. */
export async function pocketIsAt(trx: Trx, pocketId: PocketId, placeId: PlaceId): Promise<boolean> {
  const row = await trx
    .selectFrom('pocket')
    .innerJoin('kit', 'kit.id', 'pocket.kit_id')
    .select('pocket.id')
    .where('pocket.id', '=', pocketId)
    .where('kit.place_id', '=', placeId)
    .where('pocket.removed_by_act', 'is', null)
    .where('kit.removed_by_act', 'is', null)
    .executeTakeFirst()
  return row !== undefined
}

/** Whether something lies or belongs in a pocket. */
export async function pocketIsInUse(trx: Trx, pocketId: PocketId): Promise<boolean> {
  const lies = await trx
    .selectFrom('balance')
    .select('lot_id')
    .where('pocket_id', '=', pocketId)
    .executeTakeFirst()
  const belongs = await trx
    .selectFrom('par')
    .select('id')
    .where('pocket_id', '=', pocketId)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
  return lies !== undefined || belongs !== undefined
}
