/** A year of hours at one spot: as it was measured, else as the model has it. */
import { addDays, daysBetween, type PlainDate } from '../calendar/plainDate'
import { type Modelled, modelled } from './model'
import type { Span } from './spans'

export interface YearChart {
  readonly from: PlainDate
  readonly days: number
  /** Tenths of °C of each hour of each day; null where nothing is known. */
  readonly tenths: readonly (number | null)[]
  /** "m" where it was measured, "t" typed, "." by the model or not known. */
  readonly origin: string
}

const HOURS = 24

/** Days since the first of January, from 0. */
export const dayOfYear = (date: PlainDate): number =>
  daysBetween(`${date.slice(0, 4)}-01-01` as PlainDate, date)

/**
 * @param spans in ascending order
 * @param minuteOf UTC of a local time, in minutes as if it were UTC
 * @param model null where nobody has told the year of the place
 */
export function yearChart(
  spans: readonly Span[],
  { from, days }: { readonly from: PlainDate; readonly days: number },
  minuteOf: (local: number) => number,
  model: Modelled | null,
): YearChart {
  const tenths: (number | null)[] = []
  let [origin, at] = ['', 0]
  const begin = Date.parse(`${from}T00:00:00Z`) / 60_000
  for (let day = 0; day < days; day++) {
    const ofYear = dayOfYear(addDays(from, day))
    for (let hour = 0; hour < HOURS; hour++) {
      const minute = minuteOf(begin + (day * HOURS + hour) * 60 + 30)
      while ((spans[at]?.to ?? Number.POSITIVE_INFINITY) <= minute) at += 1
      const span = spans[at]
      if (span && span.from <= minute) {
        // Of a range that somebody typed neither end is the hour's; it is shown by its middle.
        const value = span.of === 'typed' ? (span.low + span.high) / 2 : span.high
        tenths.push(Math.round(value / 10))
        origin += span.of === 'typed' ? 't' : 'm'
      } else {
        tenths.push(model ? Math.round(modelled(model, ofYear, hour + 0.5) * 10) : null)
        origin += '.'
      }
    }
  }
  return { from, days, tenths, origin }
}
