/** When a thing is expected to be used up, in whole units, from how much of it goes in a year. */
import { addDays, monthNumber, type PlainDate } from '../calendar/plainDate'
import type { Season } from './season'

export interface Expected {
  readonly day: number
  readonly amount: number
}

const YEAR_DAYS = 365

/**
 * The units that are due by the end of each step, so that their sum never runs ahead of the rate.
 * @param steps first days of the steps, in order, ended by the day after the last one
 */
export function expectedUses(
  perYear: number,
  season: Season,
  today: PlainDate,
  steps: readonly number[],
): readonly Expected[] {
  const expected: Expected[] = []
  let due = 0
  steps.slice(0, -1).forEach((from, index) => {
    const until = steps[index + 1] as number
    for (let day = from; day < until; day++)
      due += (perYear / YEAR_DAYS) * (season[monthNumber(addDays(today, day)) - 1] ?? 1)
    const amount = Math.floor(due + 1e-9)
    if (amount > 0) expected.push({ day: until - 1, amount })
    due -= amount
  })
  return expected
}
