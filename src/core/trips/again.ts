/** A trip planned like an earlier one: the same people, bags and wishes, some weeks on. */
import { addDays, daysBetween, type PlainDate } from '../calendar/plainDate'
import type { StopId } from '../ids'
import { firstDay, lastDay, type Trip } from './trip'

const WEEK = 7

/**
 * On the same days of the week, after today and after the earlier one is over.
 * @param newId makes the id of a stop
 */
export function tripAgain(trip: Trip, today: PlainDate, newId: () => StopId): Trip {
  const first = firstDay(trip)
  const over = lastDay(trip) > today ? lastDay(trip) : today
  const weeks = Math.floor(Math.max(0, daysBetween(first, over)) / WEEK) + 1
  const shifted = (day: PlainDate): PlainDate => addDays(day, weeks * WEEK)
  return {
    ...trip,
    stops: trip.stops.map((stop) => ({
      ...stop,
      id: newId(),
      from: shifted(stop.from),
      to: shifted(stop.to),
    })),
  }
}
