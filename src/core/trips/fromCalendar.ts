/** An entry of a calendar as the beginning of a trip: its days and its name; the rest is asked. */

import type { MemberId, PlaceId, StopId, TripId } from '../ids'
import type { CalendarVisit } from '../interchange/calendarFile'
import { NO_WISHES, type Trip, UNSAID } from './trip'

/**
 * @param everybody whom it begins with; who does not come is taken out
 * @param sources where bags are filled from
 */
export function tripFromCalendar(
  { startsOn, endsOn, label, where }: CalendarVisit,
  everybody: readonly MemberId[],
  sources: readonly PlaceId[],
  newId: () => string,
): Trip {
  return {
    id: newId() as TripId,
    name: label,
    stops: [
      {
        id: newId() as StopId,
        name: where || label,
        placeId: null,
        from: startsOn,
        to: endsOn,
        members: everybody,
        travel: 'car',
        ...UNSAID,
      },
    ],
    bags: [],
    sources,
    wishes: NO_WISHES,
    cabinRules: 'eu',
    version: 1,
  }
}

/** Whether this trip is there already: the same file read again proposes nothing twice. */
export const isPlanned = (
  { startsOn, endsOn, label }: Pick<CalendarVisit, 'startsOn' | 'endsOn' | 'label'>,
  trips: readonly { readonly name: string; readonly from: string; readonly to: string }[],
): boolean =>
  trips.some(({ name, from, to }) => name === label && from === startsOn && to === endsOn)
