/** Places, kits and pockets. */

import type { PlainDate } from '../../core/calendar/plainDate'
import type { Visit } from '../../core/calendar/presence'
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
