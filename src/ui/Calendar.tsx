/** A month to pick a day from; weeks begin as the household's do. */
import '@mantine/dates/styles.layer.css'
import { DatePicker } from '@mantine/dates'
import { type PlainDate, plainDate } from '../core/calendar/plainDate'
import type { DayLimits } from '../words/frame/forms'
import type { DayHabits } from './dayHabits'

interface Props extends DayLimits {
  readonly day: PlainDate | null
  /** A day of the month that is shown first. */
  readonly shown: PlainDate
  readonly weekStart: DayHabits['weekStart']
  readonly onPick: (day: PlainDate) => void
}

export default function Calendar({ day, shown, min, max, weekStart, onPick }: Props) {
  return (
    <DatePicker
      value={day}
      defaultDate={shown}
      {...(min && { minDate: min })}
      {...(max && { maxDate: max })}
      firstDayOfWeek={weekStart === 'sunday' ? 0 : 1}
      weekendDays={[]}
      onChange={(picked) => picked && onPick(plainDate(picked))}
    />
  )
}
