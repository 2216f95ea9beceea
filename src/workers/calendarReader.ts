/** Reads calendars off the main thread: one that repeats without end cannot stop the screen. */
import { expose } from 'comlink'
import { readCalendar } from '../core/interchange/calendarFile'

const reader = { read: readCalendar }
export type CalendarReader = typeof reader

expose(reader)
