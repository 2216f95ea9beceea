/** How the household writes a day and begins a week, for every field that asks for one. */
import { createContext, useContext } from 'react'
import type { PlainDate } from '../core/calendar/plainDate'
import type { DateOrder } from '../core/calendar/readPrintedDate'

export interface DayHabits {
  readonly today: PlainDate
  readonly order: DateOrder
  readonly weekStart: 'monday' | 'sunday'
}

const Habits = createContext<DayHabits | null>(null)
export const DayHabitsProvider = Habits.Provider

export function useDayHabits(): DayHabits {
  const habits = useContext(Habits)
  if (!habits) throw new Error('A field for a day needs to know how the household writes one')
  return habits
}
