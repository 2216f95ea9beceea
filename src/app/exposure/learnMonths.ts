/** What was measured at a place sets its model right. */
import { linesOf } from '../../core/exposure/household'
import { monthsMet } from '../../core/exposure/monthsMet'
import type { KitId, PlaceId, PocketId } from '../../core/ids'
import { linesIn, readLogs, readYears } from '../../db/exposure/temperatures'
import { editRecord } from '../../db/frame/records'
import { type Acting, mustEdit } from '../frame/act'

/** Learns anew from all that a place's own loggers told; does nothing where nobody has told its year. */
export async function learnMonths(acting: Acting, placeId: PlaceId): Promise<void> {
  const year = (await readYears(acting.trx)).find((one) => one.placeId === placeId)
  if (!year) return
  const logs = (await readLogs(acting.trx)).filter(
    ({ spot }) => spot.kind === 'place' && spot.id === placeId,
  )
  const site = {
    id: placeId as string as PocketId,
    kitId: '' as KitId,
    placeId,
    sort: 'inside',
    spot: null,
    isCarried: false,
  } as const
  const spans = linesOf(linesIn(logs), [site]).get(site.id)?.spans ?? []
  const measured = monthsMet(spans, acting.at.getTime() / 60_000)
  const text = measured && JSON.stringify(measured)
  if (text === (year.measured ? JSON.stringify(year.measured) : null)) return
  mustEdit(await editRecord(acting, 'temperature_year', year.id, { measured: text }, null))
}
