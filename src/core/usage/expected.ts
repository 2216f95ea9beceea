/** When a thing is expected to be used up, in whole units, from how much of it goes in a year. */
import { addDays, monthNumber, type PlainDate } from '../calendar/plainDate'
import type { Season } from './season'

/** So many are expected to be used up on a day, counted from today. */
export interface ExpectedUse {
  readonly day: number
  readonly amount: number
}

/** The days ahead in steps, with the month of each: made once for all that is used. */
export interface Ahead {
  /** First days of the steps, in order, ended by the day after the last one. */
  readonly steps: readonly number[]
  /** Of each day, January 1. */
  readonly months: readonly number[]
}

export const lookAhead = (today: PlainDate, steps: readonly number[]): Ahead => ({
  steps,
  months: Array.from({ length: steps.at(-1) ?? 0 }, (_, day) => monthNumber(addDays(today, day))),
})

const YEAR_DAYS = 365

/** The units that are due by the end of each step, so that their sum never runs ahead of the rate. */
export function expectedUses(
  perYear: number,
  season: Season,
  { steps, months }: Ahead,
): readonly ExpectedUse[] {
  const expected: ExpectedUse[] = []
  let due = 0
  steps.slice(0, -1).forEach((from, index) => {
    const until = steps[index + 1] as number
    for (let day = from; day < until; day++)
      due += (perYear / YEAR_DAYS) * (season[(months[day] ?? 1) - 1] ?? 1)
    const amount = Math.floor(due + 1e-9)
    if (amount > 0) expected.push({ day: until - 1, amount })
    due -= amount
  })
  return expected
}
