/** Visits to places. */
import type { PlaceId } from '../../core/ids'
import type { Trx } from '../frame/connect'

/** The visits of a place that have not been taken away, with what a calendar calls each. */
export const visitsOf = (trx: Trx, placeId: PlaceId) =>
  trx
    .selectFrom('visit')
    .select(['id', 'source_uid', 'starts_on', 'ends_on', 'label'])
    .where('place_id', '=', placeId)
    .where('removed_by_act', 'is', null)
    .execute()
