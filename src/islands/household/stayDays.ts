/** Days that a stay usually ends on. */
import {
  addDays,
  addMonths,
  type PlainDate,
  type Weekday,
  weekdayOf,
} from '../../core/calendar/plainDate'

export const FROM_MONDAY: readonly Weekday[] = [1, 2, 3, 4, 5, 6, 7]
export const FROM_SUNDAY: readonly Weekday[] = [7, 1, 2, 3, 4, 5, 6]

/** The coming Sunday; on a Sunday, that day. */
export const endOfWeekend = (today: PlainDate): PlainDate => addDays(today, 7 - weekdayOf(today))

/** Who comes again and again is asked about anew after half a year. */
const USUAL_MONTHS = 6
export const monthsOn = (today: PlainDate): PlainDate => addMonths(today, USUAL_MONTHS)
