/** Where an errand is settled that one press cannot settle. */
import { assertNever } from '../../core/brand'
import type { Errand } from './view'

export function hrefOf(errand: Errand): string {
  switch (errand.reason.code) {
    case 'round_due':
      return `/rounds?kit=${errand.kitId}`
    case 'recalled':
      return '/restock/recalls'
    case 'follow_up':
      return `/incident?id=${errand.reason.incidentId}`
    case 'weather':
      return `/exposure?place=${errand.placeId}`
    case 'trip_soon':
      return `/trips/${errand.reason.tripId}${errand.reason.toPack > 0 ? '/pack' : ''}`
    case 'trip_over':
      return `/trips/${errand.reason.tripId}/pack`
    case 'given_away':
    case 'taken_along':
      return `/kits/${errand.kitId}`
    case 'unknown_things':
      return '/cover/items'
    case 'gap':
      return `/cover?place=${errand.placeId}`
    case 'weight':
    case 'not_asked':
    case 'skill_ends':
    case 'runs_out':
      return `/members/${errand.memberId}`
    case 'spent':
    case 'held':
    case 'lent':
    case 'unclean':
    case 'missing':
    case 'turns':
    case 'below_par':
    case 'dates_missing':
      return `/kits/${errand.kitId}${errand.lotId ? `?lot=${errand.lotId}` : ''}`
    default:
      return assertNever(errand.reason)
  }
}
